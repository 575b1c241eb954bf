/** The stage from one of its cameras. */

import type { Crossing } from '@pond-loop/core/crossing';
import { drawAbove, type Drawing, drawStage, type StageOptions } from '@pond-loop/core/drawing';
import type { AnyTrace, Tool } from '@pond-loop/core/handling';
import type { HouseStyle } from '@pond-loop/core/schema';
import type { Camera } from '$lib/choices/camera';
import { stageAt } from '@pond-loop/core/made';
import { lookOf } from '@pond-loop/core/look';

/** At a bed the worker sees the wrong side, and from behind there is the right one. */
export const cameraTitle = (camera: Camera, style: HouseStyle, tool: Tool = 'needles'): string =>
	({ front: 'Front', above: 'Above', behind: tool === 'bed' ? style.sides.right : style.sides.wrong })[camera];

/** The stage at a step, or on its way between two, from one of the cameras. */
export function drawFrom(
	camera: Camera,
	made: Crossing,
	trace: AnyTrace,
	at: number,
	{ style, ...options }: Omit<StageOptions, 'side' | 'from'> & { style: HouseStyle },
): Drawing {
	const look = { ...lookOf(style), ...options };
	if (camera === 'above') return drawAbove(made, trace, at, look);
	if (camera === 'behind') {
		return drawStage(made, trace, at, { ...look, side: style.sides.wrong, from: 'behind' });
	}
	// Between two steps no frame comes twice; the pictures of whole steps do.
	return Number.isInteger(at) ? stageAt(made, trace, at, look) : drawStage(made, trace, at, look);
}
