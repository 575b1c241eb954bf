/** What has to be brought: for each learner, and for the class with some to spare. */

import { craftOf } from '../craft/index.ts';
import { needleName } from '../measure/index.ts';
import type { HouseStyle, Lesson } from '../schema/index.ts';
import { cordsOf, markerPlaces } from '../swatch/index.ts';
import { workedOf } from './skills.ts';

export interface KitItem {
	readonly what: string;
	/** For one learner; 0 for what the class shares. */
	readonly each: number;
	readonly unit: string;
	/** For all, with some to spare. */
	readonly all: number;
	/** Where the number comes from, when it is not plain. */
	readonly because?: string;
}

/** Of ten things one more is brought: assumed. */
const SPARE = 0.1;
/**
 * Loop length from gauge, plain wool knit: `S l² = Ks`, l in cm, S stitches by rows in a square
 * centimetre in the same relaxed state (Munden 1959; Knapton). Ks 19.0 is dry-relaxed.
 */
const KS = 19;
/** Assumed until a swatch was measured: 20 stitches and 28 rows in 10 cm. */
const GAUGE = { stitches: 2, rows: 2.8 };
/** Yarn for tails, and for trying again, as a factor: assumed. */
const AGAIN = 1.6;
const TAILS_CM = 40;
/** A learner tries a crossing on a strip of so many stitches and rows: assumed. */
const STRIP = { stitches: 20, rows: 16 };

/** Metres of yarn for so many loops. */
export const yarnFor = (loops: number): number => {
	const loop = Math.sqrt(KS / (GAUGE.stitches * GAUGE.rows));
	return (loops * loop * AGAIN + TAILS_CM) / 100;
};

export function kitFor(
	lesson: Lesson,
	style: Pick<HouseStyle, 'needle' | 'needleSystem' | 'holderShape'>,
): readonly KitItem[] {
	const { learners } = lesson.plan;
	const spare = (each: number): number => each * learners + Math.max(1, Math.ceil(each * learners * SPARE));
	const items: KitItem[] = [];
	const put = (what: string, each: number, unit = '', because?: string): void => {
		items.push({ what, each, unit, all: spare(each), ...(because ? { because } : {}) });
	};
	const shared = (what: string, all: number, because?: string): void => {
		items.push({ what, each: 0, unit: '', all, ...(because ? { because } : {}) });
	};

	const swatches = lesson.steps.flatMap((s) => (s.kind === 'swatch' ? [workedOf(s)] : []));
	const shown = lesson.steps.flatMap((s) => (s.kind === 'crossing' || s.kind === 'compare' ? [s] : []));
	const crafts = [...new Set([...swatches.map((w) => w.craft), ...shown.map((s) => s.craft)])];
	const loops =
		swatches.reduce((sum, w) => sum + w.castOn + w.rows.reduce((n, r) => n + r.stitches.length, 0), 0) +
		(shown.length > 0 ? STRIP.stitches * STRIP.rows * Math.ceil(shown.length / 2) : 0);
	if (loops > 0) {
		put(
			'Smooth, round, light yarn in wool',
			Math.ceil(yarnFor(loops)),
			'm',
			`${loops} loops at 20 stitches and 28 rows in 10 cm, once again by half, and tails (assumed)`,
		);
		if (crafts.some((id) => craftOf(id).isHanded))
			put(`Needles, ${needleName(style.needle, style.needleSystem)}`, 1, 'pair');
	}
	if (crafts.includes('loom')) {
		const pegs = Math.max(STRIP.stitches, ...swatches.filter((w) => w.craft === 'loom').map((w) => w.castOn));
		put(`Loom of at least ${pegs} pegs`, 1);
		put('Pick', 1, '', 'pointed: handed out and counted back');
		put('Safety pin, large, or a short holder', 1, '', 'for the loops that are parked');
	}
	if (crafts.includes('machine')) {
		shared(
			'Single bed with carriage and weights',
			Math.max(1, Math.ceil(learners / 3)),
			'taken in turns; set up before class',
		);
		put('Transfer tools of 1, 2 and 3 prongs', 2, 'sets', 'two of each: both groups are lifted at once');
		put('Latch tool', 1, '', 'sharp: handed out and counted back');
	}
	const byHand = shown.filter((s) => craftOf(s.craft).isHanded);
	const holders = Math.max(
		0,
		swatches.some((w) => craftOf(w.craft).isHanded && w.rows.some((r) => r.crossings.length > 0)) ? 1 : 0,
		...byHand.map((s) => craftOf(s.craft).ways.find((w) => w.id === s.way)?.holders ?? 1),
	);
	if (holders > 0) {
		put(
			holders === 1 ? `Holder, ${style.holderShape}` : `Holders, ${style.holderShape}`,
			holders,
			'',
			'not thicker than the needles',
		);
		shared('Holders of other shapes to try', Math.max(3, Math.ceil(learners / 3)));
	}
	const markers = Math.max(0, ...swatches.map((w) => markerPlaces(w, cordsOf(w)).length));
	if (markers > 0) put('Ring markers', markers, '', 'one at each side of every cord');
	if (swatches.length > 0) put('Locking marker', 1, '', 'for the last crossing');
	if (lesson.steps.some((s) => s.kind === 'crossing' && s.view?.mistake))
		shared('Latch hooks', Math.ceil(learners / 2), 'for laddering and latching up; sharp');
	const parts = new Set(lesson.steps.flatMap((s) => (s.kind === 'finish' ? s.parts : [])));
	if (parts.has('pin')) put('Pins', 20, '', 'sharp: counted out and counted back');
	if (parts.has('wash')) shared('Basins and towels', Math.ceil(learners / 4));
	if (parts.has('seam') || parts.has('bind-off')) put('Darning needle, blunt', 1);
	if (lesson.steps.length > 0) {
		shared('Scissors', Math.ceil(learners / 3));
		put('Sheet of this lesson', 1);
	}
	return items;
}

/** As a table: what, for each, unit, for all, why. */
export const kitTable = (items: readonly KitItem[]): readonly (readonly string[])[] => [
	['what', 'each', 'unit', 'all', 'because'],
	...items.map((i) => [i.what, i.each ? String(i.each) : 'shared', i.unit, String(i.all), i.because ?? '']),
];

/** A number with its unit, as it is said: `1 pair`, `9 pairs`, `29 m`. */
export const amount = (many: number, unit: string): string =>
	unit === 'pair' && many !== 1 ? `${many} pairs` : `${many} ${unit}`.trim();
