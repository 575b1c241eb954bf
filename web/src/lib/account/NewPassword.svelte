<script lang="ts">
	import type { SuperValidated } from 'sveltekit-superforms';
	import { accountForm } from './account-form';
	import PasswordField from './PasswordField.svelte';

	interface Props {
		opened: SuperValidated<{ current: string; password: string }>;
		/** For whoever keeps passwords. */
		signInName: string | null;
	}
	const { opened, signInName }: Props = $props();
	// svelte-ignore state_referenced_locally
	const { form, errors, message, enhance } = accountForm(opened);
</script>

<form method="post" action="?/password" use:enhance class="grid gap-4">
	<input type="hidden" name="username" autocomplete="username" value={signInName} />
	<PasswordField name="current" label="Current password" bind:value={$form.current} errors={$errors.current} />
	<PasswordField
		fresh
		label="New password"
		hint="At least 10 characters. All other browsers are signed out."
		bind:value={$form.password}
		errors={$errors.password}
	/>
	<p class="flex flex-wrap items-center gap-x-5 gap-y-2">
		<button class="pill pill-soft">Change the password</button>
		{#if $message}<span class="font-semibold" role="status">{$message}</span>{/if}
	</p>
</form>
