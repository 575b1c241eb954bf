import { PLAIN_CRAFT } from '../craft/index.ts';
import { noteOf } from '../schema/index.ts';
import type { CompareStep } from './kinds/compare.ts';
import type { CrossingStep } from './kinds/crossing.ts';

/** A step that shows a crossing one way, with nothing written on it yet. */
export const crossingStep = (
	id: string,
	shown: Pick<CrossingStep, 'asked' | 'crossing' | 'way' | 'view'> & Partial<Pick<CrossingStep, 'craft'>>,
): CrossingStep => ({
	id,
	kind: 'crossing',
	craft: PLAIN_CRAFT,
	...shown,
	note: noteOf(''),
});

/** A step that puts two sides of a crossing beside each other. */
export const compareStep = (
	id: string,
	shown: Pick<CompareStep, 'asked' | 'crossing' | 'way' | 'of'> & Partial<Pick<CompareStep, 'craft' | 'other'>>,
): CompareStep => ({
	id,
	kind: 'compare',
	craft: PLAIN_CRAFT,
	...shown,
	note: noteOf(''),
});
