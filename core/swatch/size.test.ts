import { describe, expect, it } from 'vitest';
import {
	ASSUMED_GAUGE,
	cellOf,
	gaugeIn,
	pullFor,
	relax,
	relaxedBy,
	type FabricState,
	type Gauge,
} from '../fabric/index.ts';
import {
	newSwatch,
	YARN_LIMITS,
	type Swatch,
	type SwatchSizeTold,
	type Yarn,
	type YarnPiece,
} from '../schema/index.ts';
import {
	alike,
	castOnFor,
	check,
	crossedSaid,
	howItLies,
	lengthToldIn,
	loopsThatLie,
	materialOf,
	multipleOf,
	repeatsFor,
	seenFrom,
	sizeSaid,
	strainSaid,
	swatchSize,
	withPiece,
	withYarn,
	type Checked,
	type SwatchSize,
} from './index.ts';

const ROPE = [
	'Row 1: p8, *k6, p4; rep from * to last 4 sts, p4',
	'Row 2: k8, *p6, k4; rep from * to last 4 sts, k4',
	'Row 3: p8, *C6F, p4; rep from * to last 4 sts, p4',
	'Row 4: as row 2',
	'Row 5: as row 1',
	'Row 6: as row 2',
].join('\n');
const read = (text: string, castOn = 22): Checked =>
	check(newSwatch({ title: 'Rope', castOn, shape: 'flat', school: 'total-front-back', text }), '');
const sized = (checked: Checked, gauge: Gauge = ASSUMED_GAUGE): SwatchSize =>
	swatchSize(checked.worked, checked.cords, relax(loopsThatLie(checked.worked, checked.cords)), gauge);

describe('the size of a swatch', () => {
	const tarn: Yarn = {
		id: 'tarn',
		name: 'Tarn wool',
		fibre: 'wool',
		metresIn100g: 250,
		squares: [
			{
				id: 'a',
				on: '2026-05-12',
				of: 'plain',
				stitches: 20,
				rows: 28,
				sizes: { off: { widthCm: 10, lengthCm: 10 }, dry: { widthCm: 11, lengthCm: 10 } },
			},
		],
	};

	const rope = read(`${ROPE}\nRep rows 1-6 5 times`);

	it('is plain where nothing crosses, and narrower by what cables take up where they do', () => {
		const plain = sized(read('Row 1: k to end\nRow 2: p to end\nRep rows 1-2 9 times'));
		expect([plain.widthCm, plain.lengthCm, plain.takenCm]).toEqual([11, (20 * 10) / 28, 0]);
		const { widthCm, takenCm, together, isShaped } = sized(rope);
		expect(widthCm + takenCm).toBeCloseTo(11, 6);
		expect(isShaped).toBe(false);
		expect(together).toHaveLength(1);
		// Its first crossing has three rows below it, the others six: the tightest is shown, with its row.
		expect(together[0]).toMatchObject({ letters: 'A B', travel: 3, rows: 6, since: 3, verdict: 'very tight' });
		expect(strainSaid(together[0]!)).toBe('very tight (row 3)');
		const settled = sized(
			read(
				`Rows 1-4: k\n${ROPE.replaceAll(/Row (\d)/g, (_, n) => `Row ${Number(n) + 4}`).replaceAll(/as row (\d)/g, (_, n) => `as row ${Number(n) + 4}`)}\nRep rows 5-10 5 times`,
			),
		);
		expect(settled.together[0]).toMatchObject({ rows: 6, since: 6, verdict: 'snug' });
		expect(strainSaid(settled.together[0]!)).toBe('snug');
		expect(together[0]!.takeUp).toBeGreaterThan(0.75);
		expect(together[0]!.takeUp).toBeLessThan(0.85);
		// Two ropes of which the same is to be said are told as one; a crossing in each row is said so.
		const two = sized(read(`${ROPE}\nRep rows 1-6 5 times`, 32)).together;
		expect(alike(two).map((o) => [o.letters, crossedSaid(o)])).toEqual([['A B, C D', 'every 6 rows']]);
		expect(alike([two[0]!, { ...two[1]!, rows: 1 }]).map(crossedSaid)).toEqual(['every 6 rows', 'every row']);
		// A square of this very pattern has them in it.
		expect(sized(rope, { ...ASSUMED_GAUGE, of: 'pattern' })).toMatchObject({ widthCm: 11, takenCm: 0 });
	});

	it('goes along to a lesson with its yarn, and is said there in one line', () => {
		const plain = {
			...newSwatch({ title: 'Square', castOn: 22, shape: 'flat', school: 'any', text: 'Rows 1-28: k' }),
			size: { yarn: 'tarn' },
		};
		expect(sizeSaid({ ...plain, size: {} }, 'cm', '')).toBeUndefined();
		// Away from its drawer nothing is known of a yarn that did not come along.
		expect(sizeSaid(plain, 'cm', '')).toMatch(
			/^About 11\.\d × \d+\.\d cm dried flat, by an assumed tension; \d+ m of yarn, with tails\.$/,
		);
		const along = withYarn(plain, [tarn]);
		expect(sizeSaid(along, 'cm', '')).toMatch(
			/^About 12\.1 × 10\.0 cm dried flat, from one square of Tarn wool; (\d+) m of yarn, \d+ g, with tails\.$/,
		);
		expect(materialOf(along.size).gauge).toEqual(materialOf(plain.size, [tarn]).gauge);
		expect(withYarn(plain, [])).toBe(plain);
	});

	it('tells repeats for a length, and writes them into the rows', () => {
		const wish = repeatsFor(rope, ASSUMED_GAUGE, 20)!;
		// 56 rows are nine times six and two more.
		expect([wish.neighbours.below.repeats, wish.neighbours.above.repeats, wish.neighbours.nearer]).toEqual([9, 10, 9]);
		const longer = read(wish.textWith(wish.neighbours.nearer));
		expect(longer.worked.rows).toHaveLength(54);
		expect(longer.swatch.text).toContain('Rep rows 1-6 8 times more');
		expect(repeatsFor(read(ROPE), ASSUMED_GAUGE, 20)).toBeUndefined();
	});

	it('works out a length that the rows leave open', () => {
		const open = read(`${ROPE}\nRep rows 1-6 until piece measures 64 cm`);
		expect(lengthToldIn(open)).toBe(64);
		expect(repeatsFor(open, ASSUMED_GAUGE, 64)!.neighbours.nearer).toBe(30);
		expect(lengthToldIn(rope)).toBeUndefined();
		const told = (length: string): number | undefined =>
			lengthToldIn(read(`${ROPE}\nRep rows 1-6 until it measures ${length}`));
		expect(['300 mm', '12,5 cm', '12.5 cm', '10 inches', '10"', '10'].map(told)).toEqual([
			...[30, 12.5, 12.5],
			...[expect.closeTo(25.4, 9), expect.closeTo(25.4, 9), undefined],
		]);
	});

	it('tells the cast-on for a width, in stitches on which the rows come out', () => {
		expect(multipleOf(rope, '')).toBe(10);
		const { below, above } = castOnFor(sized(rope), sized(read(rope.swatch.text, 32)), {
			castOn: 22,
			multiple: 10,
			gauge: ASSUMED_GAUGE,
			widthCm: 26,
		});
		expect(above.castOn - below.castOn).toBe(10);
		for (const castOn of [below.castOn, above.castOn]) {
			expect(read(ROPE, castOn).problems.filter((p) => p.weight === 'error')).toEqual([]);
		}
		// The wider piece is what was reckoned.
		expect(sized(read(rope.swatch.text, above.castOn)).widthCm).toBeCloseTo(above.widthCm, 1);
		expect(multipleOf(read('Row 1: k22\nRow 2: p22'), '')).toBeUndefined();
	});

	it('is estimated by a measured piece, and pinned it is as wide as it is pinned', () => {
		const loops = loopsThatLie(rope.worked, rope.cords);
		const { widthCm } = sized(rope);
		const found = pullFor(loops, (widthCm - 0.4) / cellOf(ASSUMED_GAUGE).w);
		const across = { widthCm: widthCm - 0.4, state: 'off', pull: found.ok ? found.pull : 1 } as const;
		const lying = (told: SwatchSizeTold, checked = rope, state: FabricState = 'off'): number => {
			const material = materialOf(told);
			const lies = relax(
				loopsThatLie(checked.worked, checked.cords),
				relaxedBy(howItLies(told, material, state, checked.worked)),
			);
			const gauge = gaugeIn(material.gauge, state, material.sizes);
			return swatchSize(checked.worked, checked.cords, lies, gauge).widthCm;
		};
		expect(lying({ across })).toBeCloseTo(widthCm - 0.4, 1);
		// Longer, it is as wide, and every line of words says the same.
		expect(lying({ across }, read(`${ROPE}\nRep rows 1-6 9 times`))).toBeCloseTo(widthCm - 0.4, 1);
		const said = (size: SwatchSizeTold): string => sizeSaid({ ...rope.swatch, size } as Swatch, 'cm', '')!;
		expect(parseFloat(said({ across }).slice(6))).toBeLessThan(parseFloat(said({ tension: 'usual' }).slice(6)));
		// A yarn reckons by the middle one of its pieces; one that is set aside is not asked, and stays aside when it is measured again.
		const piece = (id: string, pull: number): YarnPiece => ({ ...across, pull, id, title: id, on: '2026-11-05' });
		const taught = ['a', 'b', 'c'].reduce((y, id, i) => withPiece(y, piece(id, i + 1)), {
			...tarn,
			pieces: [],
		} as Yarn);
		const learntFrom = (yarn: Yarn): unknown => materialOf({ yarn: 'tarn' }, [yarn]).learnt;
		expect(learntFrom(taught)).toEqual({ pull: 2, pieces: 3, spread: [1, 3] });
		const aside = { ...taught, pieces: taught.pieces!.map((p) => (p.id === 'c' ? { ...p, aside: true as const } : p)) };
		expect(learntFrom(withPiece(aside, piece('c', 7)))).toEqual({ pull: 1.5, pieces: 2, spread: [1, 2] });
		expect(materialOf({ yarn: 'tarn', across }, [taught]).learnt).toEqual({ pull: across.pull, pieces: 0 });
		const many = Array.from({ length: YARN_LIMITS.pieces + 3 }, (_, i) => piece(String(i), 1)).reduce(withPiece, tarn);
		expect([many.pieces!.length, many.pieces![0]!.id]).toEqual([YARN_LIMITS.pieces, '3']);
		expect(lying({ pinnedCm: 13 }, rope, 'pinned')).toBeCloseTo(13, 1);
		expect(lying({ pinnedCm: 13 })).toBeCloseTo(widthCm, 6);
		const pattern = { stitches: 20, rows: 28, of: 'pattern', state: 'pinned' } as const;
		expect(lying({ pinnedCm: 13, gauge: pattern }, rope, 'pinned')).toBe(11);
	});

	it('of two layers is that of each for itself: one that does not cross takes up nothing', () => {
		const text = 'Rows 1-2: k\nRow 3: k4, 2/2 RC, k4\nRow 4: k\nRep rows 1-4 5 times';
		const double = check(
			{
				...newSwatch({ title: 'Two faces', castOn: 12, shape: 'flat', school: 'slash', text }),
				craft: 'double-knit',
				layers: 'facing',
			},
			'',
		);
		const taken = (['RS', 'WS'] as const).map((side) => {
			const { worked, cords } = seenFrom(double.worked, side, double.cords);
			return swatchSize(worked, cords, relax(loopsThatLie(worked, cords)), ASSUMED_GAUGE).takenCm;
		});
		expect(taken[0]).toBeGreaterThan(0.1);
		expect(taken[1]).toBeCloseTo(0, 6);
	});

	it('of a shaped piece is that of its widest row', () => {
		const point = sized(read('Row 1: k\nRow 2: p\nRow 3: ssk, k to last 2 sts, k2tog\nRow 4: p\nRep rows 3-4 6 times'));
		expect([point.isShaped, point.stitches]).toEqual([true, 22]);
		expect(point.widthCm).toBeCloseTo(11, 0);
	});
});
