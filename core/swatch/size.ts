/**
 * How large a swatch comes out: its width and length as it lies, what each cord takes up and how far it is pulled, and
 * what rows and cast-on have to become for another size.
 */

import {
	castOnForWidth,
	cellOf,
	isShaped,
	middleRows,
	repeatsForLength,
	spanAcross,
	strainVerdict,
	type Gauge,
	type LiesAcross,
	type Neighbours,
	type RepeatsLong,
	type RepeatsWide,
	type StrainVerdict,
} from '../fabric/index.ts';
import { CM_PER_INCH } from '../measure/index.ts';
import { readGlossary, readRows, type RowsText } from '../notation/index.ts';
import type { Checked } from './checked.ts';
import { letterOf } from './cords.ts';
import { mainRepeat } from './repeats.ts';
import { strainsIn, type PulledBy } from './strains.ts';
import { workRows } from './work.ts';
import { type Cords, SWATCH_LIMITS, type Worked } from '../worked/index.ts';

/** Cords that cross each other, taken together. */
export interface CordsTogether {
	/** By their places among the cords. */
	readonly cords: readonly number[];
	readonly letters: string;
	/** Stitches that the strand that is pulled furthest goes sideways, and rows since it crossed before. */
	readonly travel: number;
	readonly since: number;
	/** Rows between its crossings, the fewest. */
	readonly rows: number;
	/** Width between the ground loops on either side ÷ as many plain stitches; none where no ground stands beside it. */
	readonly takeUp?: number;
	readonly strain: number;
	readonly verdict: StrainVerdict;
	/** The row of the tightest crossing, where others are easier. */
	readonly tightestIn?: number | undefined;
}

export interface SwatchSize {
	/** Of the rows in the middle; of the widest row where their stitches differ. */
	readonly widthCm: number;
	readonly lengthCm: number;
	/** Rows have more and fewer stitches, so that it has no one width. */
	readonly isShaped: boolean;
	/** What cords take off the width. */
	readonly takenCm: number;
	/** Stitches of the middle row, and rows worked. */
	readonly stitches: number;
	readonly rows: number;
	readonly together: readonly CordsTogether[];
}

/**
 * From a gauge, and from how the fabric lies (in stitch widths). A gauge of this very pattern has its cords in it, so
 * nothing is taken off. Linear in stitches.
 */
export function swatchSize(
	worked: Worked,
	cords: Cords,
	lies: LiesAcross,
	gauge: Gauge,
	pulled: PulledBy = {},
): SwatchSize {
	const { w, h } = cellOf(gauge);
	const rows = worked.rows.filter((r) => r.ok).length;
	const span = spanAcross(lies.x);
	const isUneven = isShaped(lies.x);
	const stitches = isUneven ? Math.max(...lies.x.map((row) => row.length)) : (middleRows(lies.x)[0]?.length ?? 0);
	const isWhole = gauge.of === 'pattern';
	return {
		widthCm: (isWhole ? stitches : span) * w,
		lengthCm: rows * h,
		isShaped: isUneven,
		takenCm: isWhole ? 0 : (stitches - span) * w,
		stitches,
		rows,
		together: togetherIn(worked, cords, lies, gauge, pulled),
	};
}

/** Which cords cross each other, and what each such set of them takes up. */
const togetherIn = (worked: Worked, cords: Cords, lies: LiesAcross, gauge: Gauge, pulled: PulledBy): CordsTogether[] =>
	strainsIn(worked, cords, gauge, pulled).map(({ cords: members, crossings }): CordsTogether => {
		const gaps = crossings.flatMap((c, k) =>
			k > 0 && c.row > crossings[k - 1]!.row ? [c.row - crossings[k - 1]!.row] : [],
		);
		const [worst] = [...crossings].sort((a, b) => b.strain - a.strain);
		const strain = Math.max(1, worst?.strain ?? 1);
		const takeUp = takeUpOf(members, cords, lies);
		return {
			cords: members,
			letters: members.map((m) => letterOf(m)).join(' '),
			travel: worst?.travel ?? 0,
			since: worst?.since ?? 0,
			rows: gaps.length > 0 ? Math.min(...gaps) : 0,
			...(takeUp === undefined ? {} : { takeUp }),
			strain,
			verdict: strainVerdict(strain),
			...(worst && crossings.some((c) => c.verdict !== worst.verdict) ? { tightestIn: worst.number } : {}),
		};
	});

/** How tight they are, with the row where it is so only in some: `snug`, `tight (row 9)`. */
export const strainSaid = ({ verdict, tightestIn }: Pick<CordsTogether, 'verdict' | 'tightestIn'>): string =>
	`${verdict}${tightestIn === undefined ? '' : ` (row ${tightestIn})`}`;

const hundredth = (n: number | undefined): string => (n === undefined ? '' : n.toFixed(2));

/** Sets of cords of which the same is to be said, told as one: `A B, C D`. In their order. */
export function alike(together: readonly CordsTogether[]): readonly CordsTogether[] {
	const said = new Map<string, CordsTogether>();
	for (const one of together) {
		const key = [one.rows, one.travel, one.since, hundredth(one.takeUp), hundredth(one.strain)].join(' ');
		const before = said.get(key);
		said.set(
			key,
			before
				? { ...before, cords: [...before.cords, ...one.cords], letters: `${before.letters}, ${one.letters}` }
				: one,
		);
	}
	return [...said.values()];
}

/** How often they cross, in words: `every 4 rows`. */
export const crossedSaid = ({ rows }: Pick<CordsTogether, 'rows'>): string =>
	rows === 0 ? 'once' : rows === 1 ? 'every row' : `every ${rows} rows`;

/** Between the ground loops on either side, by the stitches between them plus one; the mean over its rows. */
function takeUpOf(members: readonly number[], { strands, cordOf }: Cords, { x }: LiesAcross): number | undefined {
	let sum = 0;
	let many = 0;
	for (const [r, row] of x.entries()) {
		const labels = strands[r];
		if (!labels || labels.length !== row.length) continue;
		const cordAt = (c: number): number => cordOf[labels[c]!]!;
		let first = 0;
		while (first < row.length && !members.includes(cordAt(first))) first += 1;
		let last = row.length - 1;
		while (last >= 0 && !members.includes(cordAt(last))) last -= 1;
		if (first > last || first === 0 || last === row.length - 1) continue;
		if (cordAt(first - 1) >= 0 || cordAt(last + 1) >= 0) continue;
		sum += (row[last + 1]! - row[first - 1]!) / (last - first + 2);
		many += 1;
	}
	return many === 0 ? undefined : sum / many;
}

export interface LengthWish {
	readonly neighbours: Neighbours<RepeatsLong>;
	readonly repeatRows: number;
	/** The text with so many repeats of its rows in all. */
	readonly textWith: (repeats: number) => string;
}

/** Repeats of the text's own repeat for a length; undefined where the text repeats no rows. */
export function repeatsFor({ swatch, worked }: Checked, gauge: Gauge, lengthCm: number): LengthWish | undefined {
	const shown = mainRepeat(worked);
	if (!shown || worked.rows.some((r) => !r.ok)) return undefined;
	const { line } = shown;
	const repeatRows = line.last - line.first + 1;
	// The rows are worked once before the line that says to work them again.
	const again = line.again ?? (shown.times ?? 1) - 1;
	const other = worked.rows.length - repeatRows * (again + 1);
	if (repeatRows < 1 || other < 0) return undefined;
	return {
		neighbours: repeatsForLength({
			rowsPer10cm: gauge.rows,
			setUpRows: other,
			borderRows: 0,
			repeatRows,
			lengthCm,
		}),
		repeatRows,
		textWith: (repeats) =>
			`${swatch.text.slice(0, line.from)}Rep rows ${line.first}-${line.last} ${Math.max(0, repeats - 1)} times more${swatch.text.slice(line.to)}`,
	};
}

/** The length to which the text's own repeat is to be worked, where it says one, in centimetres. */
export function lengthToldIn({ swatch, rows }: Checked): number | undefined {
	const open = rows.repeats.find((r) => r.again === undefined);
	const [, told, unit] =
		/(\d+(?:[.,]\d+)?)\s*(cm|mm|in(?:ch(?:es)?)?\b|["″])/i.exec(open ? swatch.text.slice(open.from, open.to) : '') ??
		[];
	if (told === undefined || unit === undefined) return undefined;
	const value = Number(told.replace(',', '.'));
	return /^cm/i.test(unit) ? value : /^mm/i.test(unit) ? value / 10 : value * CM_PER_INCH;
}

/** Counts that are tried to find out by how many stitches the first rows go on. */
const MOST_TRIED = 60;

/** By how many stitches the first two rows can be widened and still come out; undefined where they cannot. */
export function multipleOf({ swatch }: Checked, glossary: string): number | undefined {
	const text = readRows(swatch.text, {
		school: swatch.school,
		among: swatch.schools,
		glossary: readGlossary(glossary),
	});
	const lines = text.rows.slice(0, 2).map((line) => ({ ...line, numbers: line.numbers.slice(0, 1) }));
	const only: RowsText = { ...text, rows: lines, repeats: [], problems: [] };
	const comesOut = (castOn: number): boolean =>
		!workRows(only, { ...swatch, castOn }).problems.some((p) => p.weight === 'error');
	if (lines.length === 0 || !comesOut(swatch.castOn)) return undefined;
	for (let more = 1; more <= MOST_TRIED && swatch.castOn + more <= SWATCH_LIMITS.stitches; more++) {
		if (comesOut(swatch.castOn + more)) return more;
	}
	return undefined;
}

/**
 * Cast-on for a width, where `multiple` stitches more or fewer come out: each multiple adds what it adds from this
 * swatch to one that is wider by it.
 */
export function castOnFor(
	size: SwatchSize,
	wider: SwatchSize,
	{ castOn, multiple, gauge, widthCm }: { castOn: number; multiple: number; gauge: Gauge; widthCm: number },
): Neighbours<RepeatsWide> {
	const { w } = cellOf(gauge);
	const adds = (wider.widthCm - size.widthCm) / w;
	const repeats = Math.floor(castOn / multiple);
	const found = castOnForWidth({
		stitchesPer10cm: gauge.stitches,
		edgeStitches: 0,
		multiple,
		// What is not repeated, in stitch widths, cords' edges and all.
		plus: size.widthCm / w - repeats * adds,
		takeUp: Math.max(0.2, adds / multiple),
		widthCm,
	});
	const told = (one: RepeatsWide): RepeatsWide => ({ ...one, castOn: castOn + (one.repeats - repeats) * multiple });
	return { ...found, below: told(found.below), above: told(found.above) };
}
