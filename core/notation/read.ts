/** From the text of a name to a crossing, or to an account of why not. */

import type { Crossing } from '../crossing/index.ts';
import type { Problem } from '../result.ts';
import { closeNames, type CloseName } from './close.ts';
import { nameParts, type NamePart, type NameParts } from './parts.ts';
import { SCHOOLS, type School, type SchoolId } from './schools.ts';

/** The longest name that is read, in characters. */
export const MAX_NAME_LENGTH = 80;

export interface NameRead {
	readonly ok: true;
	readonly crossing: Crossing;
	/** The school that read it: the stated one, or the only one that can. */
	readonly school: SchoolId;
	readonly parts: readonly NamePart[];
}

export interface NameNotRead {
	readonly ok: false;
	readonly problems: readonly Problem[];
	readonly understood: readonly NamePart[];
	readonly unknown: readonly NamePart[];
	readonly close: readonly CloseName[];
	/** A school that would read it, when the stated one does not. */
	readonly elsewhere?: SchoolId;
}

/**
 * Reads a name as the stated school means it. A slash name is read whatever the
 * school, because only one school can mean it; a total name is not, because its
 * number may count all the stitches or only those held.
 *
 * Never throws; a text that is no name gives the parts understood, the parts
 * not understood and names close to it.
 */
export function readName(text: string, schoolId: SchoolId): NameRead | NameNotRead {
	const school = SCHOOLS[schoolId];
	if (text.length > MAX_NAME_LENGTH) {
		return notRead(text, school, noParts, {
			code: 'length',
			what: `That is ${text.length} characters; a name has at most ${MAX_NAME_LENGTH}.`,
			todo: 'Type only the name of one crossing.',
		});
	}
	const parts = nameParts(text);
	if (!parts.shape) return notRead(text, school, parts, whyNot(text, parts, school));
	const reader = parts.shape === 'slash' ? SCHOOLS.slash : school;
	if (reader.shape !== parts.shape) {
		const elsewhere: SchoolId = 'total-front-back';
		const problem: Problem = {
			code: 'other-school',
			what: `“${text.trim()}” is not a slash name. In the total school its number counts all the stitches; some patterns count only those on the holder.`,
			todo: `Check the pattern’s glossary, then read it by: ${SCHOOLS[elsewhere].title}.`,
		};
		return { ...notRead(text, school, parts, problem), elsewhere };
	}
	const glossed = reader.gloss(parts.understood);
	const read = reader.read(parts.understood);
	if (!read.ok) return notRead(text, school, { ...parts, understood: glossed }, ...read.problems);
	return { ok: true, crossing: read.value, school: reader.id, parts: glossed };
}

const noParts: NameParts = { shape: undefined, understood: [], unknown: [], endsEarly: false };

function notRead(text: string, school: School, parts: NameParts, ...problems: Problem[]): NameNotRead {
	const { understood, unknown } = parts;
	const unsettled = problems.some((p) => p.code === 'needs-glossary') ? school.mayMean?.(understood) : undefined;
	const close = unsettled?.flatMap((c): CloseName[] => {
		const name = SCHOOLS.slash.write(c);
		return name === undefined ? [] : [{ name, school: 'slash' }];
	});
	return { ok: false, problems, understood, unknown, close: close ?? closeNames(text, school, understood) };
}

function whyNot(text: string, parts: NameParts, school: School): Problem {
	if (text.trim() === '') {
		return {
			code: 'empty',
			what: 'There is no name yet.',
			todo: `Type one as the pattern writes it, such as ${school.examples.slice(0, 2).join(' or ')}.`,
		};
	}
	const [first] = parts.unknown;
	if (first?.says) {
		return {
			code: 'out-of-place',
			what: `“${first.text}” says “${first.says}”, but a name does not have it there.`,
			todo: `The parts stand in this order: ${school.examples.slice(0, 2).join(' or ')}.`,
			at: { from: first.from, to: first.to },
		};
	}
	if (first) {
		const known = parts.understood.length > 0;
		return {
			code: 'unknown-part',
			what: known
				? `“${first.text}” is no part of a name here.`
				: `Nothing in “${shorten(text.trim())}” reads as a crossing.`,
			todo: `A name looks like ${school.examples.slice(0, 2).join(' or ')}.`,
			at: { from: first.from, to: first.to },
		};
	}
	return {
		code: parts.endsEarly ? 'unfinished' : 'out-of-place',
		what: parts.endsEarly ? 'The name stops too early.' : 'The parts are known, but not in this order.',
		todo: `A whole name looks like ${school.examples.slice(0, 2).join(' or ')}.`,
	};
}

const shorten = (text: string): string => (text.length > 24 ? `${text.slice(0, 23)}…` : text);
