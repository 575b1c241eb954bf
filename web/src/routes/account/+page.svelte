<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import downloadIcon from 'lucide-static/icons/download.svg?raw';
	import AccountSection from '$lib/account/AccountSection.svelte';
	import { codesIn } from '$lib/account/codes';
	import Codes from '$lib/account/Codes.svelte';
	import Confirm from '$lib/account/Confirm.svelte';
	import NameForm from '$lib/account/NameForm.svelte';
	import NewPassword from '$lib/account/NewPassword.svelte';
	import Removed from '$lib/account/Removed.svelte';
	import Sessions from '$lib/account/Sessions.svelte';
	import SignOut from '$lib/account/SignOut.svelte';

	const { data, form: answer } = $props();

	let bringing = $state(false);

	const codes = $derived(codesIn(answer));
	let trouble = $state<string>();
	const say = (words: string | undefined): void => void (trouble = words);
</script>

<svelte:head><title>Your account · Pond Loop</title></svelte:head>

<div class="max-w-4xl">
	<div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-3 pb-5">
		<div class="min-w-0">
			<h1 class="text-4xl">Your account</h1>
			<p class="quiet mt-1 wrap-anywhere">
				{data.account.signInName
					? `You sign in as ${data.account.signInName}`
					: 'The account of the demo, without a password'}
			</p>
		</div>
		<SignOut {say} />
	</div>
	{#if trouble}<p class="text-error mb-4 font-semibold" role="alert">{trouble}</p>{/if}
	{#if data.recovered}
		<p class="border-accent mb-5 border-l-4 pl-3" role="status">
			The new password is set, and you are signed in. {data.codesLeft === 0
				? 'That was the last recovery code: make new ones below.'
				: `${data.codesLeft} recovery codes are left.`}
		</p>
	{/if}

	<AccountSection title="Name">
		<NameForm opened={data.name} />
	</AccountSection>

	<AccountSection title="Signed in">
		<Sessions sessions={data.sessions} idleDays={data.idleDays} {say} />
	</AccountSection>

	{#if data.account.hasPassword}
		<AccountSection title="Password">
			<NewPassword opened={data.password} signInName={data.account.signInName} />
		</AccountSection>

		<AccountSection title="Recovery codes">
			{#if codes}
				<p class="mb-3">Save these codes. The old ones no longer work. We show them only once.</p>
				<Codes {codes} />
			{:else}
				<p>
					{data.codesLeft === 1 ? '1 code is left.' : `${data.codesLeft} codes are left.`} Each code sets a new password once,
					if you forget yours.
				</p>
				<Confirm action="renew" opened={data.renew} label="Your password, for new codes" button="Make new codes" />
			{/if}
		</AccountSection>
	{/if}

	<AccountSection title="Your data">
		<p>
			All your lessons, swatches, crossings, classes and settings in one JSON file, with deleted items and earlier
			versions. You can open it again here or in another account.
		</p>
		<p class="mt-3">
			<a class="pill pill-soft" href="/account/export" download data-sveltekit-reload
				><Icon svg={downloadIcon} class="size-5" /> Download my data</a
			>
		</p>
		<details class="mt-4" bind:open={bringing}>
			<summary class="wordlink w-fit list-none">Restore from a file</summary>
			{#if bringing}
				{#await import('$lib/account/BringBack.svelte') then { default: BringBack }}
					<div class="mt-3"><BringBack /></div>
				{/await}
			{/if}
		</details>
	</AccountSection>

	<AccountSection title="Removed">
		{#if data.removed.length === 0}<p class="quiet">Nothing deleted. What you delete stays here until you erase it.</p>
		{:else}
			<Removed removed={data.removed} />
		{/if}
	</AccountSection>

	<AccountSection title="Delete account">
		{#if data.account.hasPassword}
			<p>Deletes your account, lessons, settings and sign-ins at once. You can’t undo this.</p>
			<Confirm
				action="remove"
				opened={data.remove}
				label="Your password, to be sure"
				button="Delete my account"
				grave
			/>
		{:else}
			<p>
				You can’t delete the demo account or change its password. <a class="wordlink" href="/sign-up">Sign up</a> after signing
				out, for an account of your own.
			</p>
		{/if}
	</AccountSection>
</div>
