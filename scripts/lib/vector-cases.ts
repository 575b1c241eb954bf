/** What a case of known answers asks, told by its fields, and whether the core agrees. */

import { isDeepStrictEqual } from 'node:util';
import { z } from 'zod';
import type { Crossing } from '../../core/crossing/index.ts';
import { readName, SCHOOL_IDS, type NameNotRead, type NameRead, type SchoolId } from '../../core/notation/index.ts';

const NamesCase = z.object({
	id: z.string().optional(),
	text: z.string(),
	dialect: z.string(),
	expect: z.object({
		n: z.number().optional(),
		order: z.array(z.number()).optional(),
		over: z.array(z.array(z.number())).optional(),
		overIncludes: z.array(z.array(z.number())).optional(),
		work: z.array(z.string()).optional(),
		ambiguous: z.array(z.unknown()).optional(),
		needsGlossary: z.boolean().optional(),
		error: z.boolean().optional(),
	}),
});
type NamesCase = z.infer<typeof NamesCase>;

/** Kinds that have answers to compare with, but no part of the core that gives them yet. */
const NOT_YET: readonly (readonly [kind: string, fields: readonly string[]])[] = [
	['rows', ['castOn', 'shape', 'rows']],
	['strands', ['columns', 'rows']],
	['frames', ['craft']],
	['glossary', ['text']],
];

export interface Verdict {
	readonly id: string;
	/** Why it fails; `undefined` when it passes. */
	readonly why: string | undefined;
}

export function checkCase(one: unknown, index: number): Verdict {
	const names = NamesCase.safeParse(one);
	if (names.success) return { id: names.data.id ?? `#${index + 1}`, why: checkName(names.data) };
	const fields = typeof one === 'object' && one !== null ? Object.keys(one) : [];
	const id = typeof one === 'object' && one !== null && 'id' in one ? String(one.id) : `#${index + 1}`;
	const kind = fields.includes('expect')
		? NOT_YET.find(([, needed]) => needed.every((f) => fields.includes(f)))
		: undefined;
	return { id, why: kind ? `${kind[0]} cannot be answered yet` : 'is a case of no known kind' };
}

const isSchool = (dialect: string): dialect is SchoolId => SCHOOL_IDS.some((id) => id === dialect);

function checkName({ text, dialect, expect }: NamesCase): string | undefined {
	if (dialect === 'any') {
		const readings = SCHOOL_IDS.map((id) => readName(text, id));
		if (!expect.error) return 'names cannot be read without a stated school yet';
		// An error in every school is an error without one, too.
		return readings.some((r) => r.ok) ? 'a school reads it, but it is not a name' : undefined;
	}
	if (!isSchool(dialect)) return `the school ${dialect} is not known yet`;
	return compare(readName(text, dialect), expect);
}

function compare(read: NameRead | NameNotRead, expect: NamesCase['expect']): string | undefined {
	if (!read.ok) {
		const codes = read.problems.map((p) => p.code);
		if (expect.error) return undefined;
		if (expect.needsGlossary)
			return codes.includes('needs-glossary') ? undefined : `refused, but for another reason: ${codes.join(', ')}`;
		return `not read: ${read.problems[0]?.what}`;
	}
	if (expect.error || expect.needsGlossary) return 'read, but it must not be';
	return differences(read.crossing, expect);
}

function differences(made: Crossing, expect: NamesCase['expect']): string | undefined {
	for (const field of ['n', 'order', 'over', 'work'] as const) {
		if (expect[field] !== undefined && !isDeepStrictEqual(made[field], expect[field])) {
			return `${field} is ${JSON.stringify(made[field])}, not ${JSON.stringify(expect[field])}`;
		}
	}
	const missing = expect.overIncludes?.find((pair) => !made.over.some((o) => isDeepStrictEqual([...o], pair)));
	return missing ? `over lacks ${JSON.stringify(missing)}` : undefined;
}
