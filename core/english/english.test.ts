import { describe, expect, it } from 'vitest';
import { englishOf, inEnglish } from './index.ts';

describe('UK and US words', () => {
	it('are one set or the other, with capitals as they were, and whole words alone', () => {
		const text =
			'Cast off loosely. My tension square is in stocking stitch, two colours, 10 centimetres wide. Practise it: tension number 6, in grey, the centre travelling.';
		expect(inEnglish(text, 'uk')).toBe(text);
		expect(inEnglish(text, 'us')).toBe(
			'Bind off loosely. My gauge swatch is in stockinette, two colors, 10 centimeters wide. Practice it: tension number 6, in gray, the center traveling.',
		);
		expect(inEnglish('A colourless parameter, 12 metres', 'us')).toBe('A colourless parameter, 12 meters');
		expect(inEnglish('Tension', 'us')).toBe('Gauge');
	});

	it('are those of the browser’s language', () => {
		expect(['en-US', 'en-GB', 'de', 'en-AU', 'en-CA', 'en'].map(englishOf)).toEqual([
			'us',
			'uk',
			'uk',
			'uk',
			'uk',
			'uk',
		]);
	});
});
