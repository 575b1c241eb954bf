/** The one picture before somebody is in, drawn here: a page with a form does not bring the model for it. */

import { hand, perform } from '@pond-loop/core/craft';
import { twoGroups } from '@pond-loop/core/crossing';
import { drawStage, toSvg } from '@pond-loop/core/drawing';
import type { PageLight } from '$lib/ui/light';

export interface ThresholdPicture {
	readonly svg: Readonly<Record<PageLight, string>>;
	readonly caption: string;
}

const MOMENT = 3;
let drawn: ThresholdPicture | undefined;

export function thresholdPicture(): ThresholdPicture {
	if (drawn) return drawn;
	const crossing = twoGroups({ front: 2, behind: 2, lean: 'left' });
	const done = perform(hand, crossing, 'off-holder');
	if (!done.ok) throw new Error('The plainest crossing cannot be drawn.');
	const { trace } = done.value;
	const svg = (light: PageLight): string => toSvg(drawStage(crossing, trace, MOMENT, { light }));
	drawn = { svg: { day: svg('day'), dusk: svg('dusk') }, caption: hand.words(trace, MOMENT).caption };
	return drawn;
}
