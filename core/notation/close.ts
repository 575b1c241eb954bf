/** Names that exist and stand near one that could not be read. */

import { distance } from 'fastest-levenshtein';
import { twoGroups, type Lean } from '../crossing/index.ts';
import type { NameParts } from './name-parts.ts';
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

const RIGHT = /^(?:Right|Back|CrossBack|TwistBack)/;
const LEFT = /^(?:Left|Front|CrossFront|TwistFront)/;
const PURL = /Purl|^Background/;
const TWIST = /Twist|LetterT/;

/** What the parts of a text say of a crossing, known parts and the letters of short ones that are not. */
interface AskedParts {
	readonly lean: Lean | undefined;
	readonly isPurled: boolean | undefined;
	readonly numbers: readonly number[];
}

function askedOf({ understood, unknown }: Parts): AskedParts {
	const known = [...understood, ...unknown.filter((p) => p.says)].map((p) => p.term);
	const letters = unknown
		.filter((p) => !p.says && p.text.length <= 4)
		.map((p) => p.text.toLowerCase())
		.join('');
	const isRight = known.some((t) => RIGHT.test(t)) || /[rb]/.test(letters);
	const isLeft = known.some((t) => LEFT.test(t)) || /[lf]/.test(letters);
	const saysPurl = known.some((t) => PURL.test(t)) || letters.includes('p');
	const mayPurl = known.some((t) => TWIST.test(t)) || letters.includes('t');
	return {
		lean: isRight === isLeft ? undefined : isRight ? 'right' : 'left',
		isPurled: saysPurl ? true : mayPurl ? undefined : false,
		numbers: understood.filter((p) => p.term === 'Count').map((p) => Number(p.text)),
	};
}

/** Whether a name keeps to what is asked: its sizes, the way it leans, and how the back group is worked. */
function keepsTo({ lean, isPurled, groups: [front, behind], c }: Offered, asked: AskedParts): boolean {
	if (asked.lean !== undefined && lean !== asked.lean) return false;
	if (asked.isPurled !== undefined && isPurled !== asked.isPurled) return false;
	const { numbers } = asked;
	if (numbers.length >= 2) return front === numbers[0] && behind === numbers[1];
	if (numbers.length === 1 && c.school === 'slash')
		return [front, behind, front + behind, Number(`${front}${behind}`)].includes(numbers[0]!);
	return numbers.length === 0 || c.name.includes(String(numbers[0]));
}

type Parts = Pick<NameParts, 'understood' | 'unknown'>;

/**
 * Up to `most` names near the text, nearest first, each of which keeps the sizes, the lean and the work that the text
 * says. Where it says no lean there is one name for each. When nothing of the text is understood, the school's own
 * examples stand in; when something is and no name keeps to it, there is none.
 */
export function closeNames(text: string, school: School, parts: Parts, most = 3): readonly CloseName[] {
	const examples = school.examples.map((name): CloseName => ({ name, school: school.id }));
	const typed = plain(text.slice(0, 40));
	if (typed === '' && parts.understood.length === 0) return examples;
	const asked = askedOf(parts);
	const own = (c: CloseName): number => (c.school === school.id ? 0 : 1);
	const scored = allNames()
		.filter((o) => keepsTo(o, asked))
		.map((offered) => {
			const { c, letters } = offered;
			const missing = asked.numbers.filter((count) => !c.name.includes(String(count))).length;
			const limit = 2 * Math.max(2, Math.ceil(letters.length / 2));
			return { ...offered, limit, score: 2 * distance(typed, letters) + 2 * missing + own(c) };
		})
		.filter(({ limit, score }) => score <= limit)
		.sort((a, b) => a.score - b.score);
	// One name may stand in two schools; the nearer one, the stated school's own first, speaks for it.
	const near = scored.filter(({ c }, i) => scored.findIndex((s) => s.c.name === c.name) === i);
	const [best] = near;
	if (!best) return parts.understood.length > 0 ? [] : examples;
	if (asked.lean !== undefined) return near.slice(0, most).map(({ c }) => c);
	const other = near.find(
		(o) => o.lean !== best.lean && o.c.school === best.c.school && o.groups.join() === best.groups.join(),
	);
	return [best, ...(other ? [other] : [])].map(({ c }) => c);
}
