<script lang="ts">
	interface Props {
		label: string;
		/** While it is on its way. */
		busy: string;
		submitting: boolean;
		/** What went wrong with the form as a whole. */
		trouble: string | undefined;
		strong?: boolean;
	}
	const { label, busy, submitting, trouble, strong = true }: Props = $props();
</script>

{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}
<p>
	<button class={['pill', strong ? 'pill-strong' : 'pill-soft']} disabled={submitting}
		>{submitting ? busy : label}</button
	>
</p>
