<script lang="ts">
	import Keyboard from '@lucide/svelte/icons/keyboard';
	import Moon from '@lucide/svelte/icons/moon';
	import Sun from '@lucide/svelte/icons/sun';
	import type { Light } from '$lib/ui/light';
	import IconButton from '$lib/ui/IconButton.svelte';

	interface Props {
		teacher: { readonly name: string } | undefined;
		/** The path of the page that is open. */
		here: string;
		light: Light;
		switchLight: () => void;
		showKeys: () => Promise<void>;
	}
	const { teacher, here, light, switchLight, showKeys }: Props = $props();

	const places = $derived(
		teacher
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
	const at = $derived(
		here.startsWith('/stage')
			? '/crossings'
			: places.findLast(({ href }) => (href === '/' ? here === '/' : here.startsWith(href)))?.href,
	);
</script>

<a href="/" class="font-serif text-[1.2rem] leading-none font-semibold">Pond<br class="hidden md:inline" /> Loop</a>
<!-- On a phone the way about lies under the thumb. -->
<nav
	aria-label="Main"
	class="max-sm:border-base-300 max-sm:bg-base-100 grow print:hidden max-sm:fixed max-sm:inset-x-0 max-sm:bottom-0 max-sm:z-40 max-sm:border-t max-sm:pb-[env(safe-area-inset-bottom)] md:mt-9"
>
	<ul
		class="flex gap-x-4 max-sm:justify-between max-sm:gap-x-0 max-sm:px-1 sm:flex-wrap md:flex-col md:flex-nowrap md:gap-y-1"
	>
		{#each places as { href, title }, nth (nth)}
			<li>
				<a
					{href}
					aria-current={at === href ? 'page' : undefined}
					class={[
						'relative block py-1.5 whitespace-nowrap max-lg:text-[0.92rem] max-sm:px-1 max-sm:py-3.5 max-[22.4rem]:px-0 max-[22.4rem]:text-[0.74rem] md:py-2.5',
						at === href
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
	href={teacher ? '/account' : '/sign-in'}
	aria-current={here === '/account' || here === '/sign-in' ? 'page' : undefined}
	class="quiet hover:text-base-content block max-w-24 min-w-0 truncate py-1.5 max-sm:ml-auto max-sm:max-w-40 aria-[current]:font-bold md:mb-1 md:max-w-none md:pr-2 max-lg:text-[0.92rem]"
	title={teacher ? `Your account: ${teacher.name}` : undefined}>{teacher?.name ?? 'Sign in'}</a
>
<div class="flex md:-ml-2 md:flex-wrap">
	<IconButton onclick={switchLight} label={light === 'day' ? 'Dusk: dark, for a projector' : 'Day: light'}
		>{#if light === 'day'}<Moon class="size-5" />{:else}<Sun class="size-5" />{/if}</IconButton
	>
	<IconButton onclick={showKeys} label="Keys" hint="Keys (?)"><Keyboard class="size-5" /></IconButton>
</div>
