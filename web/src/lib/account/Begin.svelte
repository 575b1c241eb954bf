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
	<h2 id="begin-title" class="text-2xl">Something real to start from</h2>
	<ul class="mt-2">
		<li class="border-base-300 border-b py-3">
			<a class="wordlink font-semibold" href="/" onclick={toField}>A pattern that you have</a>
			<p class="quiet mt-1">Paste a row or all of it where a name goes: it is read, checked and drawn as a chart.</p>
		</li>
		<li class="border-base-300 border-b py-3">
			<a class="wordlink font-semibold" href={addressOf({ text: '2/2 LC', school: 'slash' })}
				>A crossing, in the hands</a
			>
			<p class="quiet mt-1">Two over two, move by move, with and without a holder.</p>
		</li>
		<li class="border-base-300 border-b py-3">
			<form method="post" action="/lessons?/create">
				<input type="hidden" name="template" value={first.id} />
				<button class="wordlink text-left font-semibold">A whole lesson: {first.title}</button>
			</form>
			<p class="quiet mt-1">{first.says} Change it as you like.</p>
		</li>
		{#if demo}
			<li class="py-3">
				<form method="post" action="/lessons?/copyDemo">
					<button class="wordlink text-left font-semibold">The demo class, copied into your account</button>
				</form>
				<p class="quiet mt-1">Its lessons, swatches and own crossings; remove what you do not need.</p>
			</li>
		{/if}
	</ul>
</section>
