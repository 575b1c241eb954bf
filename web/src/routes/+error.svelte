<script lang="ts">
	import { onMount } from 'svelte';
	import { page } from '$app/state';

	/** What a server says that has too much to do for a moment, or that is being started again. */
	const isForNow = $derived([429, 502, 503, 504].includes(page.status));
	/** Not all at once: a class asks together. */
	onMount(() => {
		if (!isForNow) return;
		const again = setTimeout(() => location.reload(), 3000 + Math.random() * 4000);
		return () => clearTimeout(again);
	});
</script>

<svelte:head><title>Not here · Pond Loop</title></svelte:head>

<div class="max-w-2xl py-10">
	<p class="lead">{page.status}</p>
	<h1 class="mt-1 text-4xl">
		{page.status === 404 ? 'Page not found' : page.status === 401 ? 'Signed out' : 'Something went wrong'}
	</h1>
	<p class="mt-4">{page.error?.message}</p>
	{#if isForNow}<p class="mt-2" role="status">The page tries again by itself in a few seconds.</p>{/if}
	{#if page.status >= 500 && page.error?.request}
		<p class="quiet mt-2 text-sm">If it happens again, tell the person who runs this server: {page.error.request}</p>
	{/if}
	<p class="mt-6 flex flex-wrap gap-3">
		{#if page.data.teacher}
			<a class="pill pill-strong" href="/">Home</a>
			<a class="pill pill-soft" href="/lessons">Lessons</a>
		{:else}
			<a class="pill pill-strong" href="/">Home</a>
			<a class="pill pill-soft" href="/sign-in?to={encodeURIComponent(page.url.pathname)}">Sign in</a>
		{/if}
	</p>
</div>
