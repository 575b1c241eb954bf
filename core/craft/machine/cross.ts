/** The moves that cross two groups on a single bed with two transfer tools. */

import type { BedMove } from '../../handling/index.ts';

export interface OnBed {
	/** Loops of the left and of the right group, as the worker sees them. */
	readonly left: number;
	readonly right: number;
	/** Which of them is put down first, next to the bed. */
	readonly first: 'left' | 'right';
}

/** Both groups lifted, then put down in turn on each other's needles. A tool has as many prongs as its group has loops. */
export function crossOnBed({ left, right, first }: OnBed): readonly BedMove[] {
	const down: Readonly<Record<'left' | 'right', BedMove>> = {
		left: { kind: 'put-down', tool: 'tool-1', needle: right + 1 },
		right: { kind: 'put-down', tool: 'tool-2', needle: 1 },
	};
	return [
		{ kind: 'pick-up', tool: 'tool-1', prongs: left, needle: 1, count: left },
		{ kind: 'pick-up', tool: 'tool-2', prongs: right, needle: left + 1, count: right },
		down[first],
		down[first === 'left' ? 'right' : 'left'],
	];
}
