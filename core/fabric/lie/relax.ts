/**
 * Lets a fabric lie: the place across of every loop, such that all pulls together are least. The next loop in a row
 * wants to stand one stitch further; a loop wants to stand over the one it was drawn through, or over the middle of
 * several; one made from nothing has no pull from below. The sum of squares is convex, so there is one answer, whatever
 * the start. Solved by conjugate gradients, preconditioned by the uncrossed grid: a few rounds at any size.
 */

import { GridCycle } from './grid.ts';
import { STIFFNESS, type LoopFabric, type Stiffness } from './loops.ts';

export interface Relaxed {
	/** Of every loop of every row, in stitch widths, from the right; the first loop of the cast-on stands at 0. */
	readonly x: readonly Float64Array[];
	/** Rounds that it took. */
	readonly rounds: number;
	/** How far any loop may still be off, in stitch widths, by estimate. */
	readonly off: number;
}

export interface RelaxOptions {
	readonly stiffness?: Stiffness;
	/** The answer of a fabric much like it, to begin from. */
	readonly from?: readonly Float64Array[];
	/** In stitch widths. */
	readonly tolerance?: number;
	/** Called between rounds; false stops it there. */
	readonly goOn?: (round: number) => boolean;
	/** Without the uncrossed grid, by each loop's own stiffness alone: slow, to measure by. */
	readonly plain?: boolean;
	/** Edges held at this width, in stitch widths from first to last loop of every row: pinned out. */
	readonly pinned?: number;
}

const TOLERANCE = 2e-5;
const MOST_ROUNDS = 5000;
/** How stiff a pin is beside a stitch. */
const PIN = 1000;

/** All pulls between loops, by their numbers in one line. */
class Pulls {
	readonly offsets: Int32Array;
	readonly size: number;
	readonly widest: number;
	/** Stiffness of each loop with the next one in its row; 0 at the end. */
	readonly #beside: Float64Array;
	/** The loop below, its stiffness, and where there are several, all of them. */
	readonly #below: Int32Array;
	readonly #through: Float64Array;
	readonly #several = new Map<number, readonly number[]>();
	readonly #pins: Float64Array;

	constructor({ rows }: LoopFabric, s: Stiffness, pinned: boolean) {
		this.offsets = new Int32Array(rows.length + 1);
		for (const [r, { cords }] of rows.entries()) this.offsets[r + 1] = this.offsets[r]! + cords.length;
		this.size = this.offsets[rows.length]!;
		this.widest = Math.max(1, ...rows.map((r) => r.cords.length));
		this.#beside = new Float64Array(this.size);
		this.#below = new Int32Array(this.size).fill(-1);
		this.#through = new Float64Array(this.size);
		this.#pins = new Float64Array(this.size);
		for (const [r, { cords, from, also, moved }] of rows.entries()) {
			const at = this.offsets[r]!;
			for (let c = 0; c < cords.length; c++) {
				const [a, b] = [cords[c]!, cords[c + 1]];
				if (b !== undefined) this.#beside[at + c] = a !== b && a >= 0 && b >= 0 ? s.cords : s.beside;
				const parent = from?.[c] ?? -1;
				if (parent < 0) continue;
				const below = this.offsets[r - 1]!;
				this.#below[at + c] = below + parent;
				this.#through[at + c] = moved?.[c] ? s.crossed : s.through;
				const more = also?.get(c);
				if (more) this.#several.set(at + c, [below + parent, ...more.map((p) => below + p)]);
			}
			if (pinned && cords.length > 0) this.#pins[at] = this.#pins[at + cords.length - 1] = PIN;
		}
	}

	/** How stiff each loop is held, all pulls together. */
	stiffnessOf(): Float64Array {
		const sum = Float64Array.from(this.#pins);
		for (let i = 0; i < this.size; i++) {
			sum[i]! += this.#beside[i]! + this.#through[i]!;
			if (this.#beside[i]! > 0) sum[i + 1]! += this.#beside[i]!;
			const below = this.#several.get(i) ?? (this.#below[i]! >= 0 ? [this.#below[i]!] : []);
			for (const q of below) sum[q]! += this.#through[i]! / below.length ** 2;
		}
		return sum;
	}

	/** What each loop pulls with, when all stand at `x`, neighbours want to be `step` apart and pins hold at `held`. */
	apply(x: Float64Array, step: number, held: Float64Array | undefined, into: Float64Array): void {
		into.fill(0);
		for (let i = 0; i < this.size; i++) {
			const k = this.#beside[i]!;
			if (k > 0) {
				const pull = k * (x[i + 1]! - x[i]! - step);
				into[i + 1]! += pull;
				into[i]! -= pull;
			}
			const p = this.#below[i]!;
			if (p >= 0) {
				const several = this.#several.get(i);
				if (several) {
					let middle = 0;
					for (const q of several) middle += x[q]! / several.length;
					const pull = this.#through[i]! * (x[i]! - middle);
					into[i]! += pull;
					for (const q of several) into[q]! -= pull / several.length;
				} else {
					const pull = this.#through[i]! * (x[i]! - x[p]!);
					into[i]! += pull;
					into[p]! -= pull;
				}
			}
			const pin = this.#pins[i]!;
			if (pin > 0) into[i]! += pin * (x[i]! - (held?.[i] ?? 0));
		}
	}
}

export function relax(fabric: LoopFabric, options: RelaxOptions = {}): Relaxed {
	const { stiffness = STIFFNESS, tolerance = TOLERANCE, goOn, pinned } = options;
	const pulls = new Pulls(fabric, stiffness, pinned !== undefined);
	const { size, offsets, widest } = pulls;
	const { rows } = fabric;
	const x = new Float64Array(size);
	let held: Float64Array | undefined;
	if (pinned !== undefined) held = new Float64Array(size);
	for (const [r, { cords }] of rows.entries()) {
		const begun = options.from?.[r];
		const at = offsets[r]!;
		for (let c = 0; c < cords.length; c++) x[at + c] = begun?.length === cords.length ? begun[c]! : c;
		if (held && cords.length > 1) held[at + cords.length - 1] = pinned!;
	}
	const grid = new GridCycle(rows.length, widest, stiffness.beside, stiffness.through);
	const residual = new Float64Array(size);
	const along = new Float64Array(size);
	const image = new Float64Array(size);
	let near = new Float64Array(size);
	const stiff = options.plain ? pulls.stiffnessOf() : undefined;
	const precondition = (): Float64Array => {
		if (stiff) return near.map((_, i) => residual[i]! / stiff[i]!);
		const { given } = grid;
		given.fill(0);
		for (let r = 0; r < rows.length; r++) {
			given.set(residual.subarray(offsets[r], offsets[r + 1]), r * widest);
		}
		const solved = grid.solve();
		const into = near;
		for (let r = 0; r < rows.length; r++) {
			const many = offsets[r + 1]! - offsets[r]!;
			into.set(solved.subarray(r * widest, r * widest + many), offsets[r]);
		}
		if (!held) level(into);
		return into;
	};
	pulls.apply(x, 1, held, residual);
	for (let i = 0; i < size; i++) residual[i] = -residual[i]!;
	near = precondition() as typeof near;
	along.set(near);
	let energy = dot(residual, near);
	let round = 0;
	let off = largest(near);
	while (off > tolerance && round < MOST_ROUNDS && (goOn?.(round) ?? true)) {
		round += 1;
		pulls.apply(along, 0, undefined, image);
		const step = energy / dot(along, image);
		for (let i = 0; i < size; i++) {
			x[i]! += step * along[i]!;
			residual[i]! -= step * image[i]!;
		}
		near = precondition() as typeof near;
		const next = dot(residual, near);
		const keep = next / energy;
		energy = next;
		for (let i = 0; i < size; i++) along[i] = near[i]! + keep * along[i]!;
		off = largest(near);
	}
	const first = x[0] ?? 0;
	return {
		x: rows.map((_, r) => x.slice(offsets[r], offsets[r + 1]).map((at) => at - first)),
		rounds: round,
		off,
	};
}

/** Where a fabric lies as a whole is nobody's wish: its middle stays. */
function level(x: Float64Array): void {
	let sum = 0;
	for (const at of x) sum += at;
	const middle = sum / x.length;
	for (let i = 0; i < x.length; i++) x[i]! -= middle;
}

function dot(a: Float64Array, b: Float64Array): number {
	let sum = 0;
	for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
	return sum;
}

function largest(x: Float64Array): number {
	let most = 0;
	for (const at of x) most = Math.max(most, Math.abs(at));
	return most;
}
