import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkCase } from '../../scripts/lib/vector-cases.ts';
import { asThreeGroups, canonical, equal } from '../crossing/index.ts';
import { everyThreeGroups, everyTwoGroups } from '../test/arbitraries.ts';
import {
	MAX_NAME_LENGTH,
	type NameNotRead,
	readAll,
	readName,
	SCHOOL_IDS,
	SCHOOLS,
	type StatedSchool,
	wordsFor,
} from './index.ts';

const refusal = (text: string, school: (typeof SCHOOL_IDS)[number] = 'slash'): NameNotRead => {
	const read = readName(text, school);
	if (read.ok) throw new Error(`${text} was read`);
	return read;
};

describe('reading names', () => {
	const cases: { id: string; dialect: string }[] = JSON.parse(
		readFileSync(new URL('../test/vectors/names.json', import.meta.url), 'utf8'),
	);

	it('agrees with every known answer, in every school and in none', () => {
		expect(cases.length).toBe(77);
		expect(cases.map((c, i) => checkCase(c, i)).filter((v) => v.why !== undefined)).toEqual([]);
	});

	it('reads back every name that a school writes, exactly', () => {
		let written = 0;
		for (const { crossing } of [...everyTwoGroups(6), ...everyThreeGroups(3)]) {
			for (const id of SCHOOL_IDS) {
				const name = SCHOOLS[id].write(crossing);
				if (name === undefined) continue;
				written += 1;
				const read = readName(name, id);
				expect(read.ok && read.meanings.length === 1 && equal(read.crossing, crossing), name).toBe(true);
			}
		}
		// Each of the slash school, and many of the others.
		expect(written).toBeGreaterThan(6 * 6 * 8 + 27 * 16);
	});

	it.each([
		['2/1 LPC', ['2/1lpc', '2-1 LPC', '2x1 left purl cross', ' 2 OVER 1  Left Purl Cross ', '2 / 1 l p c', '2–1 LPC']],
		['3/3 RC', ['3 over 3 right cross', '3/3RC', '3x3 right cable', '3 X 3 R C']],
		['C6B', ['c6b', 'cable 6 back', 'CB6', 'C 6 B', 'cable 6 b']],
		['T4F', ['t4f', 'twist 4 front', 'TF4', 'T4 forward']],
		['C6L', ['c6l', 'cable 6 left', '6-st left cable', '6 stitch left cross', 'C 6 Left']],
		['RT', ['rt', 'right twist', 'R T', 'Right  Twist']],
		['2/1/2 LPC', ['2-1-2 left purl cross', '2 over 1 over 2 LPC', '2/1/2lpc, center between']],
	])('takes the many ways of writing %s for one', (name, others) => {
		const meant = readName(name, 'total-front-back');
		for (const other of others) {
			const read = readName(other, 'total-front-back');
			expect(meant.ok && read.ok && equal(read.crossing, meant.crossing), other).toBe(true);
		}
	});

	it('uses every word of a name: with one of no meaning in its place it is read no more, and few may be left out', () => {
		const cases = JSON.parse(readFileSync(new URL('../test/vectors/written-names.json', import.meta.url), 'utf8')) as {
			text: string;
			dialect: StatedSchool;
		}[];
		let looked = 0;
		const [idle, spare] = [new Set<string>(), new Set<string>()];
		for (const { text, dialect } of cases) {
			const meant = (name: string): string => {
				const read = readName(name, dialect);
				return read.ok ? canonical(read.crossing) : '';
			};
			if (meant(text) === '') continue;
			for (const m of text.matchAll(/[\p{L}\p{N}]+/gu)) {
				looked += 1;
				const put = (word: string): string => meant(text.slice(0, m.index) + word + text.slice(m.index + m[0].length));
				if (put('xyzzy') === meant(text)) idle.add(m[0]);
				if (put('') === meant(text)) spare.add(m[0].toLowerCase());
			}
		}
		expect([...idle]).toEqual([]);
		expect([...spare].sort()).toEqual(['cable', 'cross', 'over', 'twist']);
		expect(looked).toBeGreaterThan(180);
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
				expect(readAll(text).readings.length > 0 || readAll(text).problems.length > 0).toBe(true);
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
		['RC LC 2/2', 'out-of-place'],
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

	it('is not guessed when several schools read it, but shown as each of them means it', () => {
		const read = refusal('C4F', 'slash');
		expect(read.readings.map((r) => [r.school, r.crossing.n])).toEqual([
			['total-front-back', 4],
			['held-front-back', 8],
		]);
		expect(readName('C4R', 'held-front-back')).toMatchObject({ ok: true, school: 'total-right-left' });
		expect(readName('LT', 'slash')).toMatchObject({ ok: true, school: 'twist' });
		expect(readName('2/2 RC', 'total-front-back')).toMatchObject({ ok: true, school: 'slash' });
	});

	it('asks for the glossary when an odd total can be split in several ways, and shows all of them', () => {
		const read = refusal('T5F', 'total-front-back');
		expect(read.problems[0]?.code).toBe('needs-glossary');
		expect(read.readings.map((r) => SCHOOLS.slash.write(r.crossing))).toEqual([
			'3/2 LPC',
			'2/3 LPC',
			'2/1/2 LPC centre between',
			'2/1/2 LPC centre behind',
			'5/5 LPC',
		]);
		expect(readAll('C5F').needsGlossary).toBe(true);
	});
});

describe('a name that leaves something open', () => {
	it('gives every meaning, the usual one first, and the one that was chosen', () => {
		const read = readName('2/1/2 LC', 'slash');
		expect(read.ok && read.meanings.map((m) => asThreeGroups(m.crossing)?.lies)).toEqual(['between', 'behind']);
		const behind = readName('2/1/2 LC', 'slash', 1);
		expect(behind.ok && asThreeGroups(behind.crossing)?.lies).toBe('behind');
		const beyond = readName('2/1/2 LC', 'slash', 9);
		expect(beyond.ok && read.ok && equal(beyond.crossing, read.crossing)).toBe(true);
		expect(readAll('2/1/2 LC').readings.length).toBe(2);
	});

	it('passes the first number in front, in groups of different sizes too', () => {
		for (const [name, front] of [
			['3/1/2 LC', [1, 2, 3]],
			['3/1/2 RC', [4, 5, 6]],
		] as const) {
			const read = readName(name, 'slash');
			const three = read.ok ? asThreeGroups(read.crossing) : undefined;
			expect(three?.lean === 'left' ? three.tip : three?.far).toEqual(front);
		}
	});

	it('says what some houses mean by it against the rule', () => {
		const said = (name: string, school: (typeof SCHOOL_IDS)[number]): string[] => {
			const read = readName(name, school);
			return read.ok ? read.elsewhere.map((m) => `${m.differs} (${SCHOOLS.slash.write(m.crossing) ?? 'no name'})`) : [];
		};
		expect(said('C3F', 'total-front-back')).toEqual([
			'C purls the back group as well (2/1 LPC)',
			'3 is read 1 over 2 (1/2 LC)',
		]);
		expect(said('T4B', 'total-front-back')).toEqual(['T is a plain crossing, nothing is purled (2/2 RC)']);
		expect(said('2/1 RC tbl', 'slash')).toEqual(['only the front group is knit through the back loop (no name)']);
		expect(said('2/1 RC', 'slash')).toEqual([]);
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
