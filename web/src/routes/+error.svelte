<script lang="ts">
	import { page } from '$app/state';
</script>

<svelte:head><title>Not here · Pond Loop</title></svelte:head>

<div class="max-w-2xl py-10">
	<p class="lead">{page.status}</p>
	<h1 class="mt-1 text-4xl">
		{page.status === 404 ? 'Nothing on this needle' : page.status === 401 ? 'Signed out' : 'A dropped stitch'}
	</h1>
	<p class="mt-4">{page.error?.message}</p>
	{#if page.status >= 500 && page.error?.request}
		<p class="quiet mt-2 text-sm">If it happens again, tell whoever runs this: {page.error.request}</p>
	{/if}
	<p class="mt-6 flex flex-wrap gap-3">
		{#if page.data.teacher}
			<a class="pill pill-strong" href="/">To tonight</a>
			<a class="pill pill-soft" href="/lessons">To your lessons</a>
		{:else}
			<a class="pill pill-strong" href="/">To the first page</a>
			<a class="pill pill-soft" href="/sign-in?to={encodeURIComponent(page.url.pathname)}">Sign in</a>
		{/if}
	</p>
</div>
