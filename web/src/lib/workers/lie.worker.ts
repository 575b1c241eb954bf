/** Lets a fabric lie apart from the page, or learns its pull: a large one takes a good part of a second. */

import { pullFor, relax, relaxedBy } from '@pond-loop/core/fabric';
import type { LieAsked, PullAsked } from './lie';

addEventListener('message', ({ data }: MessageEvent<{ id: number; asked: LieAsked | PullAsked }>) => {
	const { id, asked } = data;
	if ('span' in asked) {
		postMessage({ id, found: pullFor(asked.fabric, asked.span) });
		return;
	}
	const { fabric, from, how } = asked;
	postMessage({ id, lies: relax(fabric, { ...relaxedBy(how), ...(from ? { from } : {}) }) });
});
