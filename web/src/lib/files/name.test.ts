import { describe, expect, it } from 'vitest';
import { localeFrom } from '$lib/ui/locale';
import { asAttachment, fileStem } from './name';

describe('names of files', () => {
	it('keep the letters of a title in any writing, and have one of plain letters for whoever knows no others', () => {
		expect(
			['Lantern: Šárka’s 2nd', 'Вечер ✂ петель', 'ערב', '🧶', '...', '  '].map((t) => fileStem(t, 'sheet')),
		).toEqual(['lantern-šárka-s-2nd', 'вечер-петель', 'ערב', 'sheet', 'sheet', 'sheet']);
		expect([...fileStem('é'.repeat(400), 'x')]).toHaveLength(80);
		expect(asAttachment(fileStem('Šárka', 'x'), 'pdf')).toBe(
			`attachment; filename="sarka.pdf"; filename*=UTF-8''%C5%A1%C3%A1rka.pdf`,
		);
		// No sign of a title ends the header or begins another.
		expect(asAttachment(fileStem('a"\r\nx: y*\'(', 'x'), 'pdf')).toBe(
			`attachment; filename="a-x-y.pdf"; filename*=UTF-8''a-x-y.pdf`,
		);
	});
});

describe('the language of dates', () => {
	it('is the first that a browser asks for and that is known, and never an error', () => {
		expect(localeFrom('de-AT,de;q=0.9,en;q=0.5')).toBe('de-AT');
		expect(localeFrom('*, xx-nonsense-, ;;, fi')).toBe('fi');
		for (const none of [null, '', '*', ',,;', 'x'.repeat(5000)]) expect(localeFrom(none)).toBe('en-GB');
	});
});
