<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Crossing } from '@pond-loop/core/crossing';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import Glances from '$lib/picture/Glances.svelte';
	import type { PageLight } from '$lib/ui/light';
	import { dayOf } from '$lib/ui/dates';
	import { useLocale } from '$lib/ui/locale';

	interface LessonItem {
		readonly id: string;
		readonly title: string;
		readonly steps: number;
		readonly crossings: readonly Crossing[];
		readonly updatedAt: Date;
	}
	interface Props {
		lessons: readonly LessonItem[];
		light: PageLight;
		style: HouseStyle;
		/** How many crossings to show for each. */
		glance?: number;
		actions?: Snippet<[LessonItem]>;
	}
	const { lessons, light, style, glance = 3, actions }: Props = $props();
	const locale = useLocale();
</script>

{#if lessons.length > 0}
	<ul class="mt-2">
		{#each lessons as lesson (lesson.id)}
			<li class="border-base-300 flex items-center gap-2 border-b">
				<a
					href="/lessons/{lesson.id}"
					class="group flex min-w-0 grow items-center gap-x-4 gap-y-2 py-3 max-sm:flex-col max-sm:items-start"
				>
					<span class="min-w-0 grow">
						<span
							class="group-hover:decoration-secondary block text-lg leading-tight font-semibold wrap-anywhere decoration-2 underline-offset-4 group-hover:underline"
							dir="auto">{lesson.title}</span
						>
						<span class="quiet text-sm"
							>{lesson.steps === 1 ? '1 step' : `${lesson.steps} steps`} · changed {dayOf(
								lesson.updatedAt,
								locale(),
							)}</span
						>
					</span>
					<Glances crossings={lesson.crossings.slice(0, glance)} {light} {style} />
				</a>
				{@render actions?.(lesson)}
			</li>
		{/each}
	</ul>
{:else}
	<p class="quiet mt-2">No lesson yet. Make one with the crossings you want to show and your notes.</p>
{/if}
