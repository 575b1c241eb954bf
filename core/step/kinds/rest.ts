import { z } from 'zod';
import { isBlank, noteOf } from '../../schema/index.ts';
import { Noted } from '../any.ts';
import { kind } from '../kind.ts';

const RestStepSchema = z.object({ ...Noted, kind: z.literal('rest') });

export const rest = kind<z.infer<typeof RestStepSchema>>({
	kind: 'rest',
	title: 'Rest for the hands',
	schema: RestStepSchema,
	empty: (id) => ({ id, kind: 'rest', note: noteOf('') }),
	asks: 'What to do with the hands meanwhile',
	isWritten: true,
	minutes: () => 4,
	hands: 'rest',
	body: ({ note }) =>
		isBlank(note) ? [{ kind: 'text', text: 'Needles down. Shake out the hands, and look at something far away.' }] : [],
});
