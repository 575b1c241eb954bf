<script lang="ts">
	import DemoDoor from '$lib/account/DemoDoor.svelte';
	import SignIn from '$lib/account/SignIn.svelte';
	import Threshold from '$lib/account/Threshold.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	const to = $derived(encodeURIComponent(data.to));
</script>

<svelte:head><title>Sign in · Pond Loop</title></svelte:head>

<Threshold title="Sign in" light={light.now} picture={data.picture}>
	{#if data.left}
		<p class="mt-3" role="status">Your account and everything in it are deleted. Goodbye.</p>
	{:else if data.to !== '/'}
		<p class="quiet mt-3">Sign in to see that page.</p>
	{/if}
	{#if data.demo}
		<div class="border-base-300 mt-5 border-b pb-6">
			<p class="mb-3">This is the demo. Look around as Marit Quill, who teaches an invented class.</p>
			<DemoDoor to={data.to} />
		</div>
	{/if}
	<SignIn opened={data.form} to={data.to} strong={!data.demo} />
	<p class="mt-6 flex flex-wrap gap-x-6 gap-y-2">
		<a class="wordlink" href="/sign-up?to={to}">Sign up</a>
		<a class="wordlink" href="/recover">Forgot your password?</a>
	</p>
</Threshold>
