import { CRAFT_IDS, DEMONSTRATIONS, foundId, hand } from '@pond-loop/core/craft';
import { MISTAKE_IDS } from '@pond-loop/core/handling';
import { SCHOOL_IDS } from '@pond-loop/core/notation';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addressOf, type StageChoices } from './address';
import { choicesFrom, schoolFrom } from './choices';
import { CAMERAS } from '$lib/choices/camera';
import { isLightChosen, lightFrom } from '$lib/ui/light';

const paramsOf = (address: string): URLSearchParams => new URL(address, 'http://pond').searchParams;

describe('the address of a stage', () => {
	it('says all that is chosen, whatever was typed', () => {
		const choices: fc.Arbitrary<StageChoices> = fc.record({
			text: fc.string({ unit: 'grapheme', maxLength: 80 }),
			own: fc.constantFrom(undefined, '2 1 | 1>2 | k k'),
			school: fc.constantFrom(...SCHOOL_IDS, 'any' as const),
			craft: fc.constantFrom(...CRAFT_IDS),
			way: fc.constantFrom(undefined, ...hand.ways.map((w) => w.id), foundId({ holders: 0, loose: 4, least: 'loose' })),
			meaning: fc.nat(3),
			step: fc.nat(60),
			mistake: fc.constantFrom(undefined, ...MISTAKE_IDS),
			site: fc.nat(5),
			camera: fc.constantFrom(...CAMERAS),
			hands: fc.constantFrom(undefined, ...DEMONSTRATIONS),
			yarn: fc.constantFrom(undefined, 'right' as const, 'left' as const),
			beside: fc.constantFrom(undefined, 'pinch', 'found'),
		});
		fc.assert(
			fc.property(choices, (chosen) => {
				expect(choicesFrom(paramsOf(addressOf(chosen)), 'slash')).toEqual({
					...chosen,
					site: chosen.mistake ? chosen.site : 0,
				});
			}),
		);
	});

	it('falls back to the start for whatever it says wrongly', () => {
		const wrong = paramsOf(
			'/stage?way=by-wishing&step=-3&mistake=none&site=2&view=below&hands=three&yarn=none&beside=x&school=ours&craft=felt',
		);
		expect(choicesFrom(wrong, 'slash')).toEqual({
			text: 'C4F',
			own: undefined,
			school: 'total-front-back',
			craft: 'hand',
			way: undefined,
			meaning: 0,
			step: 0,
			mistake: undefined,
			site: 0,
			camera: 'front',
			hands: undefined,
			yarn: undefined,
			beside: undefined,
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
		expect(['dusk', 'system-dusk', 'noon', undefined].map(lightFrom)).toEqual(['dusk', 'dusk', 'day', 'day']);
		expect(['dusk', 'system-dusk', undefined].map(isLightChosen)).toEqual([true, false, false]);
	});
});
