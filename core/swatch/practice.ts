/**
 * "Make me a practice swatch": rows for a border, a ground, cords side by side, rows between and
 * repeats. The rows are text like any other, to be changed afterwards.
 */

import { ofGroups, twoGroups, type Crossing, type Lean, type Work } from '../crossing/index.ts';
import { SCHOOLS, type StatedSchool } from '../notation/index.ts';
import { gcd } from './gcd.ts';
import { stitch, widthOf, type Unit } from './units.ts';
import { timesMore, writeUnits } from './write.ts';

export const CORD_KINDS = ['rope', 'plait', 'zigzag', 'diamond', 'honeycomb', 'reversible'] as const;
export type CordKind = (typeof CORD_KINDS)[number];

export interface CordWanted {
	readonly kind: CordKind;
	/** Stitches of one group that crosses; 2 when left out. */
	readonly group?: number;
	/** Which way a rope leans. */
	readonly lean?: Lean;
	/** Rows from one crossing to the next; as many as the cord has stitches when left out. */
	readonly every?: number;
	/** How far a zigzag or a diamond travels, in steps. */
	readonly steps?: number;
}

export interface PracticeWanted {
	readonly cords: readonly CordWanted[];
	/** Garter stitches at each side, and garter rows below and above half as many times. */
	readonly border: number;
	/** Purl stitches between cords and beside the border. */
	readonly ground: number;
	/** Times that the pattern is worked. */
	readonly repeats: number;
	readonly shape: 'flat' | 'round';
	/** The school in which crossings are named. */
	readonly school: StatedSchool;
}

export const PRACTICE_LIMITS = {
	cords: 8,
	group: 6,
	border: 12,
	ground: 12,
	repeats: 20,
	every: 24,
	steps: 10,
} as const;

export interface PracticeMade {
	readonly castOn: number;
	readonly text: string;
	/** Rows of one repeat. */
	readonly period: number;
}

/** A cord as right-side rows that come round after `period` of them; rows between are worked as they stand. */
interface Pattern {
	readonly period: number;
	/** Units of a right-side row, from the right. */
	readonly row: (r: number) => readonly Unit[];
	readonly glossary?: string;
}

const even = (n: number): number => Math.max(2, n + (n % 2));
const run = (how: 'k' | 'p', many: number): Unit[] => Array.from({ length: Math.max(0, many) }, () => stitch(how));

/** Rows after which all cords are where they began, in right-side rows; beyond this they are not made to meet. */
const MOST_PERIOD = 120;
/** Rows in all, whatever is asked for. */
const MOST_ROWS = 500;

/** Makes the rows. Sizes beyond {@link PRACTICE_LIMITS} are cut to them. */
export function practiceSwatch(wanted: PracticeWanted): PracticeMade {
	const cut = (value: number, least: number, most: number): number =>
		Math.max(least, Math.min(most, Math.round(value)));
	const border = cut(wanted.border, 0, PRACTICE_LIMITS.border);
	const ground = cut(wanted.ground, 0, PRACTICE_LIMITS.ground);
	const flat = wanted.shape === 'flat';
	const namer = new Namer(wanted.school);
	const patterns = wanted.cords.slice(0, PRACTICE_LIMITS.cords).map((c) => patternOf(c, namer));
	const whole = patterns.reduce((a, p) => (a / gcd(a, p.period)) * p.period, 1);
	const period = whole > MOST_PERIOD ? Math.max(...patterns.map((p) => p.period)) : whole;
	const room = whole > MOST_PERIOD ? 1 : Math.floor(MOST_ROWS / (2 * period));
	const repeats = cut(wanted.repeats, 1, Math.min(PRACTICE_LIMITS.repeats, Math.max(1, room)));
	const inside = (r: number): Unit[] => [
		...run('p', ground),
		...patterns.flatMap((p) => [...p.row(r % p.period), ...run('p', ground)]),
	];
	const edge = run('k', border);
	const castOn = inside(0).reduce((sum, u) => sum + widthOf(u), 0) + 2 * border;

	const word = flat ? 'Row' : 'Rnd';
	const lines: string[] = [...namer.glossary, ...patterns.flatMap((p) => p.glossary ?? [])];
	let next = 1;
	const label = (many: number): string => {
		const numbers = many === 1 ? `${next}` : `${next}-${next + many - 1}`;
		next += many;
		return `${word}${many === 1 ? '' : 's'} ${numbers}:`;
	};
	const garter = border === 0 ? 0 : even(border);
	if (garter > 0 && flat) lines.push('# Border', `${label(garter)} k to end`);
	else if (garter > 0) {
		lines.push('# Border');
		for (let i = 0; i < garter / 2; i++) lines.push(`${label(1)} k to end`, `${label(1)} p to end`);
	}
	lines.push('# Set up the cables');
	lines.push(`${label(1)} ${writeUnits([...edge, ...straight(patterns, ground), ...edge])}`);
	const between = [next];
	next += 1;
	const first = next;
	const repeat: string[] = [`# The repeat: ${2 * period} ${flat ? 'rows' : 'rounds'}`];
	for (let r = 0; r < period; r++) {
		repeat.push(`${label(1)} ${writeUnits([...edge, ...inside(r), ...edge])}`);
		between.push(next);
		next += 1;
	}
	const last = next - 1;
	// Rows between are told once; in the round they have no side of their own to be called by.
	const list = `${between.slice(0, -1).join(', ')} and ${between.at(-1)}`;
	const which = flat ? `Row ${between[0]} and all WS rows:` : `Rnds ${list}:`;
	const edged = flat ? 'k' : 'p';
	lines.push(
		`${which} ${border > 0 ? `${edged}${border}, ${STAND} to last ${border === 1 ? 'st' : `${border} sts`}, ${edged}${border}` : STAND}`,
	);
	lines.push(...repeat);
	if (repeats > 1) {
		lines.push(`rep ${flat ? 'rows' : 'rnds'} ${first}-${last} ${timesMore(repeats - 1)}`);
		next += (last - first + 1) * (repeats - 1);
	}
	if (whole > MOST_PERIOD) lines.push('# These cables come round at different times, so they are not all home here');
	if (garter > 0 && flat) lines.push('# Border', `${label(garter)} k to end`);
	else if (garter > 0) {
		lines.push('# Border');
		for (let i = 0; i < garter / 2; i++) lines.push(`${label(1)} k to end`, `${label(1)} p to end`);
	}
	return { castOn, text: lines.join('\n'), period: 2 * period };
}

const STAND = 'knit the knits and purl the purls';

/** The faces that the cords begin on, with nothing crossed. */
function straight(patterns: readonly Pattern[], ground: number): Unit[] {
	const asStitches = (units: readonly Unit[]): Unit[] =>
		units.flatMap((u) =>
			u.kind === 'stitch'
				? [u]
				: // The stitch that will be worked so stands so before: crossings change no face here.
					u.crossing.work.map((w) => stitch(w.startsWith('p') ? 'p' : 'k')),
		);
	return [...run('p', ground), ...patterns.flatMap((p) => [...asStitches(p.row(0)), ...run('p', ground)])];
}

/** Names crossings in the chosen school; those that it has no name for get their slash name, which every school reads. */
class Namer {
	readonly glossary: string[] = [];
	readonly #school: StatedSchool;

	constructor(school: StatedSchool) {
		this.#school = school;
	}

	unit(crossing: Crossing, front: number, behind: number, lean: Lean): Unit {
		const own = this.#school === 'any' ? undefined : SCHOOLS[this.#school].write(crossing);
		const name = own ?? SCHOOLS.slash.write(crossing) ?? `${front}/${behind} ${lean === 'left' ? 'LC' : 'RC'}`;
		return { kind: 'crossing', name, crossing };
	}

	cross(front: number, behind: number, lean: Lean, behindWork: Work = 'k'): Unit {
		return this.unit(twoGroups({ front, behind, lean, behindWork }), front, behind, lean);
	}
}

function patternOf(wanted: CordWanted, namer: Namer): Pattern {
	const group = Math.max(1, Math.min(PRACTICE_LIMITS.group, Math.round(wanted.group ?? 2)));
	const every = (stitches: number): number =>
		even(Math.max(2, Math.min(PRACTICE_LIMITS.every, Math.round(wanted.every ?? stitches)))) / 2;
	const steps = Math.max(1, Math.min(PRACTICE_LIMITS.steps, Math.round(wanted.steps ?? 4)));
	switch (wanted.kind) {
		case 'rope':
			return rope(group, wanted.lean ?? 'left', every(2 * group), namer);
		case 'plait':
			return plait(group, every(2 * group), namer);
		case 'zigzag':
			return zigzag(group, steps, namer);
		case 'diamond':
			return diamond(group, steps, namer);
		case 'honeycomb':
			return honeycomb(group, namer);
		case 'reversible':
			return reversible(even(group), every(4 * group), wanted.lean ?? 'left');
	}
}

/** Two groups that cross the same way every so many right-side rows. */
function rope(group: number, lean: Lean, period: number, namer: Namer): Pattern {
	const crossing = namer.cross(group, group, lean);
	const at = Math.min(1, period - 1);
	return { period, row: (r) => (r === at ? [crossing] : run('k', 2 * group)) };
}

/** Three groups: the right two cross to the right, then the left two to the left. */
function plait(group: number, every: number, namer: Namer): Pattern {
	const right = namer.cross(group, group, 'right');
	const left = namer.cross(group, group, 'left');
	const at = Math.min(1, every - 1);
	const rows = (r: number): readonly Unit[] => {
		if (r === at) return [right, ...run('k', group)];
		if (r === at + every) return [...run('k', group), left];
		return run('k', 3 * group);
	};
	return { period: 2 * every, row: rows };
}

/** One cord that travels over purl ground, there and back. */
function zigzag(group: number, steps: number, namer: Namer): Pattern {
	const toLeft = namer.cross(group, 1, 'left', 'p');
	const toRight = namer.cross(group, 1, 'right', 'p');
	return {
		period: 2 * steps,
		row: (r) =>
			r < steps
				? [...run('p', r), toLeft, ...run('p', steps - r - 1)]
				: [...run('p', 2 * steps - r - 1), toRight, ...run('p', r - steps)],
	};
}

/** Two cords that cross, travel apart over purl ground, and come back. */
function diamond(group: number, steps: number, namer: Namer): Pattern {
	const middle = namer.cross(group, group, 'left');
	const toLeft = namer.cross(group, 1, 'left', 'p');
	const toRight = namer.cross(group, 1, 'right', 'p');
	const apart = (j: number, out: boolean): Unit[] => [
		...run('p', steps - j),
		out ? toRight : toLeft,
		...run('p', 2 * (j - 1)),
		out ? toLeft : toRight,
		...run('p', steps - j),
	];
	return {
		period: 2 * steps + 1,
		row: (r) => {
			if (r === 0) return [...run('p', steps), middle, ...run('p', steps)];
			return r <= steps ? apart(r, true) : apart(2 * steps + 1 - r, false);
		},
	};
}

/** Pairs of ropes that lean apart, then towards each other. */
function honeycomb(group: number, namer: Namer): Pattern {
	const right = namer.cross(group, group, 'right');
	const left = namer.cross(group, group, 'left');
	return {
		period: 4,
		row: (r) => (r === 0 ? [right, left] : r === 2 ? [left, right] : run('k', 4 * group)),
	};
}

/** Ribs that cross and look alike on both sides: every group is knit and purl in turn. */
function reversible(group: number, period: number, lean: Lean): Pattern {
	const ribs = (many: number): Unit[] => Array.from({ length: many }, (_, i) => stitch(i % 2 === 0 ? 'k' : 'p'));
	const made = ofGroups({
		sizes: Array.from({ length: 2 * group }, () => 1),
		order: Array.from({ length: 2 * group }, (_, i) => ((i + group) % (2 * group)) + 1),
		over: Array.from({ length: group }, (_, a) => a + 1).flatMap((a) =>
			Array.from({ length: group }, (_, b): [number, number] =>
				lean === 'left' ? [a, group + b + 1] : [group + b + 1, a],
			),
		),
		work: Array.from({ length: 2 * group }, (_, i): Work => (i % 2 === 0 ? 'k' : 'p')),
	});
	if (!made.ok) throw new Error(made.problems[0]!.what);
	const name = `Rib ${group} over ${group} ${lean}`.replaceAll(' ', '-');
	const half = Array.from({ length: group / 2 }, () => 'k1, p1').join(', ');
	const held = `sl ${group} sts to cn and hold in ${lean === 'left' ? 'front' : 'back'}`;
	const at = Math.min(1, period - 1);
	return {
		period,
		row: (r) => (r === at ? [{ kind: 'crossing', name, crossing: made.value }] : ribs(2 * group)),
		glossary: `${name}: ${held}, ${half}, then ${half} from cn`,
	};
}
