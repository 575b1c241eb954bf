import { expect, it } from 'vitest';
import { NICKNAME_MOST, summaryOf, type Answer } from './index.ts';

const NOW = Date.parse('2026-11-28T12:00:00Z');
const HOUR = 3600_000;
const answer = (hoursAgo: number, kind: string, right: boolean, crossing?: string): Answer => ({
	...{ at: NOW - hoursAgo * HOUR, kind, right },
	...(crossing === undefined ? {} : { crossing }),
});

it('counts answers by kind in the order in which they came, and tells the crossings that went wrong most often first', () => {
	const shown = summaryOf(
		[
			answer(50, 'lean', true, '2/2 RC'),
			answer(49, 'hold', false, '2/2 LC'),
			answer(30, 'lean', false, '2/1 RPC'),
			answer(3, 'lean', false, '2/1 RPC'),
			answer(2, 'hold', true, '2/2 LC'),
			answer(1, 'rows', false),
		],
		'  Oda ',
		NOW,
	);
	expect(shown).toEqual({
		...{ format: 'pond-loop/practice-summary', version: 1, name: 'Oda' },
		// Two days ago, yesterday, today.
		days: 3,
		kinds: [
			{ kind: 'lean', asked: 3, right: 1 },
			{ kind: 'hold', asked: 2, right: 1 },
			{ kind: 'rows', asked: 1, right: 0 },
		],
		// 2/2 RC was never wrong.
		crossings: [
			{ name: '2/1 RPC', asked: 2, right: 0 },
			{ name: '2/2 LC', asked: 2, right: 1 },
		],
	});
});

it('looks back four weeks and not into days to come, tells eight crossings at most, and cuts a long name', () => {
	const weeks = 28 * 24;
	const kinds = (...hours: number[]) =>
		summaryOf(
			hours.map((h) => answer(h, String(h), true)),
			'',
			NOW,
		).kinds;
	expect(kinds(weeks, weeks - 1, 0, -1).map((k) => k.kind)).toEqual([String(weeks - 1), '0']);
	const many = Array.from({ length: 9 }, (_, i) => answer(1, 'lean', false, `${i + 1}/1 RC`));
	const shown = summaryOf([...many, answer(1, 'lean', false, '9/1 RC')], 'o'.repeat(50), NOW);
	// Nine once and one of them twice: the twice wrong one comes first, then the first seven.
	expect(shown.crossings.map((c) => c.name)).toEqual([9, 1, 2, 3, 4, 5, 6, 7].map((n) => `${n}/1 RC`));
	expect(shown.name).toHaveLength(NICKNAME_MOST);
});
