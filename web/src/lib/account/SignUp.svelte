<script lang="ts">
	import type { SuperValidated } from 'sveltekit-superforms';
	import { accountForm } from './account-form';
	import Field from './Field.svelte';
	import PasswordField from './PasswordField.svelte';
	import Send from './Send.svelte';
	import SignInNameField from './SignInNameField.svelte';

	interface Props {
		opened: SuperValidated<{ name: string; signInName: string; password: string }>;
	}
	const { opened }: Props = $props();
	// svelte-ignore state_referenced_locally
	const { form, errors, message, enhance, submitting } = accountForm(opened, { keep: ['password'] });
</script>

<form method="post" class="mt-5 grid gap-4" use:enhance>
	<Field
		name="name"
		label="Your name"
		hint="As your class knows you."
		bind:value={$form.name}
		errors={$errors.name}
		autocomplete="name"
		required
	/>
	<SignInNameField
		bind:value={$form.signInName}
		errors={$errors.signInName}
		hint="A word, or your email address. We never send email."
	/>
	<PasswordField fresh bind:value={$form.password} errors={$errors.password} />
	<Send label="Sign up" busy="Signing up …" submitting={$submitting} trouble={$message} />
</form>
