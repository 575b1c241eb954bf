import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { canonical, equal, twoGroups } from '../crossing/index.ts';
import { anyCrossing } from '../test/arbitraries.ts';
import { named } from '../test/made.ts';
import {
	differencesOf,
	entryFor,
	GLOSSARY_LIMITS,
	plainName,
	readGlossary,
	readNameWith,
	readRows,
	withKept,
	withoutKept,
} from './index.ts';

const glossary = readGlossary(`C4F: sl 2 sts to cn and hold in back, k2, k2 from cn

T3 B = sl 1 to cn, hold in back, k2, p1 from cn
2 over 1 LPC: sl 2 to cn, hold in front, k1, k2 from cn
C5F: sl 2 to cn, k3, k2 from cn
no entry at all
C6F: sl 3 to cn, hold in front, k3`);

describe('a glossary', () => {
	it('reads its lines, and says which ones it cannot', () => {
		expect(glossary.entries.map((e) => [e.name, e.line, e.readings.length, e.problems.length])).toEqual([
			['C4F', 1, 1, 0],
			['T3 B', 3, 1, 0],
			['2 over 1 LPC', 4, 1, 0],
			['C5F', 5, 2, 0],
			['C6F', 7, 0, 1],
		]);
		expect(glossary.problems.map((p) => p.what)).toEqual(['Line 6 is not a name and its sentence.']);
	});

	it('finds a name however it is written', () => {
		expect(['c4f', ' C 4 F ', 't3b', '2/1 lpc', '2-1LPC', '2x1 LPC'].map((n) => entryFor(glossary, n)?.line)).toEqual([
			1, 1, 3, 4, 4, 4,
		]);
		expect([entryFor(glossary, 'C44F'), entryFor(glossary, '21 LPC'), entryFor(glossary, '')]).toEqual([
			undefined,
			undefined,
			undefined,
		]);
	});

	it('overrides every school, leaves open what it leaves open, and lets alone what it cannot run', () => {
		const read = (name: string, choose = 0): string | undefined => {
			const r = readNameWith(glossary, name, 'total-front-back', choose);
			return r.ok ? canonical(r.crossing) : undefined;
		};
		expect(read('C4F')).toBe(canonical(named('2/2 RC')));
		expect([read('C5F'), read('C5F', 1)]).toEqual([canonical(named('2/3 LC')), canonical(named('3/2 RC'))]);
		// Its own line cannot be done, so the school decides.
		expect(read('C6F')).toBe(canonical(named('3/3 LC')));
		expect(read('C8B')).toBe(canonical(named('4/4 RC')));
	});

	it('has its limits, and takes any text', () => {
		expect(readGlossary('x'.repeat(GLOSSARY_LIMITS.characters + 1)).problems[0]?.code).toBe('length');
		fc.assert(
			fc.property(fc.string(), (text) => void expect(readGlossary(text).entries.length).toBeLessThanOrEqual(100)),
		);
	});
});

describe('two accounts of a crossing', () => {
	it('that agree differ in nothing, and others say in what', () => {
		expect(differencesOf(named('2/2 LC'), named('2/2 LC'))).toEqual([]);
		expect(differencesOf(named('2/2 LC'), named('2/2 RC'))).toEqual(['leans left, not right']);
		expect(differencesOf(named('2/1 LPC'), named('2/1 LC'))).toEqual(['3 worked another way']);
		expect(differencesOf(named('2/2 LC'), named('3/3 LC'))).toEqual(['4 stitches, not 6']);
		expect(differencesOf(named('2/1 LC'), named('1/2 LC'))).toEqual(['the order 3 1 2, not 2 3 1']);
		expect(differencesOf(named('2/1/2 LC, centre between'), named('2/1/2 LC, centre behind'))).toEqual([
			'other stitches lie on top',
		]);
		fc.assert(
			fc.property(anyCrossing(5), anyCrossing(5), (a, b) => {
				expect(differencesOf(a, b).length === 0).toBe(canonical(a) === canonical(b));
			}),
		);
	});
});

describe('crossings of one’s own', () => {
	it('are known by their names behind the lines that were typed, which come back as they were', () => {
		const name = fc.string({ unit: 'grapheme', minLength: 1, maxLength: 60 });
		fc.assert(
			fc.property(fc.array(fc.record({ name, crossing: anyCrossing() }), { maxLength: 20 }), (own) => {
				const typed = 'C4F: sl 1 to cn and hold in front, k1, k1 from cn';
				const all = withKept(typed, own);
				expect(withoutKept(all)).toBe(typed);
				const glossary = readGlossary(all);
				expect(
					equal(entryFor(glossary, 'c4f')!.readings[0]!.crossing, twoGroups({ front: 1, behind: 1, lean: 'left' })),
				).toBe(true);
				for (const { name } of own) {
					if (/[:=\r\n]/.test(name) || !/[\p{L}\p{N}]/u.test(name)) continue;
					const found = entryFor(glossary, name);
					const first = own.find((o) => plainName(o.name) === plainName(name) && !/[:=\r\n]/.test(o.name))!;
					if (plainName(name) !== 'c4f') expect(found && equal(found.readings[0]!.crossing, first.crossing)).toBe(true);
				}
			}),
			{ numRuns: 200 },
		);
		const wide = twoGroups({ front: 30, behind: 30, lean: 'left' });
		expect(withKept('', [{ name: 'wide', crossing: wide }])).toBe('');
		const heron = twoGroups({ front: 2, behind: 2, lean: 'right', behindWork: 'p' });
		const school = 'slash';
		const read = readRows('Row 1: k1, heron knot, k1', {
			school,
			glossary: readGlossary(withKept('', [{ name: 'Heron knot', crossing: heron }])),
		});
		expect([read.problems, read.rows[0]!.items.map((i) => i.kind)]).toEqual([[], ['stitch', 'crossing', 'stitch']]);
	});
});
