<script lang="ts">
	import { accountForm } from '$lib/account/account-form';
	import Field from '$lib/account/Field.svelte';
	import PasswordField from '$lib/account/PasswordField.svelte';
	import Send from '$lib/account/Send.svelte';
	import SignInNameField from '$lib/account/SignInNameField.svelte';
	import Threshold from '$lib/account/Threshold.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const { form, errors, message, enhance, submitting } = accountForm(data.form, { keep: ['password'] });
</script>

<svelte:head><title>A new password · Pond Loop</title></svelte:head>

<Threshold title="A new password" light={light.now} picture={data.picture}>
	<p class="mt-3">
		When you signed up you were given ten recovery codes. One of them sets a new password; it works once. You will be
		signed out everywhere else.
	</p>
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
	<p class="mt-6"><a class="wordlink" href="/sign-in">Back to sign in</a></p>
</Threshold>
