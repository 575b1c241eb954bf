<script lang="ts">
	import {
		forOthers,
		type Lesson,
		lessonCalendar,
		lessonMarkdown,
		lessonPage,
		LessonSchema,
		picturesIn,
	} from '@pond-loop/core/lesson';
	import { stepTitle } from '@pond-loop/core/step';
	import { firstIssue, type HouseStyle } from '@pond-loop/core/schema';
	import { picturesAsData } from '$lib/picture/data-address';
	import { download, fileName } from '$lib/files/download';
	import ShareLink from './ShareLink.svelte';
	import FileField from '$lib/ui/FileField.svelte';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		lesson: Lesson;
		style: HouseStyle;
		id: string;
		/** The token of its link, when it has one. */
		token: string | undefined;
		/** Puts what was read from a file in place of what is there. */
		take: (lesson: Lesson) => void;
	}
	const { lesson, style, id, token, take }: Props = $props();
	let trouble = $state<string>();
	let read = $state.raw<Lesson>();

	const save = (ending: string, type: string, content: string): void =>
		download(fileName(lesson.title || 'lesson', ending), new Blob([content], { type: `${type};charset=utf-8` }));

	const FILES: readonly (readonly [string, () => void])[] = [
		[
			'All of it, as JSON',
			() =>
				save(
					'json',
					'application/json',
					`${JSON.stringify({ ...lesson, steps: forOthers(lesson.steps) }, null, '\t')}\n`,
				),
		],
		['Markdown', () => save('md', 'text/markdown', lessonMarkdown(lesson, style))],
		['HTML page with moving demonstrations', () => void saveHtml()],
	];

	/** The page needs no server, so its pictures are written into it. */
	async function saveHtml(): Promise<void> {
		const pictures = await picturesAsData(picturesIn(lesson));
		save('html', 'text/html', lessonPage(lesson, style, pictures));
	}

	async function open(given: File): Promise<void> {
		trouble = undefined;
		read = undefined;
		let data: unknown;
		try {
			data = JSON.parse(await given.text());
		} catch {
			trouble = `“${given.name}” is not JSON. Nothing was changed.`;
			return;
		}
		const checked = LessonSchema.safeParse(data);
		if (checked.success) read = checked.data;
		else trouble = `“${given.name}” isn’t a lesson: ${firstIssue(checked.error)} Nothing was changed.`;
	}
</script>

<section aria-label="Files" class="text-[0.94rem]">
	<p class="flex flex-wrap gap-x-5 gap-y-1">
		<a class="wordlink" href="/lessons/{id}/kit">Materials list</a>
		<a class="wordlink" href="/practice?lesson={id}">{say('Practise its crossings')}</a>
		<a class="wordlink" href="/doors/lessons/{id}">{say('Let the class practise')}</a>
	</p>
	<ShareLink {id} {token} />
	<details class="mt-2">
		<summary class="wordlink w-fit list-none">Files</summary>
		<ul class="mt-2">
			{#each FILES as [label, make], nth (nth)}
				<li><button type="button" class="wordlink my-0.5" onclick={make}>{label}</button></li>
			{/each}
			{#if lesson.plan.dates.length > 0}
				<li>
					<button
						type="button"
						class="wordlink my-0.5"
						onclick={() => save('ics', 'text/calendar', lessonCalendar(lesson, id, new Date()))}
						>Its dates, for a calendar</button
					>
				</li>
			{/if}
		</ul>
		<FileField label="Open a lesson file" class="mt-3" accept=".json,application/json" choose={open} />
		{#if trouble}<p class="text-error mt-1 font-semibold" role="alert">{trouble}</p>{/if}
		{#if read}
			{@const found = read}
			<div class="mt-2" role="status">
				<p><strong class="wrap-anywhere">{found.title}</strong>, {found.steps.length} steps:</p>
				<ol class="list-decimal pl-6">
					{#each found.steps.slice(0, 12) as step (step.id)}<li>{stepTitle(step)}</li>{/each}
				</ol>
				<button
					type="button"
					class="wordlink mt-1 font-semibold"
					onclick={() => {
						take(found);
						read = undefined;
					}}>Replace this one</button
				>
				<span class="quiet">You can undo this.</span>
			</div>
		{/if}
	</details>
</section>
