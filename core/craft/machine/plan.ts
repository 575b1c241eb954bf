import { asTwoGroups, frontAndBehind, type Crossing } from '../../crossing/index.ts';
import { TENSIONS, type BedMove } from '../../handling/index.ts';
import { fail, ok, type Result } from '../../result.ts';
import { crossOnBed } from './cross.ts';
import type { MachineWay } from './ways.ts';

/** Rows from one crossing to the next, the crossed one included; in a rope, twice as many. Source: common practice. */
export const LEAST_ROWS = 2;
export const ROPE_ROWS = 4;

export interface BedSetting {
	/** The number on the carriage before it. */
	readonly tension: number;
	readonly holding: boolean;
}

/** How many numbers a way goes up for a crossing, as far as the dial goes. */
export function looserBy(c: Crossing, way: MachineWay, tension: number): number {
	const groups = asTwoGroups(c);
	const wide = groups !== undefined && Math.max(groups.tip.length, groups.far.length) > 2;
	return Math.min(TENSIONS.most - tension, way.looser[wide ? 1 : 0]);
}

/** The moves of a way on the bed, from the weight to the rest row. Problem `way-does-not-apply`. */
export function planOnBed(c: Crossing, way: MachineWay, { tension, holding }: BedSetting): Result<readonly BedMove[]> {
	const groups = asTwoGroups(c);
	if (!groups) {
		return fail({ code: 'way-does-not-apply', what: 'On a single bed two groups cross.', todo: 'Choose two groups.' });
	}
	const [left, right] = [groups.tip.length, groups.far.length];
	// A dial that ends there is not turned.
	const looser = looserBy(c, way, tension);
	const purls = c.order.flatMap((s, i) => (c.work[s - 1] === 'p' ? [i + 1] : []));
	const beside = way.raised ? [0, c.n + 1] : [];
	const moves: BedMove[] = [
		...(holding ? [{ kind: 'holding', on: false } as const] : []),
		...(looser > 0 ? [{ kind: 'tension', number: tension + looser } as const] : []),
		...(way.eased ? [{ kind: 'weights', on: false } as const] : []),
		...crossOnBed({ left, right, first: frontAndBehind(groups).front === groups.tip ? 'left' : 'right' }),
		...(way.eased ? [{ kind: 'weights', on: true } as const] : []),
		{ kind: 'place', needle: 1, count: c.n, to: 'forward' },
		...Array.from({ length: LEAST_ROWS }, () => ({ kind: 'row' }) as const),
		...(looser > 0 ? [{ kind: 'tension', number: tension } as const] : []),
		...[...purls, ...beside].flatMap((needle): BedMove[] => [
			{ kind: 'ladder', needle, pinched: true },
			{ kind: 'latch-up', needle },
		]),
	];
	return ok(moves);
}
