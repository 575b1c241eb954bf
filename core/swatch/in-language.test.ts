/** Rows that are written in another language are read back to the same fabric. */

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inEnglish, LANGUAGES } from '../language/index.ts';
import { readGlossary, readRows } from '../notation/index.ts';
import { BAND, MANNERS } from '../test/manners.ts';
import type { Demonstration } from '../craft/index.ts';
import { newSwatch } from '../schema/index.ts';
import {
	practiceSwatch,
	rowsInLanguage,
	swatchShown,
	workRows,
	type CordWanted,
	type SwatchShape,
	type Worked,
} from './index.ts';

const work = (text: string, castOn: number, shape: SwatchShape = 'flat'): Worked =>
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
		const rows = rowsInLanguage(worked, { language });
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
			'Row 1: k2 tbl, p1 tbl, k2tog, yo, p3\nRow 2: k3, p3, p2 tbl\nRow 3: 2/1 LPC, 1/1 RC tbl, k3\nRow 4: kfb, m1, ssk, p2tog, p3',
			8,
		);
		expect(fabricOf(again(twisted))).toEqual(fabricOf(twisted));
	});

	it('are so for any practice swatch, flat and in the round, with its repeats', () => {
		fc.assert(
			fc.property(
				fc.array(anyCord, { minLength: 1, maxLength: 3 }),
				fc.integer({ min: 0, max: 3 }),
				fc.integer({ min: 1, max: 4 }),
				fc.constantFrom('flat' as const, 'round' as const),
				(cords, border, repeats, shape) => {
					const { text, castOn } = practiceSwatch({ cords, border, ground: 2, repeats, shape, school: 'slash' });
					const worked = work(text, castOn, shape);
					const [first, second] = [worked, again(worked)].map((w) => [
						w.shape,
						w.repeats.map(({ first, last, times }) => [first, last, times]),
						fabricOf(w),
					]);
					expect(second).toEqual(first);
				},
			),
			{ numRuns: 15 },
		);
	});
});

it('a band in German, row by row', () => {
	const rows = rowsInLanguage(work(BAND.text, 14), { language: LANGUAGES[0]! });
	expect(rows.ok && rows.value.split('\n')).toEqual([
		'14 M anschlagen',
		'1. R (Hinr): 3 M li, 8 M re, 3 M li',
		'2. R (Rückr): 3 M re, 8 M li, 3 M re',
		'3. R (Hinr): 3 M li, 8 M nach links verkreuzen, 3 M li',
		'4. R (Rückr): 3 M re, 8 M li, 3 M re',
		'1.-4. R noch 1x wdh',
	]);
	const k3tog = rowsInLanguage(work('Row 1: k3tog, k2', 5), { language: LANGUAGES[0]! });
	expect(!k3tog.ok && k3tog.problems[0]!.what).toBe('Row 1 has k3tog, for which there is no wording.');
});

it('rows that are repeated without an end, and rounds, in Danish', () => {
	const danish = { language: LANGUAGES.find((l) => l.id === 'da')! };
	const flat = rowsInLanguage(work('Row 1: k4\nRow 2: p4\nrep rows 1-2', 4), danish);
	expect(flat.ok && flat.value.split('\n').at(-1)).toBe('gentag 1.-2. p');
	const round = rowsInLanguage(work('Rnd 1: k4\nRnd 2: 2/2 RC\nrep rnds 1-2 twice more', 4, 'round'), danish);
	expect(round.ok && round.value.split('\n').slice(1)).toEqual([
		'1. omg: 4 r',
		'2. omg: kryds 4 m mod højre',
		'gentag 1.-2. omg 2 gange til',
	]);
});

it('in left hands the name says how it is seen to lean, and the sentence where it is held', () => {
	const swatch = newSwatch({
		title: 'a',
		castOn: 8,
		shape: 'flat',
		school: 'slash',
		text: 'Row 1: k1, 2/2 LC, 2/1 RPC',
	});
	const rowIn = (demonstrates: Demonstration): unknown => {
		const { worked, mirrored } = swatchShown(swatch, { demonstrates, glossary: '' }, undefined);
		const rows = rowsInLanguage(worked, { language: LANGUAGES[0]!, mirrored });
		return rows.ok && rows.value.split('\n')[1];
	};
	const held = '1 M auf einer Zopfnadel hinter die Arbeit legen, 2 M re, die 1 M der Zopfnadel li';
	expect(rowIn('right')).toBe(`1. R (Hinr): 1 M re, 4 M nach links verkreuzen, ${held}`);
	// The same fabric begins at the other edge, and leans as it did.
	expect(rowIn('left-same')).toBe(
		`1. R (Hinr): 2 M auf einer Zopfnadel vor die Arbeit legen, 1 M li, die 2 M der Zopfnadel re, 4 M nach links verkreuzen, 1 M re`,
	);
	// The same moves lean the other way.
	expect(rowIn('left-mirrored')).toBe(`1. R (Hinr): 1 M re, 4 M nach rechts verkreuzen, ${held}`);
});
