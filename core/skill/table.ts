/** What a learner can do: named skills, and what each stands on. */

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
	mount: ['Seeing how a stitch sits on the needle', ['slip-purlwise']],
	'count-rows': ['Counting rows', ['read-needle']],
	sides: ['Right side and wrong side', ['read-needle']],
	holder: ['Slipping stitches onto a cable needle and back', ['slip-purlwise']],
	'front-back': ['Holding in front and at the back', ['holder']],
	lean: ['Seeing which way a cable leans', ['front-back']],
	'one-over-one': ['Crossing 1 over 1', ['front-back', 'lean']],
	'two-over-two': ['Crossing 2 over 2', ['front-back', 'lean']],
	'both-leans': ['The same crossing leaning both ways', ['two-over-two']],
	names: ['Reading names of crossings', ['lean', 'front-back']],
	glossary: ['Reading a glossary sentence', ['names']],
	rows: ['Reading rows of a pattern', ['rib', 'count-rows', 'sides']],
	chart: ['Reading a chart of cables', ['rows', 'names']],
	travelling: ['A cable that travels over purl', ['front-back', 'lean', 'rib']],
	uneven: ['Crossing unequal groups', ['front-back', 'lean']],
	wide: ['Crossing 3 over 3 and 4 over 4', ['two-over-two']],
	'very-wide': ['Crossing 5 over 5 and wider', ['wide']],
	'three-groups': ['Crossing three groups', ['two-over-two']],
	'two-holders': ['Working with two cable needles', ['front-back']],
	tbl: ['Working through the back loop', ['mount']],
	'no-holder': ['Crossing without a cable needle', ['lean', 'loose']],
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
	reversible: ['Ribbed cables that look alike on both sides', ['rope', 'rib']],
	markers: ['Markers at the edges of a cable', ['count-rows']],
	'where-am-i': ['Finding the row one is in', ['count-rows', 'rope']],
	gap: ['Closing the gap beside a cable', ['purl', 'mount']],
	tight: ['Tight and loose: rows between crossings', ['rope']],
	shaping: ['Increases and decreases', ['rib']],
	round: ['Working in the round', ['knit']],
	ladder: ['Dropping down and working up a stitch', ['read-needle']],
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

/** What must be there before these can be done, without those that are brought. */
export const neededFor = (skills: readonly SkillId[], brought: ReadonlySet<SkillId>): readonly SkillId[] =>
	[...new Set(skills.flatMap((id) => SKILLS.get(id)!.needs))].filter((id) => !brought.has(id));
