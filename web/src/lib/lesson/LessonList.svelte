<script lang="ts">
	import type { Snippet } from 'svelte';
	import { lastChanged } from './dates';

	interface Item {
		readonly id: string;
		readonly title: string;
		readonly steps: number;
		readonly updatedAt: Date;
	}
	interface Props {
		lessons: readonly Item[];
		actions?: Snippet<[Item]>;
	}
	const { lessons, actions }: Props = $props();
</script>

{#if lessons.length > 0}
	<ul class="mt-2">
		{#each lessons as lesson (lesson.id)}
			<li class="border-base-300 flex items-center gap-2 border-b">
				<a href="/lessons/{lesson.id}" class="group block min-w-0 grow py-3">
					<span
						class="group-hover:decoration-secondary block text-lg leading-tight font-semibold break-words decoration-2 underline-offset-4 group-hover:underline"
						>{lesson.title}</span
					>
					<span class="quiet text-sm"
						>{lesson.steps === 1 ? '1 step' : `${lesson.steps} steps`} · {lastChanged(lesson.updatedAt)}</span
					>
				</a>
				{@render actions?.(lesson)}
			</li>
		{/each}
	</ul>
{:else}
	<p class="quiet mt-2">
		No lesson yet. A lesson keeps the crossings you want to show, the way you want to show them, and your notes.
	</p>
{/if}
