<script lang="ts" module>
	/** A version in words: what it is called, and its parts line by line. */
	export interface VersionWords {
		readonly heading?: string;
		readonly lines: readonly string[];
	}
</script>

<script lang="ts">
	interface Props {
		/** Such as "This lesson". */
		what: string;
		mine: VersionWords;
		theirs: VersionWords;
		keepMine: () => void;
		takeTheirs: () => void;
	}
	const { what, mine, theirs, keepMine, takeTheirs }: Props = $props();

	const sides = $derived([
		{ title: 'In this window', ...mine, other: theirs, act: keepMine, action: 'Keep this one' },
		{ title: 'Saved from the other window', ...theirs, other: mine, act: takeTheirs, action: 'Use this one' },
	]);
</script>

<section
	class="border-error mt-4 rounded-2xl border-2 p-5"
	role="alert"
	aria-labelledby="two-versions"
	data-testid="two-versions"
>
	<h2 id="two-versions" class="text-2xl">{what} was changed in another window</h2>
	<p class="mt-1">Nothing is lost. Choose one version. Undo brings back the other.</p>
	<div class="mt-4 grid grid-cols-1 gap-6 md:grid-cols-2">
		{#each sides as side, nth (nth)}
			{@const others = new Set(side.other.lines)}
			<div class="flex min-w-0 flex-col">
				<h3 class="lead font-sans">{side.title}</h3>
				{#if side.heading !== undefined}
					<p
						class={[
							'font-serif text-lg font-semibold wrap-anywhere',
							side.heading !== side.other.heading && 'bg-base-300',
						]}
					>
						{side.heading || '(no title)'}
					</p>
				{/if}
				<!-- Long ones scroll, and what scrolls must be reached by keyboard. -->
				<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
				<ol
					class="mt-1 max-h-72 grow list-decimal overflow-y-auto pl-6 text-[0.94rem]"
					tabindex="0"
					aria-label={side.title}
				>
					{#each side.lines as line, i (i)}
						<li class={['wrap-anywhere whitespace-pre-wrap', !others.has(line) && 'bg-base-300']}>{line}</li>
					{/each}
				</ol>
				<p class="mt-3"><button type="button" class="pill pill-strong" onclick={side.act}>{side.action}</button></p>
			</div>
		{/each}
	</div>
</section>
