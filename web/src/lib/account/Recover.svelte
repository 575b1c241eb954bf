<script lang="ts">
	import type { SuperValidated } from 'sveltekit-superforms';
	import { accountForm } from './account-form';
	import Field from './Field.svelte';
	import PasswordField from './PasswordField.svelte';
	import Send from './Send.svelte';
	import SignInNameField from './SignInNameField.svelte';

	interface Props {
		opened: SuperValidated<{ signInName: string; code: string; password: string }>;
	}
	const { opened }: Props = $props();
	// svelte-ignore state_referenced_locally
	const { form, errors, message, enhance, submitting } = accountForm(opened, { keep: ['password'] });
</script>

<form method="post" class="mt-5 grid gap-4" use:enhance>
	<SignInNameField bind:value={$form.signInName} errors={$errors.signInName} />
	<Field
		name="code"
		label="Recovery code"
		bind:value={$form.code}
		errors={$errors.code}
		autocomplete="off"
		autocapitalize="characters"
		placeholder="XXXXX-XXXXX-XXXXX-XXXXX"
		required
	/>
	<PasswordField fresh label="New password" bind:value={$form.password} errors={$errors.password} />
	<Send label="Set it and sign in" busy="One moment …" submitting={$submitting} trouble={$message} />
</form>
