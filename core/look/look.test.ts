import { craftOf, DEMONSTRATIONS, perform, waysFor } from '../craft/index.ts';
import { mirror, twoGroups } from '../crossing/index.ts';
import type { MistakeId } from '../handling/index.ts';
import { type SchoolId, wordsFor, wordsMade } from '../notation/index.ts';
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from '../schema/index.ts';
import type { CompareStep } from '../step/index.ts';
import { describe, expect, it } from 'vitest';
import { named } from '../test/made.ts';
import {
	nameInHands,
	askedFor,
	cameOut,
	COMPARISONS,
	craftIn,
	loopsIn,
	memoryFor,
	otherWay,
	shownIn,
	sidesOf,
	toolsSaid,
	wayIn,
	wayOf,
	wordsIn,
} from './index.ts';

const c = twoGroups({ front: 2, behind: 1, lean: 'right' });
const style = (more: Partial<HouseStyle> = {}): HouseStyle => ({ ...DEFAULT_HOUSE_STYLE, ...more });
const left = style({ demonstrates: 'left-mirrored' });

describe('a settings', () => {
	it('mirrors what hands make, and never what stands on a loom or a bed', () => {
		for (const id of ['hand', 'brioche', 'double-knit'] as const) {
			expect(shownIn(left, c, craftOf(id))).toEqual({ made: c, fabric: mirror(c), mirrored: true });
		}
		for (const id of ['loom', 'machine'] as const) {
			expect(shownIn(left, c, craftOf(id))).toEqual({ made: c, fabric: c, mirrored: false });
		}
	});

	it('says which leg of a hook stitches go on by, and which they leave by', () => {
		const done = perform(craftOf('hand'), c, 'off-holder');
		const says = (at: number): string =>
			done.ok ? wordsIn(style({ holderShape: 'hook' }), done.value.trace, at, craftOf('hand')).caption : '';
		expect([says(1), says(4)]).toEqual([
			'Slip stitch 1 purlwise onto the short leg of the hook and hold at the back.',
			'Knit stitch 1 straight off the long leg of the hook.',
		]);
	});

	it('gives words to remember that are true in every pair of hands, and none where there is nothing to mix up', () => {
		for (const demonstrates of DEMONSTRATIONS)
			for (const asked of [c, mirror(c)]) {
				const shown = shownIn(style({ demonstrates }), asked);
				const front = wordsFor(shown.made).hold === 'front';
				const lean = wordsFor(shown.fabric).lean!;
				const words = memoryFor(style({ demonstrates }), shown)!;
				expect(words).toMatch(new RegExp(`held ${front ? 'in Front' : 'at the Back'} it leans ${lean}`, 'i'));
			}
		expect(memoryFor(style(), shownIn(style(), c, craftOf('loom')), craftOf('loom'))).toBeUndefined();
		const silent = style({ memory: { right: '', left: '' } });
		expect(memoryFor(silent, shownIn(silent, c))).toBeUndefined();
	});

	it('puts the tools of the class under a craft, and leaves the others as they are', () => {
		const ways = (of: HouseStyle, id: 'loom' | 'machine'): string[] => waysFor(craftIn(of, id), c).map((w) => w.id);
		expect(ways(style(), 'loom')).toContain('across-the-gap');
		expect(ways(style({ loomShape: 'rake' }), 'loom')).not.toContain('across-the-gap');
		const started = (of: HouseStyle, id: 'loom' | 'machine'): string => {
			const craft = craftIn(of, id);
			const done = perform(craft, c, waysFor(craft, c)[0]!.id);
			return done.ok ? wordsIn(of, done.value.trace, 0, craft).caption : '';
		};
		expect(started(style({ wrapWay: 'rightwards' }), 'loom')).toContain('wrapped rightwards');
		expect(started(style({ bedNumber: 3, bedLever: 'on' }), 'machine')).toContain('number 3, holding on');
		expect(craftIn(style({ loomShape: 'rake' }), 'twisted')).toBe(craftOf('twisted'));
	});

	it('falls back from a way that a craft does not know to one that makes the crossing', () => {
		const loom = craftIn(style(), 'loom');
		expect(wayIn(style(), c, 'held-outside', loom)).toBe('held-outside');
		expect(wayIn(style(), c, 'pinch', loom)).toBe('parked-inside');
		expect(wayIn(style({ way: 'pinch' }), c, undefined, craftIn(style(), 'machine'))).toBe('two-tools');
		expect(wayOf('held-outside', loom).title).toBe('Held outside, on a stitch holder');
	});

	it('calls tools and places by their names', () => {
		expect([0, 1, 2].map((n) => toolsSaid(n, craftOf('hand')))).toEqual([
			'no cable needle',
			'one cable needle',
			'two cable needles',
		]);
		expect(toolsSaid(2, craftOf('machine'))).toBe('two transfer tools');
		expect(['hand', 'brioche', 'loom', 'machine'].map((id) => craftOf(id).place)).toEqual([
			'At the needles',
			'At the needles',
			'At the pegs',
			'At the machine',
		]);
	});

	it('tells a drawing of names, strands and yarns only where a craft has its own', () => {
		const told = (id: 'hand' | 'double-knit'): object => {
			const craft = craftOf(id);
			const taken = craft.takes(c, craft.ways[0]!.id);
			return taken.ok ? loopsIn(taken.value) : {};
		};
		expect(told('hand')).toEqual({});
		expect(told('double-knit')).toMatchObject({ yarns: 2, names: ['f1', 'b1', 'f2', 'b2', 'f3', 'b3'] });
	});
});

it('left hands go by another name for the same fabric where names say what is held, and by the same where they say what is seen', () => {
	const c4f = named('2/2 LC');
	const by = (demonstrates: HouseStyle['demonstrates'], school: SchoolId): string | undefined => {
		const hands = style({ demonstrates });
		return nameInHands(hands, school, c4f, shownIn(hands, c4f));
	};
	expect(by('left-same', 'total-front-back')).toBe('C4B');
	expect(by('left-same', 'slash')).toBeUndefined();
	expect(by('left-mirrored', 'total-front-back')).toBeUndefined();
	expect(by('right', 'total-front-back')).toBeUndefined();
});

describe('what came of a mistake', () => {
	const came = (id: MistakeId, demonstrates: HouseStyle['demonstrates'] = 'right'): string | undefined => {
		const shown = shownIn(style({ demonstrates }), named('2/2 LC'));
		const done = perform(craftOf('hand'), shown.made, 'off-holder', { id, site: 0 });
		const out = done.ok ? cameOut(done.value.trace, shown, craftOf('hand')) : undefined;
		return out && wordsMade(out).title;
	};

	it('is what is on show, as the fabric shows it in those hands; none where no crossing comes out', () => {
		expect(came('wrong-side')).toBe('2 over 2, leaning right');
		expect(came('wrong-side', 'left-mirrored')).toBe('2 over 2, leaning left');
		expect(came('wrong-side', 'left-same')).toBe('2 over 2, leaning right');
		expect(came('knitwise')).toBe('2 over 2, leaning left');
		expect(came('lost')).toBeUndefined();
		expect(came('wrong-order')).toBeUndefined();
	});

	it('can be asked for again in the same hands', () => {
		for (const demonstrates of DEMONSTRATIONS) {
			const shown = shownIn(style({ demonstrates }), named('2/2 LC'));
			const again = askedFor(shown, demonstrates === 'left-same');
			expect(shownIn(style({ demonstrates }), again)).toEqual(shown);
		}
	});
});

describe('two ways beside each other', () => {
	const step = (craft: CompareStep['craft'], way: string, other?: string): CompareStep => ({
		id: '00000000-0000-4000-8000-000000000001',
		kind: 'compare',
		craft,
		asked: { text: '2/1 RC', school: 'slash' },
		crossing: c,
		way,
		of: 'ways',
		...(other ? { other } : {}),
		note: { type: 'doc', content: [] },
	});

	it('are those of the craft, with its own counts; without a choice the next one that makes the crossing', () => {
		const sides = sidesOf(step('loom', 'parked-inside', 'held-outside'), style());
		expect(sides.map((s) => s.title)).toEqual(['Parked inside, on a pin', 'Held outside, on a stitch holder']);
		expect(sides[0]!.says).toBe('10 moves, nothing hangs loose, one stitch holder');
		expect(otherWay(step('machine', 'two-tools'), style())).toBe('loosened');
		expect(otherWay(step('hand', 'off-holder'), style())).not.toBe('off-holder');
		expect(sidesOf(step('brioche', 'off-holder'), style())).toHaveLength(1);
	});

	it('may be four ways, both hands, both yarn hands and two crafts, each with moves to walk through', () => {
		for (const of of COMPARISONS)
			for (const demonstrates of DEMONSTRATIONS) {
				const asked = { ...step('hand', 'off-holder'), of, more: ['pinch', 'slip-swap'] };
				const sides = sidesOf(asked, style({ demonstrates }));
				expect(sides.length, of).toBeGreaterThanOrEqual(of === 'ways' ? 4 : of === 'readings' ? 1 : 2);
				for (const { title, moves, draw } of sides) {
					expect(title, of).not.toBe('');
					expect(draw({ light: 'day' }).shapes.length).toBeGreaterThan(0);
					if (of === 'readings' || of === 'tightness') continue;
					expect(moves!.frames).toBeGreaterThan(2);
					expect(moves!.says(moves!.frames - 1).caption).not.toBe('');
					expect(moves!.draw(moves!.frames - 1, { light: 'day' }).shapes.length).toBeGreaterThan(0);
				}
			}
		const hands = (demonstrates: HouseStyle['demonstrates']): string[] =>
			sidesOf({ ...step('hand', 'off-holder'), of: 'hands' }, style({ demonstrates })).map(
				(s) => `${s.title} ${s.says}: ${s.moves!.says(1).caption}`,
			);
		expect(hands('right')).toEqual([
			'Right-handed : Slip stitch 1 purlwise to the cable needle and hold at the back.',
			'Left-handed the same fabric: Slip stitches 1 and 2 purlwise to the cable needle and hold in front.',
		]);
		expect(hands('left-mirrored')[1]).toContain(
			'the mirrored fabric: Slip stitch 1 purlwise to the cable needle and hold at the back.',
		);
		const crafts = sidesOf({ ...step('hand', 'off-holder'), of: 'crafts', inCraft: 'machine' }, style());
		expect(crafts.map((s) => s.title)).toEqual(['Plain knitting', 'Machine']);
		const leans = sidesOf({ ...step('hand', 'off-holder'), of: 'leans' }, style({ demonstrates: 'left-mirrored' }));
		expect(leans.map((s) => s.title)).toEqual(['2 over 1, leaning left', '2 over 1, leaning right']);
	});
});
