/** Chance that comes out the same for the same seed, so that a question can be asked again as it was. */

export interface Chance {
	/** From 0 up to, but not including, `below`. */
	readonly below: (below: number) => number;
	readonly of: <T>(all: readonly T[]) => T;
	readonly mixed: <T>(all: readonly T[]) => T[];
}

/** Source of the steps: mulberry32, a 32-bit generator in the public domain. */
export function chance(seed: number): Chance {
	let state = seed >>> 0;
	const next = (): number => {
		state = (state + 0x6d2b79f5) >>> 0;
		let t = state;
		t = Math.imul(t ^ (t >>> 15), t | 1);
		t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
	const below = (most: number): number => Math.floor(next() * most);
	return {
		below,
		of: (all) => all[below(all.length)]!,
		mixed: (all) => {
			const out = [...all];
			for (let i = out.length - 1; i > 0; i--) {
				const k = below(i + 1);
				[out[i], out[k]] = [out[k]!, out[i]!];
			}
			return out;
		},
	};
}
