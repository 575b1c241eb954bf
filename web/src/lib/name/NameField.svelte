<script lang="ts">
	import { schoolChoice, SCHOOL_IDS, SCHOOLS, type StatedSchool } from '@pond-loop/core/notation';
	import { page } from '$app/state';
	import { SCHOOL_COOKIE } from '$lib/choices/address';
	import { remember } from '$lib/ui/cookies';
	import { pastedLines } from './pasted';

	interface Props {
		text: string;
		school: StatedSchool;
		label: string;
		large?: boolean;
		onchange?: () => void;
		/** Lines that were pasted: a pattern, which is no name. */
		onpattern?: (text: string) => void;
	}
	let { text = $bindable(), school = $bindable(), label, large = false, onchange, onpattern }: Props = $props();
	const uid = $props.id();
</script>

<div class="flex flex-wrap items-end gap-x-6 gap-y-2">
	<div class="min-w-0 grow basis-56">
		<label class="lead block" for="{uid}-name">{label}</label>
		<div class="flex items-center gap-2">
			<input
				id="{uid}-name"
				name="name"
				data-name-field
				class={['field min-w-0 grow font-mono', large && 'text-3xl']}
				type="text"
				autocomplete="off"
				autocapitalize="off"
				spellcheck="false"
				placeholder="e.g. {SCHOOLS[school === 'any' ? 'slash' : school].examples[0]}"
				bind:value={text}
				oninput={() => onchange?.()}
				onpaste={(e) => onpattern && pastedLines(e, onpattern)}
			/>
			<kbd class="kbd-small" title="Press / to search from anywhere">/</kbd>
		</div>
	</div>
	<details class="min-w-0">
		<summary class="w-fit cursor-pointer list-none text-[0.94rem]"
			><span class="quiet">{school === 'any' ? 'Any abbreviation' : SCHOOLS[school].title}</span> ·
			<span class="wordlink">change</span></summary
		>
		<label class="lead mt-1 block" for="{uid}-school">My pattern writes</label>
		<select
			id="{uid}-school"
			name="school"
			class="field"
			bind:value={school}
			onchange={() => {
				// A teacher has settings; a visitor's browser remembers.
				if (!page.data['teacher'] && school !== 'any') remember(SCHOOL_COOKIE, school);
				onchange?.();
			}}
		>
			{#each SCHOOL_IDS as id (id)}
				<option value={id}>{schoolChoice(id)}</option>
			{/each}
			<option value="any">Any of these</option>
		</select>
	</details>
</div>
