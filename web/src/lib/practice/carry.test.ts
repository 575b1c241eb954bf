import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { joinedCards, packed, unpacked } from './carry';
import { answered, type Cards } from './schedule';

const DAY = 24 * 3600_000;
const start = new Date('2026-11-02T18:00:00Z').getTime();
const anyCards = fc
	.array(fc.tuple(fc.constantFrom('lean-of-name', 'from-behind', 'is-due', 'what-mends'), fc.boolean(), fc.nat(20)), {
		minLength: 1,
		maxLength: 30,
	})
	.map((given) => {
		let at = start;
		let cards: Cards = {};
		for (const [id, right, days] of given) {
			at += days * DAY + 60_000;
			cards = answered(cards, id, right, new Date(at));
		}
		return { cards, at };
	});

describe('what is carried to another phone', () => {
	it('comes out as it was: each kind is due when it was, and is scheduled on as it would have been', async () => {
		await fc.assert(
			fc.asyncProperty(anyCards, fc.boolean(), async ({ cards, at }, right) => {
				const there = (await unpacked(await packed(cards)))!;
				expect(Object.keys(there).sort()).toEqual(Object.keys(cards).sort());
				for (const id of Object.keys(cards)) {
					const [here, moved] = [cards, there].map((c) => answered(c, id, right, new Date(at + DAY))[id]!);
					expect(Math.abs(new Date(there[id]!.due).getTime() - new Date(cards[id]!.due).getTime())).toBeLessThan(
						10_000,
					);
					// Rounded figures move a day that is rounded as well by one at most.
					expect(Math.abs(moved!.due.getTime() - here!.due.getTime())).toBeLessThanOrEqual(DAY + 60_000);
					expect([moved!.reps, moved!.lapses, moved!.state]).toEqual([here!.reps, here!.lapses, here!.state]);
				}
			}),
			{ numRuns: 60 },
		);
	});

	it('is refused with a letter wrong, cut short or strange, and is short enough to scan with sixty kinds', async () => {
		const cards = answered({}, 'lean-of-name', true, new Date(start));
		const code = await packed(cards);
		for (let i = 0; i < code.length; i++) {
			const other = code[i] === 'A' ? 'B' : 'A';
			const read = await unpacked(code.slice(0, i) + other + code.slice(i + 1));
			// The last letter holds bits that mean nothing.
			if (i < code.length - 1) expect(read).toBeUndefined();
		}
		for (const strange of ['', 'hello', code.slice(0, -4), 'A'.repeat(5000), '%%%'])
			expect(await unpacked(strange)).toBeUndefined();
		let many: Cards = {};
		for (let i = 0; i < 60; i++)
			many = answered(many, `some-kind-of-question-${i}`, i % 3 > 0, new Date(start + i * DAY));
		expect((await packed(many)).length).toBeLessThan(2600);
		expect(Object.keys((await unpacked(await packed(many)))!)).toHaveLength(60);
	});

	it('joined with what is here keeps of each kind what was answered later', () => {
		const early = answered({}, 'a', false, new Date(start));
		const late = answered(answered({}, 'b', true, new Date(start)), 'a', true, new Date(start + DAY));
		expect(joinedCards(early, late)).toEqual({ a: late['a'], b: late['b'] });
		expect(joinedCards(late, early)).toEqual({ a: late['a'], b: late['b'] });
	});
});
