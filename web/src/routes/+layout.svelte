<script lang="ts">
	import '@fontsource/atkinson-hyperlegible-next/400.css';
	import '@fontsource/atkinson-hyperlegible-next/400-italic.css';
	import '@fontsource/atkinson-hyperlegible-next/600.css';
	import '@fontsource/atkinson-hyperlegible-next/700.css';
	import '@fontsource/fraunces/600.css';
	import '@fontsource/jetbrains-mono/500.css';
	import '../app.css';
	import Keyboard from '@lucide/svelte/icons/keyboard';
	import Moon from '@lucide/svelte/icons/moon';
	import Sun from '@lucide/svelte/icons/sun';
	import { onMount, tick } from 'svelte';
	import { hurriedOn, woke } from '$lib/ui/waking';
	import { page } from '$app/state';
	import { remember } from '$lib/ui/cookies';
	import type FindDialog from '$lib/find/FindDialog.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { inWriting } from '$lib/ui/in-writing';
	import type KeysDialog from '$lib/ui/KeysDialog.svelte';
	import NewVersion from '$lib/ui/NewVersion.svelte';
	import Path from '$lib/ui/Path.svelte';
	import { setPath, stationOf } from '$lib/ui/path-state.svelte';
	import { LIGHT_COOKIE, type Light } from '$lib/ui/light';
	import { setLocale } from '$lib/ui/locale';
	import { setLight } from '$lib/ui/light-state.svelte';

	const { data, children } = $props();

	// The outermost part is mounted last: from here on every key and button is heard.
	onMount(() => {
		woke();
		void hurriedOn().then(() => (document.documentElement.dataset['awake'] = 'yes'));
	});

	const ABOUT =
		'What a cable crossing’s name means, how hands do it with a needle and without, and lessons for a class about it.';
	setLocale(() => data.locale);
	const light = setLight(() => data.light);
	const path = setPath();
	const station = $derived(stationOf(page.url.pathname));
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

	const places = $derived(
		data.teacher
			? [
					{ href: '/', title: 'Tonight' },
					{ href: '/crossings', title: 'Crossings' },
					{ href: '/swatches', title: 'Swatches' },
					{ href: '/lessons', title: 'Lessons' },
					{ href: '/classes', title: 'Classes' },
					{ href: '/style', title: 'House style' },
				]
			: [
					{ href: '/', title: 'Welcome' },
					{ href: '/crossings', title: 'Crossings' },
					{ href: '/practice', title: 'Practice' },
				],
	);
	const here = $derived(
		page.url.pathname.startsWith('/stage')
			? '/crossings'
			: places.findLast(({ href }) => (href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href)))
					?.href,
	);
	// A sheet for paper has nothing around it.
	const bare = $derived(
		/\/(print|needles|show)$|^\/(shared|evenings|practice)\//.test(page.url.pathname) && !page.error,
	);

	function switchLight(): void {
		const next: Light = light.now === 'day' ? 'dusk' : 'day';
		light.now = next;
		remember(LIGHT_COOKIE, next);
		document.documentElement.dataset['theme'] = next;
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
{#if bare}
	{@render children()}
{:else}
	<a
		href="#main"
		class="bg-primary text-primary-content fixed top-2 left-2 z-50 -translate-y-20 rounded-full px-4 py-2 focus:translate-y-0"
		>To the page itself</a
	>
	<div class="min-h-screen md:grid md:grid-cols-[6.3rem_minmax(0,1fr)] lg:grid-cols-[8.2rem_minmax(0,1fr)]">
		<header
			class="border-base-300 flex items-center gap-x-4 border-b px-5 py-0.5 md:sticky md:top-0 md:h-screen md:flex-col md:items-stretch md:border-r md:border-b-0 md:px-0 md:py-6 md:pl-4 lg:pl-5"
		>
			<a href="/" class="font-serif text-[1.2rem] leading-none font-semibold"
				>Pond<br class="hidden md:inline" /> Loop</a
			>
			<!-- On a phone the way about lies under the thumb. -->
			<nav
				aria-label="Main"
				class="max-sm:border-base-300 max-sm:bg-base-100 grow print:hidden max-sm:fixed max-sm:inset-x-0 max-sm:bottom-0 max-sm:z-40 max-sm:border-t max-sm:pb-[env(safe-area-inset-bottom)] md:mt-9"
			>
				<ul
					class="flex gap-x-4 max-sm:justify-between max-sm:gap-x-0 max-sm:px-1 sm:flex-wrap md:flex-col md:flex-nowrap md:gap-y-1"
				>
					{#each places as { href, title } (href)}
						<li>
							<a
								{href}
								aria-current={here === href ? 'page' : undefined}
								class={[
									'relative block py-1.5 whitespace-nowrap max-lg:text-[0.92rem] max-sm:px-1 max-sm:py-3.5 max-[22.4rem]:px-0 max-[22.4rem]:text-[0.74rem] md:py-2.5',
									here === href
										? 'after:bg-accent font-bold after:absolute after:inset-x-0 after:bottom-0 after:h-1 max-sm:after:top-0 max-sm:after:bottom-auto after:rounded-full md:after:inset-x-auto md:after:-left-4 md:after:top-1.5 md:after:h-auto md:after:bottom-1.5 md:after:w-1 lg:after:-left-5'
										: 'quiet hover:text-base-content',
								]}
								>{#if href === '/style'}<span class="max-sm:sr-only">House&nbsp;</span><span class="max-sm:capitalize"
										>style</span
									>{:else}{title}{/if}</a
							>
						</li>
					{/each}
				</ul>
			</nav>
			<a
				href={data.teacher ? '/account' : '/sign-in'}
				aria-current={page.url.pathname === '/account' || page.url.pathname === '/sign-in' ? 'page' : undefined}
				class="quiet hover:text-base-content block max-w-24 min-w-0 truncate py-1.5 max-sm:ml-auto max-sm:max-w-40 aria-[current]:font-bold md:mb-1 md:max-w-none md:pr-2 max-lg:text-[0.92rem]"
				title={data.teacher ? `Your account: ${data.teacher.name}` : undefined}>{data.teacher?.name ?? 'Sign in'}</a
			>
			<div class="flex md:-ml-2 md:flex-wrap">
				<IconButton onclick={switchLight} label={light.now === 'day' ? 'Dusk: dark, for a projector' : 'Day: light'}
					>{#if light.now === 'day'}<Moon class="size-5" />{:else}<Sun class="size-5" />{/if}</IconButton
				>
				<IconButton onclick={showKeys} label="Keys" hint="Keys (?)"><Keyboard class="size-5" /></IconButton>
			</div>
		</header>
		<main id="main" tabindex="-1" class="min-w-0 px-5 py-2 focus:outline-none max-sm:pb-24 sm:px-7">
			{#if station && !page.error}<Path here={station} onward={path.onward} />{/if}
			{#if data.styleUnread}
				<p class="border-warning mb-4 border-l-4 py-1 pl-4" role="status">
					Your house style is stored and cannot be read; the usual one stands in for it.
					<a class="wordlink" href="/unread/house-style/{data.teacher?.id}">See it as it is</a>
				</p>
			{/if}
			{@render children()}
		</main>
	</div>
{/if}
{#if Keys}<Keys bind:this={keys} path={page.url.pathname} />{/if}
{#if Find}<Find bind:this={find} />{/if}
