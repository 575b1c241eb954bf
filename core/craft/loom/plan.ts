import { asThreeGroups, asTwoGroups, frontAndBehind, type Crossing, type TwoGroups } from '../../crossing/index.ts';
import { MOST_WRAPPED, ROOM, type LoomMove, type WrapWay } from '../../handling/index.ts';
import { fail, ok, type Result } from '../../result.ts';
import { crossOnPegs } from './cross.ts';
import type { LoomWay } from './ways.ts';

/** Two groups as they cross on pegs, and the centre between them where it stays on its pegs: then both are of one size. */
export function groupsOnPegs(c: Crossing): (TwoGroups & { readonly centre: number }) | undefined {
	const two = asTwoGroups(c);
	if (two) return { ...two, centre: 0 };
	const three = asThreeGroups(c);
	return three && three.tip.length === three.far.length ? { ...three, centre: three.centre.length } : undefined;
}

/** Which group is parked: outside it will lie on top, anywhere else behind. */
export function parkedGroup(c: Crossing, { where }: Pick<LoomWay, 'where'>): 'right' | 'left' | undefined {
	const groups = groupsOnPegs(c);
	if (!groups) return undefined;
	const { front, behind } = frontAndBehind(groups);
	return (where.side === 'outside' ? front : behind) === groups.tip ? 'right' : 'left';
}

/** The row over these loops, in the way it is wrapped: knits two pegs at once where two stand side by side. */
function knitOff(work: readonly string[], direction: WrapWay, atOnce: number): readonly LoomMove[] {
	const pegs = work.map((_, i) => i + 1);
	if (direction === 'rightwards') pegs.reverse();
	const moves: LoomMove[] = [];
	for (let i = 0; i < pegs.length;) {
		const peg = pegs[i]!;
		if (work[peg - 1] === 'p') {
			moves.push({ kind: 'draw-up', peg });
			i += 1;
			continue;
		}
		let count = 1;
		while (count < atOnce && i + count < pegs.length && work[pegs[i + count]! - 1] !== 'p') count += 1;
		moves.push({ kind: 'wrap', peg, count });
		for (let k = 0; k < count; k++) moves.push({ kind: 'lift-over', peg: pegs[i + k]! });
		i += count;
	}
	return moves;
}

/** The moves of a way on pegs. Problem `way-does-not-apply`: what stands against it, and what to do. */
export function planOnLoom(c: Crossing, way: LoomWay, direction: WrapWay): Result<readonly LoomMove[]> {
	const groups = groupsOnPegs(c);
	const parked = parkedGroup(c, way);
	if (!groups || !parked) {
		return fail({ code: 'way-does-not-apply', what: 'On pegs two groups cross.', todo: 'Choose two groups.' });
	}
	const waits = parked === 'right' ? groups.tip : groups.far;
	if (waits.length > ROOM[way.where.by]) {
		return fail({
			code: 'way-does-not-apply',
			what: `“${way.title}” would hold ${waits.length} loops.`,
			todo: 'Take a stitch holder.',
		});
	}
	const { centre } = groups;
	const lies = asThreeGroups(c)?.lies;
	if (lies && (lies === 'behind') !== (way.where.side === 'outside')) {
		return fail({
			code: 'way-does-not-apply',
			what:
				lies === 'behind'
					? 'What is parked inside goes past the centre behind it, so that the centre lies between the others.'
					: 'What is held outside goes past the centre in front of it, so that the centre lies behind both.',
			todo: lies === 'behind' ? 'Hold the group on top outside.' : 'Park the group behind inside.',
		});
	}
	const crossed = crossOnPegs({ right: groups.tip.length, left: groups.far.length, centre, parked, where: way.where });
	// Crossed first, each loop lies on the peg that its column goes on from.
	const works = c.order.map((s) => c.work[s - 1]!);
	return ok(
		way.after
			? [...knitOff(c.work, direction, 1), { kind: 'beyond' }, ...crossed]
			: [...crossed, ...knitOff(works, direction, MOST_WRAPPED)],
	);
}
