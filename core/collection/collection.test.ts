import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { equal } from '../crossing/index.ts';
import { readGlossary, readName } from '../notation/index.ts';
import { turnedRound } from '../test/made.ts';
import { collection, GRADES, type Lookup, lookUp, MAKES, those } from './index.ts';

const none = readGlossary('');
const hits = (found: Lookup): string[] => (found.kind === 'part' ? [] : found.hits.map((h) => h.name?.text ?? '?'));

describe('the collection', () => {
	it('has every two groups to 6 over 6 and three to 3/3/3, each lean and make, once', () => {
		const all = collection();
		expect(all.length).toBe(4 * 2 * (36 + 27 * 2));
		expect(new Set(all.map((e) => e.id)).size).toBe(all.length);
		expect(new Set(all.map((e) => e.grade))).toEqual(new Set(GRADES));
		for (const e of all) {
			const read = readName(e.id, 'slash');
			expect(read.ok && equal(read.crossing, e.crossing), e.id).toBe(true);
		}
	});

	it('begins with what a class begins with', () => {
		expect(
			collection()
				.slice(0, 4)
				.map((e) => e.id),
		).toEqual(['1/1 LC', '1/1 RC', '2/2 LC', '2/2 RC']);
		const grades = collection().map((e) => GRADES.indexOf(e.grade));
		expect(grades).toEqual([...grades].sort((a, b) => a - b));
	});

	it('gives just those that are wanted', () => {
		const wide = those(collection(), { lean: 'left', make: 'knit', groups: 2, verdict: 'tight' });
		expect(wide.map((e) => e.id)).toEqual(expect.arrayContaining(['4/4 LC', '4/1 LC', '1/4 LC']));
		for (const e of wide) expect([e.lean, e.make, e.groups, e.verdict]).toEqual(['left', 'knit', 2, 'tight']);
		expect(those(collection(), { width: 12, groups: 3 })).toEqual([]);
		expect(those(collection(), {}).length).toBe(collection().length);
		expect(MAKES.map((make) => those(collection(), { make, width: 2 }).length)).toEqual([2, 2, 2, 2]);
	});
});

describe('looking up', () => {
	it('finds a crossing by any name of any school, every reading of one that schools read differently', () => {
		expect(hits(lookUp('2/1 LPC', collection(), none))).toEqual(['2/1 LPC']);
		const c4f = lookUp('c4f', collection(), none);
		expect(c4f.kind === 'name' && c4f.hits.map((h) => [h.school, h.crossing.n])).toEqual([
			['total-front-back', 4],
			['held-front-back', 8],
		]);
		// Beyond the collection as well.
		expect(hits(lookUp('9 over 8 right cross', collection(), none))).toEqual(['9 over 8 right cross']);
	});

	it('puts a line of the glossary first', () => {
		const glossary = readGlossary('C4F: sl 1 to cn and hold in front, k3, k1 from cn');
		const found = lookUp('C4F', collection(), glossary);
		expect(found.kind === 'name' && found.hits[0]).toMatchObject({
			says: 'by your glossary',
			name: { text: '1/3 LC' },
		});
		expect(found.kind === 'name' && found.hits.length).toBe(3);
	});

	it('runs a sentence, and finds entries by the beginning of a name', () => {
		expect(hits(lookUp('sl 2 to cn, k2, k2 from cn', collection(), none))).toEqual(['2/2 LC', '2/2 RC']);
		const part = lookUp('T4', collection(), none);
		expect(part.kind === 'part' && part.entries.map((e) => e.id)).toEqual(
			expect.arrayContaining(['2/2 LPC', '2/2 RPC']),
		);
		expect(lookUp('  ', collection(), none)).toEqual({ kind: 'part', entries: [], own: [] });
	});

	it('finds what is kept under a name of one’s own, whole or in part, before all others', () => {
		const kept = [{ name: 'Reed braid', crossing: turnedRound }];
		const whole = lookUp(' reed BRAID', collection(), none, kept);
		expect(whole.kind === 'name' && whole.hits.map((h) => h.own)).toEqual(['Reed braid']);
		const part = lookUp('brai', collection(), none, kept);
		expect(part.kind === 'part' && part.own.map((h) => h.crossing)).toEqual([turnedRound]);
		const both = lookUp('C4F', collection(), none, [{ name: 'c4f', crossing: turnedRound }]);
		expect(both.kind === 'name' && both.hits.length).toBe(3);
	});

	it('never throws', () => {
		fc.assert(
			fc.property(fc.string({ unit: 'binary', maxLength: 120 }), (text) => {
				expect(['name', 'sentence', 'part']).toContain(lookUp(text, collection(), none).kind);
			}),
		);
	});
});
