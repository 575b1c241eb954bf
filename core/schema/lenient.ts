/** What something may be while it is typed: the shape of its schema, not held to its limits. */

import { z } from 'zod';

interface Def {
	readonly type: string;
	readonly checks?: readonly unknown[];
	readonly [key: string]: unknown;
}

const defOf = (schema: z.ZodType): Def => (schema as unknown as { _zod: { def: Def } })._zod.def;

/**
 * The same schema without minima, maxima, patterns and trimming, at every depth, so that what is typed is
 * read back as it stands. Formats such as ids, choices and what transforms a value stay; a number that was
 * being typed and is none yet comes back as NaN, which JSON keeps as null.
 */
export function lenient<T>(schema: z.ZodType<T>): z.ZodType<T> {
	const def = defOf(schema);
	const loose = (inner: unknown): z.ZodType => lenient(inner as z.ZodType);
	const without = (changed: Record<string, unknown> = {}): z.ZodType<T> =>
		(schema as unknown as { clone: (def: unknown) => z.ZodType<T> }).clone({ ...def, checks: [], ...changed });
	switch (def.type) {
		case 'string':
			return (def['format'] === undefined ? z.string() : schema) as z.ZodType<T>;
		case 'number':
			return z.union([z.number(), z.null().transform(() => NaN)]) as unknown as z.ZodType<T>;
		case 'object':
			return without({
				shape: Object.fromEntries(
					Object.entries(def['shape'] as Record<string, unknown>).map(([key, inner]) => [key, loose(inner)]),
				),
			});
		case 'array':
			return without({ element: loose(def['element']) });
		case 'union':
			// Told apart by what fits, as choices made anew no longer say what tells them apart.
			return z.union((def['options'] as unknown[]).map(loose)) as unknown as z.ZodType<T>;
		case 'pipe':
			// What prepares a value stays, and what it is held to afterwards is loosened; what changes one at its end stays whole.
			return defOf(def['in'] as z.ZodType).type === 'transform' ? without({ out: loose(def['out']) }) : without();
		case 'optional':
		case 'nullable':
		case 'default':
		case 'prefault':
			return without({ innerType: loose(def['innerType']) });
		default:
			return without();
	}
}
