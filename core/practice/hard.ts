/** What a class finds hard, from what its people have shown. Nobody is put in an order. */

import type { SkillId } from '../skill/index.ts';
import { DRILLS } from './drills.ts';
import type { PracticeSummary } from './summary.ts';

/** Fewer answers of one person say nothing yet. */
const ENOUGH = 3;
/** Somebody who has fewer right than this finds it hard. */
const RIGHT = 2 / 3;
/** More than this part of those who tried: then it is the class that finds it hard. */
const CLASS = 1 / 3;
/** One alone is no class. */
const SOME = 2;

export interface Hard {
	readonly title: string;
	readonly asked: number;
	readonly right: number;
	/** Who answered it often enough to say, and how many of them find it hard. */
	readonly people: number;
	readonly hardFor: number;
	/** Hard for more than a third of them, who are two at least. */
	readonly isHard: boolean;
}
export interface HardIn {
	/** What is hard for most first. */
	readonly kinds: readonly (Hard & { readonly kind: string; readonly skill: SkillId })[];
	readonly crossings: readonly Hard[];
}

type CountedAnswers = { readonly asked: number; readonly right: number };
function pooled(title: string, of: readonly CountedAnswers[]): Hard {
	const enough = of.filter(({ asked }) => asked >= ENOUGH);
	const hardFor = enough.filter(({ asked, right }) => right / asked < RIGHT).length;
	return {
		title,
		asked: of.reduce((sum, c) => sum + c.asked, 0),
		right: of.reduce((sum, c) => sum + c.right, 0),
		people: enough.length,
		hardFor,
		isHard: enough.length >= SOME && hardFor > enough.length * CLASS,
	};
}
const share = ({ people, hardFor }: Hard): number => (people === 0 ? 0 : hardFor / people);
const wrong = ({ asked, right }: Hard): number => 1 - right / asked;
const byHardness = (a: Hard, b: Hard): number => b.hardFor - a.hardFor || share(b) - share(a) || wrong(b) - wrong(a);

/** Linear in what was shown. */
export function hardIn(shown: readonly Pick<PracticeSummary, 'kinds' | 'crossings'>[]): HardIn {
	const names = new Set(shown.flatMap((s) => s.crossings.map((c) => c.name)));
	return {
		kinds: DRILLS.flatMap((d) => {
			const of = shown.flatMap((s) => s.kinds.filter((k) => k.kind === d.id));
			return of.length === 0 ? [] : [{ ...pooled(d.title, of), kind: d.id, skill: d.skill }];
		}).sort(byHardness),
		// Of crossings only those come along that went wrong, so they tell what to look at and no share.
		crossings: [...names]
			.map((name) =>
				pooled(
					name,
					shown.flatMap((s) => s.crossings.filter((c) => c.name === name)),
				),
			)
			.sort((a, b) => b.asked - b.right - (a.asked - a.right)),
	};
}
