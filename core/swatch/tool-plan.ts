/** A swatch as it is followed at a loom or a machine: what to set up, then row by row. */

import { craftOf } from '../craft/index.ts';
import { asTwoGroups } from '../crossing/index.ts';
import { USUAL_TENSION } from '../handling/index.ts';
import { carriageTo, needleName } from './bed-plan.ts';
import type { Worked } from './fabric.ts';
import type { PlanFor } from './row-part.ts';
import { rowParts } from './row-words.ts';

export interface ToolPlan {
	/** Before the first row, a sentence each. */
	readonly setup: readonly string[];
	/** Rows that are done alike stand together. */
	readonly rows: readonly { readonly rows: string; readonly says: string }[];
	readonly cautions: readonly string[];
}

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

function setupOf(worked: Worked, number: number): readonly string[] {
	const n = worked.castOn;
	if (worked.craft === 'loom') {
		return [
			`Use ${n} pegs${worked.shape === 'round' ? ', closed to a round' : ' of a straight rake'}, counted from the right; the knit side is towards you.`,
			'Have ready: a pick, a pin or a holder, and one spare peg marked at each crossing.',
			'Cast on, and knit one row before the first crossing.',
		];
	}
	const prongs = widest(worked);
	return [
		`Bring ${n} needles into work, ${needleName(0, n)} to ${needleName(n - 1, n)}; the purl side is towards you.`,
		`Number ${number} for this yarn in plain knitting, holding off, weight hung, counter at 0, carriage at the right.`,
		...(prongs > 0 ? [`Have ready: two transfer tools of up to ${prongs} prongs, and a latch tool.`] : []),
		'Cast on and knit a few rows before the first of these.',
	];
}

const CAUTIONS = {
	loom: ['A pick is pointed: work it away from the fingers, and rest the hands between rows.'],
	machine: [
		'Hooks, latches and prongs are sharp, and the carriage moves: keep fingers, hair and sleeves clear.',
		'What the maker’s manual says of the carriage, the weights and the numbers comes first.',
	],
} as const;

interface Told {
	readonly first: number;
	last: number;
	readonly does: readonly string[];
	/** What it has in common with rows that are done alike. */
	readonly key: string;
	readonly crosses: boolean;
	/** Its place among the rows of the swatch. */
	readonly at: number;
}

function saidOf(told: Told, rows: readonly Told[], craft: 'loom' | 'machine'): string {
	const { first, last, does, crosses } = told;
	if (craft === 'machine' && does.length === 1 && first < last) {
		return `${last - first + 1} rows with the carriage, to counter ${last}.`;
	}
	const like = crosses ? rows.find((r) => r.key === told.key) : undefined;
	if (like && like !== told) {
		return craft === 'machine'
			? `As row ${like.first}; carriage to the ${carriageTo(told.at)}, counter ${told.at + 1}.`
			: `As row ${like.first}.`;
	}
	return sentence(does, craft === 'loom' && !crosses ? ', ' : '. ');
}

/** The plan of a swatch in one of these crafts; `undefined` in any other, which is followed by its rows. */
export function toolPlan(worked: Worked, plan: PlanFor = {}): ToolPlan | undefined {
	const { craft } = worked;
	if (craft !== 'loom' && craft !== 'machine') return undefined;
	const rows: Told[] = [];
	for (const [i, row] of worked.rows.entries()) {
		if (!row.ok) continue;
		const parts = rowParts(worked, i, plan);
		// Rows at the bed differ by their side and their counter, and are else the same.
		const does = parts.map((p) => p.says);
		const key = does.join('; ').replace(/to the (left|right), counter \d+/, '');
		const crosses = row.crossings.length > 0;
		const open = rows.at(-1);
		if (open?.key === key && !crosses) open.last = row.number;
		else rows.push({ first: row.number, last: row.number, does, key, crosses, at: i });
	}
	return {
		setup: setupOf(worked, plan.number ?? USUAL_TENSION),
		rows: rows.map((told) => ({
			rows: told.first === told.last ? `Row ${told.first}` : `Rows ${told.first} to ${told.last}`,
			says: saidOf(told, rows, craft),
		})),
		cautions: CAUTIONS[craft],
	};
}

/** A row of single stitches is read on; what is done at a bed one after the other are sentences. */
const sentence = (does: readonly string[], between: string): string => {
	const upper = (says: string): string => says.charAt(0).toUpperCase() + says.slice(1);
	return `${(between === '. ' ? does.map(upper) : [upper(does[0] ?? ''), ...does.slice(1)]).join(between)}.`;
};

/** Whether a craft is followed by such a plan. */
export const hasToolPlan = (worked: Worked): boolean => !craftOf(worked.craft).isHanded;
