/** Rows that are written in another language are read back to the same fabric. */

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inEnglish, LANGUAGES } from '../language/index.ts';
import { readGlossary, readRows } from '../notation/index.ts';
import { BAND, MANNERS } from '../test/manners.ts';
import { practiceSwatch, rowsInLanguage, workRows, type CordWanted, type Shape, type Worked } from './index.ts';

const work = (text: string, castOn: number, shape: Shape = 'flat'): Worked =>
	workRows(readRows(text, { school: 'slash', glossary: readGlossary('') }), { castOn, shape, school: 'slash' });
const fabricOf = ({ rows }: Worked) =>
	rows.map((r) => [
		r.stitches.map((s) => `${s.face}${s.twisted ? 't' : ''}`).join(''),
		r.crossings.map(({ at, crossing }) => [at, crossing]),
	]);
const WRITTEN = LANGUAGES.filter((l) => l.write).map((l) => [l.title, l] as const);

const anyCord: fc.Arbitrary<CordWanted> = fc.record({
	kind: fc.constantFrom('rope', 'plait', 'zigzag', 'diamond'),
	group: fc.integer({ min: 1, max: 3 }),
	lean: fc.constantFrom('left', 'right'),
});

describe.each(WRITTEN)('rows in %s', (_, language) => {
	const again = (worked: Worked): Worked => {
		const rows = rowsInLanguage(worked, language);
		if (!rows.ok) throw new Error(rows.problems[0]!.what);
		const { english, problems } = inEnglish(language.id, rows.value);
		expect(problems, rows.value).toEqual([]);
		return work(english, worked.castOn, worked.shape);
	};

	it('are the same fabric when they are read back', () => {
		for (const [manner, text] of MANNERS.slice(0, 12).filter(([m]) => m !== 'markers')) {
			const band = work(text, BAND.castOn);
			expect(fabricOf(again(band)), manner).toEqual(fabricOf(band));
		}
		const twisted = work(
			'Row 1: k2 tbl, p1 tbl, k2tog, yo, p3\nRow 2: k3, p3, p2 tbl\nRow 3: 2/1 LPC, 1/1 RC tbl, k3',
			8,
		);
		expect(fabricOf(again(twisted))).toEqual(fabricOf(twisted));
	});

	it('are so for any practice swatch', () => {
		fc.assert(
			fc.property(
				fc.array(anyCord, { minLength: 1, maxLength: 3 }),
				fc.integer({ min: 0, max: 3 }),
				(cords, border) => {
					const { text, castOn } = practiceSwatch({
						cords,
						border,
						ground: 2,
						repeats: 1,
						shape: 'flat',
						school: 'slash',
					});
					const worked = work(text, castOn);
					expect(fabricOf(again(worked))).toEqual(fabricOf(worked));
				},
			),
			{ numRuns: 15 },
		);
	});
});

it('a band in German, row by row', () => {
	const rows = rowsInLanguage(work(BAND.text, 14), LANGUAGES[0]!);
	expect(rows.ok && rows.value.split('\n')).toEqual([
		'14 M anschlagen',
		'1. R (Hinr): 3 M li, 8 M re, 3 M li',
		'2. R (Rückr): 3 M re, 8 M li, 3 M re',
		'3. R (Hinr): 3 M li, 8 M nach links verkreuzen, 3 M li',
		'4. R (Rückr): 3 M re, 8 M li, 3 M re',
		'1.-4. R noch 1x wdh',
	]);
	const kfb = rowsInLanguage(work('Row 1: kfb, k2', 3), LANGUAGES[0]!);
	expect(!kfb.ok && kfb.problems[0]!.what).toBe('Row 1 has kfb, for which there is no wording.');
});
