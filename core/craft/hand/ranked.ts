/** Which way suits a yarn and a class: counted on the simulator, and weighed. All weights are assumed; the choice is the teacher's. */

import type { Crossing } from '../../crossing/index.ts';
import { NEEDLES, run, startState, tally, type Tally } from '../../handling/index.ts';
import type { Level } from '../../skill/index.ts';
import { SLIPS, type Fibre } from '../../fabric/index.ts';
import { planByHand, WAYS, type HandWay } from './ways/index.ts';

export interface WorkedBy {
	readonly fibre: Fibre;
	readonly level: Level;
	/** The same crossing many times in a row, so that a holder is picked up and put down each time. */
	readonly many: boolean;
}

export interface RankedWay {
	readonly way: string;
	readonly title: string;
	readonly counts: Tally;
	/** In moves; the lowest comes first. */
	readonly cost: number;
	/** What speaks for it and against it, in whole sentences. */
	readonly because: string;
}

/** How much a loop that hangs loose for one move weighs, in moves, for hands of a level. */
const NERVE: Readonly<Record<Level, number>> = { beginner: 3, improver: 1.5, practised: 1 };
/** Picking up a holder and laying it down; between other crossings it stays in the hand. */
const HOLDER = { once: 1, many: 5 } as const;
/** Going without a holder while crossing itself is new: more than any way with one costs. */
const NEW_TO_IT = 100;
/** A stitch twisted for good is no way for a class that was asked for an open one. */
const TWIST = 12;
/** Stitches beyond which going without a holder asks for more, for each stitch. */
const COMFORTABLE = 4;

/** The ways by hand that make a crossing, the one that suits best first. */
export function ranked(c: Crossing, by: WorkedBy): readonly RankedWay[] {
	return WAYS.flatMap((way): RankedWay[] => {
		const planned = planByHand(c, way.id);
		if (!planned.ok) return [];
		const counts = tally(run(NEEDLES, planned.value, startState(c.n)));
		const twists = way.deviates?.(c) !== undefined;
		const beyond = way.holders === 0 ? Math.max(0, c.n - COMFORTABLE) : 0;
		const cost =
			counts.moves +
			counts.looseMoves * SLIPS[by.fibre] * NERVE[by.level] +
			way.holders * (by.many ? HOLDER.many : HOLDER.once) +
			beyond * NERVE[by.level] +
			(isTooEarly(way, by) ? NEW_TO_IT : 0) +
			(twists ? TWIST : 0);
		return [{ way: way.id, title: way.title, counts, cost, because: because(way, c, counts, by, twists) }];
	}).sort((a, b) => a.cost - b.cost);
}

/** Whether hands should cross with a holder first. */
const isTooEarly = ({ holders }: HandWay, { level }: WorkedBy): boolean => holders === 0 && level === 'beginner';

function because(way: HandWay, c: Crossing, { moves, mostLoose }: Tally, by: WorkedBy, twists: boolean): string {
	const { fibre, many } = by;
	const slips = SLIPS[fibre] >= 1;
	const hangs =
		mostLoose === 0
			? `nothing hangs loose${slips ? `, which suits ${fibre}: its loose loops slip` : ''}`
			: `${mostLoose === 1 ? '1 loop hangs' : `${mostLoose} loops hang`} loose, and ${fibre} ${slips ? 'slips' : `holds ${mostLoose === 1 ? 'it' : 'them'}`}`;
	const sentences = [
		`It takes ${moves} moves; ${hangs}`,
		...(isTooEarly(way, by) ? ['Beginners tighten up without a cable needle'] : []),
		...(way.holders === 0 && c.n > COMFORTABLE ? [`${c.n} stitches are many without a cable needle`] : []),
		...(way.holders > 0 && many ? ['The cable needle is picked up and laid down each time'] : []),
		...(twists ? ['It twists a stitch for good'] : []),
	];
	return `${sentences.join('. ')}.`;
}
