<script lang="ts">
	import Recover from '$lib/account/Recover.svelte';
	import Threshold from '$lib/account/Threshold.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
</script>

<svelte:head><title>A new password · Pond Loop</title></svelte:head>

<Threshold title="A new password" light={light.now} picture={data.picture}>
	<p class="mt-3">
		When you signed up, you got ten recovery codes. Use one to set a new password. Each works once. You’ll be signed out
		everywhere else.
	</p>
	<Recover opened={data.form} />
	<p class="mt-6"><a class="wordlink" href="/sign-in">Back to sign in</a></p>
</Threshold>
