<script lang="ts">
	import Printer from '@lucide/svelte/icons/printer';
	import { commonMistakes, glossaryOf } from '@pond-loop/core/lesson';
	import { stageOf } from '$lib/lesson/stage-of';
	import { isLongLesson } from '$lib/lesson/long';
	import Later from '$lib/ui/Later.svelte';
	import StepSheet from '$lib/lesson/StepSheet.svelte';
	import TermSheet from '$lib/lesson/TermSheet.svelte';
	import { addressOf } from '$lib/choices/choices';

	import { Portions } from '$lib/ui/portions.svelte';
	import { stepTitle } from '@pond-loop/core/lesson';

	const { data } = $props();
	const { lesson, style, by } = $derived(data);
	const portions = new Portions(() => lesson.steps.length);
	const HANDS = [
		['right', 'right-handed'],
		['left-same', 'left-handed, the same fabric'],
		['left-mirrored', 'left-handed, mirrored'],
	] as const;
</script>

<svelte:head>
	<title>{lesson.title}</title>
	<meta name="robots" content="noindex, nofollow" />
</svelte:head>

<div class="bg-base-200 min-h-screen print:bg-white">
	<header class="mx-auto flex max-w-[46rem] flex-wrap items-center gap-x-5 gap-y-2 px-4 py-4 print:hidden">
		<p class="grow basis-60 break-words">A lesson of <strong>{by}</strong>, to read and to print.</p>
		<nav aria-label="Hands" class="flex flex-wrap gap-x-4 text-[0.94rem]">
			{#each HANDS as [hands, title] (hands)}
				<a
					class="wordlink"
					aria-current={style.demonstrates === hands ? 'true' : undefined}
					class:font-bold={style.demonstrates === hands}
					href="?hands={hands}"
					data-sveltekit-noscroll>{title}</a
				>
			{/each}
		</nav>
		<button type="button" class="pill pill-soft" onclick={() => window.print()}><Printer class="size-5" /> Print</button
		>
	</header>
	<main class="sheet mx-auto max-w-[46rem] bg-white px-6 py-8 text-black sm:px-10 print:max-w-none print:p-0" id="main">
		<h1 class="border-b-2 border-black pb-2 text-3xl break-words">{lesson.title}</h1>
		{#if lesson.steps.length === 0}<p class="mt-6">There is nothing in this lesson yet.</p>{/if}
		<ol>
			{#each lesson.steps as step, i (step.id)}
				<li class="break-inside-avoid border-b border-neutral-400 py-5">
					{#if portions.has(i)}<StepSheet {step} number={i + 1} light="day" {style} />
					{:else}<h2 class="text-2xl break-words">{stepTitle(step)}</h2>{/if}
					{#if step.kind === 'crossing'}
						<p class="mt-3 print:hidden">
							<a class="wordlink" href={addressOf({ hands: style.demonstrates, ...stageOf(step) })}
								>Watch it on the stage</a
							>
						</p>
					{/if}
				</li>
			{/each}
		</ol>
		<Later wait={isLongLesson(lesson)} quiet>
			<TermSheet title="When something went wrong" lines={commonMistakes(lesson.steps).map((m) => [m.title, m.says])} />
			<TermSheet title="Words used" lines={glossaryOf(lesson.steps).map((t) => [t.term, t.says])} names />
		</Later>
		<p class="mt-4 text-sm">
			Rest hands and neck every 20 to 30 minutes. Stop at pain or numbness, and see a clinician if it lasts. Needle and
			holder tips are sharp.
		</p>
	</main>
</div>
