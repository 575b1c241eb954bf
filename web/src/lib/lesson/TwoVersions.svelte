<script lang="ts">
	import type { Lesson, Step } from '@pond-loop/core/schema';

	interface Props {
		mine: Lesson;
		theirs: Lesson;
		keepMine: () => void;
		takeTheirs: () => void;
	}
	const { mine, theirs, keepMine, takeTheirs }: Props = $props();

	const line = (step: Step): string =>
		step.kind === 'note' ? `Note: ${step.text}` : `${step.asked.text}${step.note ? `: ${step.note}` : ''}`;
	const sides = $derived([
		{ title: 'In this window', lesson: mine, other: theirs, act: keepMine, action: 'Keep this one' },
		{ title: 'Saved from the other window', lesson: theirs, other: mine, act: takeTheirs, action: 'Take this one' },
	]);
</script>

<section
	class="border-error mt-4 rounded-2xl border-2 p-5"
	role="alert"
	aria-labelledby="two-versions"
	data-testid="two-versions"
>
	<h2 id="two-versions" class="text-2xl">This lesson was changed in another window</h2>
	<p class="mt-1">Nothing is lost. Choose the one to go on with; the other stays one Undo away.</p>
	<div class="mt-4 grid gap-6 md:grid-cols-2">
		{#each sides as side (side.title)}
			{@const others = new Set(side.other.steps.map(line))}
			<div class="flex min-w-0 flex-col">
				<h3 class="lead font-sans">{side.title}</h3>
				<p
					class={[
						'font-serif text-lg font-semibold break-words',
						side.lesson.title !== side.other.title && 'bg-base-300',
					]}
				>
					{side.lesson.title || '(no title)'}
				</p>
				<ol class="mt-1 max-h-72 grow list-decimal overflow-y-auto pl-6 text-[0.94rem]">
					{#each side.lesson.steps as step (step.id)}
						<li class={['break-words whitespace-pre-wrap', !others.has(line(step)) && 'bg-base-300']}>{line(step)}</li>
					{/each}
				</ol>
				<p class="mt-3"><button type="button" class="pill pill-strong" onclick={side.act}>{side.action}</button></p>
			</div>
		{/each}
	</div>
</section>
