/** What a lesson says of its steps, with figures that were worked out by hand. */

import { describe, expect, it } from 'vitest';
import { DEFAULT_HOUSE_STYLE, newSwatch, noteOf } from '../schema/index.ts';
import { compareStep, crossingStep, KINDS, type CrossingStep, type Step } from '../step/index.ts';
import { idMaker, named } from '../test/made.ts';
import {
	commonMistakes,
	DEFAULT_PLAN,
	glossaryOf,
	lastCrossing,
	minutesOf,
	paceSaid,
	PlanSchema,
	timeline,
	type Plan,
} from './index.ts';
import { workingAhead } from './ahead.ts';

const nextId = idMaker();
const style = DEFAULT_HOUSE_STYLE;
const crossed = (name: string, more: Partial<CrossingStep> = {}): CrossingStep => ({
	...crossingStep(nextId(), { asked: { text: name, school: 'slash' }, crossing: named(name), way: 'off-holder' }),
	...more,
});
const compared = (name: string): Step =>
	compareStep(nextId(), {
		...{ asked: { text: name, school: 'slash' }, crossing: named(name), way: 'off-holder', of: 'leans' },
	} as never);
const swatched = (text: string, more: object = {}): Step =>
	({
		...{ id: nextId(), kind: 'swatch', note: noteOf('') },
		swatch: newSwatch({ title: 'Sleeve', castOn: 8, shape: 'flat', school: 'total-front-back', text, ...more }),
	}) as Step;
const rest = (minutes: number, only?: Step['only']): Step =>
	({ ...KINDS.find((k) => k.kind === 'rest')!.empty!(nextId()), minutes, ...(only ? { only } : {}) }) as Step;

describe('a date and a time', () => {
	it('are those that the calendar has', () => {
		const isDate = (text: string): boolean => PlanSchema.safeParse({ ...DEFAULT_PLAN, dates: [text] }).success;
		const good = ['2026-11-24T19:00', '2026-01-31T00:00', '2026-12-31T23:59', '2024-02-29T10:00', '2000-02-29T10:00'];
		expect(good.filter((d) => !isDate(d))).toEqual([]);
		expect(
			[
				...['2026-11-31T19:00', '2026-02-29T10:00', '2100-02-29T10:00', '2026-13-01T10:00', '2026-00-10T10:00'],
				...['2026-11-00T10:00', '0000-11-10T10:00', '2026-11-24T24:00', '2026-11-24T19:60', '2026-11-24 19:00'],
			].filter(isDate),
		).toEqual([]);
		// Each month's last day, and the one after it.
		const lengths = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
		const day = (month: number, of: number): string => `2026-${String(month).padStart(2, '0')}-${of}T10:00`;
		expect(lengths.map((n, i) => [isDate(day(i + 1, n)), isDate(day(i + 1, n + 1))])).toEqual(
			lengths.map(() => [true, false]),
		);
	});
});

describe('minutes', () => {
	it('are a step’s own, else estimated by the pace of the class, or of its level', () => {
		expect(minutesOf(rest(7), DEFAULT_PLAN, '')).toBe(7);
		const c4f = crossed('2/2 LC');
		expect(minutesOf(c4f, { level: 'beginner' }, '')).toBe(10.5);
		// 4 + 3 · 20 s + 40 stitches at 20 a minute.
		const pace = { crossing: 20, stitches: 20, from: 2, of: 'Thursday' };
		expect(minutesOf(c4f, { level: 'beginner', pace }, '')).toBe(7);
		expect([paceSaid({ pace }), paceSaid({ pace: { ...pace, from: 1 } }), paceSaid({})]).toEqual([
			...[
				'from 2 measures of Thursday',
				'from one measure of Thursday',
				'assumed from stitches, crossings, way and level',
			],
		]);
	});

	it('of steps for some go on beside each other, and the first one that is not over is told', () => {
		const room = { at: { loom: 2 }, left: 0, large: 0, otherYarn: 0 };
		const plan: Plan = { ...DEFAULT_PLAN, minutes: 30, learners: 6, room };
		const steps = [rest(10), rest(8, ['loom']), rest(5, ['hand']), rest(6, ['hand']), rest(4), rest(9, ['machine'])];
		expect(timeline(steps, plan, '')).toEqual({ starts: [0, 10, 10, 15, 21, 25], total: 34, over: 5 });
		expect(timeline(steps.slice(0, 5), { ...plan, minutes: 25 }, '')).toMatchObject({ total: 25, over: undefined });
		expect(timeline([], plan, '')).toEqual({ starts: [], total: 0, over: undefined });
	});
});

describe('the last crossing of a lesson', () => {
	const of = (...steps: Step[]) => lastCrossing({ steps }, style);

	it('is that of the last step that shows one, or the first of a swatch’s right side', () => {
		expect(of(crossed('2/2 LC'), crossed('2/2 RC'), rest(1))?.asked.text).toBe('2/2 RC');
		expect(of(crossed('2/2 LC'), compared('3/3 RC'))).toEqual({
			asked: { text: '3/3 RC', school: 'slash' },
			...{ crossing: named('3/3 RC'), craft: 'hand', way: 'off-holder' },
		});
		expect(of(crossed('2/2 LC'), swatched('Row 1: k2, C4B, k2\nRow 2: p8'))).toMatchObject({
			...{ asked: { text: 'C4B', school: 'total-front-back' }, crossing: named('2/2 RC'), craft: 'hand' },
		});
		const own = swatched('Twig: sl 2 sts to cn and hold in front, k2, k2 from cn\nRow 1: k2, Twig, k2\nRow 2: p8');
		expect(of(own)).toMatchObject({ asked: { text: 'Twig', school: style.school }, crossing: named('2/2 LC') });
		expect([of(rest(1)), of(swatched('Row 1: k8\nRow 2: p8')), of()]).toEqual([undefined, undefined, undefined]);
	});
});

describe('words used', () => {
	it('are each name that was typed, or those of one school, and each kind of stitch, by the alphabet', () => {
		const steps = [
			crossed('2/2 LC'),
			crossed('2/2 LC'),
			crossed('1/1 RC'),
			swatched('Row 1: k2, C4F, p2\nRow 2: k2, ptbl 4, k2'),
		];
		expect(glossaryOf(steps, style).map((t) => t.term)).toEqual(['1/1 RC', '2/2 LC', 'C4F', 'k', 'p', 'p tbl']);
		expect(glossaryOf(steps, style, 'total-front-back').map((t) => t.term)).toEqual(['C2B', 'C4F', 'k', 'p', 'p tbl']);
		expect(glossaryOf([crossed('2/2 LC')], style)).toEqual([
			{
				term: '2/2 LC',
				says: '2 over 2, leaning left, 1 and 2 pass in front of 3 and 4. sl 2 sts to cn and hold in front, k2, k2 from cn',
			},
		]);
	});

	it('are those of left hands where these make it: the name of what they do', () => {
		const left = { ...style, demonstrates: 'left-same' } as const;
		const [term] = glossaryOf([crossed('2/2 LC')], left);
		expect(term).toEqual({
			term: '2/2 LC',
			says: '2 over 2, leaning left, 3 and 4 pass in front of 1 and 2. sl 2 sts to cn and hold in back, k2, k2 from cn',
		});
		const held = crossed('2/2 LC', { asked: { text: 'C4F', school: 'total-front-back' } });
		expect(glossaryOf([held], left)[0]!.term).toBe('C4B');
		// An own name that is no name of the school stays as it was typed.
		const own = crossed('2/2 LC', { asked: { text: 'twig', school: 'slash' } });
		expect([glossaryOf([own], style)[0]!.term, glossaryOf([own], left)[0]!.term]).toEqual(['twig', 'twig']);
	});
});

describe('common mistakes', () => {
	it('are first those that are shown on purpose, then the usual ones, five at most', () => {
		const plain = commonMistakes([crossed('2/2 LC')], style);
		expect(plain.map((m) => m.id)).toEqual(expect.arrayContaining(['wrong-side', 'yarn-left']));
		expect([plain[0]!.id, plain.length <= 5]).toEqual(['wrong-side', true]);
		expect(plain[0]!.says).toMatch(/ What shows: .+\. \w/);
		expect(plain[0]!.title).toMatch(/^[A-Z]/);
		const shown = commonMistakes([crossed('2/2 LC', { view: { mistake: 'lost', site: 0 } })], style);
		expect(shown[0]!.id).toBe('lost');
		expect(commonMistakes([crossed('2/2 LC')], style, 2)).toEqual(plain.slice(0, 2));
		expect(commonMistakes([rest(1)], style)).toEqual([]);
	});
});

describe('working ahead', () => {
	it('works each swatch of the steps once, but for long ones', () => {
		const pieces = (...steps: Step[]): number => [...workingAhead(steps, '')].length;
		const short = swatched('Row 1: k2, C4F, k2\nRow 2: p8', { title: 'Ahead' });
		expect([pieces(rest(1)), pieces(swatched('Row 1: k90', { castOn: 90 }))]).toEqual([0, 0]);
		expect(pieces(rest(1), short)).toBeGreaterThan(0);
		// It is remembered: worked again it takes no piece.
		expect(pieces(short)).toBe(0);
	});
});
