import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { LESSON_FORMAT, LessonSchema } from '../lesson/index.ts';
import { LANGUAGE_IDS } from '../language/index.ts';
import { readName, SCHOOL_IDS, type SchoolId, SCHOOLS } from '../notation/index.ts';
import {
	DEFAULT_HOUSE_STYLE,
	firstIssue,
	type Format,
	HOUSE_STYLE_FORMAT,
	HouseStyleSchema,
	lenient,
	newSwatch,
	noteOf,
	SWATCH_FORMAT,
	SwatchSchema,
} from '../schema/index.ts';
import { chartTable, check, SCOPES, TWISTS } from '../swatch/index.ts';
import { CRAFT_IDS } from '../craft/index.ts';
import { anyRows } from '../test/hostile.ts';
import {
	ACCOUNT_FILE_FORMAT,
	type AccountFile,
	ExportSchema,
	foundIn,
	readAccountFile,
	readSwatchFile,
	swatchAsText,
} from './index.ts';

const folder = join(import.meta.dirname, 'fixtures');
const fixture = (name: string): Record<string, unknown> =>
	JSON.parse(readFileSync(join(folder, name), 'utf8')) as Record<string, unknown>;

const FORMATS: Readonly<Record<string, { format: Format; schema: typeof LessonSchema }>> = {
	swatch: { format: SWATCH_FORMAT, schema: SwatchSchema as never },
	lesson: { format: LESSON_FORMAT, schema: LessonSchema },
	'house-style': { format: HOUSE_STYLE_FORMAT, schema: HouseStyleSchema as never },
	export: { format: ACCOUNT_FILE_FORMAT, schema: ExportSchema as never },
};

describe('a stored format', () => {
	it('reads every version that there has been, and writes what it reads back unchanged', () => {
		const names = readdirSync(folder);
		for (const [name, { format, schema }] of Object.entries(FORMATS)) {
			// A version that is raised leaves one of the older kind behind.
			const older = Array.from({ length: Math.max(1, format.version - 1) }, (_, i) => `${name}-${i + 1}.json`);
			expect(names).toEqual(expect.arrayContaining(older));
			for (const file of older) {
				const read = schema.parse(fixture(file));
				expect(read.version).toBe(format.version);
				expect(schema.parse(JSON.parse(JSON.stringify(read)))).toEqual(read);
				expect(lenient(schema).parse(fixture(file))).toEqual(read);
			}
		}
	});

	it('fills in what an older one did not have', () => {
		expect(SwatchSchema.parse(fixture('swatch-1.json')).schools).toHaveLength(5);
		const lesson = LessonSchema.parse(fixture('lesson-1.json'));
		expect(lesson.plan.minutes).toBe(90);
		expect(lesson.steps[0]).toMatchObject({ text: noteOf('Bring wool.\nAnd patience.') });
		expect(lesson.steps[1]).toMatchObject({ swatch: { version: 2 } });
		expect(HouseStyleSchema.parse(fixture('house-style-1.json'))).toMatchObject({ loomShape: 'round', glossary: '' });
		expect(ExportSchema.parse(fixture('export-1.json')).swatches).toEqual([]);
	});

	it('says so of a newer one, and keeps typed drafts as they stand', () => {
		const newer = SwatchSchema.safeParse({
			...newSwatch({ title: 'a', castOn: 4, shape: 'flat', school: 'any', text: '' }),
			version: 9,
		});
		expect(newer.success ? '' : firstIssue(newer.error)).toMatch(/newer Pond Loop saved this \(version 9;/);
		const draft = { ...fixture('swatch-1.json'), title: '', castOn: 0 };
		expect(lenient(SwatchSchema).parse(draft)).toMatchObject({ title: '', castOn: 0, version: 2 });
	});
});

describe('a name keeps its meaning when a school comes along', () => {
	const madeUp = 'made-up' as SchoolId;
	const table = SCHOOLS as Record<string, (typeof SCHOOLS)[SchoolId]>;
	const ids = SCHOOL_IDS as unknown as string[];
	afterEach(() => {
		Reflect.deleteProperty(table, madeUp);
		if (ids.at(-1) === madeUp) ids.pop();
	});
	/** It reads what only one school read until now, and means the mirror image. */
	function comes(): void {
		const like = SCHOOLS['total-right-left'];
		table[madeUp] = { ...like, id: madeUp, title: 'Made up', read: (parts) => SCHOOLS['total-front-back'].read(parts) };
		ids.push(madeUp);
	}

	it('in every stored document, old and new', () => {
		const texts = ['C4R', '2/2 LC', 'C4R, C4L', 'T3R', 'RT', 'C6R, k2'];
		const written = texts.flatMap((text) =>
			([...SCHOOL_IDS, 'any'] as const).map((school) =>
				newSwatch({ title: 'A', castOn: 20, shape: 'flat', school, text: `Row 1: ${text}, k to end` }),
			),
		);
		const old = [fixture('swatch-1.json'), ...written.map(({ schools: _, ...rest }) => ({ ...rest, version: 1 }))];
		const meaning = (stored: unknown): unknown =>
			check(SwatchSchema.parse(stored), '').worked.rows.flatMap((r) =>
				r.crossings.map((c) => [c.name, c.by, c.crossing]),
			);
		const before = [...written, ...old].map(meaning);
		expect(before.flat().length).toBeGreaterThan(20);
		comes();
		expect([...written, ...old].map(meaning)).toEqual(before);
		// The new school is there all the same: what nobody settled yet has two meanings now.
		expect(readName('C4R', 'slash').ok).toBe(false);
		const now = newSwatch({ title: 'A', castOn: 4, shape: 'flat', school: 'slash', text: 'Row 1: C4R' });
		expect(check(now, '').worked.rows[0]?.crossings ?? []).toEqual([]);
	});
});

describe("an account's file", () => {
	const file = (more: Partial<AccountFile> = {}): AccountFile => {
		const read = readAccountFile(JSON.stringify({ ...fixture('export-1.json'), ...more }));
		if ('says' in read) throw new Error(read.says);
		return read.file;
	};
	const none = {
		lessons: new Map(),
		swatches: new Map(),
		designs: new Map(),
		classes: new Map(),
		erased: new Set<string>(),
		houseStyle: null,
	};
	const [lesson] = file().lessons;

	it('tells what is new, the same, or different, whatever order its keys stand in', () => {
		const standing = (mine: unknown): string[] =>
			foundIn(file(), { ...none, lessons: new Map([[lesson!.id, mine]]) }).map((f) => f.standing);
		expect(foundIn(file(), none).map((f) => [f.kind, f.title, f.standing])).toEqual([['lesson', 'Lanterns', 'new']]);
		const { title, ...rest } = lesson!.lesson as { title: string };
		expect(standing({ title, ...rest })).toEqual(['same']);
		expect(standing({ ...rest, title: 'Lanterns, again' })).toEqual(['differs']);
		const styles = (mine: unknown): string[] =>
			foundIn(file({ lessons: [], houseStyle: DEFAULT_HOUSE_STYLE }), { ...none, houseStyle: mine }).map(
				(f) => f.standing,
			);
		expect([styles(null), styles(DEFAULT_HOUSE_STYLE), styles({ ...DEFAULT_HOUSE_STYLE, units: 'in' })].flat()).toEqual(
			['new', 'same', 'differs'],
		);
	});

	it('is given out and taken back with what cannot be read in it', () => {
		const spoilt = file({ lessons: [{ ...lesson!, lesson: { title: 'Spoilt', steps: 7 } }] });
		expect(foundIn(spoilt, none)).toMatchObject([{ title: 'Spoilt', standing: 'new', unread: true }]);
	});

	it('is refused in words that say what it is instead', () => {
		const says = (text: string): string => {
			const read = readAccountFile(text);
			return 'says' in read ? read.says : '';
		};
		expect(says('Row 1: k4')).toMatch(/not JSON/);
		expect(says(JSON.stringify(fixture('lesson-1.json')))).toMatch(/one lesson/);
		expect(says('{"format":"pond-loop/export","version":7}')).toMatch(/newer Pond Loop/);
		expect(says(JSON.stringify({ ...fixture('export-1.json'), lessons: 3 }))).toMatch(/account file cannot be read/);
		expect(says('null')).toMatch(/not an account file/);
	});
});

describe('a file of rows', () => {
	const onto = newSwatch({ title: 'Lantern sleeve', castOn: 14, shape: 'flat', school: 'any', text: 'Row 1: k14' });
	const read = (content: string): string => {
		const file = readSwatchFile(content, onto, '');
		if (!file.ok) return `${file.problems[0]!.what} ${file.problems[0]!.todo}`;
		const { kind, swatch } = file.value;
		return `${kind}: ${swatch.castOn} ${swatch.shape}: ${swatch.text}`;
	};

	it('is read back equal, with any line ends, upon any swatch', () => {
		// eslint-disable-next-line no-control-regex -- what a file of text has none of
		const anyText = anyRows.map((t) => t.replaceAll(/[\r\ufeff\ufffd\u0000-\u0008\u000e-\u001f]/g, ''));
		const settings = fc.record({
			castOn: fc.integer({ min: 1, max: 400 }),
			shape: fc.constantFrom('flat' as const, 'round' as const),
			craft: fc.constantFrom(...CRAFT_IDS),
			school: fc.constantFrom(...SCHOOL_IDS, 'any' as const),
			twist: fc.constantFrom(...TWISTS),
			layers: fc.constantFrom(...SCOPES),
			text: anyText,
			original: fc.option(fc.record({ language: fc.constantFrom(...LANGUAGE_IDS), text: anyText }), { nil: undefined }),
		});
		fc.assert(
			fc.property(settings, settings, fc.constantFrom('\n', '\r\n', '\r'), (a, b, end) => {
				const swatch = newSwatch({ title: 'a', ...a });
				const file = readSwatchFile(swatchAsText(swatch).replaceAll('\n', end), newSwatch({ title: 'a', ...b }), '');
				expect(file.ok && file.value.swatch).toEqual(swatch);
				const json = readSwatchFile(JSON.stringify(swatch, null, '\t').replaceAll('\n', end), onto, '');
				expect(json.ok && json.value).toEqual({ kind: 'swatch', swatch });
			}),
			{ numRuns: 120 },
		);
	});

	it('is told by what stands in it, and works out its cast-on; what holds no rows is refused by what it is', () => {
		expect(read('Cast on 12 stitches\r\nRow 1: k12\r\n')).toBe('rows: 12 flat: Row 1: k12');
		expect(read('\ufeffRnd 1: k2, 2/2 LC, k2')).toBe('rows: 8 round: Rnd 1: k2, 2/2 LC, k2');
		expect(read(' \n')).toBe('The file is empty. Choose the one that holds the rows. Nothing was changed.');
		const { worked, cords } = check({ ...onto, text: 'Row 1 (B): k14' }, '');
		const table = chartTable(worked, cords);
		expect(table.map((line) => line.slice(0, 3))).toEqual([
			['row', 'side', 'yarn'],
			['1', 'RS', 'B'],
		]);
		expect(read(table.map((line) => line.join(',')).join('\r\n'))).toMatch(/^The file is a chart as a table/);
		expect(read('{"format":"pond-loop/lesson"}')).toMatch(/^The file holds a lesson, and no swatch\./);
		expect(read('{"format":"pond-loop/swatch","version":2')).toMatch(/JSON that is cut off/);
		expect(read(JSON.stringify({ ...onto, castOn: 0 }))).toMatch(
			/^The swatch in the file cannot be read: A swatch has between 1/,
		);
		expect(read('<svg xmlns="x"></svg>')).toMatch(/a picture or a page/);
		expect(read('PK\u0003\u0004')).toMatch(/no text/);
		expect(read('Bring wool.')).toMatch(/^The file has no rows that can be read\./);
	});
});
