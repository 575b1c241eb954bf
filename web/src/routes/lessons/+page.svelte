<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import trash2Icon from 'lucide-static/icons/trash-2.svg?raw';
	import Begin from '$lib/account/Begin.svelte';
	import { enhance } from '$app/forms';
	import { keepPage } from '$lib/account/keep-page';
	import { removeLesson, restoreLesson } from '$lib/lesson/lesson-requests';
	import { Removal } from '$lib/save/removal.svelte';
	import RemovedNote from '$lib/save/RemovedNote.svelte';
	import LessonList from '$lib/lesson/LessonList.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data, form } = $props();
	const light = useLight();

	const removal = new Removal({ remove: removeLesson, restore: restoreLesson });
</script>

<svelte:head><title>Lessons · Pond Loop</title></svelte:head>

<div class="max-w-3xl">
	<h1 class="text-4xl">Lessons</h1>
	<form
		method="post"
		action="?/create"
		class="mt-6 flex flex-wrap items-end gap-x-5 gap-y-3"
		use:enhance={keepPage((words) => (removal.trouble = words))}
	>
		<div class="grow basis-64">
			<label class="lead block" for="title">Title of a new lesson</label>
			<input
				id="title"
				name="title"
				dir="auto"
				class="field w-full"
				value={form?.title}
				placeholder="e.g. Cables 1"
				aria-describedby={form?.message ? 'title-trouble' : undefined}
			/>
		</div>
		<div>
			<label class="lead block" for="template">Start with</label>
			<select id="template" name="template" class="field">
				<option value="">an empty lesson</option>
				{#each data.templates as t (t.id)}<option value={t.id} title={t.says}>{t.title}</option>{/each}
			</select>
		</div>
		<button class="pill pill-strong">Make a lesson</button>
	</form>
	{#if form?.message}<p id="title-trouble" class="text-error mt-2 font-semibold" role="alert">{form.message}</p>{/if}
	<div class="mt-3"><RemovedNote {removal} /></div>
	{#if data.lessons.length === 0}<div class="mt-6"><Begin demo={data.demo} template={data.templates[0]!} /></div>{/if}
	<LessonList lessons={data.lessons} light={light.now} style={data.style} glance={6}>
		{#snippet actions(lesson)}
			<IconButton quiet label="Remove {lesson.title}" hint="Remove" onclick={() => removal.remove(lesson.id)}
				><Icon svg={trash2Icon} class="size-5" /></IconButton
			>
		{/snippet}
	</LessonList>
</div>
