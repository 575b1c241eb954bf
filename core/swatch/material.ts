/** What a swatch is made of: what is told of it, else what its yarn says, else what is assumed. */

import {
	ASSUMED_GAUGE,
	gaugeFrom,
	gaugeIn,
	gramsOf,
	loopLength,
	median,
	STATE_WORDS,
	yarnMetres,
	type Fibre,
	type Gauge,
	type HandTension,
	type Square,
} from '../fabric/index.ts';
import { YARN_LIMITS, type Swatch, type SwatchSizeTold, type Yarn, type YarnPiece } from '../schema/index.ts';
import type { Worked } from '../worked/index.ts';

export interface Material {
	/** The yarn that it names, where that is known. */
	readonly yarn?: Yarn;
	readonly gauge: Gauge;
	readonly from: 'told' | 'squares' | 'assumed';
	/** Squares that the gauge comes from; 0 unless it is from squares. */
	readonly squares: number;
	/** Sizes of the yarn's squares in three states; those that were set aside are not among them. */
	readonly sizes: readonly Square[];
	readonly fibre?: Fibre;
	readonly tension?: HandTension;
	readonly learnt?: LearntPull;
	readonly metresIn100g?: number;
	readonly ballGrams?: number;
}

/** The pull of drawn-through loops that measured pieces taught. */
export interface LearntPull {
	/** So many times the assumed one. */
	readonly pull: number;
	/** Pieces of its yarn that it comes from, the middle one of them; 0 where a piece of these very rows was measured. */
	readonly pieces: number;
	/** The least and the most of them. */
	readonly spread?: readonly [number, number];
}

function learntOf(pieces: readonly YarnPiece[]): LearntPull | undefined {
	const pulls = pieces.flatMap((p) => (p.aside ? [] : [p.pull])).sort((a, b) => a - b);
	if (pulls.length === 0) return undefined;
	return { pull: median(pulls), pieces: pulls.length, spread: [pulls[0]!, pulls.at(-1)!] };
}

/** How hard loops pull, as it is said: `1.4 times as hard as is assumed`. */
export const pullSaid = (pull: number): string =>
	pull > 1.05
		? `${pull.toFixed(1)} times as hard as is assumed`
		: pull < 0.95
			? `only ${pull.toFixed(1)} times as hard as is assumed`
			: 'about as hard as is assumed';

/** The yarn with what a piece of it taught. One that was there already is taught anew, and stays aside if it was; the oldest goes where there are too many. */
export function withPiece(yarn: Yarn, piece: YarnPiece): Yarn {
	const before = yarn.pieces?.find((p) => p.id === piece.id);
	const others = (yarn.pieces ?? []).filter((p) => p.id !== piece.id).slice(1 - YARN_LIMITS.pieces);
	return { ...yarn, pieces: [...others, { ...piece, ...(before?.aside ? { aside: true } : {}) }] };
}

/** `drawer`: yarns to look in; the one that a swatch took along goes before them. */
export function materialOf(told: SwatchSizeTold = {}, drawer: readonly Yarn[] = []): Material {
	const yarn = drawer.find((y) => y.id === told.yarn) ?? told.from;
	const measured = yarn && gaugeFrom(yarn.squares, 'plain');
	const learnt = told.across ? { pull: told.across.pull, pieces: 0 } : learntOf(yarn?.pieces ?? []);
	const fibre = told.fibre ?? yarn?.fibre;
	const metresIn100g = told.metresIn100g ?? yarn?.metresIn100g;
	const ballGrams = told.ballGrams ?? yarn?.ballGrams;
	return {
		gauge: told.gauge ?? measured?.gauge ?? ASSUMED_GAUGE,
		from: told.gauge ? 'told' : measured ? 'squares' : 'assumed',
		squares: told.gauge ? 0 : (measured?.squares ?? 0),
		sizes: yarn?.squares.filter((s) => !s.aside).map((s) => s.sizes) ?? [],
		...(yarn ? { yarn } : {}),
		...(fibre ? { fibre } : {}),
		...(told.tension ? { tension: told.tension } : {}),
		...(learnt ? { learnt } : {}),
		...(metresIn100g === undefined ? {} : { metresIn100g }),
		...(ballGrams === undefined ? {} : { ballGrams }),
	};
}

/** Where a gauge comes from: `From 2 squares of Tarn wool`. */
export function gaugeSource(material: Material): string {
	if (material.from === 'told') return 'From your square';
	if (material.from === 'assumed') return 'Assumed until you measure a square';
	return `From ${squaresSaid(material)}`;
}

/** The squares that it comes from: `2 squares of Tarn wool`. */
export const squaresSaid = ({ squares, yarn }: Pick<Material, 'squares' | 'yarn'>): string =>
	`${squares === 1 ? 'one square' : `${squares} squares`} of ${yarn!.name}`;

/** The gauge in figures: `20 stitches, 28 rows in 10 cm, plain knitting, off the needles`. */
export function gaugeSaid({ gauge }: Pick<Material, 'gauge'>): string {
	const one = (n: number): string => n.toFixed(1).replace('.0', '');
	const of = gauge.of === 'plain' ? 'plain knitting' : 'this pattern';
	return `${one(gauge.stitches)} stitches, ${one(gauge.rows)} rows in 10 cm, ${of}, ${STATE_WORDS[gauge.state]}`;
}

/** The swatch with its yarn as that stands now, so that it can leave the drawer that it lies in. */
export function withYarn(swatch: Swatch, drawer: readonly Yarn[]): Swatch {
	const from = drawer.find((y) => y.id === swatch.size?.yarn);
	return from ? { ...swatch, size: { ...swatch.size, from } } : swatch;
}

/** Loops of all rows that could be worked, the cast-on among them. */
export const loopsIn = ({ castOn, rows }: Pick<Worked, 'castOn' | 'rows'>): number =>
	rows.reduce((sum, row) => sum + (row.ok ? row.stitches.length : 0), castOn);

/** Yarn in one loop, in centimetres: by the law of plain squares, which holds off the needles and rested. */
export const loopIn = ({ gauge, sizes }: Pick<Material, 'gauge' | 'sizes'>): number =>
	loopLength(gaugeIn(gauge, 'off', sizes));

export interface YarnNeeded {
	/** With tails and something to spare. */
	readonly metres: number;
	/** Where its metres in 100 g are known. */
	readonly grams?: number;
}

/** Yarn for one piece. */
export function yarnNeeded(
	worked: Worked,
	material: Material,
	{ widthCm, seamCm = 0 }: { readonly widthCm: number; readonly seamCm?: number },
): YarnNeeded {
	const metres = yarnMetres({ loopsCm: loopsIn(worked) * loopIn(material), widthCm, seamCm });
	const { metresIn100g } = material;
	return { metres, ...(metresIn100g === undefined ? {} : { grams: gramsOf(metres, metresIn100g) }) };
}
