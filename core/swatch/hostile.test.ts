import fc from 'fast-check';
import { expect, it } from 'vitest';
import { CRAFT_IDS } from '../craft/index.ts';
import { type Item, readGlossary, readRows, ROWS_LIMITS } from '../notation/index.ts';
import { anyRows, hostileTexts } from '../test/hostile.ts';
import { checksOf, cordsOf, SWATCH_LIMITS, type Worked, workRows } from './index.ts';

const work = (text: string, more: Partial<Parameters<typeof workRows>[1]> = {}): Worked =>
	workRows(readRows(text, { school: 'total-front-back', glossary: readGlossary('') }), {
		castOn: 8,
		shape: 'flat',
		school: 'total-front-back',
		...more,
	});

/** Whatever was read stays within the stated limits, and every row that is shown has its stitches. */
function holds(worked: Worked): void {
	expect(worked.rows.length).toBeLessThanOrEqual(SWATCH_LIMITS.rows);
	if (worked.rows.length > 0) expect(worked.widest).toBeLessThanOrEqual(SWATCH_LIMITS.stitches);
	expect(worked.problems.length).toBeLessThanOrEqual(SWATCH_LIMITS.problems + 1);
	for (const row of worked.rows) expect(row.line).toBeDefined();
	for (const p of worked.problems) expect(p.what && p.todo && p.to >= p.from).toBeTruthy();
	checksOf(worked, cordsOf(worked));
}

it('works a repeat that stands on rows which another repeat made', () => {
	const rows = [
		'Row 1: k8',
		'Row 2: p8',
		'rep rows 1-2 once more',
		'Row 5: C8F',
		'Row 6: p8',
		'rep rows 1-6 twice more',
	];
	const worked = work(rows.join('\n'));
	expect(worked.problems).toEqual([]);
	expect(worked.rows.map((r) => r.told)).toEqual([1, 2, 1, 2, 5, 6, 1, 2, 1, 2, 5, 6, 1, 2, 1, 2, 5, 6]);
	expect(worked.rows.flatMap((r, i) => (r.crossings.length > 0 ? [i + 1] : []))).toEqual([5, 11, 17]);
});

it('reads and works texts that were made to be too much, to the longest that is read', () => {
	for (const [kind, text] of Object.entries(hostileTexts(SWATCH_LIMITS.text))) {
		const worked = work(text);
		holds(worked);
		// Nothing of them is right, and none of it is passed over in silence.
		if (!['remarks', 'line ends'].includes(kind)) expect(worked.problems.length, kind).toBeGreaterThan(0);
	}
});

it('never throws, whatever is typed, in any craft', () => {
	fc.assert(
		fc.property(
			anyRows,
			fc.constantFrom(...CRAFT_IDS),
			fc.constantFrom('flat', 'round'),
			fc.integer({ min: -1, max: 401 }),
			(text, craft, shape, castOn) => holds(work(text, { craft, shape: shape as 'flat' | 'round', castOn })),
		),
		{ numRuns: Number(process.env['POND_LOOP_RUNS'] ?? 500) },
	);
});

it('names what goes beyond a limit, where it stands', () => {
	const found = (text: string): readonly [string, number][] => work(text).problems.map((p) => [p.reason, p.from]);
	const deep = `Row 1: ${'['.repeat(ROWS_LIMITS.depth + 1)}k8${']'.repeat(ROWS_LIMITS.depth + 1)}`;
	expect(found(deep)).toEqual([['deep', 'Row 1: '.length + ROWS_LIMITS.depth]]);
	const within = `Row 1: ${'['.repeat(ROWS_LIMITS.depth)}k8${']'.repeat(ROWS_LIMITS.depth)}`;
	expect(found(within)).toEqual([]);
	expect(found(`Row 1: k8\nRow 2: ${'p1, '.repeat(2000)}`)).toEqual([['long-line', 10]]);
	expect(found('Row 1: [[[pm] 999 times] 999 times] 999 times, k8')[0]?.[0]).toBe('too-much');
	expect(found(`rep rows ${'1'.repeat(400)}`)).toEqual([['repeat', 0]]);
});

it('does an amount of work that grows with what is written, not with how it is nested', () => {
	// Items are counted, as a clock would tell of the machine.
	const count = (items: readonly Item[]): number =>
		items.reduce((sum, i) => sum + 1 + ('items' in i ? count(i.items) : 0), 0);
	const read = (text: string): number =>
		readRows(text, { school: 'slash', glossary: readGlossary('') }).rows.reduce((sum, r) => sum + count(r.items), 0);
	for (const [kind, text] of Object.entries(hostileTexts(40_000))) expect(read(text), kind).toBeLessThan(40_000);
});
