/** How a swatch will lie, for every view of it: by all that was told of its size, with its picture. To be made while a component is. */

import { drawLie, type Drawing, type LieOptions } from '@pond-loop/core/drawing';
import { cellOf, gaugeIn, type FabricState } from '@pond-loop/core/fabric';
import type { SwatchSizeTold, Yarn } from '@pond-loop/core/schema';
import { howItLies, materialOf, pulledIn, seenFrom, strainsIn, swatchSize, type Checked } from '@pond-loop/core/swatch';
import { Lying } from '$lib/workers/lying.svelte';
import { drawnPart } from './drawn-part';

export interface FabricAsked {
	readonly rows: Pick<Checked, 'worked' | 'cords'>;
	readonly told: SwatchSizeTold | undefined;
	readonly yarns: readonly Yarn[];
	readonly look: FabricState;
	readonly side: 'RS' | 'WS';
}

/** How rows lie now, and what is seen of it on the way there. */
export type Lies = Pick<Lying, 'now' | 'seen'>;

export class FabricSeen {
	readonly #asked: () => FabricAsked;
	readonly #lie: Lies;

	constructor(asked: () => FabricAsked, lies?: Lies) {
		this.#asked = asked;
		this.#lie =
			lies ??
			new Lying(
				() => this.layer,
				() => this.how,
			);
	}

	readonly material = $derived.by(() => materialOf(this.#asked().told, this.#asked().yarns));
	/** In the state that it is looked at. */
	readonly gauge = $derived.by(() => gaugeIn(this.material.gauge, this.#asked().look, this.material.sizes));
	readonly pulled = $derived.by(() => pulledIn(this.material));
	readonly how = $derived.by(() => {
		const { told, look, rows } = this.#asked();
		return howItLies(told, this.material, look, rows.worked);
	});
	/** Of two layers the one that is seen; each lies for itself. */
	readonly layer = $derived.by(() => {
		const { rows, side } = this.#asked();
		return seenFrom(rows.worked, side, rows.cords);
	});
	/** Undefined until it is known how just these rows lie. */
	readonly size = $derived.by(() => {
		const lies = this.#lie.now;
		return lies && swatchSize(this.layer.worked, this.layer.cords, lies, this.gauge, this.pulled);
	});
	readonly #seen = $derived.by(() => this.#lie.seen);
	/** How many rows there are, and what of them is drawn: from the cast-on, before this one. */
	readonly rows = $derived.by(() => this.#seen?.lies.x.length ?? 0);
	readonly #part = $derived.by(() => drawnPart(this.#seen?.lies));
	readonly end = $derived.by(() => this.#part.end);
	readonly isLarge = $derived.by(() => this.#part.isLarge);

	// Only what the picture hangs on: other answers change with every figure that is typed.
	readonly #stitches = $derived.by(() => this.gauge.stitches);
	readonly #rowsInTen = $derived.by(() => this.gauge.rows);
	readonly #fibre = $derived.by(() => this.pulled.fibre);
	readonly #tension = $derived.by(() => this.pulled.tension);
	readonly #worked = $derived.by(() => this.#seen?.worked);
	readonly #cords = $derived.by(() => this.#seen?.cords);
	readonly #strains = $derived.by(() => {
		if (!this.#worked || !this.#cords) return [];
		const pulled = {
			...(this.#fibre ? { fibre: this.#fibre } : {}),
			...(this.#tension ? { tension: this.#tension } : {}),
		};
		const gauge = { stitches: this.#stitches, rows: this.#rowsInTen };
		return strainsIn(this.#worked, this.#cords, gauge, pulled).flatMap((s) => s.crossings);
	});

	/** As it is seen now, on its way from how it lay before; undefined where there is nothing yet. */
	drawing({
		marked = true,
		...options
	}: Pick<LieOptions, 'light' | 'unit' | 'label'> & { readonly marked?: boolean }): Drawing | undefined {
		const seen = this.#seen;
		if (!seen || seen.worked.rows.length === 0) return undefined;
		return drawLie(seen.worked, seen.cords, seen.lies, {
			...options,
			side: this.#asked().side,
			cell: cellOf({ stitches: this.#stitches, rows: this.#rowsInTen }),
			rows: [0, this.end],
			strains: marked ? this.#strains : [],
		});
	}
}
