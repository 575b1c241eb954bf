/** The size page without its view: what was told of a swatch's size, and what follows. To be made while a component is. */

import { aboutNeedle, ballsFor, type FabricState, type Gauge, ratioOf, relax, relaxedBy } from '@pond-loop/core/fabric';
import { fromCm, toCm } from '@pond-loop/core/measure';
import type { HouseStyle, Swatch, SwatchSizeTold, Yarn } from '@pond-loop/core/schema';
import {
	alike,
	castOnFor,
	check,
	type Checked,
	lengthToldIn,
	loopsThatLie,
	loopsWhenSeamed,
	multipleOf,
	repeatsFor,
	seenFrom,
	strandsOf,
	swatchSize,
	yarnNeeded,
} from '@pond-loop/core/swatch';
import { untrack } from 'svelte';
import { withoutEmpty } from '$lib/ui/without-empty';
import { FabricSeen, type Lies } from './fabric-seen.svelte';

/** How a piece is closed: its ends into a ring, its sides into a tube, or not. */
export type Seam = 'none' | 'ends' | 'sides';

export interface SizePage {
	/** The swatch, and where its changes go; those at one place are one step to undo. */
	readonly save: { readonly value: Swatch; change(value: Swatch, place?: string): void };
	/** What was opened, checked. */
	readonly first: Checked;
	readonly style: HouseStyle;
	/** The teacher's drawer. */
	readonly yarns: readonly Yarn[];
}

export class SizeModel {
	readonly #page: () => SizePage;
	readonly fabric: FabricSeen;
	look = $state<FabricState>('off');
	side = $state<'RS' | 'WS'>('RS');
	/** Wished width and length, in the teacher's unit. */
	wide = $state<number>();
	long = $state<number>();
	/** Undefined while nothing is typed: then one. */
	people = $state<number | undefined>(8);
	seam = $state<Seam>('none');

	/** `lies` says how the rows lie where no worker is to be asked. */
	constructor(page: () => SizePage, lies?: Lies) {
		this.#page = page;
		this.fabric = new FabricSeen(
			() => ({ rows: this.checked, told: this.told, yarns: this.yarns, look: this.look, side: this.side }),
			lies,
		);
		// What the rows say themselves, until something else is asked.
		const toldLong = untrack(() => lengthToldIn(this.checked));
		if (toldLong !== undefined) this.long = untrack(() => Math.round(fromCm(toldLong, this.unit) * 10) / 10);
	}

	readonly swatch = $derived.by(() => this.#page().save.value);
	readonly style = $derived.by(() => this.#page().style);
	readonly unit = $derived.by(() => this.style.units);
	readonly yarns = $derived.by(() => this.#page().yarns);
	readonly told = $derived.by<SwatchSizeTold>(() => this.swatch.size ?? {});
	/** Only what rows are made of is worked again; a gauge changes nothing there. */
	readonly #rowsKey = $derived.by(() => JSON.stringify({ ...this.swatch, size: undefined, title: undefined }));
	readonly checked = $derived.by(() => {
		void this.#rowsKey;
		return untrack(() => {
			const { first, save, style } = this.#page();
			return first.swatch === save.value ? first : check(save.value, style.glossary);
		});
	});

	/** Notes what was told; what is left empty is assumed again. */
	tell(more: Partial<SwatchSizeTold>, place?: string): void {
		const { save } = this.#page();
		save.change({ ...save.value, size: withoutEmpty({ ...this.told, ...more }) }, place);
	}
	gaugeWith(more: Partial<Gauge>): void {
		this.tell({ gauge: { ...this.fabric.material.gauge, ...more } }, 'gauge');
	}
	/** Another cast-on or other rows, as a target asks for them. */
	use(more: Partial<Pick<Swatch, 'castOn' | 'text'>>): void {
		this.#page().save.change({ ...this.swatch, ...more });
	}

	/** What a length becomes from the state that was measured to the one that is looked at. */
	readonly ratio = $derived.by(() => {
		const { gauge, sizes } = this.fabric.material;
		return ratioOf(gauge.state, this.look, sizes);
	});
	readonly drying = $derived.by(() => ratioOf(this.look, 'dry', this.fabric.material.sizes));
	/** Strands of which the same is to be said. */
	readonly groups = $derived.by(() => alike(this.fabric.size?.together ?? []));

	readonly #asksWidth = $derived.by(
		() => this.wide !== undefined && this.wide > 0 && this.fabric.how.pinned === undefined,
	);
	/** Stitches over which the rows repeat; undefined where no width is asked, or they fit one number only. */
	readonly multiple = $derived.by(() => (this.#asksWidth ? multipleOf(this.checked, this.style.glossary) : undefined));
	/** The same rows on one multiple more, let lie as well: what it adds. */
	readonly #wider = $derived.by(() => {
		if (this.multiple === undefined) return undefined;
		const { swatch } = this.checked;
		const more = check({ ...swatch, castOn: swatch.castOn + this.multiple }, this.style.glossary);
		const seen = seenFrom(more.worked, this.side, more.cords);
		const { pull } = this.fabric.how;
		return {
			...seen,
			lies: relax(loopsThatLie(seen.worked, seen.cords), relaxedBy(pull === undefined ? {} : { pull })),
		};
	});
	readonly widths = $derived.by(() => {
		const { wide, multiple } = this;
		const wider = this.#wider;
		const { size, gauge } = this.fabric;
		if (wide === undefined || !size || !wider || multiple === undefined) return undefined;
		return castOnFor(size, swatchSize(wider.worked, wider.cords, wider.lies, gauge), {
			castOn: this.swatch.castOn,
			multiple,
			gauge,
			widthCm: toCm(wide, this.unit),
		});
	});
	readonly lengths = $derived.by(() =>
		this.long !== undefined && this.long > 0
			? repeatsFor(this.checked, this.fabric.gauge, toCm(this.long, this.unit))
			: undefined,
	);

	/** Yarn for one, with tails and a tenth to spare. */
	readonly needed = $derived.by(() => {
		const { size, material } = this.fabric;
		if (!size) return undefined;
		const seamCm = this.seam === 'ends' ? size.widthCm : this.seam === 'sides' ? size.lengthCm : 0;
		return yarnNeeded(this.checked.worked, material, { widthCm: size.widthCm, seamCm });
	});
	readonly balls = $derived.by(() => {
		const grams = this.needed?.grams;
		const { ballGrams } = this.fabric.material;
		return grams !== undefined && ballGrams ? ballsFor(grams, ballGrams, Math.max(1, this.people ?? 1)) : undefined;
	});
	/** How the piece goes about the circular needle that was told. */
	readonly needle = $derived.by(() => {
		const { size } = this.fabric;
		return size && this.told.needleCm ? aboutNeedle(size.widthCm, this.told.needleCm) : undefined;
	});
	/** Whether strands meet where the ends are seamed: all rows once, the repeats that there are. */
	readonly meet = $derived.by(() => {
		const { worked } = this.checked;
		if (this.seam !== 'ends' || worked.rows.length === 0) return undefined;
		const strands = strandsOf(worked, 0, worked.rows.length - 1);
		return strands && { home: strands.after.every((s, i) => s === i + 1), loops: loopsWhenSeamed(strands, 1) };
	});
}
