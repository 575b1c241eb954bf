<!-- @component A number of the size page, in the words around it. -->
<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';
	import { numberIn } from './number-in';

	interface Props extends Pick<HTMLInputAttributes, 'min' | 'max' | 'step' | 'placeholder' | 'aria-label'> {
		value: number | undefined;
		/** Called with what is typed; with nothing when it is emptied. */
		tell: (value: number | undefined) => void;
		before?: string;
		after: string;
		/** Up to two digits and a half, or more. */
		wide?: boolean;
	}
	const { value, tell, before = '', after, wide = false, ...attributes }: Props = $props();
</script>

<label
	>{before}
	<input
		{...attributes}
		class={['field py-0', wide ? 'w-20' : 'w-16']}
		type="number"
		{value}
		oninput={(e) => tell(numberIn(e))}
	/>
	{after}</label
>
