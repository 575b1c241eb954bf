<script lang="ts">
	import { EVENING_LIMITS, type Did, type Person, type PiecePress, type Press } from '@pond-loop/core/class';
	import { onMount } from 'svelte';
	import { sendPicture } from '$lib/picture/send';
	import { dropPieceHere, keepPieceHere, madeSmaller, piecesHere, type PieceHere } from './pieces-here';
	import PieceShown from './PieceShown.svelte';

	interface Props {
		evening: string;
		people: readonly Person[];
		nameOf: ReadonlyMap<string, string>;
		pieces: readonly PiecePress[];
		press: (did: Did, id?: string) => Press;
	}
	const { evening, people, nameOf, pieces, press }: Props = $props();
	const uid = $props.id();
	/** Milliseconds until what could not be sent is tried again. */
	const AGAIN_MS = 8000;

	let whose = $state('');
	let what = $state('');
	let waiting = $state.raw<readonly (PieceHere & { readonly address: string })[]>([]);
	let trouble = $state<string>();
	let again: ReturnType<typeof setTimeout> | undefined;
	let isSending = false;
	let isOver = false;

	const isPressed = ({ id }: PieceHere): boolean => pieces.some((p) => p.press === id);
	const unsent = $derived(waiting.filter((piece) => !isPressed(piece)));
	const shown = (piece: PieceHere) => ({ ...piece, address: URL.createObjectURL(piece.picture) });
	function forget(piece: PieceHere & { readonly address: string }): void {
		waiting = waiting.filter((w) => w.id !== piece.id);
		URL.revokeObjectURL(piece.address);
		void dropPieceHere(piece.id).catch(() => undefined);
	}
	async function choose(event: Event): Promise<void> {
		const input = event.currentTarget as HTMLInputElement;
		const given = [...(input.files ?? [])];
		input.value = '';
		trouble = undefined;
		for (const file of given) {
			const piece: PieceHere = {
				id: crypto.randomUUID(),
				evening,
				person: whose || undefined,
				what: what.trim(),
				picture: await madeSmaller(file),
			};
			waiting = [...waiting, shown(piece)];
			await keepPieceHere(piece).catch(
				() => (trouble = 'This browser can’t store pictures. Leave this page open until they are sent.'),
			);
		}
		what = '';
		void send();
	}
	/** One after the other; what is refused stays here, to be thrown away or tried again. */
	async function send(): Promise<void> {
		clearTimeout(again);
		if (isSending || isOver) return;
		isSending = true;
		for (const piece of waiting) {
			// Pressed already, and the page closed before it was let go of here.
			if (isPressed(piece)) {
				forget(piece);
				continue;
			}
			const answer = await sendPicture(piece.picture);
			if (answer.kind === 'ok') {
				trouble = undefined;
				const { person, what: of } = piece;
				press({ kind: 'piece', ...(person ? { person } : {}), picture: answer.value, what: of }, piece.id);
				forget(piece);
				continue;
			}
			if (answer.kind === 'refused') trouble = answer.message;
			else if (answer.kind === 'signed-out') trouble = 'You are signed out: sign in again, and the pictures are sent.';
			else again = setTimeout(() => void send(), AGAIN_MS);
			break;
		}
		isSending = false;
	}
	onMount(() => {
		const go = (): void => void send();
		addEventListener('online', go);
		void piecesHere(evening)
			.then((left) => (waiting = [...left.map(shown), ...waiting]))
			.catch(() => undefined)
			.then(go);
		return () => {
			isOver = true;
			clearTimeout(again);
			removeEventListener('online', go);
			for (const { address } of waiting) URL.revokeObjectURL(address);
		};
	});
</script>

<section aria-labelledby="{uid}-pieces" data-testid="pieces">
	<h2 id="{uid}-pieces" class="text-xl">Pieces</h2>
	{#if pieces.length + unsent.length > 0}
		<ul class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(8rem,1fr))] gap-3">
			{#each pieces as { press: id, person, what: of, picture } (id)}
				<li>
					<PieceShown address="/api/pictures/{picture.id}" what={of} whose={person && nameOf.get(person)} />
					<button
						type="button"
						class="wordlink text-[0.88rem]"
						aria-label="Take out: {of || 'the picture'}{person ? ` of ${nameOf.get(person)}` : ''}"
						onclick={() => press({ kind: 'undo', press: id })}>Take out</button
					>
				</li>
			{/each}
			{#each unsent as piece (piece.id)}
				<li>
					<PieceShown address={piece.address} what={piece.what} whose={piece.person && nameOf.get(piece.person)} />
					<span class="quiet block text-[0.88rem]"
						>stored here, not sent yet
						<button type="button" class="wordlink" onclick={() => forget(piece)}>Delete</button></span
					>
				</li>
			{/each}
		</ul>
	{/if}
	<div class="mt-2 flex flex-wrap items-center gap-2">
		<select class="field basis-32" bind:value={whose} aria-label="By whom">
			<option value="">somebody’s</option>
			{#each people as { id, name } (id)}<option value={id}>{name}</option>{/each}
		</select>
		<input
			class="field min-w-0 grow basis-40"
			bind:value={what}
			maxlength={EVENING_LIMITS.what}
			dir="auto"
			aria-label="What it shows"
			placeholder="What it shows"
		/>
		<label class="pill pill-soft cursor-pointer focus-within:outline-2"
			>Take a picture
			<input
				class="sr-only"
				type="file"
				accept="image/jpeg,image/png,image/webp"
				capture="environment"
				multiple
				onchange={choose}
			/></label
		>
	</div>
	<p class="quiet mt-1 text-[0.88rem]">
		Pictures of the work, not of people. We remove where and when it was taken. Only you see it.
	</p>
	{#if trouble}<p class="text-error font-semibold" role="alert">
			{trouble}
			<button type="button" class="wordlink" onclick={() => void send()}>Try again</button>
		</p>{/if}
</section>
