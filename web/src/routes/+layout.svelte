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
	import { page } from '$app/state';
	import { remember } from '$lib/ui/cookies';
	import type FindDialog from '$lib/find/FindDialog.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { inWriting } from '$lib/ui/keys';
	import type KeysDialog from '$lib/ui/KeysDialog.svelte';
	import { LIGHT_COOKIE, type Light } from '$lib/ui/light';
	import { setLight } from '$lib/ui/light-state.svelte';

	const { data, children } = $props();

	// The outermost part is mounted last: from here on every key and button is heard.
	onMount(() => {
		document.documentElement.dataset['awake'] = 'yes';
	});

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

	const places = $derived(
		data.teacher
			? [
					{ href: '/', title: 'Tonight' },
					{ href: '/crossings', title: 'Crossings' },
					{ href: '/swatches', title: 'Swatches' },
					{ href: '/lessons', title: 'Lessons' },
					{ href: '/style', title: 'House style' },
				]
			: [
					{ href: '/', title: 'Welcome' },
					{ href: '/crossings', title: 'Crossings' },
				],
	);
	const here = $derived(
		page.url.pathname === '/stage'
			? '/crossings'
			: places.findLast(({ href }) => (href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href)))
					?.href,
	);
	// A sheet for paper has nothing around it.
	const bare = $derived(/\/(print|needles|show)$|^\/shared\//.test(page.url.pathname) && !page.error);

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

{#if bare}
	{@render children()}
{:else}
	<a
		href="#main"
		class="bg-primary text-primary-content fixed top-2 left-2 z-50 -translate-y-20 rounded-full px-4 py-2 focus:translate-y-0"
		>To the page itself</a
	>
	<div class="min-h-screen lg:grid lg:grid-cols-[8.2rem_minmax(0,1fr)]">
		<header
			class="border-base-300 flex items-center gap-x-4 border-b px-5 py-2 lg:sticky lg:top-0 lg:h-screen lg:flex-col lg:items-stretch lg:border-r lg:border-b-0 lg:py-6 lg:pr-0"
		>
			<a href="/" class="font-serif text-[1.2rem] leading-none font-semibold"
				>Pond<br class="hidden lg:inline" /> Loop</a
			>
			<!-- On a phone the way about lies under the thumb. -->
			<nav
				aria-label="Main"
				class="max-sm:border-base-300 max-sm:bg-base-100 grow print:hidden max-sm:fixed max-sm:inset-x-0 max-sm:bottom-0 max-sm:z-40 max-sm:border-t max-sm:pb-[env(safe-area-inset-bottom)] lg:mt-9"
			>
				<ul
					class="flex gap-x-4 max-sm:justify-between max-sm:gap-x-0 max-sm:px-1 sm:flex-wrap lg:flex-col lg:flex-nowrap lg:gap-y-1"
				>
					{#each places as { href, title } (href)}
						<li>
							<a
								{href}
								aria-current={here === href ? 'page' : undefined}
								class={[
									'relative block py-1.5 whitespace-nowrap max-sm:px-1.5 max-sm:py-3.5 max-sm:text-[0.9rem]',
									here === href
										? 'after:bg-accent font-bold after:absolute after:inset-x-0 after:bottom-0 after:h-1 max-sm:after:top-0 max-sm:after:bottom-auto after:rounded-full lg:after:inset-x-auto lg:after:-left-5 lg:after:top-1.5 lg:after:h-auto lg:after:bottom-1.5 lg:after:w-1'
										: 'quiet hover:text-base-content',
								]}>{title}</a
							>
						</li>
					{/each}
				</ul>
			</nav>
			<a
				href={data.teacher ? '/account' : '/sign-in'}
				aria-current={page.url.pathname === '/account' || page.url.pathname === '/sign-in' ? 'page' : undefined}
				class="quiet hover:text-base-content block max-w-24 min-w-0 truncate py-1.5 max-sm:ml-auto max-sm:max-w-40 aria-[current]:font-bold lg:mb-1 lg:max-w-none lg:pr-3"
				title={data.teacher ? `Your account: ${data.teacher.name}` : undefined}>{data.teacher?.name ?? 'Sign in'}</a
			>
			<div class="flex lg:-ml-2 lg:flex-wrap">
				<IconButton onclick={switchLight} label={light.now === 'day' ? 'Dusk: dark, for a projector' : 'Day: light'}
					>{#if light.now === 'day'}<Moon class="size-5" />{:else}<Sun class="size-5" />{/if}</IconButton
				>
				<IconButton onclick={showKeys} label="Keys" hint="Keys (?)"><Keyboard class="size-5" /></IconButton>
			</div>
		</header>
		<main id="main" tabindex="-1" class="min-w-0 px-5 py-5 focus:outline-none max-sm:pb-24 sm:px-7">
			{#if data.styleUnread}
				<p class="border-warning mb-4 border-l-4 py-1 pl-4" role="status">
					Your house style is stored and cannot be read; the usual one stands in for it.
					<a class="wordlink" href="/unread/house-style/{data.teacher?.id}">See it as it is</a>
				</p>
			{/if}
			{@render children()}
		</main>
	</div>
	{#if Keys}<Keys bind:this={keys} />{/if}
	{#if Find}<Find bind:this={find} />{/if}
{/if}
