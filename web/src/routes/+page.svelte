<script lang="ts">
	import Begin from '$lib/account/Begin.svelte';
	import LessonList from '$lib/lesson/LessonList.svelte';
	import DemoDoor from '$lib/account/DemoDoor.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import { askName } from './lazy-name-field';

	const { data } = $props();
	const light = useLight();
</script>

<svelte:head><title>{data.teacher ? 'Home · Pond Loop' : 'Pond Loop'}</title></svelte:head>

<div class="grid grid-cols-1 gap-x-14 gap-y-10 xl:grid-cols-[minmax(0,1fr)_19rem]">
	<div>
		{#if data.teacher}
			<h1 class="text-4xl">Home</h1>
		{:else}
			<h1 class="text-4xl">Cables, ready for class</h1>
			<p class="mt-2 max-w-xl">
				For knitting teachers: what a cable abbreviation means, how to work it with a cable needle and without, and your
				lessons. Try one.
			</p>
		{/if}
		<LazyPart
			part={askName}
			when="soon"
			given={{
				style: data.style,
				light: light.now,
				teacher: Boolean(data.teacher),
				isSchoolChosen: data.isSchoolChosen,
			}}
		/>
	</div>
	{#if data.teacher}
		<aside aria-labelledby={data.lessons.length > 0 ? 'recent' : 'begin-title'}>
			{#if data.lessons.length > 0}
				<h2 id="recent" class="text-2xl">Your lessons</h2>
				<LessonList lessons={data.lessons} light={light.now} style={data.style} glance={2} />
			{:else}
				<Begin demo={data.copied} template={data.first} />
			{/if}
			<p class="mt-4 flex flex-wrap gap-x-6 gap-y-2">
				<a class="wordlink" href="/lessons">{data.lessons.length > 0 ? 'All lessons' : 'Lesson templates'}</a>
			</p>
		</aside>
	{:else}
		<aside class="border-base-300 xl:border-l xl:pl-8" aria-labelledby="teachers">
			<h2 id="teachers" class="text-2xl">For teachers</h2>
			<p class="mt-2">Your lessons, handouts and settings. Only you see them.</p>
			{#if data.demo}
				<div class="mt-4"><DemoDoor /></div>
				<p class="quiet mt-2 text-[0.94rem]">The demo is an invented class. Look around.</p>
			{/if}
			<p class="mt-4 flex flex-wrap gap-3">
				<a class="pill {data.demo ? 'pill-soft' : 'pill-strong'}" href="/sign-in">Sign in</a>
				<a class="pill pill-soft" href="/sign-up">Sign up</a>
			</p>
		</aside>
	{/if}
</div>
