/** A class with its evenings, as it is written to a file and read back. */

import { z } from 'zod';
import { ClassSchema } from './class.ts';
import { EveningSchema, PressSchema } from './evening.ts';

export const ClassFileSchema = z.object({
	id: z.uuid().optional(),
	class: ClassSchema,
	evenings: z
		.array(z.object({ id: z.uuid(), evening: EveningSchema, presses: z.array(PressSchema).max(5000) }))
		.max(200),
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
			presses: e.presses.filter(({ did }) => !('person' in did) || did.person === undefined || !gone.has(did.person)),
		})),
	};
}
