<script lang="ts">
	import type { SuperValidated } from 'sveltekit-superforms';
	import { accountForm } from './account-form';
	import Field from './Field.svelte';

	interface Props {
		opened: SuperValidated<{ name: string }>;
	}
	const { opened }: Props = $props();
	let saved = $state(false);
	// svelte-ignore state_referenced_locally
	const { form, errors, message, enhance } = accountForm(opened, { done: () => (saved = true) });
</script>

<form method="post" action="?/name" use:enhance class="flex flex-wrap items-end gap-x-5 gap-y-3">
	<div class="grow basis-64">
		<Field
			name="name"
			label="Your name, as your class knows you"
			bind:value={$form.name}
			errors={$errors.name}
			autocomplete="name"
			required
			oninput={() => (saved = false)}
		/>
	</div>
	<button class="pill pill-soft">Save</button>
</form>
<p class="quiet mt-1 min-h-[1lh] text-[0.94rem]" role="status">{saved ? 'saved' : ''}</p>
{#if $message}<p class="text-error mt-2 font-semibold" role="alert">{$message}</p>{/if}
