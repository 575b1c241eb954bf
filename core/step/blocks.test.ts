/** What a step is made of: its blocks, its glance, its kit and its title, kind by kind. */

import { describe, expect, it } from 'vitest';
import type { Block } from '../block/index.ts';
import { DEFAULT_HOUSE_STYLE, newSwatch, noteOf } from '../schema/index.ts';
import { idMaker, named } from '../test/made.ts';
import {
	blocksOf,
	compareStep,
	crossingStep,
	finishOf,
	FINISHES,
	glanceOf,
	kindOf,
	KINDS,
	placesBeside,
	madeAt,
	StepSchema,
	stepTitle,
	taughtBy,
	type CrossingStep,
	type StepAudience,
	type Step,
} from './index.ts';

const nextId = idMaker();
const style = DEFAULT_HOUSE_STYLE;
const asked = { text: 'C4F', school: 'total-front-back' } as const;
const c4f = (more: Partial<CrossingStep> = {}): CrossingStep => ({
	...crossingStep(nextId(), { asked, crossing: named('2/2 LC'), way: 'off-holder' }),
	...more,
});
const shown = (more: Partial<StepAudience> = {}): StepAudience => ({ style, school: undefined, ...more });
const kinds = (blocks: readonly Block[]): string[] => blocks.map((b) => b.kind);
const texts = (blocks: readonly Block[]): string[] => blocks.flatMap((b) => (b.kind === 'text' ? [b.text] : []));
const of = <K extends Block['kind']>(blocks: readonly Block[], kind: K) =>
	blocks.find((b): b is Extract<Block, { kind: K }> => b.kind === kind)!;
const empty = (kind: Step['kind']): Step => KINDS.find((k) => k.kind === kind)!.empty!(nextId());
const kit = (step: Step) => kindOf(step).kit!(step, '');

describe('C4F as a step', () => {
	it('has its names, its look and its hands, the sentence, the moves, what is normal afterwards and a caution', () => {
		const blocks = blocksOf(c4f(), shown());
		expect(kinds(blocks)).toEqual(['picture', 'text', 'moves', 'text', 'caution']);
		const { facts, names } = of(blocks, 'picture');
		expect(facts.slice(0, names)).toEqual([['Written', '2/2 LC · C4F · C4L · C2F']]);
		expect(facts.slice(names).map(([term, says]) => `${term}: ${says}`)).toEqual([
			'Looks: 1 and 2 pass in front of 3 and 4',
			'Hands: hold the first 2 in front',
			expect.stringMatching(/^To remember: /),
			'Stitches: 4 stitches, all knit',
		]);
		expect(texts(blocks)[0]).toBe('sl 2 sts to cn and hold in front, k2, k2 from cn');
		const moves = of(blocks, 'moves');
		// One held, four worked, and the needle as it was; the third move is the last that passes anything.
		expect([moves.frames, moves.key, moves.says(1).caption]).toEqual([6, 3, expect.stringMatching(/in front/)]);
		expect(moves.draw(2, { light: 'day' }).shapes.length).toBeGreaterThan(10);
		const picture = of(blocks, 'picture').draw({ light: 'day' });
		expect(picture.shapes.flatMap((s) => (s.kind === 'text' ? [s.text] : []))).toEqual(
			expect.arrayContaining(['1', '2', '3', '4']),
		);
	});

	it('in left hands is held at the back for the same fabric, in front for its mirror image, and says so', () => {
		const hands = (demonstrates: 'left-same' | 'left-mirrored'): string =>
			of(blocksOf(c4f(), shown({ style: { ...style, demonstrates } })), 'picture').facts.find(
				([t]) => t === 'Hands',
			)![1];
		expect([hands('left-same'), hands('left-mirrored')]).toEqual([
			'hold the first 2 at the back, left-handed; the fabric is the same',
			'hold the first 2 in front, left-handed; the fabric is mirrored',
		]);
		const one = of(blocksOf(c4f(), shown({ school: 'slash' })), 'picture');
		expect([one.names, one.facts[0]]).toEqual([1, ['Written', '2/2 LC']]);
	});

	it('with a mistake on purpose says what it is, what shows and how it is mended, and needs latch hooks', () => {
		const wrong = c4f({ view: { mistake: 'wrong-side', site: 0 } });
		const said = texts(blocksOf(wrong, shown()));
		expect(said[1]).toMatch(/^On purpose: held on the other side\. /);
		expect(said.slice(2)).toEqual([
			'What shows: leans the other way.',
			expect.stringMatching(/^To mend it: Drop only these stitches /),
		]);
		expect(stepTitle(wrong)).toBe('A mistake on purpose: C4F · 2 over 2, leaning left');
		expect(texts(glanceOf(wrong, shown()))[1]).toBe('With a mistake on purpose: held on the other side.');
		expect(kit(wrong).things!(5)).toEqual([{ what: 'Latch hooks', shared: 3, because: expect.any(String) }]);
		expect(kit(c4f()).things).toBeUndefined();
	});

	it('needs a cable needle with one and none without; at a loom none is counted, and the loom’s own words stand', () => {
		expect([kit(c4f()).holders, kit(c4f({ way: 'pinch' })).holders]).toEqual([1, 0]);
		const loom = c4f({ craft: 'loom', way: 'parked-inside' });
		expect(kit(loom)).toEqual({ isTried: true, crafts: [{ craft: 'loom', columns: 0 }] });
		const blocks = blocksOf(loom, shown());
		expect(texts(blocks)[0]).toMatch(/^Loom: /);
		expect(of(blocks, 'picture').facts.find(([t]) => t === 'Hands')![1]).toBe('park 2 inside');
		expect(stepTitle(loom)).toBe('C4F · 2 over 2, leaning left, loom');
	});

	it('is glanced at by its names and hands, and by how it is made at the other places of a room', () => {
		expect(texts(glanceOf(c4f(), shown({ also: ['hand', 'loom'] })))).toEqual([
			'2/2 LC · C4F · C4L · C2F · hold the first 2 in front',
			'At the pegs: park 2 inside',
		]);
		expect(placesBeside(c4f(), ['hand', 'loom', 'machine'])).toEqual(['loom', 'machine']);
		expect(placesBeside(c4f({ only: ['machine'] }), ['hand', 'loom', 'machine'])).toEqual(['machine']);
		expect(placesBeside(c4f({ craft: 'twisted' }), ['loom'])).toEqual([]);
		// A mistake that a tool cannot make is left out there; one that it can make stays.
		const wrong = c4f({ view: { mistake: 'wrong-side', site: 0 } });
		expect(madeAt(wrong, 'loom', style)!.view).toEqual({ mistake: 'wrong-side', site: 0 });
		const dropped = c4f({ view: { mistake: 'purled-knit', site: 0, step: 2 } as never });
		expect(madeAt(dropped, 'machine', style)!.view).not.toHaveProperty('mistake');
		expect(madeAt(c4f(), 'hand', style)).toMatchObject({ craft: 'hand' });
		expect(madeAt(c4f(), 'machine', style)!.view).toBeUndefined();
	});

	it('cannot be made everywhere: then it is said why', () => {
		const blocks = blocksOf(c4f({ way: 'no such way' }), shown());
		expect(kinds(blocks)).toEqual(['picture', 'text', 'text']);
		expect(texts(blocks).at(-1)).toMatch(/^There is no way called “no such way”/);
	});
});

describe('the other kinds', () => {
	it('a swatch: how it begins, its chart, its rows with a counter, and its words', () => {
		const text = 'Row 1: k2, C4F, k2\nRow 2: p8';
		const swatch = newSwatch({ title: 'Sleeve', castOn: 8, shape: 'flat', school: 'total-front-back', text });
		const step = { id: nextId(), kind: 'swatch', note: noteOf(''), swatch } as Step;
		const blocks = blocksOf(step, shown());
		expect(kinds(blocks)).toEqual(['text', 'chart', 'rows', 'table']);
		expect(texts(blocks)).toEqual(['Cast on 8 stitches, worked flat; 2 rows.']);
		expect(of(blocks, 'rows')).toMatchObject({
			rows: [{ text: 'Row 1: k2, C4F, k2' }, { text: 'Row 2: p8' }],
			counter: [1, 2],
		});
		expect(of(blocks, 'chart').chart({ light: 'day' }).shapes.length).toBeGreaterThan(16);
		expect(of(blocks, 'table').lines.map(([term]) => term)).toEqual(['B', 'A', 'C4F', 'knit']);
		// 8 cast on and two rows of 8; two cords, a marker on each side of them.
		expect(kit(step)).toMatchObject({ loops: 24, crafts: [{ columns: 8 }], holders: 1, yarns: 1, markers: 2 });
		expect(stepTitle(step)).toBe('Sleeve');
	});

	it('a comparison shows both leans with their moves', () => {
		const sides = of(
			blocksOf(
				compareStep(nextId(), { asked, crossing: named('2/2 LC'), way: 'off-holder', of: 'leans' } as never),
				shown(),
			),
			'comparison',
		).sides;
		expect(sides.map((s) => [s.title, s.says, s.moves?.frames])).toEqual([
			['2 over 2, leaning left', 'hold the first 2 in front', 6],
			['2 over 2, leaning right', 'hold the first 2 at the back', 6],
		]);
	});

	it('finishing has its parts, their minutes and what they need; a basin for each four', () => {
		const step = empty('finish');
		expect(of(blocksOf(step, shown()), 'list')).toMatchObject({
			items: FINISHES.map((p) => finishOf(p).says),
			ticks: true,
		});
		expect(kindOf(step).minutes(step, {} as never, '')).toBe(1 + 8 + 5 + 10 + 0 + 12);
		expect(kit(step).things!(5).map((t) => [t.what, 'each' in t ? t.each : t.shared])).toEqual([
			['Darning needle, blunt', 1],
			['Basins and towels', 2],
			['Pins', 20],
			['Darning needle, blunt', 1],
		]);
		expect(kit({ ...step, parts: ['dry'] } as Step).things!(5)).toEqual([]);
		expect(taughtBy(step, '')).toEqual(['finish']);
	});

	it('a picture is shown with its words, and says where none is chosen', () => {
		const step = empty('picture');
		expect(blocksOf(step, shown())).toEqual([
			{ kind: 'text', text: 'No picture is chosen yet.', tone: 'quiet', paper: true },
		]);
		const picture = { id: nextId(), width: 40, height: 30 };
		const chosen = (alt: string): readonly Block[] => blocksOf({ ...step, picture, alt } as Step, shown());
		expect(chosen('A sleeve')).toEqual([
			{ kind: 'photo', ...picture, alt: 'A sleeve' },
			{ kind: 'text', text: 'A sleeve', tone: 'quiet' },
		]);
		expect(chosen('')).toEqual([{ kind: 'photo', ...picture, alt: '' }]);
	});

	it('a rest says what to do until something is written; a check is ticked', () => {
		expect(texts(blocksOf(empty('rest'), shown()))[0]).toMatch(/^Needles down\./);
		const rest = { ...empty('rest'), note: noteOf('Tea.') } as Step;
		expect(kinds(blocksOf(rest, shown()))).toEqual(['note']);
		expect(of(blocksOf(empty('check'), shown()), 'list')).toMatchObject({
			ticks: true,
			items: [expect.any(String), expect.any(String)],
		});
		expect(of(blocksOf(empty('drill'), shown()), 'questions').questions).toHaveLength(5);
	});

	it('each begins as one that can be stored; minutes and words have their limits', () => {
		for (const kind of KINDS.filter((k) => k.empty)) {
			const step = kind.empty!(nextId());
			expect([kind.kind, StepSchema.safeParse(step).success]).toEqual([kind.kind, true]);
			const read = (more: object): boolean => StepSchema.safeParse({ ...step, ...more }).success;
			expect([read({ minutes: 0 }), read({ minutes: 240 }), read({ minutes: 241 }), read({ minutes: -1 })]).toEqual([
				...[true, true, false, false],
			]);
			expect([read({ minutes: 2.5 }), read({ why: 'x'.repeat(600) }), read({ why: 'x'.repeat(601) })]).toEqual([
				...[false, true, false],
			]);
		}
	});
});
