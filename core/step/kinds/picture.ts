import { z } from 'zod';
import { KeptPictureSchema, noteOf } from '../../schema/index.ts';
import { Noted } from '../any.ts';
import { kind } from '../kind.ts';

/** Characters of what a picture shows, said for who cannot see it. */
export const MOST_ALT = 300;

const PictureStepSchema = z.object({
	...Noted,
	kind: z.literal('picture'),
	/** The picture that its teacher keeps, and its size in points; left out until one is chosen. */
	picture: KeptPictureSchema.optional(),
	alt: z.string().max(MOST_ALT, `A description has at most ${MOST_ALT} characters. Shorten it.`),
});
export type PictureStep = z.infer<typeof PictureStepSchema>;

export const picture = kind<PictureStep>({
	kind: 'picture',
	title: 'Picture',
	schema: PictureStepSchema,
	empty: (id) => ({ id, kind: 'picture', alt: '', note: noteOf('') }),
	asks: 'What to say while it is looked at',
	minutes: () => 2,
	hands: 'between',
	body: ({ picture: chosen, alt }) => [
		chosen
			? { kind: 'photo', ...chosen, alt }
			: { kind: 'text', text: 'No picture is chosen yet.', tone: 'quiet', paper: true },
		...(chosen && alt ? [{ kind: 'text', text: alt, tone: 'quiet' } as const] : []),
	],
});
