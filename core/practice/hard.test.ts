import { describe, expect, it } from 'vitest';
import { hardIn, PracticeSummarySchema, summaryOf, type Answer } from './index.ts';

const DAY = 24 * 3600_000;
const NOW = Date.parse('2026-11-24T20:00:00Z');
const answers = (kind: string, right: readonly number[], crossing?: string): Answer[] =>
	right.map((r, i) => ({ at: NOW - (i + 1) * DAY, kind, right: r === 1, ...(crossing ? { crossing } : {}) }));

describe('what is shown to a teacher', () => {
	it('counts days, kinds and the crossings that go wrong, of four weeks; and is read back', () => {
		const old: Answer = { at: NOW - 40 * DAY, kind: 'is-due', right: true };
		const shown = summaryOf(
			[old, ...answers('from-behind', [1, 0, 0], '2/2 LC'), ...answers('is-due', [1], '3/3 RC')],
			'  heron ',
			NOW,
		);
		expect(shown).toMatchObject({
			name: 'heron',
			days: 3,
			kinds: [
				{ kind: 'from-behind', asked: 3, right: 1 },
				{ kind: 'is-due', asked: 1, right: 1 },
			],
			crossings: [{ name: '2/2 LC', asked: 3, right: 1 }],
		});
		expect(PracticeSummarySchema.parse(shown)).toEqual(shown);
		expect(PracticeSummarySchema.safeParse({ ...shown, kinds: [{ kind: 'x', asked: 1, right: 2 }] }).success).toBe(
			false,
		);
	});

	it('is hard where more than a third of those who answered often enough have under two thirds right', () => {
		const of = (right: readonly number[]) => summaryOf(answers('from-behind', right), '', NOW);
		const two = hardIn([of([0, 0, 1]), of([1, 1, 1]), of([1, 1, 0])]).kinds[0]!;
		expect(two).toMatchObject({ people: 3, hardFor: 1, isHard: false, asked: 9, right: 6, skill: 'sides' });
		// Two answers say nothing of a person, but are counted.
		expect(hardIn([of([0, 0, 1]), of([1, 1, 1]), of([0, 0])]).kinds[0]).toMatchObject({
			people: 2,
			isHard: true,
			asked: 8,
		});
		// Nor does one person say anything of a class.
		expect(hardIn([of([0, 0, 0])]).kinds[0]).toMatchObject({ hardFor: 1, people: 1, isHard: false });
		expect(hardIn([])).toEqual({ kinds: [], crossings: [] });
	});
});
