/** Codes to scan, at the end of a sheet: for whoever has the paper in hand and a phone beside it. */

import type { Block } from '@pond-loop/core/block';
import { codeDrawing } from '$lib/picture/code';
import { doorAddress } from '../practice-doors';
import { linkOf } from '../shares';
import type { Teacher } from '../teachers';

/** An address on paper, and what is behind it, in words. */
export interface Code {
	readonly title: string;
	readonly says: string;
	readonly address: string;
}

/** What a lesson's paper leads to: where it is read, and where it is practised, as far as each is open. */
export async function codesOf(teacher: Teacher, lesson: string, origin: string): Promise<readonly Code[]> {
	const [link, door] = await Promise.all([linkOf(teacher, lesson, origin), doorAddress(teacher, lesson, origin)]);
	return [
		...(link === undefined
			? []
			: [
					{
						title: door === undefined ? 'Read it on a phone, and practise' : 'Read it on a phone',
						says: `The lesson, to be followed row by row${door === undefined ? ', and five minutes of questions about its crossings' : ''}. No account.`,
						address: link,
					},
				]),
		...(door === undefined
			? []
			: [
					{
						title: 'Practise, five minutes a day',
						says: 'Short questions about these crossings. What you know stays on your phone. No account.',
						address: door,
					},
				]),
	];
}

/** The last sections of a handout: what is behind an address, its code, and the address itself. */
export const codeSection = ({
	title,
	says,
	address,
}: Code): { readonly title: string; readonly blocks: () => readonly Block[] } => ({
	title,
	blocks: () => [
		{ kind: 'text', text: says },
		{ kind: 'picture', facts: [], names: 0, draw: () => codeDrawing(address) },
		{ kind: 'text', text: address, tone: 'quiet' },
	],
});
