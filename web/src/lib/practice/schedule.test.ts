import { describe, expect, it } from 'vitest';
import { answered, NEW_A_DAY, nextOf, type Cards } from './schedule';

const DAY = 24 * 3600_000;
const start = new Date('2026-11-02T18:00:00Z');
const ids = Array.from({ length: 10 }, (_, i) => `kind-${i}`);

describe('what is asked when', () => {
	it('begins with new ones in their order, a few a sitting, never the same twice in a row', () => {
		let cards: Cards = {};
		let last: string | undefined;
		const asked: string[] = [];
		for (let i = 0; i < 12; i++) {
			const fresh = Object.keys(cards).length;
			const id = nextOf(ids, cards, start, last, fresh);
			expect(id).not.toBe(last);
			cards = answered(cards, id, true, start);
			asked.push(id);
			last = id;
		}
		expect(asked.slice(0, NEW_A_DAY)).toEqual(ids.slice(0, NEW_A_DAY));
		expect(new Set(asked).size).toBe(NEW_A_DAY);
	});

	it('asks what went wrong again before what went well, over a week', () => {
		let cards: Cards = {};
		for (const id of ids.slice(0, 3)) cards = answered(cards, id, true, start);
		cards = answered(cards, 'kind-1', false, start);
		const soon = new Date(start.getTime() + 30 * 60_000);
		expect(nextOf(ids.slice(0, 3), cards, soon, undefined, 9)).toBe('kind-1');
		const times = { right: 0, wrong: 0 };
		for (let day = 1; day <= 7; day++) {
			for (let i = 0; i < 6; i++) {
				const now = new Date(start.getTime() + day * DAY + i * 60_000);
				const id = nextOf(ids.slice(0, 3), cards, now, undefined, 9);
				if (new Date(cards[id]!.due) > now) break;
				times[id === 'kind-1' ? 'wrong' : 'right'] += 1;
				cards = answered(cards, id, id !== 'kind-1' || day > 3, now);
			}
		}
		expect(times.wrong).toBeGreaterThan(times.right / 2);
		// What went well for a week is asked days later.
		const due = new Date(cards['kind-0']!.due).getTime();
		expect(due - (start.getTime() + 7 * DAY)).toBeGreaterThan(0);
	});
});
