<script lang="ts">
	import { CHECK_WORDS, FINISH_WORDS, KIND_TITLES, noteOn } from '@pond-loop/core/lesson';
	import { CHECKS, FINISHES, type CheckStep, type FinishStep, type Note, type Step } from '@pond-loop/core/schema';
	import NoteField from '$lib/note/NoteField.svelte';

	interface Props {
		step: Exclude<Step, { kind: 'crossing' | 'compare' | 'swatch' }>;
		write: (note: Note) => void;
		/** What a check looks at, or what finishing is made of. */
		choose: (change: Partial<CheckStep> | Partial<FinishStep>) => void;
	}
	const { step, write, choose }: Props = $props();
	const uid = $props.id();

	const ASKS: Readonly<Record<Props['step']['kind'], string>> = {
		note: 'What to say, what to bring, when to rest',
		opening: 'What this evening is for, in one sentence',
		materials: 'What to lay out, and what to look for in it',
		discussion: 'What to ask them',
		homework: 'What they take home to do',
		check: 'What else to look at',
		rest: 'What to do with the hands meanwhile',
		finish: 'What to watch for',
	};
	const FINISH_NAMES = { 'bind-off': 'bind off', wash: 'wash', pin: 'pin', dry: 'dry', seam: 'seam' } as const;
	/** In their own order, however they are pressed. */
	const toggled = <T,>(all: readonly T[], has: readonly T[], one: T): T[] =>
		all.filter((x) => (x === one ? !has.includes(x) : has.includes(x)));
</script>

<div>
	<h2 class="lead font-sans" id="{uid}-kind">{KIND_TITLES[step.kind]}</h2>
	{#if step.kind === 'check'}
		<div class="mt-1 flex flex-wrap gap-x-4 text-[0.94rem]" role="group" aria-label="What is checked">
			{#each CHECKS as c (c)}
				<label class="flex items-center gap-1" title={CHECK_WORDS[c]}
					><input
						type="checkbox"
						class="accent-secondary"
						checked={step.checks.includes(c)}
						onchange={() => choose({ checks: toggled(CHECKS, step.checks, c) })}
					/>
					{c}</label
				>
			{/each}
		</div>
	{:else if step.kind === 'finish'}
		<div class="mt-1 flex flex-wrap gap-x-4 text-[0.94rem]" role="group" aria-label="What finishing is made of">
			{#each FINISHES as part (part)}
				<label class="flex items-center gap-1" title={FINISH_WORDS[part]}
					><input
						type="checkbox"
						class="accent-secondary"
						checked={step.parts.includes(part)}
						onchange={() => choose({ parts: toggled(FINISHES, step.parts, part) })}
					/>
					{FINISH_NAMES[part]}</label
				>
			{/each}
		</div>
	{/if}
	<div class="mt-1">
		<NoteField
			id="{step.kind}-{step.id}"
			note={noteOn(step)}
			label={{ by: `${uid}-kind` }}
			placeholder={ASKS[step.kind]}
			{write}
		/>
	</div>
</div>
