import { SHOWS_AS } from '../crossing/index.ts';

/** What is worked on the other side so that the same stitch shows; a stitch that is not here has no other name there. */
export const FROM_BEHIND: Readonly<Record<string, string>> = {
	...SHOWS_AS,
	k2tog: 'p2tog',
	p2tog: 'k2tog',
	ssk: 'ssp',
	ssp: 'ssk',
	k3tog: 'p3tog',
	p3tog: 'k3tog',
	m1: 'm1p',
	m1p: 'm1',
};
