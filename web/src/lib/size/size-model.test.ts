import { relax } from '@pond-loop/core/fabric';
import { DEFAULT_HOUSE_STYLE, newSwatch, type Swatch, type Yarn } from '@pond-loop/core/schema';
import { check, loopsThatLie } from '@pond-loop/core/swatch';
import { describe, expect, it } from 'vitest';
import { SizeModel } from './size-model.svelte';

const TEXT = 'Row 1: *k2, p2; rep from * to end\nRow 2: *k2, p2; rep from * to end\nRep rows 1-2 13 more times';
const GAUGE = { stitches: 20, rows: 28, of: 'plain', state: 'off' } as const;
const swatchOf = (more: Partial<Swatch> = {}): Swatch =>
	newSwatch({
		...{ title: 'Lantern sleeve', castOn: 40, shape: 'flat', school: 'slash', text: TEXT },
		size: { gauge: GAUGE },
		...more,
	});

/** A model of a swatch whose rows lie as the relaxation leaves them, asked without a worker. */
function modelOf(opened: Swatch, yarns: readonly Yarn[] = []) {
	const changes: (string | undefined)[] = [];
	let value = opened;
	const save = {
		get value() {
			return value;
		},
		change(next: Swatch, place?: string) {
			value = next;
			changes.push(place);
		},
	};
	const first = check(opened, '');
	const page = { save, first, style: DEFAULT_HOUSE_STYLE, yarns };
	const lies = relax(loopsThatLie(first.worked, first.cords));
	const model = new SizeModel(() => page, { now: lies, seen: { worked: first.worked, cords: first.cords, lies } });
	return { model, changes, saved: () => value };
}

describe('the size page without its view', () => {
	it('knits 40 stitches and 28 rows of 20 and 28 in 10 cm to 20 by 10 cm', () => {
		const { model } = modelOf(swatchOf());
		expect(model.fabric.size).toMatchObject({ stitches: 40, rows: 28 });
		expect(model.fabric.size?.widthCm).toBeCloseTo(20);
		expect(model.fabric.size?.lengthCm).toBeCloseTo(10);
	});

	it('casts on the repeats below and above a width, and says which is nearer', () => {
		const { model, saved } = modelOf(swatchOf());
		expect(model.widths).toBeUndefined();
		model.wide = 25;
		expect(model.multiple).toBe(4);
		// 4 stitches are 2 cm: 24 or 26 cm.
		expect([model.widths?.below.castOn, model.widths?.above.castOn]).toEqual([48, 52]);
		model.use({ castOn: 48 });
		expect(saved().castOn).toBe(48);
	});

	it('asks no cast-on of what is pinned to a width, nor of rows that fit one number', () => {
		const pinned = modelOf(swatchOf({ size: { gauge: GAUGE, pinnedCm: 30 } })).model;
		[pinned.wide, pinned.look] = [25, 'pinned'];
		// Pinned, 40 loops of 5 mm are 5.25 mm apart each: 30 cm are 57.14 of them, 56.14 from the first to the last.
		expect(pinned.fabric.how.pinned).toBeCloseTo(56.143, 3);
		expect([pinned.multiple, pinned.widths]).toEqual([undefined, undefined]);
		const fixed = modelOf(swatchOf({ text: 'Row 1: k40\nRow 2: p40' })).model;
		fixed.wide = 25;
		expect(fixed.widths).toBeUndefined();
	});

	it('repeats rows to a length: two rows are 0.7 cm', () => {
		const { model } = modelOf(swatchOf());
		expect(model.lengths).toBeUndefined();
		model.long = 12;
		const { below, above } = model.lengths!.neighbours;
		expect([below.repeats, above.repeats]).toEqual([16, 17]);
		expect(model.lengths!.textWith(17)).toContain('Rep rows 1-2 16 times more');
	});

	it('wants more yarn for a seam, and whole balls for each or wound off for all', () => {
		const { model } = modelOf(swatchOf({ size: { gauge: GAUGE, metresIn100g: 200, ballGrams: 50 } }));
		const none = model.needed!.metres;
		model.seam = 'sides';
		const sides = model.needed!.metres;
		model.seam = 'ends';
		// An end is twice as long as a side here: so is what its seam adds.
		expect((model.needed!.metres - none) / (sides - none)).toBeCloseTo(2);
		model.people = 10;
		const grams = model.needed!.grams!;
		expect(grams).toBeCloseTo(model.needed!.metres / 2);
		expect(model.balls).toEqual({
			forEach: Math.ceil(grams / 50),
			ownForAll: 10 * Math.ceil(grams / 50),
			woundForAll: Math.ceil((10 * grams) / 50),
		});
		model.people = 0;
		expect(model.balls?.ownForAll).toBe(Math.ceil(grams / 50));
	});

	it('says whether a round goes about its needle', () => {
		const fits = (needleCm: number) =>
			modelOf(swatchOf({ shape: 'round', castOn: 100, size: { gauge: GAUGE, needleCm } })).model.needle;
		expect(fits(40)).toMatchObject({ fits: true, spareCm: 10 });
		expect(fits(60)).toMatchObject({ fits: false, spareCm: -10 });
		expect(modelOf(swatchOf()).model.needle).toBeUndefined();
	});

	it('lets the strands of a ring meet where each comes back to its column', () => {
		const meets = (text: string) => {
			const { model } = modelOf(swatchOf({ castOn: 4, text }));
			model.seam = 'ends';
			return model.meet?.home;
		};
		expect(meets('Row 1: 2/2 LC\nRow 2: p4')).toBe(false);
		expect(meets('Row 1: 2/2 LC\nRow 2: p4\nRow 3: 2/2 LC\nRow 4: p4')).toBe(true);
		expect(modelOf(swatchOf()).model.meet).toBeUndefined();
	});

	it('notes what is told at its place, and assumes again what is emptied', () => {
		const { model, changes, saved } = modelOf(swatchOf());
		model.tell({ metresIn100g: 210 }, 'metres');
		model.gaugeWith({ rows: 30 });
		expect(saved().size).toEqual({ gauge: { ...GAUGE, rows: 30 }, metresIn100g: 210 });
		model.tell({ metresIn100g: undefined, gauge: undefined });
		expect(saved().size).toEqual({});
		expect(changes).toEqual(['metres', 'gauge', undefined]);
	});
});
