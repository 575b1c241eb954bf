/** A swatch at the loom: pegs counted from the right, each crossing loop by loop. */

import { asThreeGroups, frontAndBehind, shortNumbers, type Crossing } from '../../crossing/index.ts';
import type { ParkedIn } from '../in-swatch.ts';
import { groupsOnPegs } from './plan.ts';

const pegs = (numbers: readonly number[]): string =>
	`${numbers.length === 1 ? 'peg' : 'pegs'} ${shortNumbers(numbers, ', ')}`;

/** What is done on the pegs after the first `before` of them, in one sentence without its stop. */
export function crossedOnPegs(c: Crossing, before: number, keeps: ParkedIn = 'inside'): string {
	// Where a centre lies says where a group is parked, whatever else a piece keeps to.
	const lies = asThreeGroups(c)?.lies;
	const order: ParkedIn = lies === undefined ? keeps : lies === 'behind' ? 'outside' : 'inside';
	const groups = groupsOnPegs(c);
	if (!groups) return 'not on a loom';
	const { front, behind } = frontAndBehind(groups);
	const parked = order === 'inside' ? behind : front;
	const led = order === 'inside' ? front : behind;
	const from = (group: readonly number[]): number[] => group.map((s) => before + s);
	const to = (group: readonly number[]): number[] => group.map((s) => before + 1 + c.order.indexOf(s));
	const where = order === 'inside' ? 'park' : 'hold';
	const stays = Array.from({ length: groups.centre }, (_, i) => groups.tip.length + i + 1);
	const past = stays.length === 0 ? '' : `, on your side of ${pegs(from(stays))}`;
	return `${where} ${pegs(from(parked))} ${order}, bring ${shortNumbers(from(led), ', ')} to ${shortNumbers(to(led), ', ')}${past}, seat the others on ${shortNumbers(to(parked), ', ')}, tug level and knit off`;
}
