<script lang="ts">
	import Field from './Field.svelte';

	interface Props {
		value: string;
		errors: string[] | undefined;
		hint?: string;
	}
	let { value = $bindable(), errors, hint = '' }: Props = $props();
</script>

<Field
	name="signInName"
	label="Sign-in name"
	{hint}
	bind:value
	{errors}
	autocomplete="username"
	autocapitalize="off"
	required
/>
