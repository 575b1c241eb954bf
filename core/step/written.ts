/** Steps that are what is written in them. */

import { z } from 'zod';
import type { CraftId } from '../craft/index.ts';
import { noteOf, NoteSchema, type Note } from '../schema/index.ts';
import { AnyStep } from './any.ts';
import { kind, type Kind } from './kind.ts';

export interface WrittenStep<K extends string> {
	readonly id: string;
	readonly kind: K;
	readonly minutes?: number | undefined;
	readonly why?: string | undefined;
	readonly only?: CraftId[] | undefined;
	readonly text: Note;
}

export const written = <const K extends string>(
	of: K,
	title: string,
	asks: string,
	{
		minutes,
		isNote = false,
	}: { readonly minutes: number; /** Only a word beside the others. */ readonly isNote?: boolean },
): Kind<WrittenStep<K>> =>
	kind({
		kind: of,
		title,
		asks,
		isWritten: true,
		schema: z.object({ ...AnyStep, kind: z.literal(of), text: NoteSchema }) as unknown as z.ZodType<WrittenStep<K>>,
		empty: (id) => ({ id, kind: of, text: noteOf('') }),
		minutes: () => minutes,
		hands: isNote ? 'between' : 'rest',
		...(isNote ? { isUntitled: true } : {}),
		body: () => [],
	});
