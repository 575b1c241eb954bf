import { canonical, type Crossing } from '../crossing/index.ts';
import { drawRibbon, type Drawing } from '../drawing/index.ts';
import { memoize } from '../memoize/index.ts';

type DrawOptions = Parameters<typeof drawRibbon>[1];
/** A crossing as strands that run over and under each other. */
export const ribbonOf = memoize(
	400,
	(c: Crossing, options: DrawOptions) => `${canonical(c)} ${JSON.stringify(options)}`,
	(c, options): Drawing => drawRibbon(c, options),
);
