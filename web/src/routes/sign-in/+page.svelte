<script lang="ts">
	import { accountForm } from '$lib/account/account-form';
	import DemoDoor from '$lib/account/DemoDoor.svelte';
	import PasswordField from '$lib/account/PasswordField.svelte';
	import Send from '$lib/account/Send.svelte';
	import SignInNameField from '$lib/account/SignInNameField.svelte';
	import Threshold from '$lib/account/Threshold.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const { form, errors, message, enhance, submitting } = accountForm(data.form);
	const to = $derived(encodeURIComponent(data.to));
</script>

<svelte:head><title>Sign in · Pond Loop</title></svelte:head>

<Threshold title="Sign in" light={light.now} picture={data.picture}>
	{#if data.left}
		<p class="mt-3" role="status">Your account is deleted, with everything that was in it. Goodbye.</p>
	{:else if data.to !== '/'}
		<p class="quiet mt-3">That page belongs to a teacher. Sign in, and it opens.</p>
	{/if}
	{#if data.demo}
		<div class="border-base-300 mt-5 border-b pb-6">
			<p class="mb-3">This is the demo. Look round as Marit Quill, who teaches an invented evening class.</p>
			<DemoDoor to={data.to} />
		</div>
	{/if}
	<form method="post" action="?/enter&to={to}" class="mt-5 grid gap-4" use:enhance>
		<SignInNameField bind:value={$form.signInName} errors={$errors.signInName} />
		<PasswordField bind:value={$form.password} errors={$errors.password} />
		<Send label="Sign in" busy="Signing in …" submitting={$submitting} trouble={$message} strong={!data.demo} />
	</form>
	<p class="mt-6 flex flex-wrap gap-x-6 gap-y-2">
		<a class="wordlink" href="/sign-up?to={to}">Sign up</a>
		<a class="wordlink" href="/recover">Password forgotten</a>
	</p>
</Threshold>
