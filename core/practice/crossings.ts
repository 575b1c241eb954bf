/** Crossings for questions: by name, and those that are taken for them. */

import { demonstrate, HANDS_SAID, type Demonstrated, type Hands } from '../craft/index.ts';
import {
	asTwoGroups,
	canonical,
	equal,
	frontAndBehind,
	mirror,
	twoGroups,
	type Crossing,
	type TwoGroups,
} from '../crossing/index.ts';
import { memoize } from '../memoize/index.ts';
import { readName, SCHOOL_IDS, wordsFor, writtenIn, type SchoolId } from '../notation/index.ts';
import type { Chance } from './chance.ts';
import type { Deck } from './question.ts';
import { capital } from '../capital.ts';

export interface Named {
	readonly name: string;
	readonly school: SchoolId;
	readonly crossing: Crossing;
}

const writtenOnce = memoize(
	400,
	(school: SchoolId, c: Crossing) => `${school} ${canonical(c)}`,
	(school, c) => ({
		written: writtenIn(school, c),
	}),
);
/** A crossing by its name in the deck's school, or in the one that names nearly all. */
export function namedIn({ school }: Deck, crossing: Crossing): Named | undefined {
	const { written } = writtenOnce(school, crossing);
	return written && { name: written.text, school: written.school, crossing };
}

/** Crossings of two groups, which have one lean and one holder. */
export const twoGrouped = ({ crossings }: Deck): readonly Crossing[] => crossings.filter((c) => asTwoGroups(c));

export const groupsIn = (c: Crossing): TwoGroups => asTwoGroups(c)!;

/** One of the deck's; undefined where it has none of two groups. */
export function someOf(deck: Deck, by: Chance): Crossing | undefined {
	const all = twoGrouped(deck);
	return all.length === 0 ? undefined : by.of(all);
}

/** What hands make that follow a name as it is written. */
export const asNamed = (c: Crossing, { hands = 'right' }: Deck): Demonstrated => demonstrate(c, hands);

/** Whether left hands are asked about, whatever they are after. */
export const isLeft = ({ hands = 'right' }: Deck): boolean => hands !== 'right';

/** What hands make that do the moves as they stand: left ones the mirror image, whatever they are after otherwise. */
export const asItStands = (c: Crossing, deck: Deck): Demonstrated =>
	demonstrate(c, isLeft(deck) ? 'left-mirrored' : 'right');

/** What hands make that are after a look: left ones do the mirror image mirrored. */
export const forLook = (c: Crossing, deck: Deck): Demonstrated => demonstrate(c, isLeft(deck) ? 'left-same' : 'right');

/** Whose hands are asked about, where it is not right ones: `, left-handed, mirrored`. */
export const handsAsked = ({ hands = 'right' }: Deck): string => (hands === 'right' ? '' : `, ${HANDS_SAID[hands]}`);

/** Said of a name or a picture where left hands are practised with and a pattern's right hands are meant. */
export const patternAsked = (deck: Deck): string => (isLeft(deck) ? ', made right-handed' : '');

/** How these hands hold needles and yarn: left ones the other way about. */
export const heldIn = (deck: Deck): Hands =>
	isLeft(deck) ? { workedOff: 'right', yarnHand: 'left' } : { workedOff: 'left', yarnHand: 'right' };

/** One of the deck's, by name; undefined where none has one. */
export function someNamed(deck: Deck, by: Chance): Named | undefined {
	for (const crossing of by.mixed(twoGrouped(deck))) {
		const named = namedIn(deck, crossing);
		if (named) return named;
	}
	return undefined;
}

/** What a name means in each school that reads it. */
export const readingsOf = memoize(
	200,
	(name: string) => name,
	(name): readonly { readonly school: SchoolId; readonly crossing: Crossing }[] =>
		SCHOOL_IDS.flatMap((school) => {
			const read = readName(name, school);
			return read.ok ? [{ school, crossing: read.crossing }] : [];
		}),
);

/** Crossings that are easily taken for one: the other lean, the groups exchanged, one stitch more, purled or not. Each once. */
export function takenFor(c: Crossing): readonly Crossing[] {
	const groups = groupsIn(c);
	const { front, behind } = frontAndBehind(groups);
	const { lean } = groups;
	const purled = behind.every((s) => c.work[s - 1] === 'p');
	const of = (f: number, b: number, way: typeof lean, purl: boolean): Crossing =>
		twoGroups({ front: f, behind: b, lean: way, ...(purl ? { behindWork: 'p' as const } : {}) });
	const other = lean === 'left' ? 'right' : 'left';
	const [f, b] = [front.length, behind.length];
	const all = [
		mirror(c),
		of(b, f, lean, purled),
		of(f + 1, b + 1, lean, purled),
		of(f, b, lean, !purled),
		of(f + 1, b, other, purled),
		of(f, b + 1, lean, purled),
	];
	const apart: Crossing[] = [];
	for (const one of all) if (![c, ...apart].some((known) => equal(known, one))) apart.push(one);
	return apart;
}

/** A crossing strand by strand, as seen from a side: for who does not see the picture, and as hard as that. `from`: the edge of that side at which its first stitch stands. */
export function inStrands(c: Crossing, side: 'RS' | 'WS', from: 'right' | 'left' = 'right'): string {
	// From the right edge as it is seen: on the wrong side the other way about, and near is far.
	const seen = (place: number): number => (side === 'RS' ? place : c.n + 1 - place);
	const over = new Map<number, number>();
	for (const [upper, lower] of c.over) {
		over.set(upper, (over.get(upper) ?? 0) + 1);
		over.set(lower, (over.get(lower) ?? 0) - 1);
	}
	const strands = c.order.map((s, k) => {
		const near = (over.get(s) ?? 0) * (side === 'RS' ? 1 : -1);
		const lies = near > 0 ? 'nearer to you' : near < 0 ? 'further from you' : 'straight up';
		const face = c.work[s - 1]!.startsWith('p') === (side === 'RS') ? 'purl' : 'knit';
		const twisted = c.work[s - 1]!.endsWith('tbl') ? ', twisted' : '';
		return { from: seen(s), says: `from ${seen(s)} to ${seen(k + 1)}, ${lies}, ${face}${twisted}` };
	});
	return `Strands, counted from the ${from}: ${strands
		.sort((a, b) => a.from - b.from)
		.map((s) => s.says)
		.join('; ')}.`;
}

export const titleOf = (c: Crossing): string => wordsFor(c).title;

/** What hands do first, as a sentence begins: `Hold the first 2 in front`. */
export function handsOf(c: Crossing): string {
	const { hands } = wordsFor(c);
	return capital(hands);
}
