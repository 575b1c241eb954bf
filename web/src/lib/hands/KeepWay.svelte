<script lang="ts">
	import { ownWayId } from '@pond-loop/core/craft';
	import { canonical, type Crossing } from '@pond-loop/core/crossing';
	import type { Move } from '@pond-loop/core/handling';
	import { wordsFor } from '@pond-loop/core/made';
	import { invalidate } from '$app/navigation';
	import { addressOf } from '$lib/choices/address';
	import { fields } from '$lib/save/answers';
	import { send, troubleOf } from '$lib/save/send';
	import { HOUSE_STYLE } from '$lib/style/depends';

	interface Props {
		/** What the moves make, as the hands made it; in left hands the fabric is its mirror image. */
		made: Crossing;
		fabric: Crossing;
		moves: readonly Move[];
		/** Takes it where the form stands on the stage already; else a link leads there. */
		take?: (way: string) => void;
	}
	const { made, fabric, moves, take }: Props = $props();
	const uid = $props.id();
	let name = $state('');
	let kept = $state<string>();
	let trouble = $state<string>();
	let busy = $state(false);

	async function onsubmit(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		busy = true;
		const answer = await send('POST', '/api/ways', { name, crossing: made, moves }, fields({ id: 'string' }));
		trouble = troubleOf(answer);
		// Only what the page knows can be shown when it is pressed.
		if (answer.kind === 'ok') await invalidate(HOUSE_STYLE);
		busy = false;
		if (answer.kind === 'ok') kept = answer.value.id;
	}
</script>

<form class="border-base-300 mt-3 border-t pt-3" {onsubmit} aria-label="Save it as your own way">
	{#if kept === undefined}
		<label class="lead block" for="{uid}-name">Save it as your own way, named</label>
		<div class="flex items-center gap-3">
			<input
				id="{uid}-name"
				class="field min-w-0 grow"
				dir="auto"
				bind:value={name}
				maxlength="60"
				required
				placeholder="e.g. Marit’s swap"
			/>
			<button class="pill pill-soft" disabled={busy || name.trim() === ''}>{busy ? 'Keeping …' : 'Keep'}</button>
		</div>
		<p class="quiet mt-1 text-[0.94rem]">It makes {wordsFor(fabric).title}. It’s then in the list of ways.</p>
	{:else}
		<p role="status">
			“{name}” is saved.
			{#if take}
				<button type="button" class="wordlink" onclick={() => kept !== undefined && take(ownWayId({ id: kept }))}
					>Show it</button
				>
			{:else}
				<a
					class="wordlink"
					href={addressOf({
						text: wordsFor(fabric).title,
						school: 'slash',
						own: canonical(fabric),
						way: ownWayId({ id: kept }),
					})}>How to work it</a
				>
			{/if}
		</p>
	{/if}
	{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}
</form>
