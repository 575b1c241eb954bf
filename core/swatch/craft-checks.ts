/** What the craft of a swatch asks of its rows besides what plain knitting does. */

import { craftOf, LEAST_ROWS, MOST_STRETCH, ROPE_ROWS, stretchOf } from '../craft/index.ts';
import { asTwoGroups, frontAndBehind } from '../crossing/index.ts';
import { BED_NEEDLES } from './bed-plan.ts';
import type { Cords } from './cords.ts';
import type { FabricStitch, SwatchProblem, Worked, WorkedCrossing, WorkedRow } from './fabric.ts';

/** Errors and warnings of the craft; none for plain knitting. Linear in stitches. */
export function craftChecks(worked: Worked, cords: Cords): readonly SwatchProblem[] {
	switch (worked.craft) {
		case 'hand':
			return [];
		case 'twisted':
			return [...refused(worked), ...twists(worked, cords)];
		case 'slipped':
			return [...refused(worked), ...longStitches(worked)];
		case 'brioche':
			return [...refused(worked), ...knitColumnsFirst(worked)];
		case 'double-knit':
			return refused(worked);
		case 'loom':
			return [...refused(worked), ...edges(worked)];
		case 'machine':
			return [...refused(worked), ...onTheBed(worked)];
	}
}

const at = (row: WorkedRow, c: WorkedCrossing): Pick<SwatchProblem, 'row' | 'place' | 'from' | 'to'> => ({
	row: row.number,
	place: c.at,
	from: c.from,
	to: c.to,
});

/** Crossings that the craft does not take, with its reason and what fits. */
function refused(worked: Worked): SwatchProblem[] {
	const craft = craftOf(worked.craft);
	return worked.rows.flatMap((row) =>
		row.crossings.flatMap((c): SwatchProblem[] => {
			const way = worked.craft === 'double-knit' ? worked.layers : craft.ways[0]!.id;
			const taken = craft.takes(c.asWorked, way);
			if (taken.ok) return [];
			const { what, todo } = taken.problems[0]!;
			return [{ ...at(row, c), weight: 'error', reason: 'craft', what: `${c.name}: ${what}`, todo }];
		}),
	);
}

/** Rows in which a cord, once it was crossed, is worked without a twist. */
function twists(worked: Worked, cords: Cords): SwatchProblem[] {
	const firstCrossed = worked.rows.findIndex((r) => r.crossings.length > 0);
	return worked.rows.flatMap((row, i): SwatchProblem[] => {
		if (!row.ok || firstCrossed === -1 || i <= firstCrossed) return [];
		if (worked.twist === 'right-side' && row.side === 'WS') return [];
		const plain = row.stitches.flatMap((s, column) => {
			const cord = cords.cordOf[cords.strands[i + 1]![column]!]!;
			return cord >= 0 && !s.twisted && s.face === 'k' ? [column] : [];
		});
		const [first] = plain;
		if (first === undefined) return [];
		const step = row.steps.find((t) => t.first <= first && first < t.last) ?? row.line.body;
		const back = row.side === 'RS' ? 'k1 tbl' : 'p1 tbl';
		return [
			{
				row: row.number,
				place: first,
				from: step.from,
				to: step.to,
				weight: 'warning',
				reason: 'not-twisted',
				what: `${plain.length === 1 ? 'One stitch of a cord is' : `${plain.length} stitches of cords are`} worked without a twist in row ${row.number}.`,
				todo:
					row.side === 'WS'
						? `Work them ${back}; or let the swatch twist on right-side rows only.`
						: `Work them ${back}.`,
			},
		];
	});
}

/** Long stitches that were not slipped before they cross, or for so long that they are pulled too far. */
function longStitches(worked: Worked): SwatchProblem[] {
	let ages: readonly number[] = Array.from({ length: worked.castOn }, () => 0);
	let stitches: readonly FabricStitch[] = [];
	return worked.rows.flatMap((row): SwatchProblem[] => {
		if (!row.ok) return [];
		const before = ages;
		ages = row.stitches.map((s) => (s.how === 'sl' && s.from >= 0 ? (before[s.from] ?? 0) + 1 : 0));
		const found = row.crossings.flatMap((c): SwatchProblem[] => {
			const groups = asTwoGroups(c.crossing);
			if (!groups) return [];
			const { front, behind } = frontAndBehind(groups);
			const age = Math.min(...front.map((s) => before[c.at + s - 1] ?? 0));
			const stretch = stretchOf(age, behind.length);
			const yarns = (group: readonly number[]): string => group.map((s) => stitches[c.at + s - 1]?.colour).join('');
			if (age > 0 && row.colour && new Set(yarns([...front, ...behind])).size === 1) {
				return [
					{
						...at(row, c),
						weight: 'note',
						reason: 'same-yarn',
						what: `${c.name} crosses stitches of one yarn.`,
						todo: 'It shows better over the other one: slip the long stitches while that is worked.',
					},
				];
			}
			if (age > 0 && stretch <= MOST_STRETCH) return [];
			return [
				age === 0
					? {
							...at(row, c),
							weight: 'warning',
							reason: 'not-slipped',
							what: `The stitches that ${c.name} brings to the front were not slipped in the row before.`,
							todo: 'Slip them for a row or two, yarn behind, so that they are long enough to show.',
						}
					: {
							...at(row, c),
							weight: 'warning',
							reason: 'stretched',
							what: `${c.name} pulls stitches that are ${age} rows old to ${stretch.toFixed(1)} times their length.`,
							todo: 'Slip them for fewer rows, or let them pass fewer stitches (assumed).',
						},
			];
		});
		stitches = row.stitches;
		return found;
	});
}

/** Crossings in brioche that begin on a purl column. */
function knitColumnsFirst(worked: Worked): SwatchProblem[] {
	return worked.rows.flatMap((row, i) =>
		row.crossings.flatMap((c): SwatchProblem[] => {
			const before = worked.rows[i - 1]?.stitches;
			if (!before || before[c.at]?.face === 'k') return [];
			return [
				{
					...at(row, c),
					weight: 'warning',
					reason: 'purl-column',
					what: `${c.name} begins on a purl column.`,
					todo: 'Cross so that a knit column leads each group: move it by one stitch.',
				},
			];
		}),
	);
}

/** Crossings with no stitch beyond them to be knitted off first. */
function edges(worked: Worked): SwatchProblem[] {
	if (worked.shape === 'round') return [];
	return worked.rows.flatMap((row) =>
		row.crossings.flatMap((c): SwatchProblem[] =>
			c.at > 0 && c.at + c.crossing.n < row.stitches.length
				? []
				: [
						{
							...at(row, c),
							weight: 'note',
							reason: 'no-stitch-beyond',
							what: `${c.name} stands at the edge: there is no stitch beyond it to hold the yarn.`,
							todo: 'Leave at least one peg beside it.',
						},
					],
		),
	);
}

const overlap = (a: WorkedCrossing, b: WorkedCrossing): boolean =>
	a.at < b.at + b.crossing.n && b.at < a.at + a.crossing.n;

/** Rows and needles between crossings, and the length of the bed. */
function onTheBed(worked: Worked): SwatchProblem[] {
	const found: SwatchProblem[] = [];
	if (worked.castOn > BED_NEEDLES) {
		const [row] = worked.rows;
		found.push({
			row: 0,
			from: row?.line.body.from ?? 0,
			to: row?.line.body.to ?? 0,
			weight: 'warning',
			reason: 'bed',
			what: `${worked.castOn} stitches need more needles than a usual bed has.`,
			todo: `Cast on ${BED_NEEDLES} at most (assumed), or knit it in panels.`,
		});
	}
	for (const [i, row] of worked.rows.entries()) {
		for (const [k, c] of row.crossings.entries()) {
			const next = row.crossings[k + 1];
			const between = next ? next.at - c.at - c.crossing.n : undefined;
			if (next && between! < LEAST_NEEDLES) {
				found.push({
					...at(row, next),
					weight: 'warning',
					reason: 'needles-between',
					what: `${between === 0 ? 'No needle stands' : 'Only 1 needle stands'} between two crossings in row ${row.number}.`,
					todo: 'Leave 2 to 4 needles between them, or cross them in different rows.',
				});
			}
			const last = worked.rows.slice(0, i).findLastIndex((r) => r.crossings.some((o) => overlap(o, c)));
			if (last === -1) continue;
			const isRope = worked.rows[last]!.crossings.some((o) => o.at === c.at && o.crossing.n === c.crossing.n);
			const least = isRope ? ROPE_ROWS : LEAST_ROWS;
			if (i - last >= least) continue;
			found.push({
				...at(row, c),
				weight: 'warning',
				reason: 'rest-rows',
				what: `${c.name} crosses the same needles again after ${i - last} ${i - last === 1 ? 'row' : 'rows'}.`,
				todo: `Knit at least ${least} from one to the next${isRope ? ' in a rope' : ''}, so that the loops slacken.`,
			});
		}
	}
	return found;
}

/** Needles between two crossings of a row. */
const LEAST_NEEDLES = 2;
