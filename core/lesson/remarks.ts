/** What a lesson may have overlooked: each remark with its reason and, where one is at hand, an offer to mend it. */

import { craftId, craftOf, difficulty, placeName, PLAIN_CRAFT, waysFor, type CraftId } from '../craft/index.ts';
import { holdersOf } from '../made/index.ts';
import { asTwoGroups, equal, mirror, twoGroups, type Crossing } from '../crossing/index.ts';
import { STRAIN_VERDICTS } from '../fabric/index.ts';
import { readAll, SCHOOLS, stitches, wordsFor } from '../notation/index.ts';
import { noteOf } from '../schema/index.ts';
import { broughtBy, SKILLS, withNeeds, type SkillId } from '../skill/index.ts';
import {
	askedBy,
	craftsOf,
	compareStep,
	crossingStep,
	isFor,
	kindOf,
	taughtBy,
	type CompareStep,
	type CrossingStep,
	type Step,
} from '../step/index.ts';
import { checked } from '../swatch/index.ts';
import { changeStep, insertAfter, insertBefore } from './edit.ts';
import { placesOf } from './room.ts';
import type { Lesson } from './schema.ts';
import { minutesOf, timeline } from './timing.ts';

export interface Remark {
	/** Stays the same while the reason does, so that it can be dismissed. */
	readonly key: string;
	/** The step that it is about; none when it is about the whole. */
	readonly step?: string;
	readonly says: string;
	readonly because: string;
	/** The heavier, the sooner it is to be looked at. */
	readonly weight: number;
	/** What the class may be able to do already. */
	readonly skill?: SkillId;
	readonly fix?: { readonly title: string; readonly apply: (lesson: Lesson, id: string) => Lesson };
}

/** Minutes of knitting after which hands rest: assumed, between 20 and 30. */
const HANDS_REST_AFTER = 30;

/** How heavily each weighs: what cannot be given, what hurts, what is missing, what would be good. */
const WEIGHTS = { broken: 8, time: 7, rest: 6, missing: 5, orders: 4, rises: 3, senses: 2, lean: 1 } as const;

/**
 * The remarks on a lesson that were not dismissed, the weightiest first, then in the order of its steps; `glossary`: the
 * teacher's own names, by which rows may be written.
 */
export function remarksOn(lesson: Lesson, glossary: string): readonly Remark[] {
	const found = [
		...notTaught(lesson, glossary),
		...risesFast(lesson),
		...twoSenses(lesson),
		...oneWayRound(lesson, glossary),
		...twoOrders(lesson),
		...noRest(lesson, glossary),
		...doesNotWork(lesson, glossary),
		...forNobody(lesson),
		...unsaidPicture(lesson),
		...tooLong(lesson, glossary),
	];
	const place = new Map(lesson.steps.map((s, i) => [s.id, i]));
	const dismissed = new Set(lesson.plan.dismissed);
	return found
		.filter((r) => !dismissed.has(r.key))
		.sort((a, b) => b.weight - a.weight || (place.get(a.step ?? '') ?? 1e6) - (place.get(b.step ?? '') ?? 1e6));
}

const number = (lesson: Lesson, step: Step): number => lesson.steps.indexOf(step) + 1;

/** A crossing that teaches a skill, as simply as can be. */
const EXAMPLES: Partial<Record<SkillId, Crossing>> = {
	'one-over-one': twoGroups({ front: 1, behind: 1, lean: 'left' }),
	'two-over-two': twoGroups({ front: 2, behind: 2, lean: 'left' }),
	wide: twoGroups({ front: 3, behind: 3, lean: 'left' }),
	travelling: twoGroups({ front: 2, behind: 1, lean: 'left', behindWork: 'p' }),
};

/** A crossing shown the usual way of a craft that makes it. */
export const shownStep = (id: string, crossing: Crossing, craft: CraftId = PLAIN_CRAFT): CrossingStep =>
	crossingStep(id, {
		asked: { text: SCHOOLS.slash.write(crossing)!, school: 'slash' },
		crossing,
		craft,
		way: waysFor(craftOf(craft), crossing)[0]!.id,
	});

/** What a step shows, put beside another. */
const comparedAs = (
	of: CompareStep['of'],
	id: string,
	{ asked, crossing, craft, way }: CrossingStep | CompareStep,
): CompareStep => compareStep(id, { asked, crossing, craft, way, of });

/** The craft that a step is worked in, so that what is put before it is worked in the same. */
const craftFor = (step: Step, glossary: string): CraftId =>
	craftId(craftOf(craftsOf(step, glossary)[0] ?? PLAIN_CRAFT));
const isMadeIn = (craft: CraftId, c: Crossing): boolean => waysFor(craftOf(craft), c).length > 0;

function notTaught(lesson: Lesson, glossary: string): Remark[] {
	const known = new Set<SkillId>([...broughtBy(lesson.plan.level), ...(lesson.plan.known ?? []).flatMap(withNeeds)]);
	return lesson.steps.flatMap((step): Remark[] => {
		const missing = askedBy(step, glossary).filter((s) => !known.has(s));
		// Who can do what stands on something can do that too.
		for (const s of taughtBy(step, glossary).flatMap(withNeeds)) known.add(s);
		return missing.map((skill) => {
			const craft = craftFor(step, glossary);
			const example = EXAMPLES[skill] && isMadeIn(craft, EXAMPLES[skill]) ? EXAMPLES[skill] : undefined;
			const { title } = SKILLS.get(skill)!;
			// Said once: what was marked is taken as known from here on.
			known.add(skill);
			return {
				key: `not-taught ${skill}`,
				weight: WEIGHTS.missing,
				skill,
				step: step.id,
				says: `Step ${number(lesson, step)} needs something not taught yet: ${title.toLowerCase()}.`,
				because: example ? `${wordsFor(example).title} would teach it.` : 'Add a step that teaches it before this one.',
				...(example
					? {
							fix: {
								title: `Show ${SCHOOLS.slash.write(example)} first`,
								apply: (now: Lesson, id: string) => insertBefore(now, step.id, shownStep(id, example, craft)),
							},
						}
					: skill === 'both-leans' && isMadeIn(craft, EXAMPLES['two-over-two']!)
						? {
								fix: {
									title: 'Compare both leans first',
									apply: (now: Lesson, id: string) =>
										insertBefore(
											now,
											step.id,
											comparedAs('leans', id, shownStep(id, EXAMPLES['two-over-two']!, craft)),
										),
								},
							}
						: {}),
			};
		});
	});
}

/** How hard a crossing is as it is made in a step, as a place among the verdicts: how tight it sits, and what hands do on top. */
function hardness({ craft: id, crossing, way }: CrossingStep): number {
	const craft = craftOf(id);
	const { verdict, hands } = difficulty(crossing, craft.isHanded ? { holders: holdersOf(craft, crossing, way) } : {});
	return Math.min(STRAIN_VERDICTS.length - 1, STRAIN_VERDICTS.indexOf(verdict) + Math.round(hands.steps));
}

/** Difficulty that rises by two verdicts at once. */
function risesFast(lesson: Lesson): Remark[] {
	let before: { readonly verdict: number; readonly n: number } | undefined;
	return lesson.steps.flatMap((step): Remark[] => {
		if (step.kind !== 'crossing') return [];
		const now = hardness(step);
		const last = before;
		before = { verdict: now, n: step.crossing.n };
		// Hardly wider than the one before: nothing would fit between.
		if (!last || now - last.verdict < 2 || step.crossing.n - last.n <= 2) return [];
		const groups = asTwoGroups(step.crossing);
		// One stitch narrower in each group; what is still too steep then is remarked on in its turn.
		const narrower = Math.max(2, Math.ceil(step.crossing.n / 2) - 1);
		const between = groups ? twoGroups({ front: narrower, behind: narrower, lean: groups.lean }) : undefined;
		const offered = between && between.n < step.crossing.n && isMadeIn(step.craft, between) ? between : undefined;
		return [
			{
				key: `rises ${step.id}`,
				weight: WEIGHTS.rises,
				step: step.id,
				says: `Step ${number(lesson, step)} is ${STRAIN_VERDICTS[now]} right after one that is ${STRAIN_VERDICTS[last.verdict]}.`,
				because: 'Nervous beginners knit tightly, and that makes a tight crossing harder.',
				...(offered
					? {
							fix: {
								title: `Show ${SCHOOLS.slash.write(offered)} in between`,
								apply: (l: Lesson, id: string) => insertBefore(l, step.id, shownStep(id, offered, step.craft)),
							},
						}
					: {}),
			},
		];
	});
}

/** What a craft keeps to all through a project, done otherwise in two steps, where nothing compares the two. */
function twoOrders(lesson: Lesson): Remark[] {
	const shown = lesson.steps.filter((s) => s.kind === 'crossing');
	return [...new Set(shown.map((s) => s.craft))].flatMap((craft): Remark[] => {
		const { keepsTo } = craftOf(craft);
		const [first, ...rest] = shown.filter((s) => s.craft === craft);
		const other = keepsTo && first && rest.find((s) => keepsTo(s.way) !== keepsTo(first.way));
		if (!other || lesson.steps.some((s) => s.kind === 'compare' && s.craft === craft && s.of === 'ways')) return [];
		return [
			{
				key: `two-orders ${other.id}`,
				weight: WEIGHTS.orders,
				step: other.id,
				says: `Step ${number(lesson, other)} ${keepsTo(other.way)}, and step ${number(lesson, first)} ${keepsTo(first.way)}.`,
				because: 'With two methods in one lesson, people mix up which group is on top.',
				fix: {
					title: 'Do them all as the first',
					apply: (now: Lesson) => ({
						...now,
						steps: now.steps.map((s) =>
							s.kind === 'crossing' && s.craft === craft && keepsTo(s.way) !== keepsTo(first.way)
								? { ...s, way: first.way }
								: s,
						),
					}),
				},
			},
		];
	});
}

/** A name that schools read differently, with nothing in the lesson that tells so; said of the first one, for all. */
function twoSenses(lesson: Lesson): Remark[] {
	if (lesson.steps.some((s) => s.kind === 'compare' && s.of === 'readings')) return [];
	return lesson.steps
		.flatMap((step): Remark[] => {
			if (step.kind !== 'crossing') return [];
			const others = readAll(step.asked.text).readings.filter((r) => !equal(r.crossing, step.crossing));
			const slash = SCHOOLS.slash.write(step.crossing);
			if (others.length === 0) return [];
			return [
				{
					key: `senses ${step.asked.text}`,
					weight: WEIGHTS.senses,
					step: step.id,
					says: `“${step.asked.text}” can mean two things: ${stitches(step.crossing.n)} here, ${stitches(others[0]!.crossing.n)} in patterns with ${SCHOOLS[others[0]!.school].title}.`,
					because: 'Somebody in the room has a pattern that means the other one.',
					fix: {
						title: slash ? 'Add a step: both meanings' : 'Compare both meanings',
						apply: (l, id) => insertAfter(l, step.id, comparedAs('readings', id, step)),
					},
				},
			];
		})
		.slice(0, 1);
}

/** A crossing that is only shown leaning one way. */
function oneWayRound(lesson: Lesson, glossary: string): Remark[] {
	const shown = lesson.steps.flatMap((s) => (s.kind === 'crossing' || s.kind === 'compare' ? [s] : []));
	const both = (c: Crossing): boolean =>
		shown.some(
			(s) => equal(s.crossing, mirror(c)) || (s.kind === 'compare' && s.of === 'leans' && equal(s.crossing, c)),
		);
	const first = shown.find((s) => s.kind === 'crossing' && asTwoGroups(s.crossing) && !both(s.crossing));
	// Said of the first one only: once is enough to see that there are two.
	if (!first || shown.some((s) => s.kind === 'compare' && s.of === 'leans')) return [];
	// A rope leans one way from its beginning to its end, and is meant to.
	if (lesson.steps.some((s) => isRopeOf(s, first.crossing, glossary))) return [];
	if (shown.some((s) => s !== first && s.kind === 'crossing' && both(s.crossing))) return [];
	return [
		{
			key: `one-way ${first.asked.text}`,
			weight: WEIGHTS.lean,
			step: first.id,
			says: `${first.asked.text} is shown leaning ${asTwoGroups(first.crossing)!.lean} only.`,
			because: 'Side by side, left and right leans are easier to tell apart.',
			fix: {
				title: 'Compare both leans behind it',
				apply: (l, id) => insertAfter(l, first.id, comparedAs('leans', id, first)),
			},
		},
	];
}

/** Whether a step is a swatch with this crossing again and again, and none that leans the other way. */
function isRopeOf(step: Step, c: Crossing, glossary: string): boolean {
	const swatch = kindOf(step).swatch?.(step);
	const crossings = swatch ? checked(swatch, glossary).worked.rows.flatMap((row) => row.crossings) : [];
	const has = (one: Crossing): boolean => crossings.some((x) => equal(x.crossing, one));
	return has(c) && !has(mirror(c));
}

/** A picture that is not said in words. */
const unsaidPicture = (lesson: Lesson): Remark[] =>
	lesson.steps
		.filter((step) => step.kind === 'picture' && step.picture && step.alt.trim() === '')
		.map((step) => ({
			key: `alt ${step.id}`,
			weight: WEIGHTS.missing,
			step: step.id,
			says: `The picture in step ${number(lesson, step)} has no description.`,
			because: 'A blind learner, or somebody with a poor copy, needs it.',
		}));

/** A step for people of whom there are none. */
function forNobody(lesson: Lesson): Remark[] {
	const places = placesOf(lesson.plan);
	return lesson.steps.flatMap((step): Remark[] =>
		!step.only || places.some((place) => isFor(step, place))
			? []
			: [
					{
						key: `nobody ${step.id}`,
						weight: WEIGHTS.broken,
						step: step.id,
						says: `Step ${number(lesson, step)} is for those ${step.only.map(placeName).join(' and ')}, and nobody in the room is.`,
						because: 'Count them under “Who’s coming”, or make the step for everybody.',
						fix: {
							title: 'Make it for everybody',
							apply: (now: Lesson) => changeStep(now, step.id, step.kind, { only: undefined }),
						},
					},
				],
	);
}

/** Reckoned for each place in the room, as steps for others rest the hands; said once. */
const noRest = (lesson: Lesson, glossary: string): readonly Remark[] => [
	...new Map(
		placesOf(lesson.plan).flatMap((place) => noRestAt(lesson, place, glossary).map((r) => [r.key, r])),
	).values(),
];

function noRestAt(lesson: Lesson, place: CraftId, glossary: string): Remark[] {
	const remarks: Remark[] = [];
	let since = 0;
	for (const step of lesson.steps.filter((s) => isFor(s, place))) {
		const { hands } = kindOf(step);
		if (hands === 'rest') since = 0;
		if (hands !== 'work') continue;
		const own = minutesOf(step, lesson.plan, glossary);
		const alone = since === 0;
		since += own;
		if (since <= HANDS_REST_AFTER) continue;
		const because =
			'Hands and neck rest every 20 to 30 minutes (assumed); pain or numbness that lasts is for a clinician.';
		if (alone) {
			const says = `Step ${number(lesson, step)} keeps the hands at work for ${Math.round(own)} minutes.`;
			remarks.push({
				key: `long ${step.id}`,
				weight: WEIGHTS.rest,
				step: step.id,
				says,
				because: `Stop in the middle of it. ${because}`,
			});
		} else {
			remarks.push({
				key: `rest ${step.id}`,
				weight: WEIGHTS.rest,
				step: step.id,
				says: `Hands work for ${Math.round(since)} minutes without a rest by the end of step ${number(lesson, step)}.`,
				because,
				fix: {
					title: 'Put a rest before it',
					apply: (l, id) => insertBefore(l, step.id, { id, kind: 'rest', note: noteOf('') }),
				},
			});
		}
		since = 0;
	}
	return remarks;
}

function doesNotWork(lesson: Lesson, glossary: string): Remark[] {
	return lesson.steps.flatMap((step): Remark[] => {
		const swatch = kindOf(step).swatch?.(step);
		const wrong = swatch && checked(swatch, glossary).worked.problems.find((p) => p.weight === 'error');
		if (!wrong) return [];
		return [
			{
				key: `swatch ${step.id}`,
				weight: WEIGHTS.broken,
				step: step.id,
				says: `The swatch of step ${number(lesson, step)} does not work out: ${wrong.what}`,
				because: wrong.todo,
			},
		];
	});
}

function tooLong(lesson: Lesson, glossary: string): Remark[] {
	const { total, over } = timeline(lesson.steps, lesson.plan, glossary);
	if (over === undefined) return [];
	const step = lesson.steps[over]!;
	return [
		{
			key: 'too-long',
			weight: WEIGHTS.time,
			step: step.id,
			says: `It takes about ${Math.round(total)} minutes, and the class has ${lesson.plan.minutes}: step ${over + 1} is not over by then.`,
			because:
				'Estimated from stitches, crossings, way and level; set a step’s own minutes where you know better, or move steps to the next session.',
		},
	];
}
