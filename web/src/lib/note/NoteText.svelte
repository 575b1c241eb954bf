<script lang="ts">
	import { linkOf, type Note, type NoteParagraph } from '@pond-loop/core/schema';

	interface Props {
		note: Note;
	}
	const { note }: Props = $props();
</script>

{#snippet line(paragraph: NoteParagraph)}
	{#each paragraph.content ?? [] as run, i (i)}{#if run.type === 'hardBreak'}<br />{:else}{@const marks =
				run.marks?.map((m) => m.type) ?? []}{@const href = linkOf(run)}<svelte:element
				this={href === undefined ? 'span' : 'a'}
				{...href === undefined ? {} : { href, target: '_blank', rel: 'noopener noreferrer nofollow' }}
				class={[
					marks.includes('bold') && 'font-bold',
					marks.includes('italic') && 'italic',
					href !== undefined && 'underline',
				]}>{run.text}</svelte:element
			>{/if}{:else}<br />{/each}
{/snippet}

<div class="written">
	{#each note.content as block, i (i)}
		{#if block.type === 'paragraph'}
			<p dir="auto">{@render line(block)}</p>
		{:else}
			<svelte:element this={block.type === 'bulletList' ? 'ul' : 'ol'}>
				{#each block.content as item, k (k)}
					<li>
						{#each item.content as paragraph, m (m)}<p dir="auto">{@render line(paragraph)}</p>{/each}
					</li>
				{/each}
			</svelte:element>
		{/if}
	{/each}
</div>
