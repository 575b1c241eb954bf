/** What is practised before anybody has chosen: the crossings that a class meets first. */

import { type Crossing, type Lean, twoGroups, type Work } from '../crossing/index.ts';

const SHAPES: readonly (readonly [front: number, behind: number, behindWork?: Work])[] = [
	[1, 1],
	[2, 2],
	[2, 1],
	[2, 1, 'p'],
	[3, 3],
];
const LEANS: readonly Lean[] = ['right', 'left'];

export const FIRST_CROSSINGS: readonly Crossing[] = SHAPES.flatMap(([front, behind, behindWork = 'k']) =>
	LEANS.map((lean) => twoGroups({ front, behind, lean, frontWork: 'k', behindWork })),
);
