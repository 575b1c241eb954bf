<script lang="ts">
	import { demonstrationsPage, drawStage, PALETTES, type PageSection } from '@pond-loop/core/drawing';
	import { perform } from '@pond-loop/core/craft';
	import { CHECK_WORDS, FINISH_WORDS, lessonMarkdown, stepTitle, writtenOn } from '@pond-loop/core/lesson';
	import { firstIssue, LessonSchema, type HouseStyle, type Lesson, type Step } from '@pond-loop/core/schema';
	import ical from 'ical-generator';
	import { download, fileName } from '$lib/picture/save-as';
	import ShareLink from './ShareLink.svelte';
	import { mistakeIn } from './stage-of';
	import { craftIn, lookOf, loopsIn, shownIn, wayOf, wordsIn } from '$lib/style/look';

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

	function section(step: Step, i: number): PageSection {
		const title = `${i + 1}. ${stepTitle(step)}`;
		const note = writtenOn(step).trim() ? [writtenOn(step)] : [];
		if (step.kind === 'crossing') {
			const craft = craftIn(style, step.craft);
			const shown = shownIn(style, step.crossing, craft);
			const done = perform(craft, shown.made, step.way, mistakeIn(step));
			if (!done.ok) return { title, lines: note, frames: [] };
			const { trace, taken } = done.value;
			const frames = Array.from({ length: trace.steps.length + 1 }, (_, at) => ({
				drawing: drawStage(taken.loops, trace, at, { ...lookOf(style), ...loopsIn(taken), light: 'day' }),
				...wordsIn(style, trace, at, craft),
			}));
			return {
				title,
				lines: [
					`${craft.id === 'hand' ? '' : `${craft.title}: `}${wayOf(step.way, craft).title}`,
					...taken.changes,
					...note,
				],
				frames,
			};
		}
		if (step.kind === 'swatch')
			return { title, lines: [`Cast on ${step.swatch.castOn}`, step.swatch.text, ...note], frames: [] };
		if (step.kind === 'check')
			return { title, lines: [...step.checks.map((c) => CHECK_WORDS[c]), ...note], frames: [] };
		if (step.kind === 'finish')
			return { title, lines: [...step.parts.map((p) => FINISH_WORDS[p]), ...note], frames: [] };
		return { title, lines: note, frames: [] };
	}
	function page(): void {
		const { ink, paper, quiet } = PALETTES.day;
		save(
			'html',
			'text/html',
			demonstrationsPage(lesson.steps.map(section), { title: lesson.title, lines: [], ink, paper, quiet }),
		);
	}
	function calendar(): void {
		const calendar = ical({ name: lesson.title, prodId: { company: 'Pond Loop', product: 'Lessons' } });
		for (const date of lesson.plan.dates) {
			const start = new Date(date);
			calendar.createEvent({
				id: `${id}-${date}`,
				start,
				end: new Date(start.getTime() + lesson.plan.minutes * 60_000),
				floating: true,
				summary: lesson.title,
				description: lesson.steps.map((s, i) => `${i + 1}. ${stepTitle(s)}`).join('\n'),
			});
		}
		save('ics', 'text/calendar', calendar.toString());
	}
	const FILES: readonly (readonly [string, () => void])[] = [
		['All of it, as JSON', () => save('json', 'application/json', `${JSON.stringify(lesson, null, '\t')}\n`)],
		['Markdown', () => save('md', 'text/markdown', lessonMarkdown(lesson, style))],
		['A page that plays its demonstrations, as HTML', page],
	];

	async function open(event: Event): Promise<void> {
		const input = event.currentTarget as HTMLInputElement;
		const [given] = input.files ?? [];
		input.value = '';
		trouble = undefined;
		read = undefined;
		if (!given) return;
		let data: unknown;
		try {
			data = JSON.parse(await given.text());
		} catch {
			trouble = `“${given.name}” is not JSON. Nothing was changed.`;
			return;
		}
		const checked = LessonSchema.safeParse(data);
		if (checked.success) read = checked.data;
		else trouble = `“${given.name}” is no lesson: ${firstIssue(checked.error)} Nothing was changed.`;
	}
</script>

<section aria-label="Files" class="text-[0.94rem]">
	<p class="flex flex-wrap gap-x-5 gap-y-1">
		<a class="wordlink" href="/lessons/{id}/kit">What to bring</a>
	</p>
	<ShareLink {id} {token} />
	<details class="mt-2">
		<summary class="wordlink w-fit list-none">Files</summary>
		<ul class="mt-2">
			{#each FILES as [label, make] (label)}
				<li><button type="button" class="wordlink my-0.5" onclick={make}>{label}</button></li>
			{/each}
			{#if lesson.plan.dates.length > 0}
				<li><button type="button" class="wordlink my-0.5" onclick={calendar}>Its dates, for a calendar</button></li>
			{/if}
		</ul>
		<label class="mt-3 block"
			>Read a lesson from a file
			<input class="mt-1 block max-w-full text-[0.88rem]" type="file" accept=".json,application/json" onchange={open} />
		</label>
		{#if trouble}<p class="text-error mt-1 font-semibold" role="alert">{trouble}</p>{/if}
		{#if read}
			{@const found = read}
			<div class="mt-2" role="status">
				<p><strong class="break-words">{found.title}</strong>, {found.steps.length} steps:</p>
				<ol class="list-decimal pl-6">
					{#each found.steps.slice(0, 12) as step (step.id)}<li>{stepTitle(step)}</li>{/each}
				</ol>
				<button
					type="button"
					class="wordlink mt-1 font-semibold"
					onclick={() => {
						take(found);
						read = undefined;
					}}>Put it in place of this one</button
				>
				<span class="quiet">Undo brings this one back.</span>
			</div>
		{/if}
	</details>
</section>
