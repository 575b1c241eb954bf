<script lang="ts">
	import { noteOf, type Swatch } from '@pond-loop/core/schema';
	import KeepInLesson from './KeepInLesson.svelte';

	interface Props {
		lessons: readonly { readonly id: string; readonly title: string }[];
		swatch: Swatch;
		/** Its id. */
		from: string;
	}
	const { lessons, swatch, from }: Props = $props();
</script>

<KeepInLesson
	{lessons}
	what={swatch.title}
	step={() => ({ id: crypto.randomUUID(), kind: 'swatch', swatch, from, note: noteOf('') })}
/>
