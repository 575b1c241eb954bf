<script lang="ts">
	import { CHECKS, type CheckStep, checkWords } from '@pond-loop/core/step';
	import type { EditorProps } from '../editors';
	import Toggles from './Toggles.svelte';

	const { step, change }: EditorProps<CheckStep> = $props();
</script>

<Toggles
	all={CHECKS}
	chosen={step.checks}
	label="What is checked"
	name={(c) => c}
	hint={checkWords}
	choose={(checks) => change({ checks })}
/>
