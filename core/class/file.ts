/** A class with its evenings, as it is written to a file and read back. */

import { z } from 'zod';
import { CLASS_LIMITS, ClassSchema } from './class.ts';
import { EVENING_LIMITS, EveningSchema, personIn, PressSchema } from './evening.ts';
import { calledBy, withoutNames } from './nameless.ts';

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

/** What one person did is left out of a file, and their name out of what is written in it, such as of somebody who was erased since. */
export function withoutPeople(file: ClassFile, gone: ReadonlySet<string>): ClassFile {
	if (gone.size === 0) return file;
	const people = file.class.people.filter((p) => !gone.has(p.id));
	const staying = people.map((p) => p.name);
	const leaving = file.class.people.filter((p) => gone.has(p.id));
	const nameless = withoutNames(leaving.flatMap(({ name }) => calledBy(name, staying)));
	return {
		...file,
		class: { ...file.class, people },
		evenings: file.evenings.map((e) => ({
			...e,
			presses: e.presses
				.filter(({ did }) => !gone.has(personIn(did) ?? ''))
				.map((press) => ({ ...press, did: nameless(press.did) })),
		})),
	};
}

/** Pictures of pieces under the ids that they have here; a piece whose picture is not here is left out. */
export const withPieces = (file: ClassFile, idOf: (id: string) => string | undefined): ClassFile => ({
	...file,
	evenings: file.evenings.map((e) => ({
		...e,
		presses: e.presses.flatMap((press) => {
			const { did } = press;
			if (did.kind !== 'piece') return [press];
			const id = idOf(did.picture.id);
			return id === undefined ? [] : [{ ...press, did: { ...did, picture: { ...did.picture, id } } }];
		}),
	})),
});

/** The pictures that a file's evenings name. */
export const picturesIn = ({ evenings }: ClassFile): readonly string[] =>
	evenings.flatMap(({ presses }) => presses.flatMap(({ did }) => (did.kind === 'piece' ? [did.picture.id] : [])));
