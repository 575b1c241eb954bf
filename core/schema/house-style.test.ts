import { describe, expect, it } from 'vitest';
import { DEFAULT_HOUSE_STYLE, firstIssue, HouseStyleSchema, PREFERRED_WAYS } from './index.ts';

const said = (change: Record<string, unknown>): string => {
	const checked = HouseStyleSchema.safeParse({ ...DEFAULT_HOUSE_STYLE, ...change });
	return checked.success ? 'fine' : firstIssue(checked.error);
};

describe('a settings', () => {
	it('starts from one that is valid, and comes through JSON equal', () => {
		expect(HouseStyleSchema.parse(JSON.parse(JSON.stringify(DEFAULT_HOUSE_STYLE)))).toEqual(DEFAULT_HOUSE_STYLE);
	});

	it('says what is wrong and what to do', () => {
		expect(said({ needle: 4.6 })).toBe('That is not a needle size. Choose one from the list.');
		expect(said({ way: 'off-holder' })).toBe('There is no such way. Choose one from the list.');
		expect(said({ withoutHolderUpTo: 9 })).toBe('Choose between 2 and 8 stitches.');
		expect(said({ withoutHolderUpTo: 1 })).toBe('Choose between 2 and 8 stitches.');
		expect(said({ sides: { right: ' ', wrong: 'WS' } })).toBe(
			'The right side needs a word. Type one, such as RS or WS.',
		);
		expect(said({ sides: { right: 'RS', wrong: 'w'.repeat(31) } })).toMatch(/wrong side has at most 30 characters/);
		expect(said({ sides: { right: 'Side', wrong: ' side ' } })).toBe(
			'Both sides have the same word. Give each its own.',
		);
		for (const change of [
			{ school: 'ours' },
			{ demonstrates: 'both' },
			{ yarnHand: 1 },
			{ units: 'ell' },
			{ version: 2 },
		]) {
			expect(said(change)).not.toBe('fine');
		}
	});

	it('kept from before looms and machines, gets the usual ones; what no dial or loom has is refused', () => {
		const { loomShape, wrapWay, pegGauge, bedNumber, bedYarn, bedLever, ...before } = DEFAULT_HOUSE_STYLE;
		expect(HouseStyleSchema.parse(before)).toEqual(DEFAULT_HOUSE_STYLE);
		expect([loomShape, wrapWay, pegGauge, bedNumber, bedYarn, bedLever]).not.toContain(undefined);
		expect(said({ bedNumber: 11 })).toBe('Choose a number from 0 to 10.');
		expect(said({ pegGauge: 7 })).toBe('There is no such distance between pegs. Choose one from the list.');
	});

	it('keeps words without the spaces around them', () => {
		const sides = { right: '  show side ', wrong: 'inside' };
		expect(HouseStyleSchema.parse({ ...DEFAULT_HOUSE_STYLE, sides }).sides.right).toBe('show side');
	});

	it('offers a cable needle and every way that needs none and makes wider crossings', () => {
		expect(PREFERRED_WAYS).toEqual(['holder', 'pinch', 'slip-swap']);
	});
});
