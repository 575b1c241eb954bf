import { kept } from '../kept/index.ts';
/** What a learner can do: named skills, what each stands on, and which of them a step teaches or asks for. */

import { craftOf, type CraftId } from '../craft/index.ts';
import { asTwoGroups, type Crossing } from '../crossing/index.ts';
import { readGlossary, readRows } from '../notation/index.ts';
import type { Level, Step, SwatchStep, Swatch } from '../schema/index.ts';
import { workRows, type Worked } from '../swatch/index.ts';

export interface Skill {
	readonly id: SkillId;
	readonly title: string;
	/** What must be there first. */
	readonly needs: readonly SkillId[];
}

const TABLE = {
	'cast-on': ['Casting on', []],
	knit: ['Knit', ['cast-on']],
	purl: ['Purl', ['knit']],
	'read-needle': ['Telling knit from purl on the needle', ['knit', 'purl']],
	rib: ['Ribs: changing between knit and purl', ['read-needle']],
	'slip-purlwise': ['Slipping purlwise', ['read-needle']],
	mount: ['Seeing how a stitch is mounted', ['slip-purlwise']],
	'count-rows': ['Counting rows', ['read-needle']],
	sides: ['Right side and wrong side', ['read-needle']],
	holder: ['Slipping stitches onto a holder and back', ['slip-purlwise']],
	'front-back': ['Holding in front and at the back', ['holder']],
	lean: ['Seeing which way a cord leans', ['front-back']],
	'one-over-one': ['Crossing 1 over 1', ['front-back', 'lean']],
	'two-over-two': ['Crossing 2 over 2', ['one-over-one']],
	'both-leans': ['The same crossing leaning both ways', ['two-over-two']],
	names: ['Reading names of crossings', ['lean', 'front-back']],
	glossary: ['Reading a glossary sentence', ['names']],
	rows: ['Reading rows of a pattern', ['rib', 'count-rows', 'sides']],
	chart: ['Reading a chart of cords', ['rows', 'names']],
	travelling: ['A cord that travels over purl', ['two-over-two', 'rib']],
	uneven: ['Crossing unequal groups', ['two-over-two']],
	wide: ['Crossing 3 over 3 and 4 over 4', ['two-over-two', 'both-leans']],
	'very-wide': ['Crossing 5 over 5 and wider', ['wide']],
	'three-groups': ['Crossing three groups', ['wide']],
	'two-holders': ['Working with two holders', ['front-back', 'two-over-two']],
	tbl: ['Working through the back loop', ['mount']],
	'no-holder': ['Crossing without a holder', ['two-over-two', 'loose']],
	long: ['Slipping stitches over rows, so that they grow long', ['slip-purlwise']],
	units: ['Brioche: a stitch and its yarn-over as one', ['rib', 'slip-purlwise']],
	layers: ['Double-knitting: a facing and a back stitch in turn', ['rib']],
	pegs: ['Knitting off loops on the pegs of a loom', ['knit']],
	bed: ['Moving loops on a machine’s bed with transfer tools', ['knit']],
	loose: ['Letting stitches hang loose without fear', ['mount']],
	rope: ['A rope: one crossing again and again', ['two-over-two', 'count-rows']],
	plait: ['A plait: left and right in turn', ['rope', 'both-leans']],
	honeycomb: ['Honeycomb', ['rope', 'both-leans']],
	diamond: ['Diamonds', ['travelling', 'both-leans']],
	reversible: ['Ribbed cords that look alike on both sides', ['rope', 'rib']],
	markers: ['Markers at the edges of a cord', ['count-rows']],
	'where-am-i': ['Finding the row one is in', ['count-rows', 'rope']],
	gap: ['Closing the gap beside a cord', ['purl', 'mount']],
	tight: ['Tight and loose: rows between crossings', ['rope']],
	shaping: ['Increases and decreases', ['rib']],
	round: ['Working in the round', ['knit']],
	ladder: ['Laddering down and latching up', ['read-needle']],
	mend: ['Mending a crossing that leans wrong', ['ladder', 'lean']],
	finish: ['Binding off, washing and pinning', ['knit']],
} as const satisfies Record<string, readonly [string, readonly string[]]>;

export type SkillId = keyof typeof TABLE;

export const SKILLS: ReadonlyMap<SkillId, Skill> = new Map(
	(Object.entries(TABLE) as [SkillId, readonly [string, readonly SkillId[]]][]).map(([id, [title, needs]]) => [
		id,
		{ id, title, needs },
	]),
);

/** What everybody brings who comes to a class on crossings. */
export const BROUGHT: readonly SkillId[] = [
	'cast-on',
	'knit',
	'purl',
	'read-needle',
	'rib',
	'slip-purlwise',
	'count-rows',
	'sides',
	'round',
];

const IMPROVERS: readonly SkillId[] = [
	'holder',
	'front-back',
	'lean',
	'one-over-one',
	'two-over-two',
	'rope',
	'both-leans',
];
const PRACTISED: readonly SkillId[] = [
	...IMPROVERS,
	'travelling',
	'uneven',
	'wide',
	'names',
	'rows',
	'chart',
	'where-am-i',
];

/** What those of a level bring: assumed. */
export const broughtBy = (level: Level): readonly SkillId[] => [
	...BROUGHT,
	...{ beginner: [], improver: IMPROVERS, practised: PRACTISED }[level],
];

/** A skill with everything that it stands on, deepest first. */
export function withNeeds(id: SkillId): readonly SkillId[] {
	const found = new Set<SkillId>();
	const visit = (skill: SkillId): void => {
		for (const need of SKILLS.get(skill)!.needs) visit(need);
		found.add(skill);
	};
	visit(id);
	return [...found];
}

/** The skill that a crossing is an example of. */
export function skillOf(c: Crossing): SkillId {
	const groups = asTwoGroups(c);
	if (!groups) return 'three-groups';
	const widest = Math.max(groups.tip.length, groups.far.length);
	if (c.work.some((w) => w.endsWith('tbl'))) return 'tbl';
	if (c.work.some((w) => w === 'p') && c.work.some((w) => w === 'k')) return 'travelling';
	if (widest === 1) return 'one-over-one';
	if (groups.tip.length !== groups.far.length) return 'uneven';
	if (widest === 2) return 'two-over-two';
	return widest <= 4 ? 'wide' : 'very-wide';
}

/** What a craft takes besides its crossings. */
const CRAFT_SKILLS: Readonly<Record<CraftId, readonly SkillId[]>> = {
	hand: [],
	twisted: ['tbl'],
	slipped: ['long'],
	brioche: ['units'],
	'double-knit': ['layers'],
	loom: ['pegs'],
	machine: ['bed'],
};

const NO_HOLDER = new Set(['pinch', 'slip-swap', 'drop-front', 'second-first']);

/** Whether a way goes without a holder, which takes learning, and its own time. */
export const isWithoutHolder = (way: string): boolean => NO_HOLDER.has(way);

/** Skills that a step shows, so that later ones may stand on them. */
export function taughtBy(step: Step): readonly SkillId[] {
	switch (step.kind) {
		case 'crossing': {
			// Nothing is slipped to a holder where loops hang on pegs or on a bed.
			const byHand: SkillId[] = craftOf(step.craft).isHanded ? ['holder', 'front-back'] : [];
			const own: SkillId[] = [...byHand, 'lean', skillOf(step.crossing), ...CRAFT_SKILLS[step.craft]];
			if (isWithoutHolder(step.way)) own.push('loose', 'no-holder');
			if (step.way === 'two-holders') own.push('two-holders');
			if (step.view?.mistake) own.push('mount', 'ladder', 'mend');
			return own;
		}
		case 'compare': {
			const own: SkillId[] = ['front-back', 'lean', skillOf(step.crossing)];
			return [
				...own,
				...{ leans: ['both-leans'], ways: ['loose'], readings: ['names', 'glossary'], tightness: ['tight'] }[step.of],
			] as SkillId[];
		}
		case 'swatch':
			return ['rows', 'markers', ...swatchSkills(step)];
		case 'check':
			return step.checks.flatMap(
				(c): SkillId[] =>
					({
						count: ['count-rows' as const],
						lean: ['lean' as const],
						mount: ['mount' as const],
						gap: ['gap' as const],
					})[c],
			);
		case 'finish':
			return ['finish'];
		default:
			return [];
	}
}

/** Skills that a step cannot do without, those that it teaches itself left out. */
export function askedBy(step: Step): readonly SkillId[] {
	const taught = new Set(taughtBy(step));
	const main: readonly SkillId[] =
		step.kind === 'crossing' || step.kind === 'compare'
			? [
					skillOf(step.crossing),
					...CRAFT_SKILLS[step.craft],
					...(step.kind === 'crossing' && isWithoutHolder(step.way) && step.crossing.n > 2
						? ['no-holder' as const]
						: []),
				]
			: step.kind === 'swatch'
				? swatchSkills(step)
				: [];
	const craft = step.kind === 'swatch' ? workedOf(step).craft : 'craft' in step ? step.craft : 'hand';
	const brought = craftOf(craft).isHanded ? taught : new Set<SkillId>([...taught, 'holder', 'front-back']);
	return [...new Set(main.flatMap((id) => SKILLS.get(id)!.needs))].filter((id) => !brought.has(id));
}

const workedBy = kept(
	60,
	(swatch: Swatch) => JSON.stringify(swatch),
	(swatch): Worked => workRows(readRows(swatch.text, { school: swatch.school, glossary: readGlossary('') }), swatch),
);

/** The rows of a swatch step, worked once for each content. */
export const workedOf = ({ swatch }: SwatchStep): Worked => workedBy(swatch);

function swatchSkills(step: SwatchStep): readonly SkillId[] {
	const worked = workedOf(step);
	const crossings = worked.rows.flatMap((r) => r.crossings.map((c) => c.crossing));
	const skills = new Set<SkillId>(CRAFT_SKILLS[worked.craft]);
	// Columns of brioche are knit and purl by themselves: that is no ground that a cord travels over.
	for (const c of crossings) {
		skills.add(skillOf(worked.craft === 'brioche' ? { ...c, work: c.work.map(() => 'k' as const) } : c));
	}
	if (crossings.length > 1) skills.add('rope');
	if (worked.rows.some((r) => r.stitches.some((s) => s.also || s.from < 0))) skills.add('shaping');
	return [...skills];
}
