/** Lets a fabric lie apart from the page: a large one takes a good part of a second. */

import { relax } from '@pond-loop/core/fabric';
import type { LieAsked } from './lie';

addEventListener('message', ({ data }: MessageEvent<{ id: number; asked: LieAsked }>) => {
	const { fabric, from, pinned } = data.asked;
	const lies = relax(fabric, { ...(from ? { from } : {}), ...(pinned === undefined ? {} : { pinned }) });
	postMessage({ id: data.id, lies });
});
