import { expect, it } from 'vitest';
import { named } from '../../test/made.ts';
import { ask, type Deck } from '../index.ts';
import { stitchesOfName } from './counts.ts';

it('C6F takes six stitches of the row, and of the names that write both groups it is their sum', () => {
	const judged = (deck: Deck, given: string) => {
		const { question, judge } = ask(stitchesOfName, deck, 1)!;
		return { asks: question.asks, options: question.options.map((o) => o.id), ...judge([given]) };
	};
	const total: Deck = { school: 'total-front-back', crossings: [named('3/3 LC')] };
	expect(judged(total, '6')).toMatchObject({
		asks: 'C6F: how many stitches of the row does it take?',
		options: ['3', '6', '7', '12'],
		right: true,
		says: 'It is 3 over 3, leaning left: 6 stitches in all.',
	});
	expect(judged(total, '3').right).toBe(false);
	const slash: Deck = { school: 'slash', crossings: [named('2/1 RPC')] };
	expect(judged(slash, '3')).toMatchObject({
		asks: '2/1 RPC: how many stitches of the row does it take?',
		right: true,
	});
});
