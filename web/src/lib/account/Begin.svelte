<script lang="ts">
	import { addressOf } from '$lib/choices/address';

	interface Props {
		/** Whether there is a demo whose class can be copied. */
		demo: boolean;
		/** The lesson that is taken. */
		template: { readonly id: string; readonly title: string; readonly says: string };
	}
	const { demo, template: first }: Props = $props();
	/** A name stands to be typed where there is a field for one, and else on the first page. */
	function toField(event: MouseEvent): void {
		const field = document.querySelector<HTMLInputElement>('[data-name-field]');
		if (!field) return;
		event.preventDefault();
		field.focus();
	}
</script>

<!-- For an account with nothing in it yet: something real, in a press or two. -->
<section aria-labelledby="begin-title" data-testid="begin">
	<h2 id="begin-title" class="text-2xl">Start here</h2>
	<ul class="mt-2">
		<li class="border-base-300 border-b py-3">
			<a class="wordlink font-semibold" href="/" onclick={toField}>Type a pattern</a>
			<p class="quiet mt-1">Paste a row or the whole pattern. You get a chart, and every row is checked.</p>
		</li>
		<li class="border-base-300 border-b py-3">
			<a class="wordlink font-semibold" href={addressOf({ text: '2/2 LC', school: 'slash' })}>Watch a cable</a>
			<p class="quiet mt-1">Two over two, move by move, with and without a cable needle.</p>
		</li>
		<li class="border-base-300 border-b py-3">
			<form method="post" action="/lessons?/create">
				<input type="hidden" name="template" value={first.id} />
				<button class="wordlink text-left font-semibold">Start from a lesson: {first.title}</button>
			</form>
			<p class="quiet mt-1">{first.says} Change it as you like.</p>
		</li>
		{#if demo}
			<li class="py-3">
				<form method="post" action="/lessons?/copyDemo">
					<button class="wordlink text-left font-semibold">Copy the demo class</button>
				</form>
				<p class="quiet mt-1">Its lessons and swatches. Delete what you don’t need.</p>
			</li>
		{/if}
	</ul>
</section>
