<script lang="ts" generics="T">
	import { useLocale } from '$lib/ui/locale';
	import { troubleOf } from './send';
	import type { Version, versionsAt } from './versions';

	interface Props {
		of: ReturnType<typeof versionsAt<T>>;
		/** Puts an earlier version in place of what is there; undo brings that back. */
		take: (value: T) => void;
	}
	const { of, take }: Props = $props();
	const locale = useLocale();
	let versions = $state.raw<readonly Version[]>();
	let trouble = $state<string>();
	let said = $state<string>();

	async function show(event: Event): Promise<void> {
		if (!(event.currentTarget as HTMLDetailsElement).open) return;
		const answer = await of.list();
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') versions = answer.value;
	}
	async function back(v: Version): Promise<void> {
		const answer = await of.read(v.version);
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		take(answer.value.value);
		said = `It is as it was on ${when(v.savedAt)}. Undo brings back what was there.`;
	}
	const when = (date: Date): string => date.toLocaleString(locale(), { dateStyle: 'medium', timeStyle: 'short' });
</script>

<details ontoggle={show}>
	<summary class="wordlink w-fit list-none text-[0.94rem]">Earlier versions</summary>
	{#if trouble}<p class="text-error mt-2 font-semibold" role="alert">{trouble}</p>{/if}
	{#if versions?.length === 0}<p class="quiet mt-2 text-[0.94rem]">
			None yet. A version is saved every few minutes while you make changes.
		</p>{/if}
	<ul class="mt-2 text-[0.94rem]">
		{#each versions ?? [] as v (v.version)}
			<li class="py-0.5">
				{when(v.savedAt)}, {v.holds}
				<button type="button" class="wordlink ml-2" onclick={() => back(v)}>Use this one</button>
			</li>
		{/each}
	</ul>
	<p class="min-h-[1lh] text-[0.94rem]" role="status">{said ?? ''}</p>
</details>
