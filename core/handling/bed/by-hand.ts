/** A single bed worked by hand: what can be done with the chosen loops and besides, and the rest as it stands. */

import type { StitchNumber, Work } from '../../crossing/index.ts';
import { castingOn, offersOf, type Offer, type Tried } from '../offer.ts';
import { simulate } from '../simulate.ts';
import type { BedMove } from './moves.ts';
import {
	bareNeedles,
	onNeedle,
	onTool,
	PRONGS,
	TENSIONS,
	type BedLoop,
	type BedState,
	type TransferTool,
} from './state.ts';

const TOOLS: readonly TransferTool[] = ['tool-1', 'tool-2'];

/** A needle in the picture: the first of the loops on the tool goes there. */
export const needleTarget = (needle: number): string => `needle:${needle}`;

const numbers = (state: BedState): number[] => Array.from({ length: state.needles.length - 2 }, (_, i) => i + 1);
const needleOf = (l: BedLoop): number | undefined => (typeof l.on === 'number' ? l.on : undefined);

function withLoops(state: BedState, chosen: readonly BedLoop[]): Tried<BedMove>[] {
	const held = TOOLS.find((tool) => chosen.every((l) => l.on === tool));
	if (held) {
		const count = onTool(state, held).length;
		return numbers(state)
			.filter((needle) => needle + count <= state.needles.length - 1)
			.map((needle): Tried<BedMove> => ({
				moves: [{ kind: 'put-down', tool: held, needle }],
				target: needleTarget(needle),
			}));
	}
	const first = Math.min(...chosen.map((l) => needleOf(l) ?? Infinity));
	if (!Number.isFinite(first)) return [];
	const free = TOOLS.find((tool) => !state.tools[tool]) ?? 'tool-1';
	const count = chosen.length;
	const prongs = PRONGS.find((p) => p >= count) ?? PRONGS[2];
	return [
		{ moves: [{ kind: 'pick-up', tool: free, prongs, needle: first, count }], target: 'tool' },
		{ moves: [{ kind: 'place', needle: first, count, to: 'forward' }], target: 'forward' },
		{ moves: [{ kind: 'place', needle: first, count, to: 'work' }], target: 'work', isRare: true },
		...(count === 1
			? ([
					{ moves: [{ kind: 'ladder', needle: first, pinched: true }], target: 'ladder' },
					{ moves: [{ kind: 'ladder', needle: first, pinched: false }], target: 'ladder', isRare: true },
				] satisfies Tried<BedMove>[])
			: []),
	];
}

/** What is still bare, cast on. */
export const castOnBed = (state: BedState): readonly BedMove[] =>
	bareNeedles(state).map((needle) => ({ kind: 'cast-on', needle }));

function besides(state: BedState): Tried<BedMove>[] {
	const bare = castOnBed(state);
	if (bare.length > 0) return castingOn(bare);
	const ladders = numbers(state).filter((needle) => !onNeedle(state, needle));
	const isDown = state.loops.some((l) => l.on === 'ladder');
	const last = state.needles.length - 1;
	return [
		{ moves: [{ kind: 'row' }], key: 'k' },
		{ moves: [{ kind: 'place', needle: 1, count: last - 1, to: 'forward' }], key: 'f' },
		{ moves: [{ kind: 'holding', on: !state.holding }], key: 'h' },
		...[state.tension + 1, state.tension - 1]
			.filter((number) => number >= TENSIONS.least && number <= TENSIONS.most)
			.map((number): Tried<BedMove> => ({
				moves: [{ kind: 'tension', number }],
				...(number > state.tension ? { key: '+' } : { key: '-' }),
			})),
		{ moves: [{ kind: 'weights', on: !state.weights }], key: 'w' },
		...(isDown ? ladders.map((needle): Tried<BedMove> => ({ moves: [{ kind: 'latch-up', needle }], key: 'p' })) : []),
		...([0, last] as const).flatMap((needle): Tried<BedMove>[] => {
			const is = state.beside[needle === 0 ? 'left' : 'right'];
			// Nothing was knitted beside what was only just cast on.
			if (is === 'purl' || state.isCastOn) return [];
			return [
				{
					moves: [is === 'ladder' ? { kind: 'latch-up', needle } : { kind: 'ladder', needle, pinched: true }],
					isRare: is === 'knit',
				},
			];
		}),
	];
}

/** Everything that hands at a bed may try. Linear in needles times loops. */
export function bedOffers(state: BedState, chosen: readonly StitchNumber[]): readonly Offer<BedMove>[] {
	const loops = state.loops.filter((l) => chosen.includes(l.stitch));
	const lost = chosen.length === 1 ? [{ moves: [{ kind: 'fall', stitch: chosen[0]! } as const], isRare: true }] : [];
	return offersOf(state, [...(loops.length > 0 ? withLoops(state, loops) : []), ...besides(state), ...lost]);
}

/** Loops that can go together: neighbours on needles, or all that is on one tool. */
export function bedRun(state: BedState, chosen: readonly StitchNumber[]): boolean {
	const loops = state.loops.filter((l) => chosen.includes(l.stitch));
	if (loops.length === 0 || loops.length !== chosen.length) return false;
	if (loops.some((l) => typeof l.on !== 'number')) {
		return (
			loops.every((l) => l.on === loops[0]!.on) &&
			state.loops.filter((l) => l.on === loops[0]!.on).length === loops.length
		);
	}
	const on = loops.map((l) => l.on as number).sort((a, b) => a - b);
	return on.every((n, i) => n === on[0]! + i);
}

interface PutDown {
	readonly tool: TransferTool;
	readonly needle: number;
}

/** Free needles for what hangs on each of these tools, the first of them first; the lowest that leave room for the others. */
function placesFor(state: BedState, tools: readonly TransferTool[]): readonly PutDown[] {
	const find = (left: readonly TransferTool[], taken: ReadonlySet<number>): readonly PutDown[] | undefined => {
		const [tool, ...others] = left;
		if (!tool) return [];
		const size = onTool(state, tool).length;
		for (const needle of numbers(state)) {
			const wanted = Array.from({ length: size }, (_, i) => needle + i);
			if (wanted.some((n) => n > state.needles.length - 2 || taken.has(n) || onNeedle(state, n))) continue;
			const rest = find(others, new Set([...taken, ...wanted]));
			if (rest) return [{ tool, needle }, ...rest];
		}
		return undefined;
	};
	return find(tools, new Set()) ?? [];
}

/**
 * Bare needles are cast on; what hangs on tools goes down on the free needles, the tool lifted first before the other; what is let down is latched up;
 * one row is knitted, and purls are let down and latched up. Linear in loops squared.
 */
export function bedAsItStands(from: BedState, work: readonly Work[]): readonly BedMove[] {
	const moves: BedMove[] = [];
	let state = from;
	const act = (move: BedMove): void => {
		const done = simulate([move], state);
		if (done.stopped) return;
		moves.push(move);
		state = done.steps[0]!.state;
	};
	/**
	 * Where what is let down or hangs on a tool has no free needles between its neighbours they give way, one by one and
	 * past nothing: each to the needle of its place in the row; first upwards from the end, then downwards from the beginning.
	 */
	const giveWay = (): void => {
		const tool = TOOLS.find((t) => onTool(state, t).length === 0);
		if (!tool || state.loops.every((l) => typeof l.on === 'number')) return;
		const places = state.loops.map(({ stitch }, i) => ({ stitch, place: i + 1 }));
		const goes = (stitch: StitchNumber, place: number, isOff: (needle: number) => boolean): void => {
			const { on } = state.loops.find((l) => l.stitch === stitch)!;
			if (on === 'ladder') act({ kind: 'latch-up', needle: place });
			else if (typeof on === 'number') {
				if (!isOff(on)) return;
				act({ kind: 'pick-up', tool, prongs: 1, needle: on, count: 1 });
				act({ kind: 'put-down', tool, needle: place });
			} else if (onTool(state, on)[0]!.stitch === stitch) act({ kind: 'put-down', tool: on, needle: place });
		};
		for (const { stitch, place } of [...places].reverse()) goes(stitch, place, (needle) => needle < place);
		for (const { stitch, place } of places) goes(stitch, place, (needle) => needle > place);
	};
	for (const move of castOnBed(state)) act(move);
	if (state.needles.includes('out')) act({ kind: 'place', needle: 1, count: state.needles.length - 2, to: 'work' });
	const lifted = TOOLS.filter((t) => onTool(state, t).length > 0);
	const together = placesFor(state, lifted);
	// Where there is no room for both, one goes down, and the others make room for the second.
	const down = together.length > 0 ? together : lifted.flatMap((t) => placesFor(state, [t])).slice(0, 1);
	for (const { tool, needle } of down) act({ kind: 'put-down', tool, needle });
	for (const needle of [0, state.needles.length - 1]) act({ kind: 'latch-up', needle });
	for (const needle of numbers(state)) if (!onNeedle(state, needle)) act({ kind: 'latch-up', needle });
	giveWay();
	if (state.loops.some((l) => !l.done)) {
		// Needles that are held are not knitted; nothing is finished until they are.
		if (state.holding && state.needles.includes('forward')) act({ kind: 'holding', on: false });
		act({ kind: 'row' });
	}
	for (const l of [...state.loops]) {
		const needle = needleOf(l);
		if (needle === undefined || l.done !== 'k' || !work[l.stitch - 1]?.startsWith('p')) continue;
		act({ kind: 'ladder', needle, pinched: true });
		act({ kind: 'latch-up', needle });
	}
	return moves;
}
