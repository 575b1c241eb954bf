<script lang="ts">
	import { FINISHES, finishOf, type FinishStep } from '@pond-loop/core/step';
	import type { EditorProps } from '../editors';
	import Toggles from './Toggles.svelte';

	const { step, change }: EditorProps<FinishStep> = $props();
</script>

<Toggles
	all={FINISHES}
	chosen={step.parts}
	label="What finishing is made of"
	name={(part) => finishOf(part).name}
	hint={(part) => finishOf(part).says}
	choose={(parts) => change({ parts })}
/>
