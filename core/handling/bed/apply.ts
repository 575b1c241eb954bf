/** One move at the bed: the next state, or the reason why it cannot be done. */

import type { PassingEvent, StitchNumber } from '../../crossing/index.ts';
import { ok, type fail, type Result } from '../../result.ts';
import { passingsOf } from '../passings.ts';
import { refuse } from '../refuse.ts';
import type { Applied } from '../run.ts';
import type { BedMove } from './moves.ts';
import {
	bareNeedles,
	BREAKS,
	KNITS_OFF,
	onNeedle,
	onTool,
	PRONGS,
	strainAt,
	TENSIONS,
	TOOL_PLANE,
	type Beside,
	type BedLoop,
	type BedState,
} from './state.ts';

type BedResult = Result<Applied<BedState>>;
type BedMoveOf<K extends BedMove['kind']> = Extract<BedMove, { kind: K }>;

const done = (
	state: BedState,
	stitches: readonly StitchNumber[] = [],
	passings: readonly PassingEvent[] = [],
): BedResult => ok({ state, stitches, passings });

/** Linear in the loops times the loops moved. Problem `illegal-move`. */
export function applyOnBed(state: BedState, move: BedMove): BedResult {
	const [bare] = bareNeedles(state);
	if (bare !== undefined && NEEDS_LOOPS.has(move.kind))
		return refuse(`Needle ${bare} is still bare.`, 'Cast on all of them first.');
	switch (move.kind) {
		case 'cast-on':
			return castOn(state, move);
		case 'pick-up':
			return pickUp(state, move);
		case 'put-down':
			return putDown(state, move);
		case 'place':
			return place(state, move);
		case 'holding':
			return done({ ...state, holding: move.on });
		case 'tension':
			return move.number >= TENSIONS.least && move.number <= TENSIONS.most
				? done({ ...state, tension: move.number })
				: refuse(
						`There is no tension number ${move.number}.`,
						`Choose one from ${TENSIONS.least} to ${TENSIONS.most}.`,
					);
		case 'weights':
			return done({ ...state, weights: move.on });
		case 'row':
			return row(state);
		case 'ladder':
			return ladder(state, move);
		case 'latch-up':
			return latchUp(state, move);
		case 'fall':
			return fall(state, move);
		default:
			return refuse('That is not a move on a single bed.', 'Choose a way for it.');
	}
}

/** What is done with loops, and so not before they are cast on. */
const NEEDS_LOOPS: ReadonlySet<BedMove['kind']> = new Set(['pick-up', 'put-down', 'row', 'ladder', 'latch-up']);

function castOn(state: BedState, { needle }: BedMoveOf<'cast-on'>): BedResult {
	const wrong = missing(state, needle);
	if (wrong) return wrong;
	const [next] = bareNeedles(state);
	if (next === undefined) return refuse('Every needle has its loop.', 'Take the carriage across.');
	if (next !== needle)
		return refuse(`The yarn has come as far as needle ${next}.`, `Cast on needle ${next} before needle ${needle}.`);
	if (state.needles[needle] === 'out') return refuse(`Needle ${needle} is out of work.`, 'Bring it into work first.');
	const loop: BedLoop = { stitch: needle, on: needle, plane: 0, tight: false, hung: false };
	return done({ ...state, loops: [...state.loops, loop].sort((a, b) => a.stitch - b.stitch) }, [needle]);
}

const last = (state: BedState): number => state.needles.length - 1;

const missing = (state: BedState, needle: number, count = 1): ReturnType<typeof fail> | undefined => {
	const off = [needle, needle + count - 1].find((i) => !Number.isInteger(i) || i < 0 || i > last(state));
	return off === undefined
		? undefined
		: refuse(`There is no needle ${off} here.`, `They run from 0 to ${last(state)}, from the left.`);
};

function pickUp(state: BedState, { tool, prongs, needle, count }: BedMoveOf<'pick-up'>): BedResult {
	if (!PRONGS.some((p) => p === prongs)) {
		return refuse(`There is no transfer tool of ${prongs} prongs.`, 'They have 1, 2 or 3.');
	}
	if (count > prongs) {
		return refuse(
			`A tool of ${prongs} ${prongs === 1 ? 'prong' : 'prongs'} does not lift ${count} loops.`,
			count <= 3 ? `Take the one of ${count}.` : 'Cross 3 over 3 at most.',
		);
	}
	const wrong = missing(state, needle, count);
	if (wrong) return wrong;
	if (state.tools[tool]) return refuse('That tool is full.', 'Put its loops down first, or take the other one.');
	const lifted = Array.from({ length: count }, (_, i) => onNeedle(state, needle + i));
	const empty = lifted.findIndex((l) => !l);
	if (empty !== -1 || count < 1) {
		return refuse(
			`Needle ${needle + Math.max(0, empty)} has no loop of the crossing.`,
			'Lift loops that are on needles.',
		);
	}
	const stitches = lifted.map((l) => l!.stitch);
	const loops = state.loops.map((l): BedLoop =>
		stitches.includes(l.stitch) ? { ...l, on: tool, plane: TOOL_PLANE } : l,
	);
	return done({ ...state, loops, tools: { ...state.tools, [tool]: { prongs, from: needle } } }, stitches);
}

/**
 * What is put down lies next to the bed: it goes in behind whatever still hangs on a tool, as the worker
 * sees it, and in front of whatever stayed on its needle.
 */
function putDown(state: BedState, { tool, needle }: BedMoveOf<'put-down'>): BedResult {
	const lifted = state.tools[tool];
	const group = onTool(state, tool);
	if (!lifted || group.length === 0) return refuse('That tool is empty.', 'Lift loops with it first.');
	const wrong = missing(state, needle, group.length);
	if (wrong) return wrong;
	for (const [i] of group.entries()) {
		const there = onNeedle(state, needle + i);
		if (there || needle + i === 0 || needle + i === last(state)) {
			return refuse(
				`Needle ${needle + i} has a loop already. Two on one needle would be a decrease.`,
				'Lift that loop first, or take free needles.',
			);
		}
		if (state.needles[needle + i] === 'out') {
			return refuse(`Needle ${needle + i} is out of work.`, 'Bring it into work first.');
		}
	}
	const stitches = group.map((l) => l.stitch);
	const rest = state.loops.filter((l) => !stitches.includes(l.stitch));
	const on = (l: BedLoop): number | undefined => (typeof l.on === 'number' ? l.on : undefined);
	const first = rest.findLastIndex((l) => (on(l) ?? Infinity) < needle) + 1;
	const after = rest.findIndex((l) => (on(l) ?? -1) > needle);
	const end = after === -1 ? rest.length : after;
	const at = needle < lifted.from ? first : needle > lifted.from ? end : state.loops.indexOf(group[0]!);
	const moved = needle !== lifted.from;
	const put = group.map((l, i): BedLoop => ({ ...l, on: needle + i, plane: 0, tight: l.tight || moved }));
	const loops = [...rest.slice(0, at), ...put, ...rest.slice(at)];
	const passings = passingsOf(state.loops, loops, stitches, (_, past) => (past.plane === TOOL_PLANE ? 0 : TOOL_PLANE));
	const { [tool]: _, ...tools } = state.tools;
	return done({ ...state, loops, tools }, stitches, passings);
}

function place(state: BedState, { needle, count, to }: BedMoveOf<'place'>): BedResult {
	const wrong = missing(state, needle, count);
	if (wrong) return wrong;
	const within = (i: number): boolean => i >= needle && i < needle + count;
	const handled = state.loops.filter((l) => typeof l.on === 'number' && within(l.on));
	if (to === 'out' && handled.length > 0) {
		return refuse(
			`Needle ${String(handled[0]!.on)} has a loop, which would run.`,
			'Move the loop before the needle goes out of work.',
		);
	}
	return done(
		{ ...state, needles: state.needles.map((p, i) => (within(i) ? to : p)) },
		handled.map((l) => l.stitch),
	);
}

function row(state: BedState): BedResult {
	const lifted = state.loops.filter((l) => l.on === 'tool-1' || l.on === 'tool-2');
	if (lifted.length > 0) {
		return refuse(`Loop ${lifted[0]!.stitch} is still on a tool.`, 'Put it down before the carriage passes.');
	}
	if (state.loops.some((l) => l.on === 'ladder') || Object.values(state.beside).includes('ladder')) {
		return refuse('A stitch is let down.', 'Latch it up before the carriage passes.');
	}
	const pull = strainAt(state);
	const broken: StitchNumber[] = [];
	const handled: StitchNumber[] = [];
	const loops = state.loops.flatMap((l): readonly BedLoop[] => {
		const position = state.needles[l.on as number]!;
		if (position === 'forward' && state.holding) return [l];
		handled.push(l.stitch);
		if (l.tight && state.brittle && pull > BREAKS) {
			broken.push(l.stitch);
			return [];
		}
		const comes = !l.tight || (state.weights && pull <= KNITS_OFF[position === 'forward' ? 'forward' : 'work']);
		return [{ ...l, done: 'k', tight: false, hung: l.hung || !comes }];
	});
	return done(
		{
			...state,
			loops,
			needles: state.needles.map((p) => (p === 'forward' && !state.holding ? 'work' : p)),
			carriage: state.carriage === 'left' ? 'right' : 'left',
			rows: state.rows + 1,
			broken: [...state.broken, ...broken],
			lost: [...state.lost, ...broken].sort((a, b) => a - b),
		},
		handled,
	);
}

/** The column beside the crossing that a needle carries, when it is one. */
const sideOf = (state: BedState, needle: number): 'left' | 'right' | undefined =>
	needle === 0 ? 'left' : needle === last(state) ? 'right' : undefined;

const besideNow = (state: BedState, side: 'left' | 'right', is: Beside): BedState => ({
	...state,
	beside: { ...state.beside, [side]: is },
});

function ladder(state: BedState, { needle, pinched }: BedMoveOf<'ladder'>): BedResult {
	const wrong = missing(state, needle);
	if (wrong) return wrong;
	const side = sideOf(state, needle);
	if (side) {
		return state.beside[side] === 'knit'
			? done(besideNow(state, side, 'ladder'))
			: refuse('That column is let down already, or latched up.', 'Let down one that is knitted.');
	}
	const loop = onNeedle(state, needle);
	if (!loop?.done) return refuse(`Needle ${needle} has no knitted stitch.`, 'Knit a row before it is let down.');
	if (!pinched) return fall(state, { kind: 'fall', stitch: loop.stitch });
	return done({ ...state, loops: state.loops.map((l): BedLoop => (l === loop ? { ...l, on: 'ladder' } : l)) }, [
		loop.stitch,
	]);
}

function latchUp(state: BedState, { needle }: BedMoveOf<'latch-up'>): BedResult {
	const side = sideOf(state, needle);
	if (side && state.beside[side] === 'ladder') return done(besideNow(state, side, 'purl'));
	const free = !missing(state, needle) && !side && !onNeedle(state, needle);
	const i = state.loops.findIndex(
		(l, at) =>
			l.on === 'ladder' &&
			state.loops.slice(0, at).every((o) => typeof o.on !== 'number' || o.on < needle) &&
			state.loops.slice(at + 1).every((o) => typeof o.on !== 'number' || o.on > needle),
	);
	const loop = free ? state.loops[i] : undefined;
	if (!loop) return refuse(`Nothing is let down at needle ${needle}.`, 'Let the stitch down first.');
	return done(
		{
			...state,
			loops: state.loops.map((l): BedLoop => (l === loop ? { ...l, on: needle, done: l.done === 'p' ? 'k' : 'p' } : l)),
		},
		[loop.stitch],
	);
}

function fall(state: BedState, { stitch }: BedMoveOf<'fall'>): BedResult {
	const loop = state.loops.find((l) => l.stitch === stitch);
	if (!loop) return refuse(`Loop ${stitch} is not there to fall.`, 'Choose one that is.');
	const loops = state.loops.filter((l) => l !== loop);
	const tools = Object.fromEntries(Object.entries(state.tools).filter(([id]) => loops.some((l) => l.on === id)));
	return done({ ...state, loops, tools, lost: [...state.lost, stitch].sort((a, b) => a - b) }, [stitch]);
}
