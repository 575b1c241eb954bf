/** A swatch on the bed: rows by the carriage, loops by their needles. */

import { asTwoGroups } from '../../crossing/index.ts';
import { USUAL_TENSION } from '../../handling/index.ts';
import { sentence } from '../on-tool.ts';
import type { InSwatch } from '../in-swatch.ts';
import { BED_NEEDLES, bedNeedleName, bedRow, carriageTo } from './bed-plan.ts';
import { LEAST_ROWS, ROPE_ROWS } from './plan.ts';
import { atCrossing, type SwatchProblem, type Worked, type WorkedCrossing } from '../../worked/index.ts';

/** The widest group that is lifted at once. */
const widest = (worked: Worked): number =>
	Math.max(
		0,
		...worked.rows.flatMap((r) =>
			r.crossings.flatMap((c) => {
				const groups = asTwoGroups(c.crossing);
				return groups ? [groups.tip.length, groups.far.length] : [];
			}),
		),
	);

export const machineRows: InSwatch = {
	settings: [],
	checks: onTheBed,
	row: (worked, i, { number }) => bedRow(worked, i, number),
	onTool: {
		title: 'At the machine',
		setup: (worked, { number = USUAL_TENSION }) => {
			const n = worked.castOn;
			const prongs = widest(worked);
			return [
				`Bring ${n} needles into work, ${bedNeedleName(0, n)} to ${bedNeedleName(n - 1, n)}; the purl side is towards you.`,
				`Number ${number} for this yarn in plain knitting, holding off, weight hung, counter at 0, carriage at the right.`,
				...(prongs > 0 ? [`Have ready: two transfer tools of up to ${prongs} prongs, and a latch tool.`] : []),
				'Cast on and knit a few rows before the first of these.',
			];
		},
		says: ({ first, last, does, at }, like) => {
			if (does.length === 1 && first < last) return `${last - first + 1} rows with the carriage, to counter ${last}.`;
			return like
				? `As row ${like.first}; carriage to the ${carriageTo(at)}, counter ${at + 1}.`
				: sentence(does, '. ');
		},
		cautions: [
			'Hooks, latches and prongs are sharp, and the carriage moves: keep fingers, hair and sleeves clear.',
			'Follow the maker’s manual for the carriage, the weights and the numbers first.',
		],
	},
};

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
					...atCrossing(row, next),
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
				...atCrossing(row, c),
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
