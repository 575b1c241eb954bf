/**
 * An uncrossed grid of loops, solved nearly and fast: one V-cycle over grids of half as many rows and columns each.
 * It is symmetric (a sweep forward before, one backward after), so that conjugate gradients may be preconditioned by it.
 * Of a plane grid the stiffnesses are the same on every level: half as many, twice as long, twice as wide.
 */

interface GridLevel {
	readonly rows: number;
	readonly columns: number;
	readonly x: Float64Array;
	readonly b: Float64Array;
	readonly rest: Float64Array;
}

/** Sweeps on the smallest grid, which has a few loops. */
const AT_LAST = 12;

export class GridCycle {
	readonly #levels: GridLevel[] = [];

	constructor(
		rows: number,
		columns: number,
		readonly across: number,
		readonly up: number,
	) {
		for (let [r, c] = [rows, columns]; ; [r, c] = [(r + 1) >> 1, (c + 1) >> 1]) {
			const size = r * c;
			this.#levels.push({
				rows: r,
				columns: c,
				x: new Float64Array(size),
				b: new Float64Array(size),
				rest: new Float64Array(size),
			});
			if (r <= 3 && c <= 3) break;
		}
	}

	/** The right side of the largest grid, to be filled before `solve`. */
	get given(): Float64Array {
		return this.#levels[0]!.b;
	}

	/** Nearly the answer for it. */
	solve(): Float64Array {
		this.#cycle(0);
		return this.#levels[0]!.x;
	}

	#cycle(at: number): void {
		const level = this.#levels[at]!;
		const coarse = this.#levels[at + 1];
		level.x.fill(0);
		this.#sweep(level, 1);
		if (!coarse) {
			for (let i = 0; i < AT_LAST; i++) {
				this.#sweep(level, -1);
				this.#sweep(level, 1);
			}
			this.#sweep(level, -1);
			return;
		}
		this.#residual(level);
		gather(level, coarse);
		this.#cycle(at + 1);
		spread(coarse, level);
		this.#sweep(level, -1);
	}

	/** Each loop put where its neighbours want it, one after another. */
	#sweep({ rows, columns, x, b }: GridLevel, way: 1 | -1): void {
		const { across, up } = this;
		const last = rows * columns - 1;
		for (let k = 0; k <= last; k++) {
			const i = way === 1 ? k : last - k;
			const c = i % columns;
			let pull = b[i]!;
			let stiff = 0;
			if (c > 0) {
				pull += across * x[i - 1]!;
				stiff += across;
			}
			if (c < columns - 1) {
				pull += across * x[i + 1]!;
				stiff += across;
			}
			if (i >= columns) {
				pull += up * x[i - columns]!;
				stiff += up;
			}
			if (i + columns <= last) {
				pull += up * x[i + columns]!;
				stiff += up;
			}
			if (stiff > 0) x[i] = pull / stiff;
		}
	}

	#residual({ rows, columns, x, b, rest }: GridLevel): void {
		const { across, up } = this;
		rest.set(b);
		for (let r = 0; r < rows; r++) {
			for (let i = r * columns, end = i + columns - 1; i < end; i++) {
				const pull = across * (x[i + 1]! - x[i]!);
				rest[i]! += pull;
				rest[i + 1]! -= pull;
			}
		}
		for (let i = 0, end = (rows - 1) * columns; i < end; i++) {
			const pull = up * (x[i + columns]! - x[i]!);
			rest[i]! += pull;
			rest[i + columns]! -= pull;
		}
	}
}

/** For each place its two neighbours on the next smaller grid; the same one twice where it stands on it. */
const pair = (i: number, many: number): readonly [number, number] => [
	i >> 1,
	(i & 1) === 0 ? i >> 1 : Math.min((i >> 1) + 1, many - 1),
];

function gather(fine: GridLevel, coarse: GridLevel): void {
	coarse.b.fill(0);
	for (let r = 0; r < fine.rows; r++) {
		const [r0, r1] = pair(r, coarse.rows);
		for (let c = 0; c < fine.columns; c++) {
			const [c0, c1] = pair(c, coarse.columns);
			const quarter = fine.rest[r * fine.columns + c]! / 4;
			coarse.b[r0 * coarse.columns + c0]! += quarter;
			coarse.b[r0 * coarse.columns + c1]! += quarter;
			coarse.b[r1 * coarse.columns + c0]! += quarter;
			coarse.b[r1 * coarse.columns + c1]! += quarter;
		}
	}
}

function spread(coarse: GridLevel, fine: GridLevel): void {
	const { x } = coarse;
	for (let r = 0; r < fine.rows; r++) {
		const [r0, r1] = pair(r, coarse.rows);
		for (let c = 0; c < fine.columns; c++) {
			const [c0, c1] = pair(c, coarse.columns);
			fine.x[r * fine.columns + c]! +=
				(x[r0 * coarse.columns + c0]! +
					x[r0 * coarse.columns + c1]! +
					x[r1 * coarse.columns + c0]! +
					x[r1 * coarse.columns + c1]!) /
				4;
		}
	}
}
