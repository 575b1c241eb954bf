import { hand } from '@pond-loop/core/craft';
import { SCHOOL_IDS } from '@pond-loop/core/notation';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addressOf, choicesFrom, DEFAULT_WAY, schoolFrom, type StageChoices } from './choices';
import { lightFrom } from './light';

const paramsOf = (address: string): URLSearchParams => new URL(address, 'http://pond').searchParams;

describe('the address of a stage', () => {
	it('says all that is chosen, whatever was typed', () => {
		const choices: fc.Arbitrary<StageChoices> = fc.record({
			text: fc.string({ unit: 'grapheme', maxLength: 80 }),
			school: fc.constantFrom(...SCHOOL_IDS),
			way: fc.constantFrom(...hand.ways.map((w) => w.id)),
			step: fc.nat(60),
			slip: fc.constantFrom(undefined, ...hand.slips.map((s) => s.id)),
		});
		fc.assert(
			fc.property(choices, (chosen) => {
				expect(choicesFrom(paramsOf(addressOf(chosen)), 'slash')).toEqual(chosen);
			}),
		);
	});

	it('falls back to the start for whatever it says wrongly', () => {
		const wrong = paramsOf('/crossings?way=by-wishing&step=-3&slip=none&school=ours');
		expect(choicesFrom(wrong, 'slash')).toEqual({
			text: 'C4F',
			school: 'total-front-back',
			way: DEFAULT_WAY,
			step: 0,
			slip: undefined,
		});
		for (const step of ['1.5', 'NaN', '1e999', ''])
			expect(choicesFrom(paramsOf(`/?step=${step}`), 'slash').step).toBe(0);
	});

	it('begins with an example that the remembered school can read', () => {
		expect(choicesFrom(new URLSearchParams(), 'slash').text).toBe('2/2 RC');
		expect(choicesFrom(new URLSearchParams(), 'total-front-back').text).toBe('C4F');
	});
});

describe('cookies', () => {
	it('that were spoilt mean the usual', () => {
		expect([schoolFrom('slash'), schoolFrom('<script>'), schoolFrom(undefined)]).toEqual([
			'slash',
			'total-front-back',
			'total-front-back',
		]);
		expect([lightFrom('dusk'), lightFrom('noon'), lightFrom(undefined)]).toEqual(['dusk', 'day', 'day']);
	});
});
