import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkCase } from '../../scripts/lib/vector-cases.ts';
import { equal } from '../crossing/index.ts';
import { everyTwoGroups } from '../test/arbitraries.ts';
import { MAX_NAME_LENGTH, readName, SCHOOL_IDS, SCHOOLS, wordsFor, type NameNotRead } from './index.ts';

const refusal = (text: string, school: (typeof SCHOOL_IDS)[number] = 'slash'): NameNotRead => {
	const read = readName(text, school);
	if (read.ok) throw new Error(`${text} was read`);
	return read;
};

describe('reading names', () => {
	const cases: { id: string; dialect: string }[] = JSON.parse(
		readFileSync(new URL('../test/vectors/names.json', import.meta.url), 'utf8'),
	);

	it('agrees with every known answer of its schools for two groups', () => {
		const threeGroups = ['names-65', 'names-66', 'names-67'];
		const ours = cases.filter((c) => ['slash', 'total-front-back'].includes(c.dialect) && !threeGroups.includes(c.id));
		expect(ours.length).toBe(54);
		expect(ours.map((c, i) => checkCase(c, i)).filter((v) => v.why !== undefined)).toEqual([]);
	});

	it('refuses what it cannot read yet, and never answers it wrongly', () => {
		const wrong = cases
			.map((c, i) => checkCase(c, i))
			.filter((v) => v.why && / is \[| is \d|lacks|must not/.test(v.why));
		expect(wrong).toEqual([]);
	});

	it('reads back every name that a school writes, exactly', () => {
		let written = 0;
		for (const { crossing } of everyTwoGroups(6)) {
			for (const id of SCHOOL_IDS) {
				const name = SCHOOLS[id].write(crossing);
				if (name === undefined) continue;
				written += 1;
				const read = readName(name, id);
				expect(read.ok && equal(read.crossing, crossing), name).toBe(true);
			}
		}
		expect(written).toBeGreaterThan(6 * 6 * 8);
	});

	it.each([
		['2/1 LPC', ['2/1lpc', '2-1 LPC', '2x1 left purl cross', ' 2 OVER 1  Left Purl Cross ', '2 / 1 l p c', '2–1 LPC']],
		['3/3 RC', ['3 over 3 right cross', '3/3RC', '3x3 right cable', '3 X 3 R C']],
		['C6B', ['c6b', 'cable 6 back', 'CB6', 'C 6 B', 'cable 6 b']],
		['T4F', ['t4f', 'twist 4 front', 'TF4', 'T4 forward']],
	])('takes the many ways of writing %s for one', (name, others) => {
		const meant = readName(name, 'total-front-back');
		for (const other of others) {
			const read = readName(other, 'total-front-back');
			expect(meant.ok && read.ok && equal(read.crossing, meant.crossing), other).toBe(true);
		}
	});

	it('never throws and never answers with an invalid crossing, whatever is typed', () => {
		const pieces = fc.constantFrom(
			...'0123456789/-x RCLPCFBTover cable tbl½×–\u0000\u202e🧶'.split(''),
			'over',
			'cross',
			'2/2 RC',
		);
		const texts = fc.oneof(
			fc.string({ unit: 'binary', maxLength: 120 }),
			fc.array(pieces, { maxLength: 12 }).map((p) => p.join('')),
		);
		fc.assert(
			fc.property(texts, fc.constantFrom(...SCHOOL_IDS), (text, school) => {
				const read = readName(text, school);
				if (read.ok) expect(read.crossing.order.length).toBe(read.crossing.n);
				else {
					expect(read.problems.length).toBeGreaterThan(0);
					expect(read.close.every((c) => readName(c.name, c.school).ok)).toBe(true);
				}
			}),
			{ numRuns: 3000 },
		);
	});
});

describe('a name that cannot be read', () => {
	it('says what was understood, what was not, and what is close', () => {
		const read = refusal('2/2 XC');
		expect(read.understood.map((p) => p.text)).toEqual(['2', '/', '2']);
		expect(read.unknown.map((p) => [p.text, p.from, p.to])).toEqual([['XC', 4, 6]]);
		expect(read.close.slice(0, 2).map((c) => c.name)).toEqual(['2/2 RC', '2/2 LC']);
	});

	it.each([
		['2/2', 'unfinished'],
		['RC 2/2', 'out-of-place'],
		['2//2 RC', 'out-of-place'],
		['purple', 'unknown-part'],
		['½ RC', 'unknown-part'],
		['', 'empty'],
		['0/2 RC', 'count'],
		['31/30 RC', 'count'],
		['2/2 RC'.padEnd(MAX_NAME_LENGTH + 1, '!'), 'length'],
	])('says why: %j is %s', (text, code) => {
		expect(refusal(text).problems.map((p) => p.code)).toEqual([code]);
	});

	it('is not guessed in another school, but offered there', () => {
		expect(refusal('C4F', 'slash').elsewhere).toBe('total-front-back');
		expect(readName('2/2 RC', 'total-front-back')).toMatchObject({ ok: true, school: 'slash' });
	});

	it('asks for the glossary when an odd total can be split in two ways, and offers both', () => {
		const read = refusal('T5F', 'total-front-back');
		expect(read.problems[0]?.code).toBe('needs-glossary');
		expect(read.close.map((c) => c.name)).toEqual(['3/2 LPC', '2/3 LPC']);
	});
});

describe('words', () => {
	it('say look and hold of the same crossing', () => {
		const read = readName('2/1 RPC', 'slash');
		expect(read.ok && wordsFor(read.crossing)).toEqual({
			title: '2 over 1, leaning right, purled behind',
			lean: 'right',
			hold: 'back',
			heldCount: 1,
			look: '2 and 3 pass in front of 1',
			hands: 'hold the first stitch at the back',
			work: 'purl 1, knit 2 and 3',
		});
	});
});
