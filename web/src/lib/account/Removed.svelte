<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { DONE } from '$lib/save/answers';
	import { send, troubleOf, type SendAnswer } from '$lib/save/send';
	import { dayOf } from '$lib/ui/dates';
	import { useLocale } from '$lib/ui/locale';

	interface Removed {
		readonly kind: 'lessons' | 'swatches';
		readonly id: string;
		readonly title: string;
		readonly removedAt: Date;
		readonly bytes: number;
	}
	interface Props {
		removed: readonly Removed[];
	}
	const { removed }: Props = $props();
	const locale = useLocale();
	let trouble = $state<string>();
	/** Erasing is for good, so it is asked twice. */
	let sure = $state<string>();

	const NOUNS = { lessons: 'lesson', swatches: 'swatch' } as const;
	const sizeOf = (bytes: number): string =>
		bytes < 100_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

	async function after(answer: SendAnswer<object>): Promise<void> {
		trouble = troubleOf(answer);
		sure = undefined;
		await invalidateAll();
	}
	const back = async ({ kind, id }: Removed): Promise<void> =>
		after(await send('POST', `/api/${kind}/${id}`, {}, DONE));
	const erase = async ({ kind, id }: Removed): Promise<void> =>
		after(await send('DELETE', '/api/removed', { kind, id }, DONE));
</script>

<ul data-testid="removed">
	{#each removed as one (one.id)}
		<li class="border-base-300 flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-b py-2 first:pt-0">
			<span class="min-w-0">
				<span class="block font-semibold wrap-anywhere">{one.title}</span>
				<span class="quiet text-sm"
					>{NOUNS[one.kind]}, {sizeOf(one.bytes)}, removed {dayOf(one.removedAt, locale())}</span
				>
			</span>
			<span class="flex flex-wrap gap-x-5">
				<button type="button" class="wordlink font-semibold" onclick={() => back(one)}
					>Bring back<span class="sr-only"> {one.title}</span></button
				>
				{#if sure === one.id}
					<button type="button" class="wordlink text-error font-semibold" onclick={() => erase(one)}
						>Yes, erase it for good</button
					>
					<button type="button" class="wordlink" onclick={() => (sure = undefined)}>No</button>
				{:else}
					<button type="button" class="wordlink" onclick={() => (sure = one.id)}
						>Erase<span class="sr-only"> {one.title}</span></button
					>
				{/if}
			</span>
		</li>
	{/each}
</ul>
{#if trouble}<p class="text-error mt-2 font-semibold" role="alert">{trouble}</p>{/if}
