<script lang="ts">
	import type { SuperValidated } from 'sveltekit-superforms';
	import { accountForm } from './account-form';
	import PasswordField from './PasswordField.svelte';
	import Send from './Send.svelte';
	import SignInNameField from './SignInNameField.svelte';

	interface Props {
		opened: SuperValidated<{ signInName: string; password: string }>;
		/** Where to go then. */
		to: string;
		/** Whether it is what most people come for. */
		strong: boolean;
	}
	const { opened, to, strong }: Props = $props();
	// svelte-ignore state_referenced_locally
	const { form, errors, message, enhance, submitting } = accountForm(opened);
</script>

<form method="post" action="?/enter&to={encodeURIComponent(to)}" class="mt-5 grid gap-4" use:enhance>
	<SignInNameField bind:value={$form.signInName} errors={$errors.signInName} />
	<PasswordField bind:value={$form.password} errors={$errors.password} />
	<Send label="Sign in" busy="Signing in …" submitting={$submitting} trouble={$message} {strong} />
</form>
