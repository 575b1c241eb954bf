<script lang="ts">
	import { TEMPLATES } from '@pond-loop/core/lesson';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import { keepPage } from '$lib/account/keep-page';
	import { removeLesson, restoreLesson } from '$lib/lesson/api';
	import { troubleOf } from '$lib/save/send';
	import LessonList from '$lib/lesson/LessonList.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data, form } = $props();
	const light = useLight();

	let removed = $state<{ id: string; title: string }>();
	let trouble = $state<string>();

	async function remove(id: string): Promise<void> {
		const answer = await removeLesson(id);
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') removed = { id, title: answer.value.title };
		await invalidateAll();
	}

	async function restore(): Promise<void> {
		if (!removed) return;
		const answer = await restoreLesson(removed.id);
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') removed = undefined;
		await invalidateAll();
	}
</script>

<svelte:head><title>Lessons · Pond Loop</title></svelte:head>

<div class="max-w-3xl">
	<h1 class="text-4xl">Lessons</h1>
	<form
		method="post"
		action="?/create"
		class="mt-6 flex flex-wrap items-end gap-x-5 gap-y-3"
		use:enhance={keepPage((words) => (trouble = words))}
	>
		<div class="grow basis-64">
			<label class="lead block" for="title">Title of a new lesson</label>
			<input
				id="title"
				name="title"
				class="field w-full"
				value={form?.title}
				placeholder="Such as: Bolster, second evening"
				aria-describedby={form?.message ? 'title-trouble' : undefined}
			/>
		</div>
		<div>
			<label class="lead block" for="template">Begin with</label>
			<select id="template" name="template" class="field">
				<option value="">an empty lesson</option>
				{#each TEMPLATES as t (t.id)}<option value={t.id} title={t.says}>{t.title}</option>{/each}
			</select>
		</div>
		<button class="pill pill-strong">Make a lesson</button>
	</form>
	{#if form?.message}<p id="title-trouble" class="text-error mt-2 font-semibold" role="alert">{form.message}</p>{/if}
	<div class="mt-4 min-h-[1.7rem]" role="status">
		{#if trouble}<p class="text-error font-semibold">{trouble}</p>{/if}
		{#if removed}
			<p class="flex flex-wrap items-center gap-x-4">
				<span>“{removed.title}” is removed.</span>
				<button type="button" class="wordlink font-semibold" onclick={restore}>Undo</button>
			</p>
		{/if}
	</div>
	<LessonList lessons={data.lessons} light={light.now} style={data.style} glance={6}>
		{#snippet actions(lesson)}
			<IconButton class="iconbutton quiet" label="Remove {lesson.title}" hint="Remove" onclick={() => remove(lesson.id)}
				><Trash2 class="size-5" /></IconButton
			>
		{/snippet}
	</LessonList>
</div>
