/** What a case of known answers asks, told by its fields, and whether the core agrees. */

import { isDeepStrictEqual } from 'node:util';
import { z } from 'zod';
import { craftOf, crossOnBed, crossOnPegs, demonstrate, keepsFaces } from '../../core/craft/index.ts';
import { asTwoGroups, holdSide, turn, twoGroups, type Crossing } from '../../core/crossing/index.ts';
import { bedState, loomState, simulate, type AnyTrace } from '../../core/handling/index.ts';
import {
	readAll,
	readGlossary,
	readName,
	readRows,
	readSentence,
	SCHOOL_IDS,
	type NameNotRead,
	type NameRead,
	type SchoolId,
} from '../../core/notation/index.ts';
import { inEnglish, LANGUAGE_IDS, nameFrom, sentenceFrom } from '../../core/language/index.ts';
import { checkSize, SizeCase } from './size-cases.ts';
import { loopsWhenSeamed, strandsOf, workRows, type SwatchShape, type Worked } from '../../core/swatch/index.ts';

const MadeCase = z.object({
	n: z.number().optional(),
	order: z.array(z.number()).optional(),
	over: z.array(z.array(z.number())).optional(),
	overIncludes: z.array(z.array(z.number())).optional(),
	work: z.array(z.string()).optional(),
});
type MadeCase = z.infer<typeof MadeCase>;

const Expect = MadeCase.extend({
	ambiguous: z.array(MadeCase).optional(),
	needsGlossary: z.boolean().optional(),
	error: z.boolean().optional(),
});
type Expected = z.infer<typeof Expect>;

const NamesCase = z.object({
	id: z.string().optional(),
	text: z.string(),
	dialect: z.string(),
	expect: Expect,
});
type NamesCase = z.infer<typeof NamesCase>;

const GlossaryCase = z.object({ id: z.string().optional(), text: z.string(), expect: Expect });

const OtherCraftCase = z.object({
	id: z.string().optional(),
	craft: z.enum(['brioche', 'double-knit']),
	scope: z.literal('both').optional(),
	name: z.string(),
	expect: z.object({ columnsKeepTheirFace: z.boolean().optional(), leanOnBackFace: z.enum(['R', 'L']).optional() }),
});

const Leans = z.union([
	z.object({ leanOnKnitSide: z.enum(['R', 'L']), error: z.undefined().optional() }),
	z.object({ error: z.union([z.literal(true), z.string()]), leanOnKnitSide: z.undefined().optional() }),
]);
const Sizes = z.tuple([z.number(), z.number()]);
const Side = z.enum(['left', 'right']);

const LoomCase = z.object({
	id: z.string().optional(),
	craft: z.literal('loom'),
	facing: z.literal('knit'),
	parked: Side,
	where: z.enum(['inside', 'outside']),
	sizes: Sizes,
	expect: Leans,
});

const MachineCase = z.object({
	id: z.string().optional(),
	craft: z.literal('machine'),
	facing: z.literal('purl'),
	placedFirst: Side,
	sizes: Sizes,
	expect: Leans,
});

const FramesCase = z.object({
	id: z.string().optional(),
	craft: z.literal('hand'),
	handed: z.literal('left').optional(),
	follow: z.enum(['as-written', 'same-fabric']).optional(),
	side: z.literal('WS').optional(),
	hold: z.enum(['front', 'back']).optional(),
	sizes: z.tuple([z.number(), z.number()]).optional(),
	name: z.string().optional(),
	expect: z.object({
		fabric: z.string().optional(),
		fabricOnRightSide: z.string().optional(),
		leanOnRightSide: z.enum(['R', 'L']).optional(),
		firstGroupHeld: z.enum(['front', 'back']).optional(),
		heldCount: z.number().optional(),
	}),
});
type FramesCase = z.infer<typeof FramesCase>;

const RowsCase = z.object({
	id: z.string().optional(),
	castOn: z.number(),
	shape: z.enum(['flat', 'round']),
	dialect: z.string(),
	rows: z.array(z.string()),
	expect: z.object({
		counts: z.array(z.number()).optional(),
		faces: z.array(z.string()).optional(),
		error: z.object({ row: z.number(), reason: z.string() }).optional(),
	}),
});

const PatternCase = z.object({
	id: z.string().optional(),
	castOn: z.number(),
	shape: z.enum(['flat', 'round']),
	dialect: z.string(),
	text: z.string(),
	expect: z.union([
		z.object({ error: z.literal(true) }),
		z.object({
			error: z.undefined().optional(),
			rows: z.array(
				z.object({
					faces: z.string(),
					crossings: z.array(
						z.object({
							at: z.number(),
							n: z.number(),
							order: z.array(z.number()),
							over: z.array(z.array(z.number())).optional(),
							/** Instead of `over`, where the name leaves the depth of its centre open. */
							overIncludes: z.array(z.array(z.number())).optional(),
							work: z.array(z.string()),
						}),
					),
				}),
			),
		}),
	]),
});

const StrandsCase = z.object({
	id: z.string().optional(),
	columns: z.number(),
	dialect: z.string(),
	rows: z.array(z.string()),
	expect: z.object({
		after: z.array(z.number()),
		cycles: z.array(z.number()),
		repeatsToReturn: z.number(),
		loopsWhenSeamed: z.record(z.string(), z.number()),
	}),
});

/** A word put into a text that is read: it has to count. */
const DroppedCase = z.object({
	id: z.string().optional(),
	reads: z.enum(['glossary', 'names', 'pattern']),
	text: z.string(),
	changed: z.string(),
	dialect: z.string().default('any'),
	castOn: z.number().default(0),
	shape: z.enum(['flat', 'round']).default('flat'),
	expect: z.object({ differs: z.literal(true) }),
});

export interface CaseVerdict {
	readonly id: string;
	/** Why it fails; `undefined` when it passes. */
	readonly why: string | undefined;
}

/** A text in another language, which is read by its English. */
const LanguageCase = z.looseObject({
	id: z.string().optional(),
	language: z.enum(LANGUAGE_IDS),
	text: z.string(),
	dialect: z.string().optional(),
	castOn: z.number().optional(),
	expect: z.looseObject({ error: z.boolean().optional() }),
});

function checkLanguage({ language, ...one }: z.infer<typeof LanguageCase>, index: number): CaseVerdict {
	const from = one.castOn !== undefined ? inEnglish : one.dialect !== undefined ? nameFrom : sentenceFrom;
	const { english, problems } = from(language, one.text);
	const id = one.id ?? `#${index + 1}`;
	if (problems.length === 0) return checkCase({ ...one, text: english }, index);
	return { id, why: one.expect.error ? undefined : `not read: ${problems[0]!.what}` };
}

export function checkCase(one: unknown, index: number): CaseVerdict {
	const foreign = LanguageCase.safeParse(one);
	if (foreign.success) return checkLanguage(foreign.data, index);
	const dropped = DroppedCase.safeParse(one);
	if (dropped.success) return { id: dropped.data.id ?? `#${index + 1}`, why: checkDropped(dropped.data) };
	const size = SizeCase.safeParse(one);
	if (size.success) return { id: size.data.id ?? `#${index + 1}`, why: checkSize(size.data) };
	const rows = RowsCase.safeParse(one);
	if (rows.success) return { id: rows.data.id ?? `#${index + 1}`, why: checkRows(rows.data) };
	const pattern = PatternCase.safeParse(one);
	if (pattern.success) return { id: pattern.data.id ?? `#${index + 1}`, why: checkPattern(pattern.data) };
	const strands = StrandsCase.safeParse(one);
	if (strands.success) return { id: strands.data.id ?? `#${index + 1}`, why: checkStrands(strands.data) };
	const names = NamesCase.safeParse(one);
	if (names.success) return { id: names.data.id ?? `#${index + 1}`, why: checkName(names.data) };
	const frames = FramesCase.safeParse(one);
	if (frames.success) return { id: frames.data.id ?? `#${index + 1}`, why: checkFrame(frames.data) };
	const other = OtherCraftCase.safeParse(one);
	if (other.success) return { id: other.data.id ?? `#${index + 1}`, why: checkOtherCraft(other.data) };
	const loom = LoomCase.safeParse(one);
	if (loom.success) return { id: loom.data.id ?? `#${index + 1}`, why: checkLoom(loom.data) };
	const machine = MachineCase.safeParse(one);
	if (machine.success) return { id: machine.data.id ?? `#${index + 1}`, why: checkMachine(machine.data) };
	const glossary = GlossaryCase.safeParse(one);
	if (glossary.success && !(typeof one === 'object' && one !== null && ('rows' in one || 'dialect' in one))) {
		return { id: glossary.data.id ?? `#${index + 1}`, why: checkSentence(glossary.data) };
	}
	const id = typeof one === 'object' && one !== null && 'id' in one ? String(one.id) : `#${index + 1}`;
	return { id, why: 'is a case of no known kind' };
}

function worked(rows: readonly string[], castOn: number, shape: SwatchShape, dialect: string): Worked {
	const school = isSchool(dialect) ? dialect : 'any';
	return workRows(readRows(rows.join('\n'), { school, glossary: readGlossary('') }), { castOn, shape, school });
}

const unlike = (field: string, is: unknown, wanted: unknown): string | undefined =>
	isDeepStrictEqual(is, wanted) ? undefined : `${field} is ${JSON.stringify(is)}, not ${JSON.stringify(wanted)}`;

function checkRows({ castOn, shape, dialect, rows, expect }: z.infer<typeof RowsCase>): string | undefined {
	const done = worked(rows, castOn, shape, dialect);
	const [first] = done.problems.filter((p) => p.weight === 'error');
	if (expect.error) return unlike('error', first && { row: first.row, reason: first.reason }, expect.error);
	if (first) return `row ${first.row}: ${first.what}`;
	const counts = done.rows.map((r) => r.stitches.length);
	const faces = done.rows.map((r) => r.stitches.map((s) => s.face).join(''));
	return (
		(expect.counts && unlike('counts', counts, expect.counts)) ?? (expect.faces && unlike('faces', faces, expect.faces))
	);
}

/** A whole pattern as people write it: every row worked, in its order, or refused in words. */
function checkPattern({ castOn, shape, dialect, text, expect }: z.infer<typeof PatternCase>): string | undefined {
	const done = worked([text], castOn, shape, dialect);
	const [wrong] = done.problems.filter((p) => p.weight === 'error');
	if (expect.error) return wrong ? undefined : `read as ${done.rows.length} rows, but it must be refused`;
	if (wrong) return `row ${wrong.row}: ${wrong.what}`;
	if (done.rows.length !== expect.rows.length) return `${done.rows.length} rows, not ${expect.rows.length}`;
	for (const [i, wanted] of expect.rows.entries()) {
		const row = done.rows[i]!;
		const crossings = row.crossings.map(({ at, crossing: { n, order, over, work } }) => ({
			at: at + 1,
			n,
			order,
			over,
			work,
		}));
		const faces = row.stitches.map((s) => s.face).join('');
		const off =
			unlike(`faces of row ${i + 1}`, faces, wanted.faces) ??
			unlike(`crossings of row ${i + 1}`, JSON.parse(JSON.stringify(crossings)), asFull(crossings, wanted.crossings));
		if (off) return off.slice(0, 300);
	}
	return undefined;
}

/** All that a text is read as: what comes out, and how each stitch is worked; `refused` where it is not read. */
export function readingOf(
	{ reads, dialect, castOn, shape }: Pick<z.infer<typeof DroppedCase>, 'reads' | 'dialect' | 'castOn' | 'shape'>,
	text: string,
): string {
	if (reads === 'glossary') {
		const read = readSentence(text);
		return read.ok ? JSON.stringify(read.value.map((r) => [r.crossing, r.moves])) : 'refused';
	}
	if (reads === 'names') {
		const read = readName(text, isSchool(dialect) ? dialect : 'any');
		return read.ok ? JSON.stringify([read.crossing, read.meanings]) : JSON.stringify(read.problems[0]?.code);
	}
	const done = worked([text], castOn, shape, dialect);
	if (done.problems.some((p) => p.weight === 'error')) return 'refused';
	const rows = done.rows.map((r) => [
		r.number,
		r.side,
		r.colour,
		r.stitches,
		r.crossings.map(({ at, crossing }) => [at, crossing]),
		r.marks.map(({ at, does }) => [at, does]),
	]);
	return JSON.stringify([rows, done.repeats.map(({ first, last, times }) => [first, last, times])]);
}

function checkDropped(one: z.infer<typeof DroppedCase>): string | undefined {
	return readingOf(one, one.text) === readingOf(one, one.changed)
		? `“${one.changed}” is read as “${one.text}”`
		: undefined;
}

/** Wanted crossings with the passings of what came out, where they include all that is asked of an open name. */
const asFull = (
	found: readonly { readonly over: Crossing['over'] }[],
	wanted: readonly { overIncludes?: number[][] | undefined }[],
): unknown =>
	wanted.map(({ overIncludes, ...one }, i) => {
		const over = found[i]?.over ?? [];
		const has = ([u, l]: number[]): boolean => over.some(([upper, lower]) => upper === u && lower === l);
		return overIncludes?.every(has) ? { ...one, over } : one;
	});

function checkStrands({ columns, dialect, rows, expect }: z.infer<typeof StrandsCase>): string | undefined {
	const done = worked(rows, columns, 'round', dialect);
	const strands = strandsOf(done, 0, rows.length - 1);
	if (!strands) return `the rows cannot be followed: ${done.problems[0]?.what}`;
	const loops = Object.fromEntries(
		Object.keys(expect.loopsWhenSeamed).map((r) => [r, loopsWhenSeamed(strands, Number(r))]),
	);
	return unlike('strands', { ...strands, loopsWhenSeamed: loops }, expect);
}

function checkSentence({ text, expect }: z.infer<typeof GlossaryCase>): string | undefined {
	const read = readSentence(text);
	if (!read.ok) return expect.error ? undefined : `not read: ${read.problems[0]?.what}`;
	if (expect.error) return 'read, but it must not be';
	return checkReadings(
		read.value.map((r) => r.crossing),
		expect,
	);
}

function namedInSlash(text: string): Crossing {
	const read = readName(text, 'slash');
	if (!read.ok) throw new Error(read.problems[0]!.what);
	return read.crossing;
}

/** What changes when a crossing is made in another craft. */
function checkOtherCraft({ craft, name, expect }: z.infer<typeof OtherCraftCase>): string | undefined {
	const c = namedInSlash(name);
	const taken = craftOf(craft).takes(c, craft === 'brioche' ? 'off-holder' : 'pairs');
	if (expect.columnsKeepTheirFace !== undefined) {
		return unlike('takes it', taken.ok, expect.columnsKeepTheirFace) ?? unlike('keeps', keepsFaces(c), taken.ok);
	}
	const back = taken.ok ? asTwoGroups(taken.value.faces[1]!.crossing) : undefined;
	return unlike('lean on the back', back?.lean === 'right' ? 'R' : 'L', expect.leanOnBackFace);
}

/** Which way a simulated procedure leans on the knit side: the loops on top came from the left and lean right. */
function leanMade({ outcome: { over }, stopped }: AnyTrace, rightmost: number): string {
	// What was refused, or crossed nothing, leans no way at all.
	if (stopped) return `none: ${stopped.problem.what}`;
	if (over.length === 0) return 'none: nothing passed anything';
	return over.every(([u]) => u > rightmost)
		? 'R'
		: over.every(([u]) => u <= rightmost)
			? 'L'
			: 'none: both ways at once';
}

/** Beyond the limits of a craft: it must say so, and no simulation of it counts as a lean. */
function checkRefused(
	craft: 'loom' | 'machine',
	[left, right]: readonly [number, number],
	expect: z.infer<typeof Leans>,
) {
	const crossing = twoGroups({ front: left, behind: right, lean: 'right' });
	const taken = craftOf(craft).takes(crossing, craftOf(craft).ways[0]!.id);
	if (expect.error) return taken.ok ? 'taken, but it is beyond the limits of this craft' : undefined;
	return taken.ok ? undefined : `refused: ${taken.problems[0]?.what}`;
}

/** The first size is that of the group at the worker's left. */
function checkLoom({ parked, where, sizes: [left, right], expect }: z.infer<typeof LoomCase>): string | undefined {
	const place = where === 'inside' ? ({ side: where, by: 'pin' } as const) : ({ side: where, by: 'holder' } as const);
	const trace = simulate(crossOnPegs({ left, right, parked, where: place }), loomState(left + right));
	return (
		checkRefused('loom', [left, right], expect) ??
		(expect.error ? undefined : unlike('lean on the knit side', leanMade(trace, right), expect.leanOnKnitSide))
	);
}

function checkMachine({ placedFirst, sizes: [left, right], expect }: z.infer<typeof MachineCase>): string | undefined {
	const trace = simulate(crossOnBed({ left, right, first: placedFirst }), bedState(left + right));
	// Seen from the purl side, the group at the left is the one at the right of the knit side.
	return (
		checkRefused('machine', [left, right], expect) ??
		(expect.error ? undefined : unlike('lean on the knit side', leanMade(trace, left), expect.leanOnKnitSide))
	);
}

/** Crossings in a left-handed pair of hands, or made on the wrong side: what they are on the right side. */
function checkFrame({ follow, hold, sizes, name, expect }: FramesCase): string | undefined {
	const named = namedInSlash;
	const shape = ({ n, order, over }: Crossing): unknown => ({ n, order, over });
	const said = (what: unknown, wanted: unknown): string | undefined =>
		isDeepStrictEqual(what, wanted) ? undefined : `${JSON.stringify(what)}, not ${JSON.stringify(wanted)}`;
	if (follow && name) {
		const { made, fabric } = demonstrate(named(name), follow === 'as-written' ? 'left-mirrored' : 'left-same');
		if (expect.fabric) return said(fabric, named(expect.fabric));
		const groups = asTwoGroups(made);
		return said([groups && holdSide(groups.lean), groups?.tip.length], [expect.firstGroupHeld, expect.heldCount]);
	}
	// A name in a wrong-side row is meant as the worker sees it; its works show changed on the other side.
	if (name && expect.fabricOnRightSide) return said(shape(turn(named(name))), shape(named(expect.fabricOnRightSide)));
	if (hold && sizes) {
		const lean = hold === 'front' ? 'left' : 'right';
		const seen = asTwoGroups(turn(twoGroups({ front: sizes[0], behind: sizes[1], lean })));
		return said(seen?.lean === 'right' ? 'R' : 'L', expect.leanOnRightSide);
	}
	return 'frames of this kind cannot be answered yet';
}

const isSchool = (dialect: string): dialect is SchoolId => SCHOOL_IDS.some((id) => id === dialect);

function checkName({ text, dialect, expect }: NamesCase): string | undefined {
	if (dialect === 'any') {
		const { readings, needsGlossary } = readAll(text);
		if (expect.error) return readings.length > 0 ? 'a school reads it, but it is not a name' : undefined;
		if (expect.needsGlossary) return needsGlossary ? undefined : 'read, but only a glossary can settle it';
		return checkReadings(
			readings.map((r) => r.crossing),
			expect,
		);
	}
	if (!isSchool(dialect)) return `the school ${dialect} is not known`;
	return compare(readName(text, dialect), expect);
}

/** All of the readings that are expected and no other, in any order; or one. */
function checkReadings(readings: readonly Crossing[], expect: Expected): string | undefined {
	const wanted = expect.ambiguous ?? [expect];
	if (expect.overIncludes === undefined && readings.length !== wanted.length) {
		return `${readings.length} readings, not ${wanted.length}`;
	}
	for (const one of wanted) {
		const off = readings.map((r) => differences(r, one));
		if (!off.includes(undefined)) return `no reading is the one expected: ${off[0] ?? 'there is none'}`;
	}
	return undefined;
}

function compare(read: NameRead | NameNotRead, expect: Expected): string | undefined {
	if (!read.ok) {
		const codes = read.problems.map((p) => p.code);
		if (expect.error) return undefined;
		if (expect.needsGlossary)
			return codes.includes('needs-glossary') ? undefined : `refused, but for another reason: ${codes.join(', ')}`;
		return `not read: ${read.problems[0]?.what}`;
	}
	if (expect.error || expect.needsGlossary) return 'read, but it must not be';
	return expect.ambiguous
		? checkReadings(
				read.meanings.map((m) => m.crossing),
				expect,
			)
		: differences(read.crossing, expect);
}

function differences(made: Crossing, expect: MadeCase): string | undefined {
	for (const field of ['n', 'order', 'over', 'work'] as const) {
		if (expect[field] !== undefined && !isDeepStrictEqual(made[field], expect[field])) {
			return `${field} is ${JSON.stringify(made[field])}, not ${JSON.stringify(expect[field])}`;
		}
	}
	const missing = expect.overIncludes?.find((pair) => !made.over.some((o) => isDeepStrictEqual([...o], pair)));
	return missing ? `over lacks ${JSON.stringify(missing)}` : undefined;
}
