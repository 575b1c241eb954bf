<script lang="ts">
	import { onMount } from 'svelte';
	import Board from '$lib/class/Board.svelte';
	import { begunHere, forgetBegun, type BegunHere } from '$lib/class/begun-here';
	import { beginEvening } from '$lib/class/class-requests';

	const { data } = $props();
	let begun = $state.raw<BegunHere>();
	let isLost = $state(false);
	/** Whether the browser has been asked: nothing is said before. */
	async function open(): Promise<void> {
		const id = location.hash.slice(1);
		begun = await begunHere(id).catch(() => undefined);
		if (begun) return;
		// Begun at the server meanwhile, or never here.
		if (/^[\da-f-]{36}$/.test(id)) location.replace(`/evenings/${id}`);
		else isLost = true;
	}
	onMount(() => void open());
	async function begin({ id, classId, told }: BegunHere) {
		const answer = await beginEvening(classId, { id, ...told });
		if (answer.kind === 'ok') await forgetBegun(id).catch(() => undefined);
		return answer;
	}
</script>

<svelte:window onhashchange={() => void open()} />

{#if begun}
	{@const now = begun}
	{#key now.id}<Board
			opened={now}
			news={{ seq: 0, presses: [] }}
			unit={data.style.units}
			unbegun={{ begin: () => begin(now), forget: () => forgetBegun(now.id) }}
		/>{/key}
{:else}
	<main class="mx-auto max-w-3xl px-6 py-10" id="main">
		<h1 class="text-2xl">A session started offline</h1>
		<p class="mt-2">
			{isLost ? 'This browser doesn’t have that session.' : 'Opening it …'}
			<a class="wordlink" href="/classes">To the classes</a>
		</p>
	</main>
{/if}
