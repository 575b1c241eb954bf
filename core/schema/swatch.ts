/** A swatch as it is stored, sent and exchanged: its text, and what the text starts from. */

import { z } from 'zod';
import { CRAFT_IDS } from '../craft/index.ts';
import { SCHOOL_IDS, type SchoolId } from '../notation/index.ts';
import { OriginalSchema } from './original.ts';
import { SwatchSizeSchema } from './swatch-size.ts';
import { anyVersion, versionOf, type Format } from './upgrade.ts';
import { thousands } from '../thousands.ts';
import { SCOPES, SWATCH_LIMITS, TWISTS } from '../worked/index.ts';

export const SwatchTitleSchema = z
	.string()
	.trim()
	.min(1, 'A swatch needs a title. Type at least one letter.')
	.max(SWATCH_LIMITS.title, `A title has at most ${SWATCH_LIMITS.title} characters. Shorten it.`);

const outside = `A swatch has between 1 and ${SWATCH_LIMITS.stitches} stitches. Change how many are cast on.`;

/** The schools that there were when swatches did not say which ones settled their names. */
const FIRST_SCHOOLS: readonly SchoolId[] = [
	'slash',
	'total-front-back',
	'total-right-left',
	'held-front-back',
	'twist',
];

export const SWATCH_FORMAT = {
	name: 'pond-loop/swatch',
	version: 2,
	upgrades: { 1: (swatch) => ({ ...swatch, schools: FIRST_SCHOOLS }) },
} as const satisfies Format;

const NowSchema = z.object({
	format: z.literal(SWATCH_FORMAT.name),
	version: versionOf(SWATCH_FORMAT),
	title: SwatchTitleSchema,
	castOn: z.number(outside).int(outside).min(1, outside).max(SWATCH_LIMITS.stitches, outside),
	/** Flat: odd rows on the right side, unless the text says otherwise. Round: all on the right side. */
	shape: z.enum(['flat', 'round']),
	/** What its stitches are, and what a crossing is to them; plain knitting when left out. */
	craft: z.enum(CRAFT_IDS).optional(),
	/** Twisted work: on every row, or on right-side rows only; every row when left out. */
	twist: z.enum(TWISTS).optional(),
	/** Double-knitting: what its crossings cross, the pairs of both layers or one of them; pairs when left out. */
	layers: z.enum(SCOPES).optional(),
	/** The school that reads its names; `any` reads only names that one school can mean. */
	school: z.enum([...SCHOOL_IDS, 'any']),
	/** The schools among which its names were settled: those that came later do not change what it means. */
	schools: z.array(z.enum(SCHOOL_IDS)).max(100),
	/** Gauge, yarn and needle; what is left out is assumed. */
	size: SwatchSizeSchema.optional(),
	/** The rows, a line each, with repeats, glossary lines and remarks. */
	text: z
		.string()
		.max(
			SWATCH_LIMITS.text,
			`The text of a swatch has at most ${thousands(SWATCH_LIMITS.text)} characters. Use repeats, or split it into two.`,
		),
	/** The pattern as it was written in another language. Its English is `text`, unless that was changed since. */
	original: OriginalSchema.optional(),
});
export type Swatch = z.infer<typeof NowSchema>;
export const SwatchSchema = anyVersion(SWATCH_FORMAT, NowSchema);

/** A swatch of this version, settled among all schools that there are. */
export const newSwatch = (
	told: Pick<Swatch, 'title' | 'castOn' | 'shape' | 'school' | 'text'> & Partial<Swatch>,
): Swatch => ({ format: SWATCH_FORMAT.name, version: SWATCH_FORMAT.version, schools: [...SCHOOL_IDS], ...told });

export const NewSwatchSchema = z.object({ swatch: SwatchSchema });
/** A write of a whole swatch carries the version that it was made from. */
export const SaveSwatchSchema = z.object({ version: z.number().int().min(1).max(2_147_483_647), swatch: SwatchSchema });

/** Where one is at the needles: rows finished. */
export const PlaceSchema = z.object({ place: z.number().int().min(0).max(SWATCH_LIMITS.rows) });
