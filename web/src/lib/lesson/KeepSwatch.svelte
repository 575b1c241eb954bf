<script lang="ts">
	import { noteOf, type Swatch, type Yarn } from '@pond-loop/core/schema';
	import { withYarn } from '@pond-loop/core/swatch';
	import KeepInLesson from './KeepInLesson.svelte';

	interface Props {
		lessons: readonly { readonly id: string; readonly title: string }[];
		swatch: Swatch;
		/** Its id. */
		from: string;
		/** The teacher's yarn that it names: it goes along, as a lesson knows no drawer. */
		yarns: readonly Yarn[];
	}
	const { lessons, swatch, from, yarns }: Props = $props();
</script>

<KeepInLesson
	{lessons}
	what={swatch.title}
	step={() => ({ id: crypto.randomUUID(), kind: 'swatch', swatch: withYarn(swatch, yarns), from, note: noteOf('') })}
/>
