import { PLAIN_CRAFT } from '../craft/index.ts';
import { noteOf } from '../schema/index.ts';
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
