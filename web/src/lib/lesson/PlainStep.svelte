<script lang="ts">
	import { CHECK_WORDS, FINISH_WORDS, KIND_TITLES } from '@pond-loop/core/lesson';
	import { CHECKS, FINISHES, isText, type CheckStep, type FinishStep, type Step } from '@pond-loop/core/schema';

	interface Props {
		step: Exclude<Step, { kind: 'crossing' | 'compare' | 'swatch' }>;
		write: (text: string) => void;
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
	<label class="lead block" for="{step.kind}-{step.id}">{KIND_TITLES[step.kind]}</label>
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
	<textarea
		id="{step.kind}-{step.id}"
		class="field grown w-full"
		rows="1"
		aria-describedby="{uid}-kind"
		placeholder={ASKS[step.kind]}
		value={isText(step) ? step.text : step.note}
		oninput={(e) => write(e.currentTarget.value)}></textarea>
	<span id="{uid}-kind" class="sr-only">{ASKS[step.kind]}</span>
</div>
