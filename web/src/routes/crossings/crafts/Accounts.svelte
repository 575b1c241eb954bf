<script lang="ts">
	import { type Craft, CRAFT_IDS, craftId, perform } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { drawStage } from '@pond-loop/core/drawing';
	import { craftIn, lookOf, loopsIn, shownIn, toolsSaid, wayIn, wayOf } from '@pond-loop/core/look';
	import { SCHOOLS } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { addressOf, type StageChoices } from '$lib/choices/address';
	import Drawing from '$lib/picture/Drawing.svelte';
	import Faces from '$lib/stage/Faces.svelte';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		crossing: Crossing;
		/** By what it was asked for. */
		of: Pick<StageChoices, 'text' | 'own' | 'school' | 'meaning'>;
		style: HouseStyle;
		light: PageLight;
	}
	const { crossing, of, style, light }: Props = $props();

	/** One craft's account of the crossing: made, or refused with what fits instead. */
	function accountOf(craft: Craft): ReturnType<typeof tell> {
		const { made } = shownIn(style, crossing, craft);
		return tell(craft, made, wayIn(style, made, undefined, craft));
	}
	function tell(craft: Craft, made: Crossing, way: string) {
		const stage = (to: { text?: string; school?: 'slash' } = {}): string =>
			addressOf({
				text: of.text,
				own: to.text ? undefined : of.own,
				school: of.school,
				meaning: of.meaning,
				craft: craftId(craft),
				...to,
			});
		const done = perform(craft, made, way);
		if (!done.ok) {
			const fits = craft.nearest(crossing);
			const name = fits && SCHOOLS.slash.write(fits);
			return {
				craft,
				refused: done.problems[0]!,
				nearest: name ? { name, href: stage({ text: name, school: 'slash' }) } : undefined,
			};
		}
		const { taken, trace, tally } = done.value;
		// The moment when the last strands have passed each other.
		const moment = trace.steps.findLastIndex((s) => s.passings.length > 0) + 1;
		return {
			craft,
			way: wayOf(way, craft).title,
			tally,
			taken,
			href: stage(),
			// Not drawn where it stands already.
			draw: () =>
				drawStage(taken.loops, trace, moment, {
					...lookOf(style),
					...loopsIn(taken),
					light,
					textScale: 1.9,
				}),
		};
	}
	const accounts = $derived(CRAFT_IDS.map((id) => accountOf(craftIn(style, id))));
</script>

<ol class="mt-5" data-testid="crafts">
	{#each accounts as account (account.craft.id)}
		<li
			class="border-base-300 grid gap-x-7 gap-y-3 border-t py-5 lg:grid-cols-[15rem_minmax(0,1fr)]"
			data-craft={account.craft.id}
		>
			<div class="min-w-0">
				<h2 class="text-xl">{account.craft.title}</h2>
				<p class="quiet text-[0.94rem]">{account.craft.says}</p>
				{#if account.refused === undefined}
					<p class="mt-2 text-[0.94rem]">
						{account.way}: {account.tally.moves} moves, {toolsSaid(account.tally.tools, account.craft)}
					</p>
					<p class="mt-1"><a class="wordlink" href={account.href}>How to work it</a></p>
				{/if}
			</div>
			{#if account.refused !== undefined}
				<div data-testid="refused">
					<p class="font-semibold">It can’t.</p>
					<p class="mt-1">{account.refused.what} {account.refused.todo}</p>
					{#if account.nearest}<p class="mt-2">
							<a class="wordlink" href={account.nearest.href}>{account.nearest.name} on the stage</a>
						</p>{/if}
				</div>
			{:else}
				<div class="grid gap-x-6 gap-y-3 sm:grid-cols-[minmax(0,17rem)_minmax(0,1fr)]">
					<div class="self-start overflow-hidden rounded-2xl"><Drawing drawing={account.draw()} /></div>
					<div class="min-w-0">
						<Faces
							taken={account.taken}
							{light}
							mirrored={account.craft.isHanded && shownIn(style, crossing).mirrored}
							width={120}
						/>
					</div>
				</div>
			{/if}
		</li>
	{/each}
</ol>
