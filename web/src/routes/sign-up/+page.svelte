<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import arrowRightIcon from 'lucide-static/icons/arrow-right.svg?raw';
	import { codesIn } from '$lib/account/codes';
	import Codes from '$lib/account/Codes.svelte';
	import SignUp from '$lib/account/SignUp.svelte';
	import Threshold from '$lib/account/Threshold.svelte';
	import { takesFocus } from '$lib/ui/focus';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data, form: answer } = $props();
	const light = useLight();
	const codes = $derived(codesIn(answer));
</script>

<svelte:head><title>{codes ? 'Your recovery codes' : 'Sign up'} · Pond Loop</title></svelte:head>

{#if codes}
	<div class="max-w-2xl">
		<h1 class="text-4xl" use:takesFocus>Welcome. Save these codes</h1>
		<p class="my-4">
			We never send email. If you forget your password, use one of these codes to set a new one. Each works once. We
			show them only once.
		</p>
		<Codes {codes} />
		<p class="mt-4 flex flex-wrap items-center gap-x-6 gap-y-3 print:hidden">
			<a class="pill pill-strong" href="/style"
				>I’ve saved them. Go to Settings <Icon svg={arrowRightIcon} class="size-5" /></a
			>
			<a class="wordlink" href={data.to}>Or go to Home</a>
		</p>
	</div>
{:else if data.teacher}
	<Threshold title="You are signed in" light={light.now} picture={data.picture}>
		<p class="mt-4">As {data.teacher.name}. To make another account, sign out first.</p>
		<p class="mt-5 flex flex-wrap gap-3">
			<a class="pill pill-strong" href="/">To tonight</a>
			<a class="pill pill-soft" href="/account">Your account</a>
		</p>
	</Threshold>
{:else}
	<Threshold title="Sign up" light={light.now} picture={data.picture}>
		<SignUp opened={data.form} />
		<p class="mt-6"><a class="wordlink" href="/sign-in?to={encodeURIComponent(data.to)}">Sign in instead</a></p>
	</Threshold>
{/if}
