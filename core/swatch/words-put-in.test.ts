/** A word that asks for something, put anywhere into a text that is read, changes what is read, or the text is refused. */

import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkCase, readingOf } from '../../scripts/lib/vector-cases.ts';

interface Case {
	readonly text: string;
	readonly dialect?: string;
	readonly castOn?: number;
	readonly shape?: 'flat' | 'round';
	readonly expect: object;
}

const casesOf = (name: string): readonly Case[] =>
	JSON.parse(readFileSync(new URL(`../test/vectors/${name}.json`, import.meta.url), 'utf8')) as Case[];
const isLong = process.env['POND_LOOP_LONG'] === 'yes';

/** None of them states what is done anyway. */
const WORDS =
	'omit except dec-1 reversed below wrapping backwards MB bobble yo instead without not loosely half halfway sizes larger k2tog ssk kfb'
		.split(' ')
		.map((word) => word.replace('-', ' '));

const read = (name: string): readonly Case[] => casesOf(name).filter((c) => !('error' in c.expect));

/** Places between the words of the lines that ask hands for something; what a line says of materials is a note. */
function placesIn({ text }: Case, isPattern: boolean): readonly number[] {
	const places: number[] = [];
	let at = 0;
	for (const line of text.split('\n')) {
		const isWork = !isPattern || /^\W*(?:(?:next |chart |set-up )?(?:rows?|rnds?|rounds?|r\d)|\d|rep)/i.test(line);
		if (isWork) for (const m of line.matchAll(/(?<=\S)\s|$/g)) places.push(at + m.index);
		at += line.length + 1;
	}
	return places;
}

describe('a word that is put into a text', () => {
	it.each(['read-names', 'read-sentences', 'read-patterns', 'dropped'])('is as known answers have it: %s', (name) => {
		const wrong = casesOf(name).flatMap((one, i) => {
			const { id, why } = checkCase(one, i);
			return why === undefined ? [] : [`${id}: ${why}`];
		});
		expect(wrong).toEqual([]);
	});

	it.each([
		['glossary', ['written-sentences', 'read-sentences']],
		['pattern', ['written-patterns', 'read-patterns']],
	] as const)('never goes without effect: %s', (reads, files) => {
		const cases = files.flatMap(read);
		const as = ({ dialect = 'any', castOn = 0, shape = 'flat' }: Case) => ({ reads, dialect, castOn, shape });
		const known = new Map(cases.map((c) => [c, readingOf(as(c), c.text)]));
		let refused = 0;
		fc.assert(
			fc.property(fc.constantFrom(...cases), fc.constantFrom(...WORDS), fc.nat(), (one, word, nth) => {
				const places = placesIn(one, reads === 'pattern');
				const at = places[nth % places.length]!;
				const now = readingOf(as(one), `${one.text.slice(0, at)} ${word}${one.text.slice(at)}`);
				if (now === 'refused') refused += 1;
				expect(now === 'refused' || now !== known.get(one)).toBe(true);
			}),
			{ numRuns: isLong ? 50_000 : 1000, seed: 7 },
		);
		expect(refused).toBeGreaterThan(100);
	});
});
