import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fromCm, lengthName, needleName, NEEDLES_MM, reckonedLength, toCm } from './index.ts';

describe('needle sizes', () => {
	it('are said in the system asked for, with the millimetres beside it', () => {
		expect([needleName(4.5, 'mm'), needleName(4.5, 'us'), needleName(4.5, 'uk')]).toEqual([
			'4.5 mm',
			'US 7 (4.5 mm)',
			'UK 7 (4.5 mm)',
		]);
		expect([needleName(2.5, 'us'), needleName(6.5, 'us'), needleName(10, 'uk')]).toEqual([
			'US 1½ (2.5 mm)',
			'US 10½ (6.5 mm)',
			'UK 000 (10 mm)',
		]);
	});

	it('that a system skips are not put into the next one', () => {
		expect([needleName(3.5, 'uk'), needleName(7, 'us'), needleName(4.7, 'us')]).toEqual([
			'3.5 mm (no UK size)',
			'7 mm (no US size)',
			'4.7 mm (no US size)',
		]);
	});

	it('go up in every system as they do in millimetres: US numbers rise, UK numbers fall', () => {
		expect([...NEEDLES_MM].sort((a, b) => a - b)).toEqual(NEEDLES_MM);
		const numbers = (system: 'us' | 'uk'): number[] =>
			NEEDLES_MM.flatMap((mm) => {
				const size = /^U[SK] (\d+)(½?)/.exec(needleName(mm, system));
				if (!size) return [];
				// 0, 00, 000: each nought more is a size thicker.
				return /^0{2,}$/.test(size[1]!) ? [1 - size[1]!.length] : [Number(size[1]) + (size[2] ? 0.5 : 0)];
			});
		const rising = (values: readonly number[]): boolean => values.every((v, i) => i === 0 || v > values[i - 1]!);
		expect([rising(numbers('us')), rising(numbers('uk').map((n) => -n))]).toEqual([true, true]);
		expect([numbers('us').length, numbers('uk').length]).toEqual([17, 17]);
	});
});

describe('lengths', () => {
	it('are stored in centimetres: an inch is 2.54 of them', () => {
		expect([toCm(10, 'cm'), toCm(10, 'in'), fromCm(10, 'cm'), fromCm(25.4, 'in')]).toEqual([10, 25.4, 10, 10]);
		expect([reckonedLength(12.34, 'cm'), reckonedLength(12.7, 'in')]).toEqual(['12.3 cm', '5.0 in']);
	});

	it('are rounded for hands: half centimetres, quarter inches', () => {
		expect([15, 2.7, 0.4].map((cm) => lengthName(cm, 'cm'))).toEqual(['15 cm', '2.5 cm', '0.5 cm']);
		expect([15, 10, 1, 2.54, 0.1].map((cm) => lengthName(cm, 'in'))).toEqual(['6 in', '4 in', '½ in', '1 in', '0 in']);
	});

	it('are never off by more than half of the step', () => {
		const FRACTIONS: Readonly<Record<string, number>> = { '': 0, '¼': 0.25, '½': 0.5, '¾': 0.75 };
		fc.assert(
			fc.property(fc.double({ min: 0, max: 500, noNaN: true }), (cm) => {
				const [, whole = '', fraction = ''] = /^(\d*)([¼½¾]?) in$/.exec(lengthName(cm, 'in'))!;
				expect(Math.abs(Number(whole) + FRACTIONS[fraction]! - cm / 2.54)).toBeLessThanOrEqual(0.1251);
				expect(Math.abs(Number.parseFloat(lengthName(cm, 'cm')) - cm)).toBeLessThanOrEqual(0.2501);
			}),
		);
	});
});
