<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import keyboardIcon from 'lucide-static/icons/keyboard.svg?raw';
	import moonIcon from 'lucide-static/icons/moon.svg?raw';
	import sunIcon from 'lucide-static/icons/sun.svg?raw';
	import type { PageLight } from '$lib/ui/light';
	import IconButton from '$lib/ui/IconButton.svelte';

	interface Props {
		teacher: { readonly name: string } | undefined;
		/** The path of the page that is open. */
		here: string;
		light: PageLight;
		switchLight: () => void;
		showKeys: () => Promise<void>;
	}
	const { teacher, here, light, switchLight, showKeys }: Props = $props();

	interface NavPlace {
		readonly id: string;
		readonly href: string;
		readonly title: string;
	}
	/** In the order of the work; on a phone the first five lie under the thumb, the others behind More. */
	const places = $derived<readonly NavPlace[]>([
		{ id: 'home', href: '/', title: 'Home' },
		{ id: 'cables', href: '/crossings', title: 'Cables' },
		...(teacher
			? [
					{ id: 'swatches', href: '/swatches', title: 'Swatches' },
					{ id: 'lessons', href: '/lessons', title: 'Lessons' },
					{ id: 'classes', href: '/classes', title: 'Classes' },
				]
			: []),
		{ id: 'practice', href: '/practice', title: 'Practice' },
		{ id: 'wrong', href: '/wrong', title: 'What went wrong?' },
		...(teacher ? [{ id: 'settings', href: '/style', title: 'Settings' }] : []),
	]);
	const AT_HAND = 5;
	const at = $derived(
		here.startsWith('/stage')
			? '/crossings'
			: places.findLast(({ href }) => (href === '/' ? here === '/' : here.startsWith(href)))?.href,
	);
	const isMore = $derived(places.slice(AT_HAND).some(({ href }) => href === at));
	let more = $state(false);
	$effect(() => {
		void here;
		more = false;
	});
	const LINK =
		'relative block py-1.5 max-lg:text-[0.92rem] max-sm:px-1 max-sm:py-3.5 max-sm:whitespace-nowrap max-[22.4rem]:px-0 max-[22.4rem]:text-[0.74rem] md:py-2';
</script>

{#snippet to({ href, title }: NavPlace)}
	<a
		{href}
		aria-current={at === href ? 'page' : undefined}
		class={[
			LINK,
			at === href
				? 'after:bg-accent font-bold after:absolute after:inset-x-0 after:bottom-0 after:h-1 max-sm:after:top-0 max-sm:after:bottom-auto after:rounded-full md:after:inset-x-auto md:after:-left-4 md:after:top-1.5 md:after:h-auto md:after:bottom-1.5 md:after:w-1 lg:after:-left-5'
				: 'quiet hover:text-base-content',
		]}>{title}</a
	>
{/snippet}

<a href="/" tabindex="-1" class="font-serif text-[1.2rem] leading-none font-semibold"
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
		{#each places.slice(0, AT_HAND) as place (place.id)}<li>{@render to(place)}</li>{/each}
		{#each places.slice(AT_HAND) as place (place.id)}<li class="max-sm:hidden">{@render to(place)}</li>{/each}
		{#if places.length > AT_HAND}
			<li class="sm:hidden">
				<details class="relative" bind:open={more}>
					<summary class={['list-none', LINK, isMore ? 'font-bold' : 'quiet']}>More</summary>
					<ul class="bg-base-100 border-base-300 absolute right-0 bottom-full rounded-t-xl border px-4 py-1">
						{#each places.slice(AT_HAND) as place (place.id)}<li>{@render to(place)}</li>{/each}
					</ul>
				</details>
			</li>
		{/if}
	</ul>
</nav>
<a
	href={teacher ? '/account' : '/sign-in'}
	aria-current={here === '/account' || here === '/sign-in' ? 'page' : undefined}
	class="quiet hover:text-base-content block max-w-24 min-w-0 truncate py-1.5 max-sm:ml-auto max-sm:max-w-40 aria-[current]:font-bold md:mb-1 md:max-w-none md:pr-2 max-lg:text-[0.92rem]"
	title={teacher ? `Your account: ${teacher.name}` : undefined}>{teacher?.name ?? 'Sign in'}</a
>
<div class="flex md:-ml-2 md:flex-wrap">
	<IconButton onclick={switchLight} label={light === 'day' ? 'Dark mode' : 'Light mode'}
		>{#if light === 'day'}<Icon svg={moonIcon} class="size-5" />{:else}<Icon
				svg={sunIcon}
				class="size-5"
			/>{/if}</IconButton
	>
	<IconButton onclick={showKeys} label="Keyboard shortcuts" hint="Keyboard shortcuts (?)"
		><Icon svg={keyboardIcon} class="size-5" /></IconButton
	>
</div>
