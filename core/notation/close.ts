/** Names that exist and stand near one that could not be read. */

import { distance } from 'fastest-levenshtein';
import { twoGroups, type Lean } from '../crossing/index.ts';
import type { NamePart } from './parts.ts';
import { SCHOOLS, SCHOOL_IDS, type School, type SchoolId } from './schools.ts';

export interface CloseName {
	readonly name: string;
	readonly school: SchoolId;
}

/** The widest group offered: wider ones are rare enough to be typed in full. */
const WIDEST_OFFERED = 6;

const plain = (text: string): string => text.toLowerCase().replaceAll(/[^a-z0-9]+/g, '');

/** A name that can be offered, and what is left of it without signs and case: that is what is held against the text. */
interface Offered {
	readonly c: CloseName;
	readonly letters: string;
	readonly lean: Lean;
	readonly isPurled: boolean;
	/** Its groups, the front one first. */
	readonly groups: readonly [number, number];
}

let everyName: readonly Offered[] | undefined;

/** Every name that the schools write for two groups up to 6 over 6, once for each school. */
function allNames(): readonly Offered[] {
	if (everyName) return everyName;
	const found = new Map<string, Omit<Offered, 'letters'>>();
	for (let front = 1; front <= WIDEST_OFFERED; front++) {
		for (let behind = 1; behind <= WIDEST_OFFERED; behind++) {
			for (const lean of ['right', 'left'] as const) {
				for (const behindWork of ['k', 'p'] as const) {
					const made = twoGroups({ front, behind, lean, behindWork });
					for (const school of SCHOOL_IDS) {
						const name = SCHOOLS[school].write(made);
						if (name) {
							const c = { name, school };
							found.set(`${school} ${name}`, { c, lean, isPurled: behindWork === 'p', groups: [front, behind] });
						}
					}
				}
			}
		}
	}
	everyName = [...found.values()].map((o) => ({ ...o, letters: plain(o.c.name) }));
	return everyName;
}

const RIGHT = /^(?:Right|Back)/;
const LEFT = /^(?:Left|Front)/;

/** Whether a name keeps to what was understood of another: its sizes, the way it leans, and its purl. */
function keepsTo({ lean, isPurled, groups: [front, behind], c }: Offered, understood: readonly NamePart[]): boolean {
	const terms = understood.map((p) => p.term);
	const [isRight, isLeft] = [terms.some((t) => RIGHT.test(t)), terms.some((t) => LEFT.test(t))];
	if (isRight !== isLeft && (lean === 'right') !== isRight) return false;
	if (terms.some((t) => t.includes('Purl')) && !isPurled) return false;
	const numbers = understood.filter((p) => p.term === 'Count').map((p) => Number(p.text));
	if (numbers.length >= 2) return front === numbers[0] && behind === numbers[1];
	if (numbers.length === 1 && c.school === 'slash') return [front, behind, front + behind].includes(numbers[0]!);
	return numbers.length === 0 || c.name.includes(String(numbers[0]));
}

/**
 * Up to `most` names near the text, nearest first. Understood counts weigh most:
 * whoever typed "2/2 XC" surely means two over two. When nothing is near, the
 * school's own examples stand in.
 */
export function closeNames(
	text: string,
	school: School,
	understood: readonly NamePart[],
	most = 4,
): readonly CloseName[] {
	const examples = school.examples.map((name): CloseName => ({ name, school: school.id }));
	const typed = plain(text.slice(0, 40));
	if (typed === '' && understood.length === 0) return examples;
	const numbers = understood.filter((p) => p.term === 'Count').map((p) => p.text);
	const own = (c: CloseName): number => (c.school === school.id ? 0 : 1);
	const scored = allNames()
		.filter((o) => keepsTo(o, understood))
		.map(({ c, letters }) => {
			const missing = numbers.filter((count) => !c.name.includes(count)).length;
			const most = 2 * Math.max(2, Math.ceil(letters.length / 2));
			return { c, most, score: 2 * distance(typed, letters) + 2 * missing + own(c) };
		})
		.filter(({ most, score }) => score <= most)
		.sort((a, b) => a.score - b.score);
	// One name may stand in two schools; the nearer one, the stated school's own first, speaks for it.
	const near = scored.filter(({ c }, i) => scored.findIndex((s) => s.c.name === c.name) === i);
	if (near.length > 0) return near.slice(0, most).map(({ c }) => c);
	return examples;
}
