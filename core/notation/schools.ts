/**
 * The schools of names. One table entry is one school: what it calls itself,
 * how it reads the parts of a name, and how it writes a crossing.
 *
 * Two names can look alike and mean different crossings, so a school reads only
 * its own shape of name; `readName` and `readAll` decide when others may help.
 */

import {
	asThreeGroups,
	asTwoGroups,
	frontAndBehind,
	holdSide,
	MAX_STITCHES,
	mirror,
	threeGroups,
	twoGroups,
	type Centre,
	type Crossing,
	type Lean,
	type Work,
} from '../crossing/index.ts';
import { fail, ok, type Problem, type Result, type Span } from '../result.ts';
import type { NamePart, NameShape } from './name-parts.ts';

export const SCHOOL_IDS = ['slash', 'total-front-back', 'total-right-left', 'held-front-back', 'twist'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** One thing that a name may mean. */
export interface Meaning {
	readonly crossing: Crossing;
	/** What sets it apart from the other meanings of the same name; empty when it is the only one. */
	readonly differs: string;
}

export interface School {
	readonly id: SchoolId;
	/** Two of its names, by which people know it. */
	readonly title: string;
	/** What tells it from another that writes alike. */
	readonly note?: string;
	/** The rule of the school in one sentence. */
	readonly rule: string;
	/** What its names tell: which way the fabric leans, or what the hands do. In left hands they part. */
	readonly by: 'look' | 'hold';
	/** Which shape of name it reads. */
	readonly shape: NameShape;
	readonly examples: readonly string[];
	/** What each part says in this school, in the order of the text. */
	readonly gloss: (parts: readonly NamePart[]) => readonly NamePart[];
	/** Reads the parts of a whole name of the school's shape: one meaning, or all that the name leaves open, the usual one first. */
	readonly read: (parts: readonly NamePart[]) => Result<readonly Meaning[]>;
	/** The school's name for a crossing, or `undefined` when it has none. Read by the school, it means exactly that crossing. */
	readonly write: (c: Crossing) => string | undefined;
	/** For a name that the school cannot settle: the crossings that it may mean. */
	readonly mayMean?: (parts: readonly NamePart[]) => readonly Meaning[];
	/** What the same name means in houses that deviate from the school's rule. */
	readonly elsewhere?: (parts: readonly NamePart[]) => readonly Meaning[];
}

const has = (parts: readonly NamePart[], ...terms: readonly string[]): boolean =>
	parts.some((p) => terms.includes(p.term));

const counts = (parts: readonly NamePart[]): readonly NamePart[] => parts.filter((p) => p.term === 'Count');

const only = (crossing: Crossing): readonly Meaning[] => [{ crossing, differs: '' }];

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

const leanOf = (parts: readonly NamePart[]): Lean =>
	has(parts, 'RightCross', 'RightPurlCross', 'Right', 'RightTwist', 'RightPurlTwist', 'BackCross', 'Back')
		? 'right'
		: 'left';

/** Whether a name says that what lies below is purled. */
const saysPurl = (parts: readonly NamePart[]): boolean =>
	has(parts, 'RightPurlCross', 'LeftPurlCross', 'RightPurlTwist', 'LeftPurlTwist', 'Purl', 'FrontPurl', 'BackPurl');

/** Words of one stitch over one, which say nothing of more. */
const saysTwist = (parts: readonly NamePart[]): boolean =>
	has(parts, 'Twist', 'RightTwist', 'LeftTwist', 'RightPurlTwist', 'LeftPurlTwist');

/** A number in brackets at the end says how many stitches there are in all. */
function sizeAtEnd(parts: readonly NamePart[]): NamePart | undefined {
	const at = parts.findLastIndex((p) => p.term === 'Stitch');
	const before = parts[at - 1];
	return before?.term === 'Count' && parts.slice(0, at - 1).some((p) => p.term === 'Count') ? before : undefined;
}

const SAYS_CENTRE: Readonly<Record<Centre, string>> = {
	between: 'the centre lies between the outer groups',
	behind: 'the centre lies behind both outer groups',
};

const THREE_PLACES = ['in front', 'in the centre', 'on the other side'] as const;

/** What `k2/p1` says of its groups: whether the back one is purled; in words what is wrong with it. */
function groupWorks(parts: readonly NamePart[]): { readonly purl?: boolean } | string {
	const said = parts.flatMap((p, i) => {
		const before = parts[i - 1]?.term;
		return p.term === 'Count' ? [before === 'Knit' || before === 'Purl' ? before : undefined] : [];
	});
	if (said[0] === 'Purl') return 'No name says that the front group is purled.';
	const behind = said[1];
	if (behind === undefined) return {};
	const isPurl = parts.some((p) => p.term === 'RightPurlCross' || p.term === 'LeftPurlCross');
	if (behind === 'Knit' && isPurl) return 'It says that the back group is knit, and that it is purled.';
	return { purl: behind === 'Purl' };
}

const slash: School = {
	id: 'slash',
	by: 'look',
	title: '2/2 LC / 2/2 RC',
	rule: 'The first number passes in front; R or L is the way it leans.',
	shape: 'slash',
	examples: ['2/2 RC', '2/1 LPC', '3 over 3 left cross'],
	gloss: (parts) => {
		const inAll = sizeAtEnd(parts);
		const numbers = counts(parts).filter((p) => p !== inAll);
		const three = numbers.length === 3;
		return parts.map((p) => {
			if (p === inAll) return { ...p, says: `${p.text} stitches in all` };
			if (p.term === 'Twist') return { ...p, says: 'one stitch over one' };
			if (p.term === 'RightPurlCross' || p.term === 'LeftPurlCross' || p.term === 'Purl') {
				return three ? { ...p, says: p.says!.replace('the back group', 'the centre') } : p;
			}
			if (p.term !== 'Count') return p;
			if (three) return { ...p, says: `${p.text} ${THREE_PLACES[numbers.indexOf(p)]!}` };
			return { ...p, says: p === numbers[0] ? `${p.text} in front` : `${p.text} behind` };
		});
	},
	read: (parts) => {
		const inAll = sizeAtEnd(parts);
		const numbers = counts(parts).filter((p) => p !== inAll);
		const total = numbers.reduce((sum, p) => sum + Number(p.text), 0);
		for (const part of numbers) {
			const problem = checkCount(part, total);
			if (problem) return fail(problem);
		}
		const lean = leanOf(parts);
		const works = groupWorks(parts);
		if (typeof works === 'string') return fail({ code: 'work', what: works, todo: 'Write it as a sentence.' });
		const purl = works.purl ?? saysPurl(parts);
		if (inAll && Number(inAll.text) !== total) {
			return fail({
				code: 'count',
				what: `Its groups are ${total} stitches in all, and it says ${inAll.text}.`,
				todo: 'Correct one of the two.',
				at: { from: inAll.from, to: inAll.to },
			});
		}
		if (saysTwist(parts) && total !== 2) {
			return fail({
				code: 'needs-glossary',
				what: `A twist is one stitch over one; only your pattern says what one of ${total} stitches is.`,
				todo: 'Look in your pattern’s abbreviations, then type it like 2/2 RC.',
			});
		}
		const frontWork: Work = has(parts, 'Tbl') ? 'ktbl' : 'k';
		const [a, b, c] = numbers.map((p) => Number(p.text)) as [number, number, number?];
		const underWork: Work = purl ? 'p' : frontWork;
		if (c === undefined) {
			return ok(only(twoGroups({ front: a, behind: b, lean, frontWork, behindWork: underWork })));
		}
		// The first number passes in front here too: it is the outer group at the tip when it leans left.
		const sizes = lean === 'left' ? ([a, b, c] as const) : ([c, b, a] as const);
		const stated: readonly Centre[] = has(parts, 'LiesBetween')
			? ['between']
			: has(parts, 'LiesBehind')
				? ['behind']
				: ['between', 'behind'];
		const meanings: Meaning[] = [];
		for (const lies of stated) {
			const made = threeGroups({ sizes, lean, lies, outerWork: frontWork, centreWork: underWork });
			if (!made.ok) return made;
			meanings.push({ crossing: made.value, differs: stated.length > 1 ? SAYS_CENTRE[lies] : '' });
		}
		return ok(meanings);
	},
	elsewhere: (parts) => {
		const [a, b, more] = counts(parts).map((p) => Number(p.text));
		const purl = saysPurl(parts);
		if (more !== undefined || !has(parts, 'Tbl') || purl) return [];
		const crossing = twoGroups({ front: a!, behind: b!, lean: leanOf(parts), frontWork: 'ktbl' });
		return [{ crossing, differs: 'only the front group is knit through the back loop' }];
	},
	write: (c) => {
		const two = groupsAndWork(c);
		if (two) {
			return `${two.front}/${two.behind} ${lookWord(two.lean, two.behindWork)}${two.frontWork === 'ktbl' ? ' tbl' : ''}`;
		}
		const three = asThreeGroups(c);
		if (!three) return undefined;
		const workOf = (stitches: readonly number[]): Work | undefined => sameWork(c, stitches);
		const [tip, centre, far] = [workOf(three.tip), workOf(three.centre), workOf(three.far)];
		const named = tip === far && (tip === 'k' || tip === 'ktbl') && (centre === 'p' || centre === tip);
		if (!named) return undefined;
		const [front, other] = three.lean === 'left' ? [three.tip, three.far] : [three.far, three.tip];
		const sizes = `${front.length}/${three.centre.length}/${other.length}`;
		return `${sizes} ${lookWord(three.lean, centre)}${tip === 'ktbl' ? ' tbl' : ''} centre ${three.lies}`;
	},
};

const lookWord = (lean: Lean, under: Work | undefined): string =>
	`${lean === 'right' ? 'R' : 'L'}${under === 'p' ? 'P' : ''}C`;

const isTwist = (parts: readonly NamePart[]): boolean =>
	saysPurl(parts) || has(parts, 'LetterT', 'TwistFront', 'TwistBack') || (has(parts, 'Twist') && !has(parts, 'Stitch'));

/** Names whose number counts all the stitches: by hold (F, B) or by look (R, L). */
function totalSchool(
	more: Pick<School, 'id' | 'by' | 'title' | 'rule' | 'shape' | 'examples'>,
	lean: (parts: readonly NamePart[]) => Lean,
	letter: (lean: Lean) => string,
): School {
	const totalOf = (parts: readonly NamePart[]): number => Number(counts(parts)[0]?.text);
	const split = (parts: readonly NamePart[], front: number, behindWork: Work): Crossing =>
		twoGroups({ front, behind: totalOf(parts) - front, lean: lean(parts), behindWork });
	const workOf = (parts: readonly NamePart[]): Work => (isTwist(parts) ? 'p' : 'k');
	return {
		...more,
		gloss: (parts) =>
			parts.map((p) => {
				if (p.term === 'Twist' && has(parts, 'Stitch')) return { ...p, says: 'one stitch over one, both knit' };
				return p.term === 'Count' ? { ...p, says: `${p.text} stitches in all` } : p;
			}),
		read: (parts) => {
			const [part] = counts(parts) as [NamePart];
			const total = totalOf(parts);
			const problem = checkCount(part, total);
			if (problem) return fail(problem);
			const at: Span = { from: part.from, to: part.to };
			if (total !== 2 && saysTwist(parts) && has(parts, 'Stitch')) {
				return fail({
					code: 'needs-glossary',
					what: `A twist is one stitch over one; only your pattern says what one of ${total} stitches is.`,
					todo: 'Look in your pattern’s abbreviations, then type it like 2/2 RC.',
					at,
				});
			}
			if (total === 1) {
				return fail({ code: 'count', what: 'One stitch cannot cross.', todo: 'Use at least 2.', at });
			}
			if (total % 2 === 1 && total !== 3) {
				return fail({
					code: 'needs-glossary',
					what: `${total} stitches can be split into groups in more than one way, and the name does not say which.`,
					todo: 'Look in your pattern’s abbreviations, then type it like 2/2 RC, or paste its sentence.',
					at,
				});
			}
			// Three stitches are read 2 over 1, the house reading of C3 and T3.
			return ok(only(split(parts, Math.ceil(total / 2), workOf(parts))));
		},
		mayMean: (parts) => {
			const total = totalOf(parts);
			const half = Math.floor(total / 2);
			const two = [total - half, half].map((front): Meaning => ({
				crossing: split(parts, front, workOf(parts)),
				differs: `${front} over ${total - front}`,
			}));
			const three = (['between', 'behind'] as const).flatMap((lies): Meaning[] => {
				const made = threeGroups({ sizes: [half, 1, half], lean: lean(parts), lies, centreWork: workOf(parts) });
				return made.ok ? [{ crossing: made.value, differs: `${half}/1/${half}, and ${SAYS_CENTRE[lies]}` }] : [];
			});
			return [...two, ...three];
		},
		elsewhere: (parts) => {
			const total = totalOf(parts);
			if (total < 2 || total > MAX_STITCHES || (total % 2 === 1 && total !== 3)) return [];
			const front = Math.ceil(total / 2);
			const other: Meaning[] = isTwist(parts)
				? [{ crossing: split(parts, front, 'k'), differs: 'T is a plain crossing, nothing is purled' }]
				: [{ crossing: split(parts, front, 'p'), differs: 'C purls the back group as well' }];
			if (total === 3) other.push({ crossing: split(parts, 1, workOf(parts)), differs: '3 is read 1 over 2' });
			return other;
		},
		write: (c) => {
			const g = groupsAndWork(c);
			if (!g || g.frontWork !== 'k') return undefined;
			const evenOrThree = g.front === g.behind || (g.front === 2 && g.behind === 1);
			if (!evenOrThree) return undefined;
			return `${g.behindWork === 'p' ? 'T' : 'C'}${c.n}${letter(g.lean)}`;
		},
	};
}

const byHold = (parts: readonly NamePart[]): Lean =>
	has(parts, 'Front', 'FrontPurl', 'CrossFront', 'TwistFront') ? 'left' : 'right';
const holdLetter = (lean: Lean): string => (holdSide(lean) === 'front' ? 'F' : 'B');

const totalFrontBack = totalSchool(
	{
		id: 'total-front-back',
		by: 'hold',
		title: 'C4F / C4B',
		rule: 'The number counts all the stitches; F or B is where the first group is held.',
		shape: 'total',
		examples: ['C4F', 'T3B', 'cable 6 back'],
	},
	byHold,
	holdLetter,
);

const totalRightLeft = totalSchool(
	{
		id: 'total-right-left',
		by: 'look',
		title: 'C4L / C4R',
		rule: 'The number counts all the stitches; R or L is the way it leans.',
		shape: 'total-look',
		examples: ['C4R', 'T3L', '6-st left cable'],
	},
	leanOf,
	(lean) => (lean === 'right' ? 'R' : 'L'),
);

const heldFrontBack: School = {
	id: 'held-front-back',
	by: 'hold',
	title: 'C2F / C2B',
	note: 'counts the cn',
	rule: 'The number counts only the stitches on the cable needle; as many again are not.',
	shape: 'total',
	examples: ['C2F', 'C3B', 'cable 4 front'],
	gloss: (parts) =>
		parts.map((p) => (p.term === 'Count' ? { ...p, says: `${p.text} on the cable needle, ${p.text} not` } : p)),
	read: (parts) => {
		const [part] = counts(parts) as [NamePart];
		const held = Number(part.text);
		const problem = checkCount(part, 2 * held);
		if (problem) return fail(problem);
		const behindWork: Work = isTwist(parts) ? 'p' : 'k';
		return ok(only(twoGroups({ front: held, behind: held, lean: byHold(parts), behindWork })));
	},
	write: (c) => {
		const g = groupsAndWork(c);
		if (!g || g.frontWork !== 'k' || g.front !== g.behind) return undefined;
		return `${g.behindWork === 'p' ? 'T' : 'C'}${g.front}${holdLetter(g.lean)}`;
	},
};

const twist: School = {
	id: 'twist',
	by: 'look',
	title: 'LT / RT',
	rule: 'RT and LT are one stitch over one, both knit; RPT and LPT purl the lower one.',
	shape: 'twist',
	examples: ['RT', 'LT', 'right twist'],
	gloss: (parts) =>
		parts.map((p) =>
			p.term === 'Twist' || p.term === 'LetterT'
				? { ...p, says: `one stitch over one, ${saysPurl(parts) ? 'the lower one purled' : 'both knit'}` }
				: p.term === 'Purl'
					? { ...p, says: 'the lower one is purled' }
					: p,
		),
	read: (parts) =>
		ok(only(twoGroups({ front: 1, behind: 1, lean: leanOf(parts), behindWork: saysPurl(parts) ? 'p' : 'k' }))),
	write: (c) => {
		const g = groupsAndWork(c);
		if (!g || c.n !== 2 || g.frontWork !== 'k' || g.behindWork !== 'k') return undefined;
		return g.lean === 'right' ? 'RT' : 'LT';
	},
};

export const SCHOOLS: Readonly<Record<SchoolId, School>> = {
	slash,
	'total-front-back': totalFrontBack,
	'total-right-left': totalRightLeft,
	'held-front-back': heldFrontBack,
	twist,
};

/** Every school that reads a shape of name. */
export const schoolsReading = (shape: NameShape): readonly School[] =>
	SCHOOL_IDS.map((id) => SCHOOLS[id]).filter((s) => s.shape === shape);

interface GroupsAndWork {
	readonly front: number;
	readonly behind: number;
	readonly lean: Lean;
	readonly frontWork: Work;
	readonly behindWork: Work;
}

function sameWork(c: Crossing, stitches: readonly number[]): Work | undefined {
	const work = c.work[stitches[0]! - 1]!;
	return stitches.every((s) => c.work[s - 1] === work) ? work : undefined;
}

/** The counts and jobs of two groups, when each group is worked one way throughout and names exist for it. */
function groupsAndWork(c: Crossing): GroupsAndWork | undefined {
	const groups = asTwoGroups(c);
	if (!groups) return undefined;
	const { front, behind } = frontAndBehind(groups);
	const [frontWork, behindWork] = [sameWork(c, front), sameWork(c, behind)];
	const named = (frontWork === 'k' || frontWork === 'ktbl') && (behindWork === 'p' || behindWork === frontWork);
	if (!named) return undefined;
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

/**
 * What a school calls a crossing that hands make. In left hands its names by look tell what the fabric shows, the
 * mirror image, and its names by hold what the hands do.
 */
export const nameIn = (school: SchoolId, made: Crossing, isLeft: boolean): string | undefined =>
	SCHOOLS[school].write(isLeft && SCHOOLS[school].by === 'look' ? mirror(made) : made);

/** A crossing by its name in a school, else in the one that names nearly all; undefined where neither has a name. */
export function writtenIn(
	school: SchoolId,
	c: Crossing,
): { readonly text: string; readonly school: SchoolId } | undefined {
	for (const id of [school, 'slash'] as const) {
		const text = SCHOOLS[id].write(c);
		if (text !== undefined) return { text, school: id };
	}
	return undefined;
}

/** Schools that have a name for crossings of any sizes, and not only for the few that twist. */
export const WRITTEN_SCHOOLS: readonly SchoolId[] = SCHOOL_IDS.filter((id) => SCHOOLS[id].shape !== 'twist');

/** A school as a choice: two of its names, and what tells it from one that writes alike. */
export const schoolChoice = (id: SchoolId): string => {
	const { title, note } = SCHOOLS[id];
	return note ? `${title} (${note})` : title;
};
