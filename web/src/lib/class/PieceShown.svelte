<script lang="ts">
	interface Props {
		address: string;
		what: string;
		whose: string | undefined;
		/** When it was made, as it is said. */
		on?: string;
	}
	/** A picture of a piece, square and small; the whole of it behind a press. */
	const { address, what, whose, on }: Props = $props();
	const said = $derived(what || 'A piece');
</script>

<figure>
	<a href={address} target="_blank" rel="noopener"
		><img
			class="bg-base-200 aspect-square w-full rounded-lg object-cover"
			src={address}
			alt="{said}{whose ? `, by ${whose}` : ''}{on ? `, ${on}` : ''}"
			loading="lazy"
			decoding="async"
		/></a
	>
	<figcaption class="text-[0.88rem] leading-tight">
		{#if whose}<strong dir="auto">{whose}</strong>{/if}
		{#if what}<span dir="auto">{what}</span>{/if}
		{#if on}<span class="quiet">{on}</span>{/if}
	</figcaption>
</figure>
