/** The same crossing in a right-handed and in a left-handed pair of hands. */

import { mirror, type Crossing } from '../crossing/index.ts';

/** Left-handed hands may follow a pattern as written, which mirrors the fabric, or make the same fabric. */
export const DEMONSTRATIONS = ['right', 'left-mirrored', 'left-same'] as const;
export type Demonstration = (typeof DEMONSTRATIONS)[number];
/** Whose hands, in a few words. */
export const HANDS_SAID: Readonly<Record<Demonstration, string>> = {
	right: 'right-handed',
	'left-mirrored': 'left-handed, mirrored',
	'left-same': 'left-handed, the same fabric',
};

export interface Demonstrated {
	/** What the hands make, numbered from the tip of the needle that they work off. */
	readonly made: Crossing;
	/** What it looks like on the right side, numbered from the right like any crossing. */
	readonly fabric: Crossing;
	/** Whether pictures of `made` are turned left to right, and with them the needles. */
	readonly mirrored: boolean;
}

/** What these hands made, and the fabric that comes of it: of mirrored hands the mirror image. */
export const demonstrated = (made: Crossing, mirrored: boolean): Demonstrated => ({
	made,
	fabric: mirrored ? mirror(made) : made,
	mirrored,
});

/**
 * What a crossing asked for becomes in the hands that show it. For the same fabric, left-handed
 * hands swap front and back and the jobs of the two groups: that is the mirrored crossing, made mirrored.
 */
export function demonstrate(asked: Crossing, as: Demonstration): Demonstrated {
	switch (as) {
		case 'right':
			return demonstrated(asked, false);
		case 'left-mirrored':
			return demonstrated(asked, true);
		case 'left-same':
			return { made: mirror(asked), fabric: asked, mirrored: true };
	}
}
