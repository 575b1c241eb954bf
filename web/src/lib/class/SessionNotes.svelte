<!-- @component Notes of a session. -->
<script lang="ts">
	import type { SessionModel } from './session-model.svelte';

	interface Props {
		model: SessionModel;
	}
	const { model }: Props = $props();
	const uid = $props.id();
	let note = $state('');
	function addNote(event: SubmitEvent): void {
		event.preventDefault();
		model.addNote(note);
		note = '';
	}
</script>

<section aria-labelledby="{uid}-notes">
	<h2 id="{uid}-notes" class="text-xl">Notes</h2>
	<ul class="mt-1">
		{#each model.went.notes as one (one.press)}<li class="border-base-300 border-t py-1" dir="auto">
				{one.text}
			</li>{/each}
	</ul>
	<form class="mt-2 flex gap-2" onsubmit={addNote}>
		<input
			class="field min-w-0 grow"
			bind:value={note}
			maxlength="600"
			dir="auto"
			aria-label="A note"
			placeholder="e.g. more light at the corner table"
		/>
		<button class="pill pill-soft">Add</button>
	</form>
</section>
