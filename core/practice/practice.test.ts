import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { equal, mirror, turn, type Crossing } from '../crossing/index.ts';
import { demonstrate, DEMONSTRATIONS, hand, HANDS_SAID, planIn, type Demonstration } from '../craft/index.ts';
import { prove, simulate, startState, type Move, type Trace } from '../handling/index.ts';
import { readSentence, SCHOOL_IDS, SCHOOLS, sentenceFor, wordsFor, type SchoolId } from '../notation/index.ts';
import { everyTwoGroups } from '../test/arbitraries.ts';
import { named } from '../test/made.ts';
import { chance } from './chance.ts';
import {
	answerTo,
	ask,
	askedTogether,
	DRILLS,
	isSameQuestion,
	TOGETHER,
	type AskedQuestion,
	type Deck,
} from './index.ts';

/** Questions of each kind; many more in the long run. */
const RUNS = Number(process.env['POND_LOOP_RUNS'] ?? 600);

const ALL = everyTwoGroups(4).map((e) => e.crossing);
const anyDeck: fc.Arbitrary<Deck> = fc.record({
	school: fc.constantFrom(...SCHOOL_IDS.filter((id) => SCHOOLS[id].write(named('2/2 LC')) !== undefined)),
	hands: fc.constantFrom(...DEMONSTRATIONS),
	crossings: fc.uniqueArray(fc.constantFrom(...ALL), { minLength: 1, maxLength: 6 }),
});

describe('practice', () => {
	it('has more than sixteen kinds, each under its own id', () => {
		expect(new Set(DRILLS.map((d) => d.id)).size).toBe(DRILLS.length);
		expect(DRILLS.length).toBeGreaterThanOrEqual(16);
	});

	it.each(DRILLS.map((d) => [d.id, d] as const))(
		'%s: one right answer, or the others are counted right and told; the same seed asks the same',
		(_, drill) => {
			let asked = 0;
			fc.assert(
				fc.property(anyDeck, fc.nat(), (deck, seed) => {
					const one = ask(drill, deck, seed);
					if (!one) return;
					asked += 1;
					const { question, judge } = one;
					expect(JSON.stringify(ask(drill, deck, seed)!.question)).toBe(JSON.stringify(question));
					expect(new Set(question.options.map((o) => o.id)).size).toBe(question.options.length);
					if (question.byHand) {
						const movesOf = (c: Crossing): string[] => {
							const planned = planIn(hand, c, 'off-holder');
							return planned.ok ? planned.value.map((m) => JSON.stringify(m)) : [];
						};
						const right = movesOf(question.byHand.made);
						if (right.length > 0) expect(judge(right)).toMatchObject({ right: true });
						const other = judge(movesOf(mirror(question.byHand.made)));
						if (!equal(mirror(question.byHand.made), question.byHand.made)) expect(other.right).toBe(false);
						for (const nothing of [[], ['{}'], ['no such answer'], [...right, ...right]])
							expect(judge(nothing).right).toBe(false);
						return;
					}
					expect(question.options.length).toBeGreaterThan(1);
					if (question.inOrder) {
						const right = [...question.options].map((o) => o.id).sort((a, b) => Number(a) - Number(b));
						expect(judge(right).right).toBe(true);
						expect(judge(right.slice(1)).right).toBe(false);
						return;
					}
					const verdicts = question.options.map((o) => judge([o.id]));
					const right = verdicts.filter((v) => v.right);
					expect(right.filter((v) => v.elsewhere === undefined)).toHaveLength(1);
					for (const v of verdicts) expect(v.says).not.toBe('');
					expect(judge([]).right).toBe(false);
					expect(judge(['no such answer']).right).toBe(false);
					// What is asked of a picture is not written beside it.
					const labels = question.options.map((o) => o.label);
					expect(new Set(labels).size).toBe(labels.length);
				}),
				{ numRuns: RUNS },
			);
			expect(asked).toBeGreaterThan(RUNS / 8);
		},
	);

	it('asks a room what can be answered aloud: as many as are wanted, each with one answer by the school asked, the same again', () => {
		fc.assert(
			fc.property(anyDeck, fc.integer({ min: 1, max: 12 }), fc.nat(1_000_000), (deck, many, seed) => {
				const all = askedTogether(deck, TOGETHER, many, seed);
				expect(all.length).toBe(many);
				for (const asked of all) {
					expect(answerTo(asked).at).toBeGreaterThanOrEqual(0);
					expect(asked.question.byHand ?? asked.question.inOrder).toBeUndefined();
				}
				const again = askedTogether(deck, TOGETHER, many, seed);
				expect(again.map((a) => a.question)).toEqual(all.map((a) => a.question));
			}),
			{ numRuns: RUNS / 8 },
		);
	});

	it('asks a room nothing twice while there is something else, and nothing twice in turn', () => {
		const deck: Deck = { school: 'slash', crossings: [named('2/2 LC'), named('3/3 RC')] };
		const all = askedTogether(deck, TOGETHER, 30, 5);
		const isSecond = all.map((one, i) => all.slice(0, i).some((before) => isSameQuestion(before, one)));
		expect(isSecond.slice(0, TOGETHER.length)).not.toContain(true);
		for (const [i, one] of all.entries()) if (i > 0) expect(isSameQuestion(one, all[i - 1]!)).toBe(false);
		// Of one kind about one crossing there may be one question: then that is asked again rather than none.
		const drill = TOGETHER[0]!;
		const few = askedTogether({ school: 'slash', crossings: [named('2/2 LC')] }, [drill], 3, 5);
		expect(few).toHaveLength(3);
		const [first] = few;
		expect(isSameQuestion(first!, ask(drill, { school: 'slash', crossings: [named('3/3 RC')] }, 1)!)).toBe(false);
		expect(isSameQuestion(first!, { ...first!, drill: TOGETHER[1]! })).toBe(false);
	});

	it('judges as the simulator does: what hands make by a name, a sentence, from behind and left-handed', () => {
		for (const crossing of ALL) {
			const deck: Deck = { school: 'slash', crossings: [crossing] };
			const planned = planIn(hand, crossing, 'off-holder');
			if (!planned.ok) continue;
			const moves = planned.value as readonly Move[];
			const trace = simulate(moves, startState(crossing.n)) as Trace;
			expect(prove(crossing, trace).ok).toBe(true);
			const held = moves.find((m) => m.kind === 'hold')!;
			const judged = (id: string, answer: string): boolean =>
				ask(
					DRILLS.find((d) => d.id === id)!,
					deck,
					7,
				)!.judge([answer]).right;
			expect(judged('hold-of-name', held.side)).toBe(true);
			expect(judged('hold-of-picture', held.side)).toBe(true);
			expect(judged('count-of-name', String(held.count))).toBe(true);
			const { lean } = wordsFor(crossing);
			expect(judged('lean-of-name', lean!)).toBe(true);
			expect(judged('from-behind', lean!)).toBe(true);
			// Seen from behind and turned back it is the same; left-handed it is the mirror image.
			expect(equal(turn(turn(crossing)), crossing)).toBe(true);
			expect(wordsFor(mirror(crossing)).lean).not.toBe(lean);
			const sentence = sentenceFor(crossing);
			if (sentence) {
				const run = readSentence(sentence);
				expect(run.ok && run.value.some((r) => equal(r.crossing, crossing))).toBe(true);
				expect(judged('lean-of-hands', lean!)).toBe(true);
			}
			expect(trace.outcome.order).toEqual(crossing.order);
		}
	});

	it('asks left hands what they hold: the same fabric, or what is written, mirrored', () => {
		for (const crossing of ALL)
			for (const hands of ['left-same', 'left-mirrored'] as const) {
				const judged = (id: string, answer: string): boolean =>
					ask(
						DRILLS.find((d) => d.id === id)!,
						{ school: 'slash', crossings: [crossing], hands },
						7,
					)!.judge([answer]).right;
				const heldFor = (c: Crossing): { side: string; count: number } | undefined => {
					const planned = planIn(hand, c, 'off-holder');
					return planned.ok ? (planned.value as readonly Move[]).find((m) => m.kind === 'hold') : undefined;
				};
				const named = heldFor(demonstrate(crossing, hands).made);
				const looked = heldFor(mirror(crossing));
				if (!named || !looked) continue;
				const other = { front: 'back', back: 'front' }[named.side]!;
				expect([judged('hold-of-name', named.side), judged('hold-of-name', other)]).toEqual([true, false]);
				expect(judged('count-of-name', String(named.count))).toBe(true);
				expect(judged('hold-of-picture', looked.side)).toBe(true);
				expect(judged('who-comes-here', String(mirror(crossing).order[0]))).toBe(
					ask(
						DRILLS.find((d) => d.id === 'who-comes-here')!,
						{ school: 'slash', crossings: [crossing] },
						7,
					)!.question.asks.includes(' first '),
				);
				if (sentenceFor(crossing)) expect(judged('lean-of-hands', wordsFor(mirror(crossing)).lean!)).toBe(true);
			}
	});

	it('says whose hands a name is asked of, and leans as these hands make it', () => {
		const asked = (hands: Demonstration, id: string, seed = 7): AskedQuestion =>
			ask(
				DRILLS.find((d) => d.id === id)!,
				{ school: 'total-front-back', crossings: [named('2/2 LC')], hands },
				seed,
			)!;
		for (const hands of DEMONSTRATIONS) {
			const { question, judge } = asked(hands, 'lean-of-name');
			const lean = hands === 'left-mirrored' ? 'right' : 'left';
			expect(judge([lean])).toMatchObject({ right: true, says: expect.stringContaining(`leans ${lean}`) as string });
			expect(judge([lean]).asked && wordsFor(judge([lean]).asked!).lean).toBe(lean);
			expect(question.asks.includes(HANDS_SAID[hands])).toBe(hands !== 'right');
		}
	});

	it('reads rows from the edge at which these hands begin', () => {
		// C4F between 1 purl and 2: what left hands hold for the same fabric is C4B, read from the left.
		const row = (hands: Demonstration, school: SchoolId): readonly (string | undefined)[] => {
			const deck: Deck = { school, crossings: [named('2/2 LC')], hands };
			for (let seed = 0; seed < 200; seed++) {
				const { question, judge } = ask(
					DRILLS.find((d) => d.id === 'row-of-chart')!,
					deck,
					seed,
				)!;
				const right = question.options.find((o) => judge([o.id]).right)!.label;
				if (!right.startsWith('p1, ') || !right.endsWith(', p2') || question.shows?.kind !== 'chart') continue;
				return [right.split(', ')[1], /from the (\w+): 1 purl/.exec(question.shows.says)?.[1]];
			}
			return [];
		};
		expect(row('right', 'total-front-back')).toEqual(['C4F', 'right']);
		expect(row('left-mirrored', 'total-front-back')).toEqual(['C4F', 'left']);
		expect(row('left-same', 'total-front-back')).toEqual(['C4B', 'left']);
		expect(row('left-mirrored', 'total-right-left')).toEqual(['C4R', 'left']);
		expect(row('left-same', 'total-right-left')).toEqual(['C4L', 'left']);
		for (const [hands, edge] of [
			['right', 'right'],
			['left-same', 'left'],
		] as const) {
			const { question, judge } = ask(
				DRILLS.find((d) => d.id === 'edge-of-row')!,
				{ school: 'slash', crossings: [], hands },
				3,
			)!;
			const right = question.options.find((o) => judge([o.id]).right)!;
			expect(right.label).toContain(`From the ${right.id === 'RS' ? edge : edge === 'left' ? 'right' : 'left'} edge`);
		}
	});

	it('counts an answer right that another school gives, and says so', () => {
		const deck: Deck = { school: 'total-front-back', crossings: [named('2/2 LC')] };
		const drill = DRILLS.find((d) => d.id === 'lean-of-name')!;
		const { question, judge } = ask(drill, deck, 1)!;
		expect(question.asks).toContain('C4F');
		expect(judge(['left'])).toMatchObject({ right: true });
		expect(judge(['left']).elsewhere).toBeUndefined();
		const other = judge(['right']);
		if (other.right) expect(other.elsewhere).toBeDefined();
		else expect(other.given && wordsFor(other.given).lean).toBe('right');
	});

	it('throws its dice the same for the same seed, and evenly', () => {
		const counts = [0, 0, 0, 0];
		for (let seed = 0; seed < 4000; seed++) counts[chance(seed).below(4)]! += 1;
		for (const n of counts) expect(Math.abs(n - 1000)).toBeLessThan(150);
		expect(chance(5).mixed([1, 2, 3, 4, 5])).toEqual(chance(5).mixed([1, 2, 3, 4, 5]));
	});
});
