/** Questions about names: which way, how many, front or back, knit or purl; in this school or another. */

import { equal, mirror, type Crossing } from '../../crossing/index.ts';
import { SCHOOLS, wordsFor, type SchoolId } from '../../notation/index.ts';
import { LEANS, SIDES } from '../answers.ts';
import type { Chance } from '../chance.ts';
import {
	asNamed,
	groupsIn,
	handsAsked,
	handsOf,
	inStrands,
	namedIn,
	patternAsked,
	readingsOf,
	someNamed,
	takenFor,
	titleOf,
	type Named,
} from '../crossings.ts';
import { drill, type Deck, type Verdict } from '../question.ts';

const inSchool = (school: SchoolId): string => `${SCHOOLS[school].title} patterns`;

/** By the school asked; what another school makes of the name is right as well, and shown. `seen`: what comes of it in the hands that are asked about. */
export function byName(
	{ name, school, crossing }: Named,
	given: string,
	answerOf: (c: Crossing) => string | undefined,
	says: (c: Crossing) => string,
	seen: (c: Crossing) => Crossing = (c) => c,
): Verdict {
	const asked = seen(crossing);
	if (answerOf(crossing) === given) return { right: true, says: says(crossing), asked };
	const other = readingsOf(name).find((r) => r.school !== school && answerOf(r.crossing) === given);
	if (other)
		return {
			right: true,
			says: `So it is in ${inSchool(other.school)}. In ${inSchool(school)}: ${says(crossing)}`,
			elsewhere: other.school,
			asked,
			given: seen(other.crossing),
		};
	const made = takenFor(crossing).find((c) => answerOf(c) === given);
	return { right: false, says: says(crossing), asked, ...(made ? { given: seen(made) } : {}) };
}
const leanOf = (c: Crossing): string | undefined => wordsFor(c).lean;

/** A name, and whose hands are asked about. */
interface NamesDrill {
	readonly named: Named;
	readonly deck: Deck;
}
const handled = (deck: Deck, by: Chance): NamesDrill | undefined => {
	const named = someNamed(deck, by);
	return named && { named, deck };
};
function handsSaid(c: Crossing, deck: Deck): string {
	const { made, fabric } = asNamed(c, deck);
	const [lean, written] = [leanOf(fabric), leanOf(c)];
	return `${handsOf(made)}; it leans ${lean}${lean === written ? '' : `, mirrored, where right hands make it lean ${written}`}.`;
}

export const leanOfName = drill<NamesDrill>({
	id: 'lean-of-name',
	title: 'Which way does it lean?',
	skill: 'lean',
	isOfHands: true,
	make: handled,
	question: ({ named: { name, school }, deck }) => ({
		asks: `${name} (${inSchool(school)})${handsAsked(deck)}: which way does it lean?`,
		options: LEANS,
	}),
	judge: ({ named, deck }, [given = '']) =>
		byName(
			named,
			given,
			(c) => leanOf(asNamed(c, deck).fabric),
			(c) => handsSaid(c, deck),
			(c) => asNamed(c, deck).fabric,
		),
});

export const holdOfName = drill<NamesDrill>({
	id: 'hold-of-name',
	title: 'In front or at the back?',
	skill: 'front-back',
	isOfHands: true,
	make: handled,
	question: ({ named: { name, school }, deck }) => ({
		asks: `${name} (${inSchool(school)})${handsAsked(deck)}: where are the first stitches held?`,
		options: SIDES,
	}),
	judge: ({ named, deck }, [given = '']) =>
		byName(
			named,
			given,
			(c) => wordsFor(asNamed(c, deck).made).hold,
			(c) => handsSaid(c, deck),
			(c) => asNamed(c, deck).fabric,
		),
});

export const countOfName = drill<NamesDrill>({
	id: 'count-of-name',
	title: 'How many on the cable needle?',
	skill: 'holder',
	isOfHands: true,
	make: handled,
	question: ({ named: { name, school, crossing }, deck }) => {
		const counts = new Set([crossing.n, groupsIn(crossing).tip.length, groupsIn(crossing).far.length]);
		for (let more = 1; counts.size < 4; more++) counts.add(more);
		return {
			asks: `${name} (${inSchool(school)})${handsAsked(deck)}: how many stitches go onto the cable needle?`,
			options: [...counts].sort((a, b) => a - b).map((n) => ({ id: String(n), label: String(n) })),
		};
	},
	judge: ({ named, deck }, [given = '']) =>
		byName(
			named,
			given,
			(c) => wordsFor(asNamed(c, deck).made).heldCount?.toString(),
			(c) => handsSaid(c, deck),
			(c) => asNamed(c, deck).fabric,
		),
});

export const workOfName = drill<Named>({
	id: 'work-of-name',
	title: 'Knit or purl behind?',
	skill: 'names',
	make: someNamed,
	question: ({ name, school }) => ({
		asks: `${name} (${inSchool(school)}): how is the group behind worked?`,
		options: [
			{ id: 'k', label: 'Knit' },
			{ id: 'p', label: 'Purled' },
		],
	}),
	judge: (about, [given = '']) =>
		byName(
			about,
			given,
			(c) => {
				const { tip, far, lean } = groupsIn(c);
				const behind = lean === 'left' ? far : tip;
				return c.work[behind[0]! - 1]!.charAt(0);
			},
			(c) => `It is ${titleOf(c)}.`,
		),
});

interface Pick {
	readonly named: Named;
	readonly deck: Deck;
	readonly among: readonly Crossing[];
}
const pick = (deck: Deck, by: Chance): Pick | undefined => {
	const named = someNamed(deck, by);
	return named && { named, deck, among: by.mixed([named.crossing, ...by.mixed(takenFor(named.crossing)).slice(0, 3)]) };
};

export const pictureOfName = drill<Pick>({
	id: 'picture-of-name',
	title: 'Which picture is it?',
	skill: 'names',
	make: pick,
	question: ({ named: { name, school }, deck, among }) => ({
		asks: `${name} (${inSchool(school)})${patternAsked(deck)}: which of these is it?`,
		options: among.map((c, i) => ({ id: String(i), label: inStrands(c, 'RS'), picture: c })),
	}),
	judge: ({ named, among }, [given = '']) => {
		const chosen = among[Number(given)];
		const says = `${named.name} is ${titleOf(named.crossing)}.`;
		if (!chosen) return { right: false, says, asked: named.crossing };
		if (equal(chosen, named.crossing)) return { right: true, says, asked: named.crossing };
		const other = readingsOf(named.name).find((r) => equal(r.crossing, chosen));
		return other
			? {
					right: true,
					says: `So it is in ${inSchool(other.school)}. In ${inSchool(named.school)}: ${says}`,
					elsewhere: other.school,
					asked: named.crossing,
					given: chosen,
				}
			: { right: false, says: `${says} This is ${titleOf(chosen)}.`, asked: named.crossing, given: chosen };
	},
});

interface PickName {
	readonly crossing: Crossing;
	readonly deck: Deck;
	readonly among: readonly Named[];
}
export const nameOfPicture = drill<PickName>({
	id: 'name-of-picture',
	title: 'Which name is it?',
	skill: 'names',
	make: (deck, by) => {
		const found = pick(deck, by);
		if (!found) return undefined;
		const { school } = found.named;
		// Names of one school only: another's would stick out.
		const among = found.among.flatMap((c) => namedIn({ ...deck, school }, c) ?? []).filter((n) => n.school === school);
		// Two crossings with one name would be no question.
		return among.length === new Set(among.map((n) => n.name)).size && among.length > 1
			? { crossing: found.named.crossing, deck, among }
			: undefined;
	},
	question: ({ crossing, deck, among }) => ({
		asks: `What is this called${patternAsked(deck)}? (${inSchool(among[0]!.school)})`,
		shows: { kind: 'fabric', crossing, side: 'RS' },
		options: among.map(({ name }, i) => ({ id: String(i), label: name })),
	}),
	judge: ({ crossing, among }, [given = '']) => {
		const chosen = among[Number(given)];
		const right = among.find((n) => equal(n.crossing, crossing))!;
		const says = `It is ${right.name}: ${titleOf(crossing)}.`;
		if (!chosen) return { right: false, says, asked: crossing };
		if (equal(chosen.crossing, crossing)) return { right: true, says, asked: crossing };
		const other = readingsOf(chosen.name).find((r) => equal(r.crossing, crossing));
		return other
			? { right: true, says: `So ${inSchool(other.school)} call it. ${says}`, elsewhere: other.school, asked: crossing }
			: {
					right: false,
					says: `${says} ${chosen.name} is ${titleOf(chosen.crossing)}.`,
					asked: crossing,
					given: chosen.crossing,
				};
	},
});

/** Two names, each in its school: do they make the same? */
interface Two {
	readonly one: Named;
	readonly two: Named;
}
export const sameOrNot = drill<Two>({
	id: 'same-or-not',
	title: 'Do both make the same?',
	skill: 'names',
	make: (deck, by) => {
		const one = someNamed(deck, by);
		if (!one) return undefined;
		const second = by.below(2) === 0 ? one.crossing : by.of(takenFor(one.crossing));
		const schools = (['slash', 'total-front-back', 'total-right-left', 'held-front-back'] as const).filter(
			(id) => id !== one.school && SCHOOLS[id].write(second) !== undefined,
		);
		if (schools.length === 0) return undefined;
		const school = by.of(schools);
		return { one, two: { name: SCHOOLS[school].write(second)!, school, crossing: second } };
	},
	question: ({ one, two }) => ({
		asks: `${one.name} (${inSchool(one.school)}) and ${two.name} (${inSchool(two.school)}): the same crossing?`,
		options: [
			{ id: 'yes', label: 'The same' },
			{ id: 'no', label: 'Not the same' },
		],
	}),
	judge: ({ one, two }, [given = '']) => {
		const same = equal(one.crossing, two.crossing);
		return {
			right: (given === 'yes') === same,
			says: same
				? `Both are ${titleOf(one.crossing)}.`
				: `${one.name} is ${titleOf(one.crossing)}; ${two.name} is ${titleOf(two.crossing)}.`,
			asked: one.crossing,
			...(same ? {} : { given: two.crossing }),
		};
	},
});

export const leftHanded = drill<Pick>({
	id: 'left-handed',
	title: 'The same steps, left-handed',
	skill: 'both-leans',
	isOfHands: true,
	make: (deck, by) => {
		const named = someNamed(deck, by);
		if (!named) return undefined;
		const others = takenFor(named.crossing).filter((c) => !equal(c, mirror(named.crossing)));
		return { named, deck, among: by.mixed([named.crossing, mirror(named.crossing), ...by.mixed(others).slice(0, 2)]) };
	},
	question: ({ named: { name }, among }) => ({
		asks: `Somebody left-handed does the steps of ${name} as they are written. What comes out?`,
		options: among.map((c, i) => ({ id: String(i), label: inStrands(c, 'RS'), picture: c })),
	}),
	judge: ({ named, among }, [given = '']) => {
		const made = mirror(named.crossing);
		const chosen = among[Number(given)];
		return {
			right: chosen !== undefined && equal(chosen, made),
			says: `The mirror image: ${titleOf(made)}.`,
			asked: made,
			...(chosen && !equal(chosen, made) ? { given: chosen } : {}),
		};
	},
});
