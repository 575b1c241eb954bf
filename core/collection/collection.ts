/** Every everyday crossing, made by the engine: what a teacher leafs through. */

import { atOnce, type Pieces } from '../pieces/index.ts';
import { difficulty } from '../craft/index.ts';
import { CENTRES, threeGroups, twoGroups, type Crossing, type Lean, type Work } from '../crossing/index.ts';
import type { StrainVerdict } from '../fabric/index.ts';
import { namesFor, SCHOOLS, wordsFor } from '../notation/index.ts';
import { naturally } from '../natural.ts';

/** How the stitches are worked: all knit, what passes under purled, the cord twisted, or both. */
export const MAKES = ['knit', 'purled', 'twisted', 'twisted-purled'] as const;
export type Make = (typeof MAKES)[number];

/** The order in which a class comes to them. */
export const GRADES = [
	'one over one',
	'two over two',
	'travelling',
	'uneven',
	'three and four',
	'wide',
	'three groups',
	'twisted',
] as const;
export type Grade = (typeof GRADES)[number];

export interface Entry {
	/** Its slash name, which tells entries apart. */
	readonly id: string;
	readonly crossing: Crossing;
	readonly title: string;
	/** What the schools call it, each name once. */
	readonly names: readonly string[];
	readonly groups: 2 | 3;
	readonly lean: Lean;
	readonly make: Make;
	readonly grade: Grade;
	/** How tight it sits in smooth wool, where nothing is known of the rows below. */
	readonly verdict: StrainVerdict;
}

/** The widest group of two, and of three. */
export const COLLECTION_LIMITS = { two: 6, three: 3 } as const;

const WORKS: Readonly<Record<Make, readonly [upper: Work, under: Work]>> = {
	knit: ['k', 'k'],
	purled: ['k', 'p'],
	twisted: ['ktbl', 'ktbl'],
	'twisted-purled': ['ktbl', 'p'],
};

const upTo = (most: number): number[] => Array.from({ length: most }, (_, i) => i + 1);

function gradeOf(sizes: readonly number[], make: Make): Grade {
	if (make === 'twisted' || make === 'twisted-purled') return 'twisted';
	if (sizes.length > 2) return 'three groups';
	const widest = Math.max(...sizes);
	if (widest > 4) return 'wide';
	if (make === 'purled') return 'travelling';
	if (widest === 1) return 'one over one';
	if (sizes[0] !== sizes[1]) return 'uneven';
	return widest === 2 ? 'two over two' : 'three and four';
}

/** What is not sorted by is made when it is asked for: a page shows a few of hundreds. */
function entry(crossing: Crossing, sizes: readonly number[], lean: Lean, make: Make): Entry {
	let id: string | undefined;
	let title: string | undefined;
	let names: readonly string[] | undefined;
	let verdict: Entry['verdict'] | undefined;
	return {
		get id() {
			return (id ??= SCHOOLS.slash.write(crossing)!);
		},
		crossing,
		get title() {
			return (title ??= wordsFor(crossing).title);
		},
		get names() {
			return (names ??= [...new Set(namesFor(crossing).flatMap(({ name }) => name ?? []))]);
		},
		groups: sizes.length === 3 ? 3 : 2,
		lean,
		make,
		grade: gradeOf(sizes, make),
		get verdict() {
			return (verdict ??= difficulty(crossing).verdict);
		},
	};
}

let made: readonly Entry[] | undefined;

/**
 * All of two groups to 6 over 6 and of three to 3/3/3, each lean, purled and twisted, the narrower ones
 * first. Made once and kept.
 */
export const collection = (): readonly Entry[] => atOnce(collecting());

/** The same in pieces. */
export function* collecting(): Pieces<readonly Entry[]> {
	if (made) return made;
	const entries: Entry[] = [];
	for (const make of MAKES) {
		const [upper, under] = WORKS[make];
		for (const lean of ['left', 'right'] as const) {
			for (const front of upTo(COLLECTION_LIMITS.two)) {
				for (const behind of upTo(COLLECTION_LIMITS.two)) {
					const c = twoGroups({ front, behind, lean, frontWork: upper, behindWork: under });
					entries.push(entry(c, [front, behind], lean, make));
				}
				yield;
			}
			for (const tip of upTo(COLLECTION_LIMITS.three)) {
				for (const centre of upTo(COLLECTION_LIMITS.three)) {
					for (const far of upTo(COLLECTION_LIMITS.three)) {
						for (const lies of CENTRES) {
							const c = threeGroups({ sizes: [tip, centre, far], lean, lies, outerWork: upper, centreWork: under });
							if (c.ok) entries.push(entry(c.value, [tip, centre, far], lean, make));
						}
					}
				}
				yield;
			}
		}
	}
	made = entries.sort(
		(a, b) => GRADES.indexOf(a.grade) - GRADES.indexOf(b.grade) || a.crossing.n - b.crossing.n || naturally(a.id, b.id),
	);
	return made;
}
