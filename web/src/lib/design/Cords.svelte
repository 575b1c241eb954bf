<script lang="ts">
	import type { CrossPoint, Drawing as Picture } from '@pond-loop/core/drawing';
	import Drawing from '$lib/picture/Drawing.svelte';

	interface Props {
		drawing: Picture;
		/** The group of each stitch, by stitch number less one. */
		groupOf: readonly number[];
		/** The letter of each group, from the tip. */
		letters: readonly string[];
		/** Lays the other one of two groups on top. */
		turn: (a: number, b: number) => void;
	}
	const { drawing, groupOf, letters, turn }: Props = $props();

	/** How near to where cords cross counts as there, in the drawing's own units. */
	const NEAR = 34;
	/** Less than this is a press, in CSS pixels. */
	const STILL = 6;

	let box = $state<HTMLElement>();
	interface DragState {
		readonly group: number | undefined;
		readonly from: { readonly x: number; readonly y: number };
		readonly moved: boolean;
		readonly over: CrossPoint | undefined;
	}
	let held = $state.raw<DragState>();

	const groups = (p: CrossPoint): readonly [number, number] => [groupOf[p.upper - 1]!, groupOf[p.lower - 1]!];

	/** Where cords cross, nearest to the pointer; only that group's when it is one that is dragged. */
	function nearest(event: PointerEvent, group?: number): CrossPoint | undefined {
		const matrix = box?.querySelector('svg')?.getScreenCTM()?.inverse();
		const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
		return drawing.crossPoints
			.filter((p) => group === undefined || groups(p).includes(group))
			.map((p) => ({ p, far: Math.hypot(p.x - at.x, p.y - at.y) }))
			.filter(({ far }) => far < NEAR)
			.sort((a, b) => a.far - b.far)[0]?.p;
	}

	function take(event: PointerEvent): void {
		const stitch = Number((event.target as Element).getAttribute('data-stitch'));
		box?.setPointerCapture(event.pointerId);
		held = {
			group: stitch > 0 ? groupOf[stitch - 1] : undefined,
			from: { x: event.clientX, y: event.clientY },
			moved: false,
			over: nearest(event),
		};
	}
	function drag(event: PointerEvent): void {
		if (!held) return;
		const moved = held.moved || Math.hypot(event.clientX - held.from.x, event.clientY - held.from.y) > STILL;
		held = { ...held, moved, over: nearest(event, moved ? held.group : undefined) };
	}
	function drop(): void {
		const last = held;
		held = undefined;
		// A drag that took hold of no cord moves none.
		if (last?.over && (!last.moved || last.group !== undefined)) turn(...groups(last.over));
	}

	const says = $derived.by(() => {
		if (!held?.moved || held.group === undefined) return undefined;
		const letter = letters[held.group - 1];
		if (!held.over) return `${letter}: drop it where it crosses another strand`;
		const [upper, lower] = groups(held.over);
		return held.group === upper
			? `${letter} goes under ${letters[lower - 1]}`
			: `${letter} goes over ${letters[upper - 1]}`;
	});
</script>

<!-- The list beside it does the same by key. -->
<!-- svelte-ignore a11y_no_static_element_interactions -->
<div
	bind:this={box}
	class="relative cursor-grab touch-none active:cursor-grabbing"
	title="Drag a strand over another, or press where they cross to swap which is on top"
	data-testid="ribbon"
	onpointerdown={take}
	onpointermove={drag}
	onpointerup={drop}
	onpointercancel={() => (held = undefined)}
>
	<Drawing {drawing} width={Math.min(420, drawing.width * 1.25)} />
	{#if held?.moved && held.over}
		<svg class="pointer-events-none absolute inset-0" viewBox="0 0 {drawing.width} {drawing.height}" aria-hidden="true">
			<circle
				cx={held.over.x}
				cy={held.over.y}
				r="22"
				fill="none"
				stroke="var(--color-base-content)"
				stroke-width="3"
			/>
		</svg>
	{/if}
	{#if says}<p class="bg-base-100 absolute inset-x-0 top-full z-10 text-center text-[0.94rem]" role="status">
			{says}
		</p>{/if}
</div>
