<script lang="ts">
	import { chartParts, drawChartPart, type Light } from '@pond-loop/core/drawing';
	import type { Cords, Worked } from '@pond-loop/core/swatch';
	import { flushSync } from 'svelte';
	import { memoize } from '@pond-loop/core/memoize';
	import Drawing from '$lib/picture/Drawing.svelte';
	import ChartPart from './ChartPart.svelte';

	interface Props {
		worked: Worked;
		cords: Cords;
		light: Light;
		mirrored: boolean;
		/** In CSS pixels, at most. */
		width: number;
	}
	const { worked, cords, light, mirrored, width }: Props = $props();

	const CELL = 24;
	const GUTTER = 34;
	const wide = $derived(worked.widest * CELL + 2 * GUTTER);
	/** As wide as there is room, once that is known. */
	let room = $state(0);
	const shownWide = $derived(Math.min(width, wide, room || width));
	const parts = $derived(
		chartParts(worked).map((part) => ({
			...part,
			high: ((part.lastRow - part.firstRow + 1) * CELL * shownWide) / wide,
		})),
	);
	// A chart in one part stands in the page from the start; the parts of a longer one as they are scrolled to.
	let seen = $state<readonly number[]>([]);
	let all = $state(false);
	const isShown = (i: number): boolean => all || parts.length === 1 || seen.includes(i);
	const drawn = memoize(
		40,
		(first: number, last: number) => `${first} ${last} ${light} ${mirrored} ${worked.rows.length} ${worked.widest}`,
		(firstRow, lastRow) => drawChartPart(worked, { firstRow, lastRow }, { light, cords, numbers: true, mirrored }),
	);

	let list = $state<HTMLElement>();
	$effect(() => {
		if (!list || parts.length === 1) return;
		const near = new IntersectionObserver(
			(entries) => {
				let now = seen;
				for (const { target, isIntersecting } of entries) {
					const i = Number((target as HTMLElement).dataset['part']);
					now = now.filter((one) => one !== i);
					if (isIntersecting) now = [...now, i];
				}
				seen = now;
			},
			{ rootMargin: '600px' },
		);
		for (const part of list.children) near.observe(part);
		return () => near.disconnect();
	});
	/** Paper wants all of it at once. */
	const whole = (now: boolean) => () => {
		if (parts.length > 1) flushSync(() => (all = now));
	};
</script>

<svelte:window onbeforeprint={whole(true)} onafterprint={whole(false)} />

<div
	bind:this={list}
	bind:clientWidth={room}
	role="img"
	aria-label="Chart of {worked.widest} stitches and {worked.rows.length} rows, with {cords.cords.length} {cords.cords
		.length === 1
		? 'strand'
		: 'strands'}."
	data-testid="chart-parts"
>
	{#each parts as part, i (i)}
		<div data-part={i} aria-hidden="true" style:height={parts.length > 1 ? `${part.high}px` : undefined}>
			{#if isShown(i)}
				{@const drawing = drawn(part.firstRow, part.lastRow)}
				{#if parts.length === 1 || all}<Drawing {drawing} width={shownWide} />
				{:else}<ChartPart {drawing} width={shownWide} />{/if}
			{/if}
		</div>
	{/each}
</div>
