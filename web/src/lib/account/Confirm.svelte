<script lang="ts">
	import type { SuperValidated } from 'sveltekit-superforms';
	import { accountForm } from './account-form';
	import PasswordField from './PasswordField.svelte';

	interface Props {
		/** The form action that it is for. */
		action: string;
		opened: SuperValidated<{ password: string }>;
		/** What the password is asked for. */
		label: string;
		button: string;
		/** It cannot be taken back. */
		grave?: boolean;
	}
	const { action, opened, label, button, grave = false }: Props = $props();
	// svelte-ignore state_referenced_locally
	const { form, errors, message, enhance, submitting } = accountForm(opened);
</script>

<!-- For what must not happen from a browser that was only left open. -->
<form method="post" action="?/{action}" use:enhance class="mt-3 flex flex-wrap items-end gap-x-5 gap-y-3">
	<div class="grow basis-64">
		<PasswordField {label} bind:value={$form.password} errors={$errors.password} />
	</div>
	<button class={['pill', grave ? 'border-error text-error border-2' : 'pill-soft']} disabled={$submitting}
		>{button}</button
	>
</form>
{#if $message}<p class="text-error mt-2 font-semibold" role="alert">{$message}</p>{/if}
