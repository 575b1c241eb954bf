/** A moment of any procedure as a picture, on whatever tool it is carried out. */

import type { Crossing } from '../crossing/index.ts';
import type { AnyTrace } from '../handling/index.ts';
import { frameAbove } from './frame/above.ts';
import { drawFrame } from './frame/scene.ts';
import type { Drawing } from './shapes.ts';
import { needlesAbove } from './stage/above.ts';
import type { StageOptions } from './stage/options.ts';
import { drawNeedles } from './stage/scene.ts';

/**
 * The stage after `step` moves of a trace; step 0 is before the first. A step between two whole ones
 * is on its way from one to the next: 2.25 a quarter of the way through the third move.
 */
export const drawStage = (c: Crossing, trace: AnyTrace, step: number, options: StageOptions): Drawing =>
	trace.tool === 'needles' ? drawNeedles(c, trace, step, options) : drawFrame(c, trace, step, options);

/** The same moment from above, the worker at the lower edge. */
export const drawAbove = (c: Crossing, trace: AnyTrace, step: number, options: StageOptions): Drawing =>
	trace.tool === 'needles' ? needlesAbove(c, trace, step, options) : frameAbove(c, trace, step, options);
