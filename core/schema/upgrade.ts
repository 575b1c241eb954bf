/** Stored formats grow: each has a version, and each older version a step to the next one. */

import { z } from 'zod';

type StoredData = Readonly<Record<string, unknown>>;

export interface Format {
	/** As documents name it: `pond-loop/swatch`. */
	readonly name: string;
	/** The version that is written now. */
	readonly version: number;
	/** From each older version to the next: pure, and total for whatever that version may have held. */
	readonly upgrades: Readonly<Record<number, (older: StoredData) => StoredData>>;
}

const isStored = (value: unknown): value is StoredData =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** A document as the version of today writes it. What is no document of this format is left for the schema to refuse. */
export function upgraded({ name, version, upgrades }: Format, given: unknown): unknown {
	if (!isStored(given) || given['format'] !== name) return given;
	let document = given;
	for (let at = document['version']; typeof at === 'number' && at < version; at = document['version']) {
		const step = upgrades[at];
		if (!step) return given;
		document = { ...step(document), version: at + 1 };
	}
	return document;
}

/** The number of a format's version, which says what to do about a newer one. */
export const versionOf = ({ version }: Format): z.ZodLiteral<number> =>
	z.literal(version, {
		error: ({ input }) =>
			typeof input === 'number' && input > version
				? `A newer Pond Loop saved this (version ${input}; this one reads up to ${version}). Reload the page, or open it there.`
				: `Its version must be between 1 and ${version}.`,
	});

/** A schema that reads every version there has been of a format. */
export const anyVersion = <T>(format: Format, schema: z.ZodType<T>): z.ZodType<T> =>
	z.preprocess((given) => upgraded(format, given), schema) as unknown as z.ZodType<T>;
