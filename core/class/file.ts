/** A class with its evenings, as it is written to a file and read back. */

import { z } from 'zod';
import { CLASS_LIMITS, ClassSchema } from './class.ts';
import { EVENING_LIMITS, EveningSchema, personIn, PressSchema } from './evening.ts';

export const ClassFileSchema = z.object({
	id: z.uuid().optional(),
	class: ClassSchema,
	evenings: z
		.array(
			z.object({ id: z.uuid(), evening: EveningSchema, presses: z.array(PressSchema).max(EVENING_LIMITS.presses) }),
		)
		.max(CLASS_LIMITS.evenings),
});
export type ClassFile = z.infer<typeof ClassFileSchema>;

/** What one person did is left out of a file, such as of somebody who was erased since it was written. */
export function withoutPeople(file: ClassFile, gone: ReadonlySet<string>): ClassFile {
	if (gone.size === 0) return file;
	return {
		...file,
		class: { ...file.class, people: file.class.people.filter((p) => !gone.has(p.id)) },
		evenings: file.evenings.map((e) => ({
			...e,
			presses: e.presses.filter(({ did }) => !gone.has(personIn(did) ?? '')),
		})),
	};
}
