<script lang="ts">
	import { page } from '$app/state';
</script>

<svelte:head><title>Not here · Pond Loop</title></svelte:head>

<div class="max-w-2xl py-10">
	<p class="lead">{page.status}</p>
	<h1 class="mt-1 text-4xl">{page.status === 404 ? 'Nothing on this needle' : 'A dropped stitch'}</h1>
	<p class="mt-4">{page.error?.message}</p>
	<p class="mt-6 flex flex-wrap gap-3">
		<a class="pill pill-strong" href="/">To tonight</a>
		<a class="pill pill-soft" href="/lessons">To your lessons</a>
	</p>
</div>
