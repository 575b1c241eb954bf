<script lang="ts">
	import Field from './Field.svelte';

	interface Props {
		value: string;
		errors: string[] | undefined;
		/** Set for the first time, or anew. */
		fresh?: boolean;
		name?: string;
		label?: string;
		hint?: string;
	}
	let {
		value = $bindable(),
		errors,
		fresh = false,
		name = 'password',
		label = 'Password',
		hint = fresh ? 'At least 10 characters. A few words in a row are easy to remember.' : '',
	}: Props = $props();
</script>

<Field
	{name}
	{label}
	type="password"
	{hint}
	bind:value
	{errors}
	autocomplete={fresh ? 'new-password' : 'current-password'}
	required
/>
