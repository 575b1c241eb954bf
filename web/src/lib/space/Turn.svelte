<script lang="ts">
	import { centreLines, drawLie, THICKNESS } from '@pond-loop/core/drawing';
	import { cellOf, type Gauge, type HowItLies } from '@pond-loop/core/fabric';
	import { letterOf, type Checked } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { download, fileName } from '$lib/files/download';
	import type { PageLight } from '$lib/ui/light';
	import { Lying } from '$lib/workers/lying.svelte';
	import { inWriting } from '$lib/ui/in-writing';
	import { MOST_TURNED, part } from './part';
	import type { YarnScene } from './scene';
	import { SIDE_IDS, SIDES, type SpaceSide } from './sides';

	interface Props {
		checked: Checked;
		gauge: Gauge;
		/** What makes it lie otherwise than is assumed. */
		how?: HowItLies;
		light: PageLight;
		/** What it is, for who does not see it. */
		label: string;
		/** The name of a saved picture. */
		file: string;
	}
	const { checked, gauge, how = {}, light, label, file }: Props = $props();
	const uid = $props.id();

	const lie = new Lying(
		() => checked,
		() => how,
	);
	/** As many rows as are turned, and one more that they are drawn through. */
	const lying = $derived(lie.now && { ...lie.now, x: lie.now.x.slice(0, MOST_TURNED + 2) });
	const rise = $derived(cellOf(gauge).h / cellOf(gauge).w);
	const shown = $derived(lying && part(centreLines(checked.worked, checked.cords, lying, rise)));
	const cords = $derived(checked.cords.cords.map(({ colour }, i) => ({ colour, letter: letterOf(i) })));
	let pull = $state(1);
	let side = $state<SpaceSide | undefined>('slant');
	let canvas = $state<HTMLCanvasElement>();
	let box = $state<HTMLElement>();
	let scene = $state.raw<YarnScene>();
	/** What the scene shows: a new fabric is seen whole. */
	let drawn: unknown;
	let ready = $state(false);
	/** Where there is no WebGL, what is flat stands for it. */
	let flat = $state(false);

	onMount(() => {
		let ended = false;
		let seen: ResizeObserver | undefined;
		void import('./scene').then(
			(three) => {
				if (ended || !canvas || !box) return;
				try {
					scene = new three.YarnScene(canvas);
				} catch {
					flat = true;
					return;
				}
				const fit = (): void => scene!.resize(box!.clientWidth, box!.clientHeight);
				fit();
				seen = new ResizeObserver(fit);
				seen.observe(box);
			},
			() => (flat = true),
		);
		return () => {
			ended = true;
			seen?.disconnect();
			scene?.end();
		};
	});
	$effect(() => {
		if (!scene || !shown) return;
		const [now, of] = [scene, shown];
		void now.show({ rows: of.rows, thickness: THICKNESS, cords, light, pull }).then(() => {
			const isNew = drawn !== of;
			drawn = of;
			if (isNew && side) now.see(side);
			ready = true;
		});
	});

	const KEYS: Readonly<Record<string, readonly [number, number, number?]>> = {
		ArrowLeft: [-10, 0],
		ArrowRight: [10, 0],
		ArrowUp: [0, -10],
		ArrowDown: [0, 10],
		'+': [0, 0, 1.2],
		'-': [0, 0, 1 / 1.2],
	};
	function onkeydown(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey || inWriting(event.target)) return;
		const step = KEYS[event.key];
		if (!step || !scene) return;
		side = undefined;
		scene.turn(...step);
		event.preventDefault();
	}
	async function save(): Promise<void> {
		const blob = scene && canvas && (await scene.still(canvas));
		if (blob) download(fileName(file, 'png'), blob);
	}
</script>

<div>
	<div class="mb-2 flex flex-wrap items-center gap-x-6 gap-y-2">
		<fieldset class="bg-base-200 flex flex-wrap rounded-full p-0.5">
			<legend class="sr-only">Seen from</legend>
			{#each SIDE_IDS as id (id)}
				<label
					class={[
						'cursor-pointer rounded-full px-3.5 py-1 has-focus-visible:outline-2',
						side === id && 'bg-primary text-primary-content font-semibold',
					]}
					><input
						type="radio"
						class="sr-only"
						name="side-{uid}"
						checked={side === id}
						onclick={() => {
							side = id;
							scene?.see(id);
						}}
					/>{SIDES[id].title}</label
				>
			{/each}
		</fieldset>
		<label class="flex items-center gap-2"
			>Pulled apart <input
				type="range"
				class="range range-xs w-36"
				min="0.85"
				max="1.4"
				step="0.05"
				bind:value={pull}
				disabled={!scene}
				aria-valuetext={pull === 1 ? 'as it lies' : `${Math.round(pull * 100)} % of its width`}
			/></label
		>
		<button type="button" class="wordlink disabled:opacity-40" disabled={!scene} onclick={save}
			>Save as a picture</button
		>
	</div>
	<div
		class="bg-base-200 relative h-[34rem] max-h-[74vh] overflow-hidden rounded-3xl has-focus-visible:outline-2"
		bind:this={box}
		data-testid="turn"
		data-ready={flat ? 'flat' : ready ? 'yes' : undefined}
	>
		{#if flat && lying && shown}
			<div class="h-full overflow-auto p-3">
				<Drawing
					drawing={drawLie(checked.worked, checked.cords, lying, {
						light,
						side: side === 'back' ? 'WS' : 'RS',
						cell: cellOf(gauge),
						rows: [0, shown.rows.length],
						unit: 'cm',
						label,
					})}
				/>
			</div>
		{:else if !flat}
			<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
			<div
				class="h-full w-full"
				tabindex="0"
				role="img"
				aria-label="{label} Turned with the arrow keys, nearer with plus."
				{onkeydown}
			>
				<canvas
					bind:this={canvas}
					class="block h-full w-full touch-none"
					aria-hidden="true"
					onpointerdown={() => (side = undefined)}
				></canvas>
			</div>
			{#if !ready}<p class="quiet absolute inset-0 grid place-content-center">Drawing the yarn …</p>{/if}
		{/if}
	</div>
	<p class="quiet mt-2 text-[0.94rem]">
		{#if flat}This browser can’t show 3D, so you see it flat.
		{:else}Drag to turn it, or use the arrow keys. Pinch, scroll or press + to zoom.{/if}
		{#if shown?.left}This shows the first {shown.rows.length - 1} rows and {shown.widest} stitches.{/if}
		How far a cable stands out is an estimate.
	</p>
</div>
