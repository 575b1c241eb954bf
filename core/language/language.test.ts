/** Patterns in other languages, read by their English. */

import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readGlossary } from '../notation/index.ts';
import { checkCase, readingOf } from '../../scripts/lib/vector-cases.ts';
import {
	detectLanguage,
	glossaryInEnglish,
	inEnglish,
	LANGUAGE_IDS,
	languageOf,
	LANGUAGES,
	looksLike,
	nameFrom,
	ROW_LANGUAGE_IDS,
	sentenceFrom,
	TERMS,
	WORDS_IN_ENGLISH,
	type LanguageId,
} from './index.ts';

interface Case {
	readonly language: LanguageId | 'en';
	readonly text: string;
	readonly castOn?: number;
	readonly expect: object;
}
const casesOf = (name: string): readonly Case[] =>
	JSON.parse(readFileSync(new URL(`../test/vectors/language-${name}.json`, import.meta.url), 'utf8')) as Case[];
const ALL = ['names', 'sentences', 'patterns'] as const;
const isLong = process.env['POND_LOOP_LONG'] === 'yes';

describe('texts in other languages', () => {
	it.each(ALL)('are as known answers have them: %s', (name) => {
		const wrong = casesOf(name).flatMap((one, i) => {
			const { id, why } = checkCase(one, i);
			return why === undefined ? [] : [`${id}: ${why}`];
		});
		expect(wrong).toEqual([]);
	});

	it.each(LANGUAGES.map((l) => [l.title, l] as const))(
		'have the example of their language: %s',
		(_, { id, example }) => {
			expect(sentenceFrom(id, example.sentence)).toEqual({
				english: expect.stringMatching(/^sl 2 sts to cn(?: and|,) hold in front, k2, k(?:2| the sts) from cn$/),
				problems: [],
			});
			const row = id === 'ja' ? nameFrom(id, example.row) : inEnglish(id, example.row);
			expect(row.problems).toEqual([]);
			expect(row.english).toMatch(id === 'ja' ? /^2\/2 LC$/ : /^Row 3(?: \(RS\))?: p\d, (\d)\/\1 LC, p\d$/);
		},
	);

	it.each([
		[
			'de',
			'Laternenband\n24 M anschlagen\nRd 1: *2 M li, 4 M re; ab * stets wdh\nRd 2 und alle folgenden geraden Rd: M str, wie sie erscheinen\nRd 3: [2 M li, 4 M nach rechts verkreuzen] 4x',
			'# Laternenband\nCast on 24 sts\nRnd 1: *p2, k4; rep from * to end\nRnd 2 and all even rows: knit the knits and purl the purls\nRnd 3: [p2, 2/2 RC] 4 times',
		],
		[
			'de',
			'Zopf 4: 2 M auf einer Zopfnadel vor die Arbeit legen, 2 M re, die 2 M der Zopfnadel re\n1. R: 2 M li, Zopf 4, 2 M li\n2. R: alle M li str',
			'Zopf 4: sl 2 sts to cn and hold in front, k2, k2 from cn\nRow 1: p2, Zopf 4, p2\nRow 2: p to end',
		],
		[
			'fr',
			'Monter 24 m\nRang 1 : *2 m env, 4 m end; rép de * à la fin\nRang 2 : 2 m ens à l’end, 1 jeté, tricoter à l’endroit jusqu’à la fin\nTous les rangs envers : tricoter les m comme elles se présentent\nRabattre toutes les m.',
			'Cast on 24 sts\nRow 1: *p2, k4; rep from * to end\nRow 2: k2tog, yo, k to end\nAll WS rows: knit the knits and purl the purls\nBind off.',
		],
		[
			'nl',
			'Zet 24 st op\nToer 1: *2 av, 4 r; herhaal vanaf * tot het einde',
			'Cast on 24 sts\nRnd 1: *p2, k4; rep from * to end',
		],
		['da', 'Slå 24 m op\n1. omg: 2 r sm, slå om, 4 r', 'Cast on 24 sts\nRnd 1: k2tog, yo, k4'],
		['nb', 'Legg opp 24 m\n1. omg: 2 r sm, kast, 4 r', 'Cast on 24 sts\nRnd 1: k2tog, yo, k4'],
		[
			'sv',
			'Lägg upp 24 m\nVarv 1: *2 am, 4 rm; upprepa från * till slutet',
			'Cast on 24 sts\nRow 1: *p2, k4; rep from * to end',
		],
		[
			'es',
			'Montar 24 p\nVuelta 1: *2 rev, 4 der; repetir desde * hasta el final\nCerrar todos los p.',
			'Cast on 24 sts\nRnd 1: *p2, k4; rep from * to end\nBind off.',
		],
		[
			'it',
			'Avviare 24 m\nGiro 1: 2 m ins a dir, gettato, 4 dir\nChiudere tutte le m.',
			'Cast on 24 sts\nRnd 1: k2tog, yo, k4\nBind off.',
		],
		[
			'de',
			'60 (64/68) M anschlagen\n1. R: 3 (4/5) M re, *2 M re, 2 M li, ab * 3 (4/5)x wdh, 1 M zun, aus 1 M 2 M herausstr\n1.-4. R noch 2 (3/4)x wdh',
			'Cast on 60 (64, 68) sts\nRow 1: k3 (4, 5), *k2, p2; rep from * 3 (4, 5) times, inc 1, kfb\nRep rows 1-4 2 (3, 4) times more',
		],
		[
			'nb',
			'Legg opp 60 (64) 68 (72) m\n1. p: [2 r, 3 vr] 3 (4) 5 (6) ganger, øk 1 m i lenken',
			'Cast on 60 (64, 68, 72) sts\nRow 1: [k2, p3] 3 (4, 5, 6) times, m1',
		],
	] as const)('are written in English: %s', (language, text, english) => {
		expect(inEnglish(language, text)).toMatchObject({ english, problems: [] });
	});
});

it('numbers of several sizes are refused where a crossing has one, and so is a number too many', () => {
	const [first, second] = [
		inEnglish('de', '1. R: 4 (6/8) M nach links verkreuzen\n2. R: 3 M li').problems,
		inEnglish('da', 'Slå 60 m 4 op').problems,
	];
	expect(first[0]!.what).toBe('Numbers for several sizes are not understood here.');
	expect(second.map((p) => p.what)).toEqual(['There is one number too many here.']);
});

describe('the language of a text', () => {
	const read = ALL.flatMap(casesOf).filter((c) => !('error' in c.expect) && c.text.length > 24);

	it('is seen, and English is none of them', () => {
		expect(read.filter((c) => detectLanguage(c.text) !== c.language).map((c) => c.text)).toEqual([]);
		expect(looksLike('Row 1: p3, k8, p3\nRow 2: knit the knits and purl the purls')).toBe('en');
		expect(looksLike('sl 2 sts to cn and hold in front, k2, k2 from cn')).toBe('en');
		// A German title over English rows.
		expect(looksLike('Laternenband\nRow 1: p3, k8, p3\nRow 2: k3, p8, k3')).toBe('en');
		expect(looksLike('C4F')).toBeUndefined();
	});

	it('must be the one that is chosen: a text in another one is refused with its name, never half read', () => {
		for (const { language, text, castOn } of read) {
			const [line] = text.split('\n');
			for (const other of LANGUAGE_IDS.filter((id) => id !== language)) {
				if (castOn !== undefined) {
					const [first] = inEnglish(other, text).problems;
					expect(first?.what, `${other}: ${text}`).toBe(`This looks like ${languageOf(language as LanguageId).title}.`);
				} else {
					const { english, problems } = sentenceFrom(other, line!);
					// Danish and Norwegian have most of their words in common, and then they mean the same.
					const isSame = problems.length === 0 && english === sentenceFrom(language as LanguageId, line!).english;
					expect(problems.length > 0 || english === '' || isSame, `${other}: ${line!} → ${english}`).toBe(true);
				}
			}
		}
		expect(inEnglish('de', 'Row 1: p3, k8, p3\nRow 2: k3, p8, k3').problems[0]!.what).toBe('This looks like English.');
	});
});

describe('a word that is put into a text', () => {
	it.each(LANGUAGE_IDS)('never goes without effect: %s', (id) => {
		const { words } = languageOf(id);
		const asked = TERMS.filter(
			(t) => !['filler', 'then', 'and', 'work', 'put', 'stitch', 'from', 'to', 'slip'].includes(t),
		);
		const strange = [['xyzzy'], ...asked.flatMap((t) => (words[t] ? [words[t].split('|')] : []))];
		const sentences = casesOf('sentences').filter((c) => c.language === id && !('error' in c.expect));
		const reading = (text: string): string => {
			const { english, problems } = sentenceFrom(id, text);
			return problems.length > 0
				? 'refused'
				: readingOf({ reads: 'glossary', dialect: 'any', castOn: 0, shape: 'flat' }, english);
		};
		const gap = id === 'ja' ? '' : ' ';
		fc.assert(
			fc.property(
				fc.constantFrom(...sentences),
				fc.constantFrom(...strange),
				fc.nat(),
				({ text }, [word = '', ...others], nth) => {
					const places = [...text.matchAll(id === 'ja' ? /(?=[、表裏]|$)/gu : /(?<=\S)\s|$/g)].map((m) => m.index);
					const at = places[nth % places.length]!;
					const changed = `${text.slice(0, at)}${gap}${word}${text.slice(at)}`;
					// What is said twice is said once.
					fc.pre(![word, ...others].some((one) => text.toLowerCase().includes(one)));
					expect(reading(changed), changed).not.toBe(reading(text));
				},
			),
			{ numRuns: isLong ? 20_000 : 300 },
		);
	});
});

describe('words of a language', () => {
	it.each(LANGUAGES.map((l) => [l.title, l] as const))(
		'are in small letters, without stops, and each once: %s',
		(_, { words, labels }) => {
			for (const table of [words, labels]) {
				const all = Object.values(table).flatMap((said) => said.split('|'));
				expect(all.filter((word) => word !== word.toLowerCase() || /[.,’']|^\s|\s$/.test(word))).toEqual([]);
			}
			for (const [term] of WORDS_IN_ENGLISH) expect(TERMS).toContain(term);
		},
	);
});

it('rows are written in all that are read but Japanese', () => {
	expect(LANGUAGES.filter((l) => l.write).map((l) => l.id)).toEqual(ROW_LANGUAGE_IDS);
});

describe('a teacher’s own lines', () => {
	const lines =
		'C4F: sl 2 sts to cn and hold in front, k2, k2 from cn\nZL: 2 M auf einer Zopfnadel vor die Arbeit legen, 2 M re, die 2 M der Zopfnadel re';
	const isRead = (line: string): boolean => {
		const { entries, problems } = readGlossary(line);
		return problems.length === 0 && entries.every((e) => e.problems.length === 0);
	};

	it('are put in English where they are not, below what was typed', () => {
		const { text, problems } = glossaryInEnglish('de', lines, isRead);
		expect(problems).toEqual([]);
		expect(text.split('\n')).toEqual([
			lines.split('\n')[0],
			`# German: ${lines.split('\n')[1]}`,
			'ZL: sl 2 sts to cn and hold in front, k2, k2 from cn',
		]);
		const { entries } = readGlossary(text);
		expect(entries.map((e) => [e.name, e.readings[0]!.crossing])).toEqual([
			['C4F', entries[0]!.readings[0]!.crossing],
			['ZL', entries[0]!.readings[0]!.crossing],
		]);
		expect(glossaryInEnglish('de', text, isRead).text).toBe(text);
	});

	it('stay as they are where a word is not known', () => {
		const { text, problems } = glossaryInEnglish('de', `${lines}, Wurst`, isRead);
		expect(text).toBe(`${lines}, Wurst`);
		expect(problems.map((p) => text.slice(p.at.from, p.at.to))).toEqual(['Wurst']);
	});

	it('are known in rows of the language, beside a sentence as well', () => {
		const row =
			'1. R: 2 M li, ZL, 1 M auf einer Zopfnadel hinter die Arbeit legen, 1 M re, die 1 M der Zopfnadel re, ZL';
		expect(inEnglish('de', row).problems).not.toEqual([]);
		expect(inEnglish('de', row, { names: ['ZL'] })).toMatchObject({
			problems: [],
			english: 'Row 1: p2, ZL, sl 1 st to cn and hold in back, k1, k1 from cn, ZL',
		});
	});
});
