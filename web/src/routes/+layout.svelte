<script lang="ts">
	import '@fontsource/atkinson-hyperlegible-next/400.css';
	import '@fontsource/atkinson-hyperlegible-next/400-italic.css';
	import '@fontsource/atkinson-hyperlegible-next/600.css';
	import '@fontsource/atkinson-hyperlegible-next/700.css';
	import '@fontsource/fraunces/600.css';
	import '@fontsource/jetbrains-mono/500.css';
	import '../app.css';
	import { onMount, tick } from 'svelte';
	import { whenTasksDone, markInteractive, markHydrated } from '$lib/ui/hydration';
	import { page } from '$app/state';
	import { remember } from '$lib/ui/cookies';
	import type FindDialog from '$lib/find/FindDialog.svelte';
	import { growFields } from '$lib/ui/grown';
	import { inWriting } from '$lib/ui/in-writing';
	import type KeysDialog from '$lib/ui/KeysDialog.svelte';
	import { teacherHere } from '$lib/class/teacher-here';
	import Failed from '$lib/ui/Failed.svelte';
	import NewVersion from '$lib/ui/NewVersion.svelte';
	import { followSystem, LIGHT_COOKIE, type PageLight } from '$lib/ui/light';
	import { setLocale } from '$lib/ui/locale';
	import { englishFor } from '@pond-loop/core/english';
	import { setEnglish } from '$lib/words/english';
	import { setLight } from '$lib/ui/light-state.svelte';
	import About from './About.svelte';

	const { data, children } = $props();

	onMount(growFields);
	// Not on pages behind a link, which say nothing of who is signed in.
	$effect(() => {
		if (!/^\/(shared|practice)\//.test(page.url.pathname)) teacherHere(data.teacher?.id);
	});
	// The outermost part is mounted last: from here on every key and button is heard.
	onMount(() => {
		markHydrated();
		void whenTasksDone().then(() => {
			document.documentElement.dataset['interactive'] = 'yes';
			markInteractive();
		});
	});

	const ABOUT =
		'What a cable abbreviation means, how to work it with a cable needle and without, and lessons for your class.';
	setLocale(() => data.locale);
	setEnglish(() => englishFor(data.style.english, data.locale));
	const light = setLight(() => data.light);
	let keys = $state<KeysDialog>();
	let Keys = $state<typeof KeysDialog>();
	async function showKeys(): Promise<void> {
		Keys ??= (await import('$lib/ui/KeysDialog.svelte')).default;
		await tick();
		keys?.show();
	}
	let find = $state<FindDialog>();
	let Find = $state<typeof FindDialog>();
	/** The collection comes along only when somebody looks for something. */
	async function showFind(): Promise<void> {
		Find ??= (await import('$lib/find/FindDialog.svelte')).default;
		await tick();
		await find?.show();
	}

	// A sheet for paper has nothing around it.
	const bare = $derived(
		/\/(print|needles|show)$|^\/(shared|evenings|practice)\//.test(page.url.pathname) && !page.error,
	);

	function showLight(next: PageLight): void {
		light.now = next;
		document.documentElement.dataset['theme'] = next;
	}
	let stopFollowing: (() => void) | undefined;
	onMount(() => {
		if (!data.isLightChosen) stopFollowing = followSystem(showLight);
		return () => stopFollowing?.();
	});
	function switchLight(): void {
		stopFollowing?.();
		const next: PageLight = light.now === 'day' ? 'dusk' : 'day';
		remember(LIGHT_COOKIE, next);
		showLight(next);
	}

	function onkeydown(event: KeyboardEvent): void {
		if (inWriting(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key === '?') {
			event.preventDefault();
			void showKeys();
		}
		if (event.key !== '/') return;
		event.preventDefault();
		const field = document.querySelector<HTMLInputElement>('[data-name-field]');
		if (field) {
			field.focus();
			field.select();
		} else {
			void showFind();
		}
	}
</script>

<svelte:window {onkeydown} />
<svelte:head>
	<!-- What a link to a page shows where it is pasted. A lesson behind a link tells its own title. -->
	<meta name="description" content={ABOUT} />
	<meta property="og:site_name" content="Pond Loop" />
	<meta property="og:description" content={ABOUT} />
	<meta property="og:image" content="{page.url.origin}/preview.png" />
	<meta name="theme-color" content={light.now === 'day' ? '#f7f2e6' : '#0f2023'} />
</svelte:head>

<NewVersion />
{#snippet guarded()}
	<svelte:boundary>
		{@render children()}
		{#snippet failed(_, reset)}<Failed what="this page" {reset} />{/snippet}
	</svelte:boundary>
{/snippet}
{#if bare}
	{@render guarded()}
{:else}
	<a
		href="#main"
		class="bg-primary text-primary-content fixed top-2 left-2 z-50 -translate-y-20 rounded-full px-4 py-2 focus:translate-y-0"
		>Skip to content</a
	>
	<div class="min-h-screen md:grid md:grid-cols-[6.6rem_minmax(0,1fr)] lg:grid-cols-[8.2rem_minmax(0,1fr)]">
		<header
			class="border-base-300 flex items-center gap-x-4 border-b px-5 py-0.5 md:sticky md:top-0 md:h-screen md:flex-col md:items-stretch md:border-r md:border-b-0 md:px-0 md:py-6 md:pl-4 lg:pl-5"
		>
			<About teacher={data.teacher} here={page.url.pathname} light={light.now} {switchLight} {showKeys} />
		</header>
		<main id="main" tabindex="-1" class="min-w-0 px-5 py-4 focus:outline-none max-sm:pb-24 sm:px-7">
			{#if data.styleUnread}
				<p class="border-warning mb-4 border-l-4 py-1 pl-4" role="status">
					Your settings can’t be read. The usual ones are used instead.
					<a class="wordlink" href="/unread/house-style/{data.teacher?.id}">Show what is stored</a>
				</p>
			{/if}
			{@render guarded()}
		</main>
	</div>
{/if}
{#if Keys}<Keys bind:this={keys} path={page.url.pathname} />{/if}
{#if Find}<Find bind:this={find} />{/if}
