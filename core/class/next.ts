/** What a next evening could be about, each with its reason. Nothing is done unasked. */

import { craftOf } from '../craft/index.ts';
import { isSkillAt, SKILLS, type SkillId } from '../skill/index.ts';
import type { HardIn } from '../practice/index.ts';
import type { Class } from './class.ts';
import type { GoalLearnt, LearntShown } from './learnt.ts';

export interface Proposal {
	readonly kind: 'again' | 'spaced' | 'new' | 'ahead';
	readonly skill: SkillId;
	readonly title: string;
	/** A whole sentence. */
	readonly because: string;
	/** For these only; for all when left out. */
	readonly people?: readonly string[];
}

/** More than this part of those seen could not do it alone: it comes again. */
const AGAIN = 1 / 3;
/** Evenings after which what went well is seen once more, the first time; twice as many each time after that. */
const SPACED = 2;
/** A skill that others stand on is there when so many of those seen can do it alone. */
const THERE = 2 / 3;
const MOST = { again: 4, practice: 2, spaced: 2, new: 2 };

const seenAt = ({ people }: GoalLearnt): number => people.size;
const share = (goal: GoalLearnt): number => (seenAt(goal) === 0 ? 0 : 1 - goal.counts.alone / seenAt(goal));
const isSkill = (id: string): id is SkillId => SKILLS.has(id as SkillId);

/** Linear in goals times what stands on them. */
export function nextFor(
	{ people }: Pick<Class, 'people'>,
	{ goals, evenings }: Pick<LearntShown, 'goals'> & { readonly evenings: readonly unknown[] },
	practice: HardIn['kinds'] = [],
): readonly Proposal[] {
	const names = new Map(people.map((p) => [p.id, p.name]));
	const last = evenings.length - 1;
	const known = goals.filter((g): g is GoalLearnt & { id: SkillId } => isSkill(g.id));
	const proposals: Proposal[] = [];

	const again = known.filter((g) => share(g) > AGAIN).sort((a, b) => share(b) - share(a));
	for (const goal of again.slice(0, MOST.again)) {
		const notAlone = seenAt(goal) - goal.counts.alone;
		proposals.push({
			kind: 'again',
			skill: goal.id,
			title: goal.title,
			because: `${notAlone} of the ${seenAt(goal)} seen couldn’t do it on their own yet.`,
		});
	}
	const hard = practice.filter(
		({ isHard, skill }, i) =>
			isHard &&
			!again.slice(0, MOST.again).some((g) => g.id === skill) &&
			practice.findIndex((h) => h.skill === skill) === i,
	);
	for (const { skill, title, hardFor, people: shown } of hard.slice(0, MOST.practice)) {
		proposals.push({
			kind: 'again',
			skill,
			title: SKILLS.get(skill)!.title,
			because: `In practice “${title}” is hard for ${hardFor} of the ${shown} who showed enough of it.`,
		});
	}
	const proposed = new Set<string>(proposals.map((p) => p.skill));
	const spaced = known
		.filter((g) => !again.includes(g) && !proposed.has(g.id) && last - g.on.at(-1)! >= SPACED * 2 ** (g.on.length - 1))
		.sort((a, b) => a.on.at(-1)! - b.on.at(-1)!);
	for (const goal of spaced.slice(0, MOST.spaced)) {
		const since = last - goal.on.at(-1)!;
		proposals.push({
			kind: 'spaced',
			skill: goal.id,
			title: goal.title,
			because: `It went well ${since} sessions ago, and once more keeps it.`,
		});
	}
	const come = people.filter((p) => !p.left);
	// Of a class of which few were seen at it nothing is known.
	const there = new Map(
		known
			.filter((g) => 1 - share(g) >= THERE && 2 * seenAt(g) >= come.length)
			.map((g) => [g.id, `${g.counts.alone} of ${seenAt(g)} seen`] as const),
	);
	const canDo = (id: SkillId, person: (typeof come)[number]): boolean =>
		isSkillAt(id, person.at, craftOf(person.at).isHanded);
	const taught = new Set(known.map((g) => g.id));
	const ready = [...SKILLS.values()].filter(
		({ id, needs }) =>
			!taught.has(id) &&
			!proposed.has(id) &&
			come.some((p) => canDo(id, p)) &&
			needs.some((n) => there.has(n)) &&
			needs.every((n) => there.has(n) || !taught.has(n)),
	);
	for (const { id, title, needs } of ready.slice(0, MOST.new)) {
		const stands = needs.flatMap((n) =>
			there.has(n) ? [`${SKILLS.get(n)!.title.toLowerCase()} (${there.get(n)})`] : [],
		);
		const able = come.filter((p) => canDo(id, p));
		proposals.push({
			kind: 'new',
			skill: id,
			title,
			because: `It builds on what went well: ${stands.join(', ')}.`,
			...(able.length < come.length ? { people: able.map((p) => p.id) } : {}),
		});
	}
	const ahead = people.filter((p) => {
		const own = known.flatMap((g) => g.people.get(p.id) ?? []);
		return !p.left && own.length >= 3 && own.every((o) => o.last === 'alone');
	});
	// Something that the others are not given as well.
	const more = ready.find(({ id }) => !proposals.some((p) => p.skill === id) && ahead.every((p) => canDo(id, p)));
	if (ahead.length > 0 && ahead.length <= people.length / 2 && more) {
		proposals.push({
			kind: 'ahead',
			skill: more.id,
			title: more.title,
			because: `${list(ahead.map((p) => names.get(p.id)!))} ${ahead.length === 1 ? 'does' : 'do'} all of it on their own, and could try this.`,
			people: ahead.map((p) => p.id),
		});
	}
	return proposals;
}

const list = (words: readonly string[]): string =>
	words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
