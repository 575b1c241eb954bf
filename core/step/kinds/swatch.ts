import { z } from 'zod';
import type { Block, Line, RowShown } from '../../block/index.ts';
import { craftOf } from '../../craft/index.ts';
import { drawChart, drawLie, glanceAt } from '../../drawing/index.ts';
import { cellOf } from '../../fabric/index.ts';
import type { Language } from '../../language/index.ts';
import { stitches } from '../../notation/index.ts';
import { SwatchSchema, type Swatch } from '../../schema/index.ts';
import { skillOf, type SkillId } from '../../skill/index.ts';
import {
	alike,
	assumedOf,
	checked,
	cordsOf,
	curedIn,
	cureSaid,
	isLongSwatch,
	isWorkedAt,
	loopsIn,
	markerPlaces,
	materialOf,
	SIZED_STATE,
	rowsInLanguage,
	sizedIn,
	sizeSaid,
	strainSaid,
	strainsIn,
	swatchAt,
	swatchShown,
	toolPlan,
	type SwatchShown,
	type Worked,
} from '../../swatch/index.ts';
import { Noted } from '../any.ts';
import { kind, type StepAudience } from '../kind.ts';
import { half } from '../pace.ts';

const SwatchStepSchema = z.object({
	...Noted,
	/** Rows to knit at the needles: the swatch as it stood when it was put in. */
	kind: z.literal('swatch'),
	swatch: SwatchSchema,
	/** The swatch that it was taken from. */
	from: z.uuid().optional(),
});
export type SwatchStep = z.infer<typeof SwatchStepSchema>;

/** The rows of a swatch step, worked once for each content. */
const workedOf = ({ swatch }: Pick<SwatchStep, 'swatch'>, glossary: string): Worked => checked(swatch, glossary).worked;

function skillsIn(worked: Worked): readonly SkillId[] {
	const { teaches, hasOwnColumns } = craftOf(worked.craft);
	const crossings = worked.rows.flatMap((r) => r.crossings.map((c) => c.crossing));
	const skills = new Set<SkillId>(teaches);
	for (const c of crossings) skills.add(skillOf(hasOwnColumns ? { ...c, work: c.work.map(() => 'k') } : c));
	if (crossings.length > 1) skills.add('rope');
	if (worked.rows.some((r) => r.stitches.some((s) => s.also || s.from < 0))) skills.add('shaping');
	return [...skills];
}

const lines = (text: string): readonly RowShown[] =>
	text.split('\n').flatMap((line): RowShown[] => {
		if (line.trim() === '') return [];
		const remark = /^\s*#\s*(.*)$/.exec(line);
		return [remark ? { text: remark[1]!, isRemark: true } : { text: line }];
	});

/** Loops up to which it is drawn as it will lie; of larger ones the size is said alone. */
const MOST_LAIN = 2500;

/** As it will lie, with its size, and what its cords take up and how far they are pulled. */
function lainBlock(
	swatch: Swatch,
	shown: Pick<SwatchShown, 'worked' | 'cords' | 'mirrored'>,
	{ units, sides }: StepAudience['style'],
	size: string,
): Block | undefined {
	if (loopsIn(shown.worked) > MOST_LAIN || shown.worked.rows.length === 0) return undefined;
	const { worked, cords, lies, gauge, pulled, size: reckoned } = sizedIn(shown, swatch.size, SIZED_STATE);
	const assumed = assumedOf(worked);
	return {
		kind: 'picture',
		large: true,
		names: 0,
		facts: [
			['Size', size],
			...(assumed.length > 0 ? [['Assumed', assumed.join(' ')] satisfies Line] : []),
			...alike(reckoned.together).map(({ letters, strain, verdict, tightestIn, takeUp }): Line => [
				`Strand ${letters}`,
				`${strainSaid({ verdict, tightestIn })}, strain ${strain.toFixed(2)}${takeUp === undefined || gauge.of === 'pattern' ? '' : `, takes up ${Math.max(0, Math.round((1 - takeUp) * 100))} %`}`,
			]),
		],
		draw: ({ light }) =>
			drawLie(worked, cords, lies, {
				light,
				side: 'RS',
				cell: cellOf(gauge),
				unit: units,
				strains: strainsIn(worked, cords, gauge, pulled).flatMap((s) => s.crossings),
				mirrored: shown.mirrored,
				label: `${swatch.title}, as a knitted preview, seen from the ${sides.right}.`,
			}),
		paper: true,
	};
}

/** The rows once more in another language, or why they are not. */
function rowsBeside({ worked, mirrored }: SwatchShown, language: Language): readonly Block[] {
	const rows = rowsInLanguage(worked, { language, mirrored });
	const heading: Block = { kind: 'heading', text: `Rows in ${language.title}`, paper: true };
	if (!rows.ok) return [heading, { kind: 'text', tone: 'quiet', text: rows.problems[0]!.what, paper: true }];
	const lines = rows.value.split('\n').map((text): RowShown => ({ text }));
	return [heading, { kind: 'rows', rows: lines, counter: [], paper: true }];
}

/** A swatch as blocks: its chart, its rows to tick, what is done at a tool, and its legend. */
export function swatchBlocks(swatch: Swatch, { style, school, beside }: StepAudience): readonly Block[] {
	const shown = swatchShown(swatch, style, school);
	const { worked, cords, mirrored } = shown;
	const cure: readonly RowShown[] =
		craftOf(worked.craft).hasSentence && curedIn(worked, cords, style).length > 0
			? [{ text: cureSaid(style, style.sides), isRemark: true }]
			: [];
	const size = sizeSaid(swatch, style.units, style.glossary);
	const lain = size === undefined ? undefined : lainBlock(swatch, shown, style, size);
	const blocks: Block[] = [
		{
			kind: 'text',
			text: `${mirrored ? 'Left-handed: ' : ''}${mirrored ? 'cast' : 'Cast'} on ${stitches(worked.castOn)}, worked ${worked.shape === 'flat' ? 'flat' : 'in the round'}; ${worked.rows.length} ${worked.rows.length === 1 ? 'row' : 'rows'}.`,
			paper: true,
		},
		...(size === undefined || lain ? [] : [{ kind: 'text', text: size, paper: true } as const satisfies Block]),
		{
			kind: 'chart',
			title: swatch.title,
			swatch,
			shown,
			chart: ({ light }) => drawChart(worked, { light, cords, numbers: true, mirrored }),
		},
		...(lain ? [lain] : []),
		{ kind: 'rows', rows: [...cure, ...lines(shown.text)], counter: worked.rows.map((r) => r.number), paper: true },
	];
	if (beside) blocks.push(...rowsBeside(shown, beside));
	// What its craft cannot make, each once: the rest of the rows goes on.
	const refused = shown.checked.problems.filter((p) => p.reason === 'craft');
	for (const text of new Set(refused.map(({ what, todo }) => `${what} ${todo}`)))
		blocks.push({ kind: 'text', tone: 'strong', text, paper: true });
	const plan = toolPlan(worked, { number: style.bedNumber });
	if (plan) {
		blocks.push(
			{ kind: 'heading', text: plan.title, paper: true },
			{ kind: 'list', items: plan.setup, ticks: false, paper: true },
			{
				kind: 'rows',
				rows: plan.rows.map(({ rows, says }) => ({ label: rows, text: says })),
				counter: [],
				paper: true,
			},
			...plan.cautions.map((text): Block => ({ kind: 'caution', text, paper: true })),
		);
	}
	const legend = shown.legend.map((e) => [e.name, e.says] as const);
	if (legend.length > 0) blocks.push({ kind: 'table', lines: legend, names: true, paper: true });
	return blocks;
}

export const swatch = kind<SwatchStep>({
	kind: 'swatch',
	title: 'Swatch',
	schema: SwatchStepSchema,
	asks: 'What to say, what to watch for',
	titleOf: (step) => step.swatch.title,
	minutes: (step, pace, glossary) => {
		const worked = workedOf(step, glossary);
		const crossings = worked.rows.reduce((sum, r) => sum + r.crossings.length, 0);
		const all = worked.castOn + worked.rows.reduce((sum, r) => sum + r.stitches.length, 0);
		return half(all / pace.stitches + (crossings * pace.crossing) / 60);
	},
	hands: 'work',
	teaches: (step, glossary) => ['rows', 'markers', ...skillsIn(workedOf(step, glossary))],
	practises: (step, glossary) => skillsIn(workedOf(step, glossary)),
	swatch: (step) => step.swatch,
	kit: (step, glossary) => {
		const worked = workedOf(step, glossary);
		const isHanded = craftOf(worked.craft).isHanded;
		return {
			loops: loopsIn(worked),
			material: materialOf(step.swatch.size),
			crafts: [{ craft: worked.craft, columns: worked.castOn }],
			holders: isHanded && worked.rows.some((r) => r.crossings.length > 0) ? 1 : 0,
			yarns: worked.rows.some((r) => r.colour === 'B') ? 2 : 1,
			markers: markerPlaces(worked, cordsOf(worked)).length,
			things: () => [{ what: 'Locking marker', each: 1, because: 'for the last crossing' }],
		};
	},
	doneAt: (step, place, style) =>
		isWorkedAt(step.swatch, place) ? { ...step, swatch: swatchAt(step.swatch, place, style.glossary) } : undefined,
	isLong: (step) => isLongSwatch(step.swatch),
	glance: (step, { style }) => {
		const worked = workedOf(step, style.glossary);
		return [
			...(worked.rows.length > 0
				? [
						{
							kind: 'picture',
							facts: [],
							names: 0,
							draw: ({ light }) => glanceAt(worked, light)!,
						} as const satisfies Block,
					]
				: []),
			{
				kind: 'text',
				tone: 'quiet',
				text: `A swatch: ${stitches(worked.castOn)}, ${worked.shape === 'flat' ? 'flat' : 'in the round'}, ${worked.rows.length} rows`,
			},
		];
	},
	body: (step, shown) => swatchBlocks(step.swatch, shown),
});
