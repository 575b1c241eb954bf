/** How far an old slipped stitch is stretched when it crosses. */

/**
 * How much longer than at rest a slipped stitch has to become: the straight line from its foot to where it
 * ends, over the length of one of its legs. 1 is no stretch. `age` in rows, `reach` in columns.
 *
 * Source: a dry-relaxed plain stitch of loop length l is l / 5.0 high and l / 3.8 wide (Munden's constants);
 * its head takes one width of the loop, and the two legs share the rest.
 */
export function stretchOf(age: number, reach: number): number {
	const [height, width] = [1 / 5.0, 1 / 3.8];
	const leg = (1 - width) / 2;
	return Math.max(1, Math.hypot((age + 1) * height, reach * width) / leg);
}

/** Beyond this the neighbours have no slack left to lend. Assumed. */
export const MOST_STRETCH = 3.2;
