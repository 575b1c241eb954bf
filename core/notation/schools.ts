/**
 * The schools of names. One table entry is one school: what it calls itself,
 * how it reads the parts of a name, and how it writes a crossing.
 *
 * Two names can look alike and mean different crossings, so a school reads only
 * its own shape of name; `readName` decides when another may help.
 */

import { asTwoGroups, frontAndBehind, holdSide, MAX_STITCHES, twoGroups } from '../crossing/index.ts';
import type { Crossing, Lean, Work } from '../crossing/index.ts';
import { fail, ok, type Problem, type Result, type Span } from '../result.ts';
import type { NamePart } from './parts.ts';

export const SCHOOL_IDS = ['slash', 'total-front-back'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

export interface School {
	readonly id: SchoolId;
	readonly title: string;
	/** The rule of the school in one sentence. */
	readonly rule: string;
	/** Which shape of name it reads. */
	readonly shape: 'slash' | 'total';
	readonly examples: readonly string[];
	/** What each part says in this school, in the order of the text. */
	readonly gloss: (parts: readonly NamePart[]) => readonly NamePart[];
	/** Reads the parts of a whole name of the school's shape. */
	readonly read: (parts: readonly NamePart[]) => Result<Crossing>;
	/** The school's name for a crossing, or `undefined` when it has none. */
	readonly write: (c: Crossing) => string | undefined;
	/** For a name that the school cannot settle: the crossings of two groups that it may mean. */
	readonly mayMean?: (parts: readonly NamePart[]) => readonly Crossing[];
}

const has = (parts: readonly NamePart[], ...terms: readonly string[]): boolean =>
	parts.some((p) => terms.includes(p.term));

const counts = (parts: readonly NamePart[]): readonly NamePart[] => parts.filter((p) => p.term === 'Count');

function checkCount(part: NamePart, total: number): Problem | undefined {
	const at: Span = { from: part.from, to: part.to };
	if (Number(part.text) < 1) {
		return { code: 'count', what: `A group of ${part.text} stitches cannot cross.`, todo: 'Use at least 1.', at };
	}
	if (total > MAX_STITCHES) {
		return {
			code: 'count',
			what: `That is ${part.text.length > 4 ? 'far' : `${total} stitches,`} more than the ${MAX_STITCHES} that can be read.`,
			todo: `Use at most ${MAX_STITCHES} stitches in all.`,
			at,
		};
	}
	return undefined;
}

const slash: School = {
	id: 'slash',
	title: 'Slash names, by look',
	rule: 'The first number passes in front; R or L is the way it leans.',
	shape: 'slash',
	examples: ['2/2 RC', '2/1 LPC', '3 over 3 left cross'],
	gloss: (parts) => {
		const [first] = counts(parts);
		return parts.map((p) => {
			if (p.term !== 'Count') return p;
			return { ...p, says: p === first ? `${p.text} in front` : `${p.text} behind` };
		});
	},
	read: (parts) => {
		const [frontPart, behindPart] = counts(parts) as [NamePart, NamePart];
		const front = Number(frontPart.text);
		const behind = Number(behindPart.text);
		for (const part of [frontPart, behindPart]) {
			const problem = checkCount(part, front + behind);
			if (problem) return fail(problem);
		}
		const lean: Lean = has(parts, 'RightCross', 'RightPurlCross', 'Right') ? 'right' : 'left';
		const purl = has(parts, 'RightPurlCross', 'LeftPurlCross', 'Purl');
		const frontWork: Work = has(parts, 'Tbl') ? 'ktbl' : 'k';
		return ok(twoGroups({ front, behind, lean, frontWork, behindWork: purl ? 'p' : frontWork }));
	},
	write: (c) => {
		const g = groupsAndWork(c);
		if (!g) return undefined;
		const tbl = g.frontWork === 'ktbl' ? ' tbl' : '';
		return `${g.front}/${g.behind} ${g.lean === 'right' ? 'R' : 'L'}${g.behindWork === 'p' ? 'P' : ''}C${tbl}`;
	},
};

const totalOf = (parts: readonly NamePart[]): number => Number(counts(parts)[0]?.text);

/** A total name with `front` of its stitches in front. */
function totalSplit(parts: readonly NamePart[], front: number): Crossing {
	const lean: Lean = has(parts, 'Front', 'CrossFront', 'TwistFront') ? 'left' : 'right';
	const behindWork: Work = has(parts, 'LetterT', 'Twist', 'TwistFront', 'TwistBack') ? 'p' : 'k';
	return twoGroups({ front, behind: totalOf(parts) - front, lean, behindWork });
}

const totalFrontBack: School = {
	id: 'total-front-back',
	title: 'Total names, by hold',
	rule: 'The number counts all the stitches; F or B is where the first group is held.',
	shape: 'total',
	examples: ['C4F', 'T3B', 'cable 6 back'],
	gloss: (parts) => parts.map((p) => (p.term === 'Count' ? { ...p, says: `${p.text} stitches in all` } : p)),
	read: (parts) => {
		const [part] = counts(parts) as [NamePart];
		const total = Number(part.text);
		const problem = checkCount(part, total);
		if (problem) return fail(problem);
		const at: Span = { from: part.from, to: part.to };
		if (total === 1) {
			return fail({ code: 'count', what: 'One stitch has nothing to cross.', todo: 'Use at least 2.', at });
		}
		if (total % 2 === 1 && total !== 3) {
			return fail({
				code: 'needs-glossary',
				what: `${total} stitches can be split into two groups, or three, in more than one way, and the name does not say which.`,
				todo: 'Look in the pattern’s own glossary, then type it as a slash name.',
				at,
			});
		}
		// Three stitches are read 2 over 1, the house reading of C3 and T3.
		return ok(totalSplit(parts, Math.ceil(total / 2)));
	},
	mayMean: (parts) => {
		const more = Math.ceil(totalOf(parts) / 2);
		return [more, totalOf(parts) - more].map((front) => totalSplit(parts, front));
	},
	write: (c) => {
		const g = groupsAndWork(c);
		if (!g || g.frontWork !== 'k') return undefined;
		const evenOrThree = g.front === g.behind || (g.front === 2 && g.behind === 1);
		if (!evenOrThree) return undefined;
		return `${g.behindWork === 'p' ? 'T' : 'C'}${c.n}${holdSide(g.lean) === 'front' ? 'F' : 'B'}`;
	},
};

export const SCHOOLS: Readonly<Record<SchoolId, School>> = { slash, 'total-front-back': totalFrontBack };

interface GroupsAndWork {
	readonly front: number;
	readonly behind: number;
	readonly lean: Lean;
	readonly frontWork: Work;
	readonly behindWork: Work;
}

/** The counts and jobs of two groups, when each group is worked one way throughout and names exist for it. */
function groupsAndWork(c: Crossing): GroupsAndWork | undefined {
	const groups = asTwoGroups(c);
	if (!groups) return undefined;
	const { front, behind } = frontAndBehind(groups);
	const frontWork = c.work[front[0]! - 1]!;
	const behindWork = c.work[behind[0]! - 1]!;
	const even = front.every((s) => c.work[s - 1] === frontWork) && behind.every((s) => c.work[s - 1] === behindWork);
	const named = (frontWork === 'k' || frontWork === 'ktbl') && (behindWork === 'p' || behindWork === frontWork);
	if (!even || !named) return undefined;
	return { front: front.length, behind: behind.length, lean: groups.lean, frontWork, behindWork };
}

export interface SchoolName {
	readonly school: School;
	/** `undefined` when the school has no name for it. */
	readonly name: string | undefined;
}

/** What each school calls a crossing. */
export const namesFor = (c: Crossing): readonly SchoolName[] =>
	SCHOOL_IDS.map((id) => ({ school: SCHOOLS[id], name: SCHOOLS[id].write(c) }));
