/** A way of one's own: moves that a teacher made by hand, on other crossings too where they allow it. */

import { asTwoGroups, equal, shortNumbers, type Crossing } from '../../crossing/index.ts';
import { NEEDLES, prove, run, startState, tally, type Move } from '../../handling/index.ts';
import { memoize, numbered } from '../../memoize/index.ts';
import { fail, ok, type Result } from '../../result.ts';
import type { Craft, Way } from '../craft.ts';
import type { OwnWay } from '../kit.ts';

export type { OwnWay };

const OWN = /^own-([0-9a-f-]{36})$/;
export const ownWayId = ({ id }: Pick<OwnWay, 'id'>): string => `own-${id}`;
/** Whether an id is that of some teacher's own way. */
export const isOwnWay = (id: string): boolean => OWN.test(id);

const makes = (c: Crossing, moves: readonly Move[]): boolean => prove(c, run(NEEDLES, moves, startState(c.n))).ok;

/** Front and back the other way about: what leans the other way is mostly made so. */
function turnedAbout(move: Move): Move {
	const other = { front: 'back', back: 'front' } as const;
	const past = { front: 'behind', behind: 'front' } as const;
	switch (move.kind) {
		case 'hold':
		case 'swing':
			return { ...move, side: other[move.side] };
		case 'enter':
		case 'recapture':
			return { ...move, from: past[move.from] };
		case 'drop':
			return { ...move, hang: past[move.hang] };
		default:
			return move;
	}
}

/** Moves with runs of one group's size made the size of another crossing's group. */
function resized(
	moves: readonly Move[],
	from: readonly [number, number],
	to: readonly [number, number],
): readonly Move[] | undefined {
	if (from[0] === from[1] && to[0] !== to[1]) return undefined;
	const sizes = new Map([
		[from[0] + from[1], to[0] + to[1]],
		[from[1], to[1]],
		[from[0], to[0]],
		[0, 0],
	]);
	const out: Move[] = [];
	for (let i = 0; i < moves.length; i++) {
		const move = moves[i]!;
		if (move.kind === 'work' && !move.past && !move.keep) {
			// Stitches of one group are worked one after another, off the same thing.
			let run = 1;
			while (i + run < moves.length && JSON.stringify(moves[i + run]) === JSON.stringify(move)) run += 1;
			const many = sizes.get(run);
			if (many === undefined) return undefined;
			out.push(...Array.from({ length: many }, () => move));
			i += run - 1;
			continue;
		}
		if (!('count' in move)) {
			out.push(move);
			continue;
		}
		const count = sizes.get(move.count);
		const skip = 'skip' in move ? sizes.get(move.skip) : undefined;
		if (count === undefined || ('skip' in move && skip === undefined)) return undefined;
		out.push({ ...move, count, ...(skip === undefined ? {} : { skip }) } as Move);
	}
	return out;
}

/** The moves for a crossing: as they were made, in other sizes, or leaning the other way; each is proved first. */
export function planOwn(way: OwnWay, c: Crossing): Result<readonly Move[]> {
	if (equal(c, way.crossing)) return ok(way.moves);
	const [from, to] = [asTwoGroups(way.crossing), asTwoGroups(c)];
	const wide =
		from && to ? resized(way.moves, [from.tip.length, from.far.length], [to.tip.length, to.far.length]) : undefined;
	const tries = wide ? [wide, wide.map(turnedAbout)] : [];
	const moves = tries.find((m) => makes(c, m));
	if (moves) return ok(moves);
	return fail({
		code: 'way-does-not-apply',
		what: `“${way.name}” is for another crossing. Its moves do not make this one.`,
		todo: 'Choose another way, or make one for this crossing by hand.',
	});
}

function asWay(own: OwnWay): Way {
	const { tools } = tally(run(NEEDLES, own.moves, startState(own.crossing.n)));
	return {
		id: ownWayId(own),
		title: own.name,
		when: 'Your own way, made by hand.',
		applies: `The crossing you made it for (${shortNumbers(own.crossing.order)}), and others with the same moves.`,
		needs: tools === 0 ? 'No cable needle.' : tools === 1 ? 'One cable needle.' : 'Two cable needles.',
		holders: tools,
	};
}

const numberOf = numbered();

/** Knitting by hand with a teacher's own ways among the others; the same object for the same ways. */
export const withOwnWays = memoize(
	40,
	(hand: Craft, own: readonly OwnWay[]) => `${numberOf(hand)} ${JSON.stringify(own)}`,
	(hand: Craft, own): Craft => {
		const byId = new Map(own.map((way) => [ownWayId(way), way]));
		return {
			...hand,
			ways: [...hand.ways.slice(0, -1), ...own.map(asWay), ...hand.ways.slice(-1)],
			plan: (taken, c, id) => {
				const way = byId.get(id);
				return way ? planOwn(way, taken.loops) : hand.plan(taken, c, id);
			},
		};
	},
);
