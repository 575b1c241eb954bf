/**
 * A simulated single bed, its carriage and every loop of one crossing. The purl side is towards the
 * worker, so needles are numbered from the worker's left: needle 1 carries stitch 1, the rightmost as seen
 * on the knit side. Needle 0 and the one after the last are the ground beside the crossing.
 *
 * `loops` runs along the row like the stitches of a crossing; loops on needles stand in it in the order of
 * their needles, and those on a transfer tool where they were lifted until they are put down. Every stitch
 * is in it once, or in `lost`, or its needle is still bare. Planes are those of the knit side: what lies next to the bed is nearer there.
 *
 * Everything is plain data: a state is JSON as it stands.
 */

import type { StitchNumber } from '../../crossing/index.ts';
import { STRAIN_UP_TO, STRAIN_VERDICTS } from '../../fabric/index.ts';

/** Out of work, in work, and pushed forward with the loop behind the latch. */
export type NeedlePosition = 'out' | 'work' | 'forward';
export const PRONGS = [1, 2, 3] as const;
export type TransferTool = 'tool-1' | 'tool-2';

export interface BedLoop {
	readonly stitch: StitchNumber;
	/** A needle, a transfer tool, or let down: a ladder that waits to be latched up. */
	readonly on: number | TransferTool | 'ladder';
	readonly plane: number;
	/** Crossed since the carriage last passed, and so pulled sideways. */
	readonly tight: boolean;
	/** The carriage passed and the old loop did not come off. */
	readonly hung: boolean;
	readonly done?: 'k' | 'p';
}

export interface Lifted {
	readonly prongs: number;
	/** The needle at which its first loop was lifted. */
	readonly from: number;
}

/** A column beside the crossing: as it was knitted, let down, or latched up the other way. */
export type Beside = 'knit' | 'ladder' | 'purl';

export interface BedState {
	readonly tool: 'bed';
	/** By needle, from 0 to the one after the last stitch. */
	readonly needles: readonly NeedlePosition[];
	readonly loops: readonly BedLoop[];
	readonly tools: Readonly<Partial<Record<TransferTool, Lifted>>>;
	/** While it is on, the carriage passes needles that are forward without knitting them. */
	readonly holding: boolean;
	/** The number on the carriage: higher is looser. */
	readonly tension: number;
	/** The number for this yarn in plain knitting. */
	readonly usual: number;
	readonly weights: boolean;
	readonly carriage: 'left' | 'right';
	/** Rows on the counter. */
	readonly rows: number;
	readonly beside: { readonly left: Beside; readonly right: Beside };
	/** How far the crossing is pulled: strand needed ÷ strand at hand, the same number as for hands. */
	readonly strain: number;
	/** Yarn that breaks sooner than it gives. */
	readonly brittle: boolean;
	readonly broken: readonly StitchNumber[];
	/** Nothing was knitted before: the loops hang from their cast-on, or their needles are bare. */
	readonly isCastOn?: true;
	readonly lost: readonly StitchNumber[];
}

export interface BedSet {
	readonly strain?: number;
	readonly brittle?: boolean;
	readonly tension?: number;
	readonly holding?: boolean;
}

/** The number for the yarn in plain knitting, from which looser ones are counted. Assumed. */
export const USUAL_TENSION = 6;
/** Tension numbers on the dial. */
export const TENSIONS = { least: 0, most: 10 } as const;
/** What one number looser takes off the strain. Assumed. */
export const PER_NUMBER = 0.05;
/**
 * The strain up to which a crossed loop is knitted off from the working position, where it is easy, and from forward:
 * all that transfer tools can cross, in any yarn. Assumed.
 */
export const KNITS_OFF = { work: STRAIN_UP_TO[STRAIN_VERDICTS.indexOf('easy')]!, forward: 2.35 } as const;
/** The strain beyond which brittle yarn breaks: what is very tight may still go. Assumed. */
export const BREAKS = KNITS_OFF.forward;

/** How far loops are pulled at this tension number. */
export const strainAt = ({ strain, tension, usual }: Pick<BedState, 'strain' | 'tension' | 'usual'>): number =>
	strain - (tension - usual) * PER_NUMBER;

/** As of one over one. */
const EASY = 1.2;

/** `n` loops on needles in work, the carriage at the right, weights hung. */
export const bedState = (
	n: number,
	{ strain = EASY, brittle = false, tension = USUAL_TENSION, holding = false }: BedSet = {},
): BedState => ({
	tool: 'bed',
	needles: Array.from({ length: n + 2 }, () => 'work'),
	loops: Array.from({ length: n }, (_, i) => ({ stitch: i + 1, on: i + 1, plane: 0, tight: false, hung: false })),
	tools: {},
	holding,
	tension,
	usual: tension,
	weights: true,
	carriage: 'right',
	rows: 0,
	beside: { left: 'knit', right: 'knit' },
	strain,
	brittle,
	broken: [],
	lost: [],
});

/** The same before anything is cast on. */
export const bareBed = (state: BedState): BedState => ({ ...state, loops: [], isCastOn: true });

/** Needles that wait for their first loop, in the order in which they are wound: it ends at the carriage. */
export function bareNeedles({ needles, loops, lost, carriage, isCastOn }: BedState): readonly number[] {
	if (!isCastOn) return [];
	const bare: number[] = [];
	for (let needle = 1; needle < needles.length - 1; needle += 1)
		if (!lost.includes(needle) && !loops.some((l) => l.stitch === needle)) bare.push(needle);
	return carriage === 'right' ? bare : bare.reverse();
}

/** Loops on a tool hang on the worker's side of those on needles. */
export const TOOL_PLANE = -1;

export const onNeedle = (state: BedState, needle: number): BedLoop | undefined =>
	state.loops.find((l) => l.on === needle);
export const onTool = (state: BedState, tool: TransferTool): readonly BedLoop[] =>
	state.loops.filter((l) => l.on === tool);
