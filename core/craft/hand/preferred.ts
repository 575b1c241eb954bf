/** Which way a teacher's taste chooses, and why. */

import { asTwoGroups, type Crossing } from '../../crossing/index.ts';
import type { OwnWay } from '../kit.ts';
import { FOUND_WAY } from './found-limits.ts';
import { ownWayId, planOwn } from './own-way.ts';
import { planByHand, WAYS } from './ways/index.ts';

/** Whether stitches are worked straight off the holder or put back on the needle first. */
export const HOLDER_WORKS = ['direct', 'returned'] as const;

/** What a teacher likes: a holder, a way without one for crossings that are short enough, or a way of their own. */
export interface WayTaste {
	/** `holder`, the id of a way that needs none, or that of one of `ownWays`. */
	readonly way: string;
	readonly ownWays?: readonly OwnWay[];
	/** The widest crossing, in stitches, that is made without a holder. */
	readonly withoutHolderUpTo: number;
	readonly holderWork: (typeof HOLDER_WORKS)[number];
}

export interface Recommendation {
	readonly way: string;
	/** A whole sentence. */
	readonly because: string;
}

/** The way that a taste chooses for a crossing, with the reason; where it makes no such crossing, the first way that does. */
export function recommend(c: Crossing, taste: WayTaste): Recommendation {
	const makes = (id: string): boolean => planByHand(c, id).ok;
	const own = taste.ownWays?.find((way) => ownWayId(way) === taste.way);
	if (own && planOwn(own, c).ok) return { way: taste.way, because: `Your settings: your own way, “${own.name}”.` };
	const without = WAYS.find((w) => w.id === taste.way && w.holders === 0);
	if (without && c.n <= taste.withoutHolderUpTo && makes(without.id)) {
		const wide = `up to ${taste.withoutHolderUpTo} stitches`;
		return { way: without.id, because: `Your settings: without a cable needle ${wide}. This has ${c.n}.` };
	}
	const direct = taste.holderWork === 'direct';
	const held = direct ? 'off-holder' : 'returned';
	if (makes(held)) {
		const how = direct ? 'straight off it' : 'slip back first';
		const wide = without && c.n > taste.withoutHolderUpTo;
		return {
			way: held,
			because: wide
				? `This has ${c.n} stitches. Your limit without a cable needle is ${taste.withoutHolderUpTo}.`
				: `Your settings: with a cable needle, ${how}.`,
		};
	}
	const other = WAYS.find((w) => w.holders > 0 && makes(w.id));
	if (other) {
		return {
			way: other.id,
			because: asTwoGroups(c)
				? 'The first way with a cable needle that makes this cable.'
				: 'Three groups: slip the centre back, and one cable needle is enough.',
		};
	}
	return { way: FOUND_WAY.id, because: 'No taught way makes this crossing. This is the shortest way that was found.' };
}

export const preferredWay = (c: Crossing, taste: WayTaste): string => recommend(c, taste).way;
