/** What a swatch that can be worked may still get wrong: things to look at, with their reason. */

import { readAll, SCHOOLS, stitches, type Item } from '../notation/index.ts';
import { craftChecks } from './craft-checks.ts';
import {
	atCrossing,
	type Cords,
	type SwatchProblem,
	type Worked,
	type WorkedCrossing,
	type WorkedRow,
} from '../worked/index.ts';

/** Rows from crossing to crossing of one cord, as parts of its stitches: assumed, mid-gauge wool. */
export const USUAL_ROWS = { least: 0.5, most: 2 } as const;

/** Warnings and notes, in the order of the text. Linear in stitches. */
export function checksOf(worked: Worked, cords: Cords): readonly SwatchProblem[] {
	const found = [
		...groundChecks(worked),
		...rowChecks(worked, cords),
		...senseChecks(worked),
		...lossChecks(worked, cords),
		...craftChecks(worked, cords),
	];
	const seen = new Set<string>();
	return found
		.filter((p) => {
			// One for each place in the text, however often it is repeated.
			const key = `${p.reason} ${p.from}`;
			return !seen.has(key) && seen.add(key);
		})
		.sort((a, b) => a.from - b.from);
}

const count = (n: number, one: string, many: string): string => (n === 1 ? `one ${one}` : `${n} ${many}`);

/** A crossing that changes the face of the stitches under it. */
function groundChecks(worked: Worked): SwatchProblem[] {
	return worked.rows.flatMap((row, i) =>
		row.crossings.flatMap((c): SwatchProblem[] => {
			const before = worked.rows[i - 1]?.stitches;
			if (!before) return [];
			let purledUnder = 0;
			let knitUnder = 0;
			for (let k = 0; k < c.crossing.n; k++) {
				const now = row.stitches[c.at + k]!;
				const was = before[now.from]!.face;
				if (now.face === 'k' && was === 'p') purledUnder += 1;
				if (now.face === 'p' && was === 'k') knitUnder += 1;
			}
			if (purledUnder + knitUnder === 0) return [];
			const says = [
				...(purledUnder > 0 ? [`${count(purledUnder, 'purl stitch', 'purl stitches')} becomes knit`] : []),
				...(knitUnder > 0 ? [`${count(knitUnder, 'knit stitch', 'knit stitches')} becomes purl`] : []),
			].join(', and ');
			return [
				{
					row: row.number,
					weight: 'warning',
					reason: 'ground',
					what: `${c.name} changes the background under it: ${says}.`,
					todo: 'Some designs mean it. Otherwise the crossing is off by a stitch, or purls the wrong group.',
					place: c.at,
					from: c.from,
					to: c.to,
				},
			];
		}),
	);
}

/** Rows between crossings that share a stitch; only strands that cross each other again twist, so only there do the rows say how tight the twist is. */
function rowChecks(worked: Worked, cords: Cords): SwatchProblem[] {
	const problems: SwatchProblem[] = [];
	/** The last crossing of each strand: its row, and the strands in it. */
	const last = new Map<number, { readonly row: number; readonly all: string }>();
	for (const [i, row] of worked.rows.entries()) {
		if (!row.ok) continue;
		for (const c of row.crossings) {
			const strands = cords.strands[i + 1]!.slice(c.at, c.at + c.crossing.n).sort();
			const now = { row: i, all: strands.join() };
			let before = -1;
			let isTwist = true;
			for (const strand of strands) {
				const earlier = last.get(strand);
				before = Math.max(before, earlier?.row ?? -1);
				isTwist &&= earlier?.all === now.all;
				last.set(strand, now);
			}
			if (before < 0) continue;
			const rows = i - before;
			const { n } = c.crossing;
			const at = { row: row.number, place: c.at, from: c.from, to: c.to };
			if (rows === 1) {
				problems.push({
					...at,
					weight: 'warning',
					reason: 'neighbour-rows',
					what: `${c.name} crosses stitches that were crossed in the row before.`,
					todo: 'Leave at least one row between, or the stitches get no room.',
				});
			} else if (isTwist && n > 3 && (rows < n * USUAL_ROWS.least || rows > n * USUAL_ROWS.most)) {
				const tight = rows < n;
				problems.push({
					...at,
					weight: 'note',
					reason: 'rows-between',
					what: `${c.name} comes ${rows} rows after the crossing before it, and crosses ${n} stitches.`,
					todo: tight
						? `That makes a short, tight twist. About ${n} rows are usual (assumed for wool at average tension).`
						: `That makes a long, loose one. About ${n} rows are usual (assumed for wool at average tension).`,
				});
			}
		}
	}
	return problems;
}

/** Whether the stitches of its line count out by themselves: nothing in it goes on to the end, a marker or the last few. */
function isCounted(items: readonly Item[]): boolean {
	return items.every((item) => {
		if (item.kind === 'group') return isCounted(item.items);
		return !('until' in item) || item.until.kind === 'times';
	});
}

/**
 * Names that schools read differently, once for all of them, and only where the rows do not settle it: a row that counts
 * out works with one width of its crossing alone.
 */
function senseChecks(worked: Worked): SwatchProblem[] {
	const open = new Map<string, { readonly row: WorkedRow; readonly c: WorkedCrossing; readonly elsewhere: string }>();
	const settled = new Set<string>();
	for (const row of worked.rows)
		for (const c of row.crossings) {
			if (c.by === 'glossary' || settled.has(c.name)) continue;
			const others = isCounted(row.line.items) ? [] : readAll(c.name).readings.filter((r) => r.school !== c.by);
			if (others.length === 0) {
				settled.add(c.name);
				open.delete(c.name);
			} else if (!open.has(c.name)) {
				const elsewhere = others.map(
					(r) => `${stitches(r.crossing.n)} where patterns write ${SCHOOLS[r.school].title}`,
				);
				open.set(c.name, { row, c, elsewhere: elsewhere.join(', ') });
			}
		}
	const [first] = open.values();
	if (!first) return [];
	const names = [...open].map(
		([name, { c, elsewhere }]) => `${name} crosses ${stitches(c.crossing.n)} here, ${elsewhere}`,
	);
	return [
		{
			...atCrossing(first.row, first.c),
			weight: 'note',
			reason: 'two-senses',
			what: `${names.join('; ')}. The rows work out either way.`,
			todo: 'Look at your pattern’s list of abbreviations, and choose them under “Names as”.',
		},
	];
}

/** Cords that lose a stitch to a decrease. */
function lossChecks(worked: Worked, cords: Cords): SwatchProblem[] {
	const problems: SwatchProblem[] = [];
	for (const [i, row] of worked.rows.entries()) {
		if (!row.ok) continue;
		for (const [column, s] of row.stitches.entries()) {
			if (!s.also) continue;
			const under = [s.from, ...s.also].map((f) => cords.cordOf[cords.strands[i]![f]!]!);
			const lost = under.find((cord) => cord >= 0);
			if (lost === undefined) continue;
			const step = row.steps.find((t) => t.first <= column && column < t.last);
			problems.push({
				row: row.number,
				weight: 'warning',
				reason: 'cord-loses',
				what: `Strand ${cords.cords[lost]!.letter} loses a stitch in row ${row.number}.`,
				todo: 'Meant at the end of a cable; elsewhere decrease in the background beside it.',
				place: column,
				from: step?.from ?? row.line.body.from,
				to: step?.to ?? row.line.body.to,
			});
		}
	}
	return problems;
}
