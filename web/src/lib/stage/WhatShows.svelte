<script lang="ts">
	import { type Craft, signsIn, type Taken } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { type AnyTrace, mendsFor, type MistakeId, type SideSeen, sitesOf } from '@pond-loop/core/handling';
	import { drawResult } from '@pond-loop/core/drawing';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { isLeftHanded } from '@pond-loop/core/look';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		craft: Craft;
		taken: Taken;
		asked: Crossing;
		/** As it should be done, and with the mistake. */
		right: AnyTrace;
		wrong: AnyTrace;
		mistake: MistakeId;
		site: number;
		style: HouseStyle;
		light: PageLight;
		/** Makes the mistake in another place. */
		move: (site: number) => void;
		back: () => void;
	}
	const { craft, taken, asked, right, wrong, mistake, site, style, light, move, back }: Props = $props();
	const uid = $props.id();

	let rows = $state(0);
	const made = $derived(craft.mistakes.find((m) => m.id === mistake)!);
	const sites = $derived(sitesOf(made, right));
	const signs = $derived(signsIn(craft, taken, wrong, asked));
	const mends = $derived(mendsFor(asked, signs, { rows, hook: craft.hook }));
	const faces = $derived<{ face: SideSeen; word: string }[]>([
		{ face: 'RS', word: style.sides.right },
		{ face: 'WS', word: style.sides.wrong },
	]);
	const shown = (of: AnyTrace, face: SideSeen) => craft.shows?.(taken, of, face) ?? { asked, outcome: of.outcome };
	const saidOn = (face: SideSeen): string[] => signs.flatMap((s) => s.says[face] ?? []);
</script>

<section class="border-base-300 mt-5 border-y py-4" aria-labelledby="{uid}-title" data-testid="what-shows">
	<div class="flex flex-wrap items-baseline justify-between gap-x-6">
		<h2 id="{uid}-title" class="text-xl">What if: {made.title}</h2>
		<button type="button" class="wordlink" onclick={back}>As it should be</button>
	</div>
	<p class="quiet">{made.how}</p>
	{#if sites.length === 0}
		<p class="mt-2 font-semibold">This can’t happen with this way of working.</p>
	{/if}
	{#if sites.length > 1}
		<p class="mt-2 flex flex-wrap items-baseline gap-x-3 text-[0.94rem]">
			<label class="lead" for="{uid}-site">It happens at</label>
			<select
				id="{uid}-site"
				class="field"
				value={Math.min(site, sites.length - 1)}
				onchange={(e) => move(Number(e.currentTarget.value))}
			>
				{#each sites as one, i (i)}<option value={i}
						>move {one.at}{sites.filter((s) => s.at === one.at).length > 1
							? `, stitch ${1 + sites.slice(0, i).filter((s) => s.at === one.at).length}`
							: ''}</option
					>{/each}
			</select>
		</p>
	{/if}
	<div class="mt-4 flex flex-wrap gap-x-8 gap-y-4" data-testid="fabrics">
		{#each faces as { face, word }, nth (nth)}
			<figure>
				<div class="flex gap-3">
					{#each [{ what: 'as asked', of: right }, { what: 'as made', of: wrong }] as { what, of }, nth (nth)}
						<div class="text-center">
							<div class="overflow-hidden rounded-xl" data-face-of="{face} {what}">
								<Drawing
									drawing={drawResult(shown(of, face).asked, shown(of, face).outcome, {
										light,
										face,
										mirrored: craft.isHanded && isLeftHanded(style),
									})}
									width={Math.min(152, 64 + 22 * asked.n)}
								/>
							</div>
							<p class={['mt-1 text-[0.88rem]', what === 'as made' && 'font-semibold']}>{what}</p>
						</div>
					{/each}
				</div>
				<figcaption class="lead mt-1 text-center">{word}</figcaption>
			</figure>
		{/each}
	</div>
	<div class="mt-3 grid grid-cols-1 gap-x-10 gap-y-4 md:grid-cols-2">
		<div>
			<h3 class="lead font-sans">What shows</h3>
			<dl class="mt-1 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-1 text-[0.94rem]">
				{#each faces as { face, word }, nth (nth)}
					<dt class="font-semibold">{word}</dt>
					<dd data-face={face}>{saidOn(face).join('; ') || 'nothing'}</dd>
				{/each}
			</dl>
		</div>
		<div>
			<h3 class="lead font-sans">How to fix it</h3>
			<ul class="mt-1 text-[0.94rem]">
				{#each mends as mend, i (i)}
					<li>
						{mend.what} <strong class="whitespace-nowrap">{mend.cost} {mend.cost === 1 ? 'stitch' : 'stitches'}</strong>
					</li>
				{/each}
			</ul>
			<p class="mt-2 flex flex-wrap items-center gap-x-3 text-[0.94rem]">
				<label class="lead" for="{uid}-rows">Seen after</label>
				<input id="{uid}-rows" class="accent-secondary w-40" type="range" min="0" max="12" bind:value={rows} />
				<span>{rows === 0 ? 'the same row' : rows === 1 ? '1 row' : `${rows} rows`}</span>
			</p>
		</div>
	</div>
</section>
