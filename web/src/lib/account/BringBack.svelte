<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { fields, listIn } from '$lib/save/answers';
	import { sendText, troubleOf } from '$lib/save/send';
	import FileField from '$lib/ui/FileField.svelte';

	interface FoundHere {
		readonly kind: string;
		readonly title: string;
		readonly standing: string;
		readonly versions: number;
		readonly unread?: boolean;
	}
	const FOUND = listIn('found', fields({ kind: 'string', title: 'string', standing: 'string', versions: 'number' }));

	/** Listed by name; of more it is said how many there are. */
	const MOST = 30;
	const STANDING = {
		new: 'New: brought back',
		differs: 'Different from what you have now',
		same: 'The same: nothing to do',
	} as const;

	let text: string | undefined;
	let name = $state('');
	let found = $state.raw<readonly FoundHere[]>();
	let differing = $state<'mine' | 'file'>('mine');
	let trouble = $state<string>();
	let done = $state<string>();
	let busy = $state(false);
	const of = (standing: keyof typeof STANDING): readonly FoundHere[] =>
		found?.filter((f) => f.standing === standing) ?? [];

	async function ask(how: string): Promise<readonly FoundHere[] | undefined> {
		busy = true;
		const answer = await sendText(`/api/bring-back?${how}`, text ?? '', FOUND);
		busy = false;
		trouble = troubleOf(answer);
		return answer.kind === 'ok' ? answer.value.found : undefined;
	}
	async function look(given: File): Promise<void> {
		found = done = undefined;
		name = given.name;
		text = await given.text();
		found = await ask('do=look');
	}
	async function keep(): Promise<void> {
		const brought = await ask(`do=keep&differing=${differing}`);
		if (!brought) return;
		const now = brought.filter(
			(f) => f.standing === 'new' || (f.standing === 'differs' && differing === 'file'),
		).length;
		done = now === 0 ? 'Nothing had to be changed.' : `${now} ${now === 1 ? 'thing is' : 'things are'} here again.`;
		found = undefined;
		await invalidateAll();
	}
</script>

<FileField label="Choose the file with your data" accept=".json,application/json" choose={look} />
{#if trouble}<p class="text-error mt-2 font-semibold" role="alert">{trouble}</p>{/if}
<p role="status" class="mt-1">{busy ? 'Reading the file …' : (done ?? '')}</p>
{#if found}
	<div data-testid="brought" class="border-base-300 mt-2 border-t pt-3">
		<p class="font-semibold wrap-anywhere">{name} holds {found.length} {found.length === 1 ? 'thing' : 'things'}.</p>
		{#each ['new', 'differs', 'same'] as const as standing, nth (nth)}
			{@const all = of(standing)}
			{#if all.length > 0}
				<h3 class="mt-3 font-sans font-semibold">{STANDING[standing]} ({all.length})</h3>
				<ul class="list-disc pl-6">
					{#each all.slice(0, MOST) as one, i (i)}
						<li class="wrap-anywhere">
							{one.title}<span class="quiet"
								>, {one.kind}{one.versions > 0
									? `, with ${one.versions} earlier ${one.versions === 1 ? 'version' : 'versions'}`
									: ''}{one.unread ? '; it cannot be read, and comes back as it is' : ''}</span
							>
						</li>
					{/each}
					{#if all.length > MOST}<li class="quiet">and {all.length - MOST} more</li>{/if}
				</ul>
				{#if standing === 'differs'}
					<div class="mt-1 flex flex-wrap gap-x-6" role="radiogroup" aria-label="What differs">
						<label><input type="radio" class="accent-secondary" value="mine" bind:group={differing} /> keep mine</label>
						<label
							><input type="radio" class="accent-secondary" value="file" bind:group={differing} /> use the one in the file
							(mine stays in Earlier versions)</label
						>
					</div>
				{/if}
			{/if}
		{/each}
		<p class="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2">
			<button type="button" class="pill pill-strong" disabled={busy} onclick={keep}>Bring it back</button>
			<button type="button" class="wordlink" onclick={() => (found = undefined)}>Cancel</button>
		</p>
	</div>
{/if}
