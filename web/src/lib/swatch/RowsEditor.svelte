<script lang="ts">
	import { thousands } from '@pond-loop/core/measure';
	import { closeBrackets, closeBracketsKeymap, completionKeymap } from '@codemirror/autocomplete';
	import { defaultKeymap, indentWithTab } from '@codemirror/commands';
	import { codeFolding, foldGutter, foldKeymap, bracketMatching } from '@codemirror/language';
	import { setDiagnostics, lintKeymap, type Diagnostic } from '@codemirror/lint';
	import { searchKeymap, highlightSelectionMatches } from '@codemirror/search';
	import { Annotation, EditorState, Prec } from '@codemirror/state';
	import { drawSelection, EditorView, highlightActiveLine, keymap, placeholder } from '@codemirror/view';
	import type { Light } from '@pond-loop/core/drawing';
	import { type Checked, SWATCH_LIMITS } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import { runSoon } from '$lib/ui/hydration';
	import { rowFaults, setFaults } from './row-faults';
	import { look } from './rows-look';
	import { rowsLanguage, setChecked, setChosen } from './rows-language';

	interface Props {
		text: string;
		/** What was made of the text, once it was read. */
		checked: Checked | undefined;
		light: Light;
		/** A stretch of the text to show as chosen. */
		chosen?: { readonly from: number; readonly to: number } | undefined;
		/** Told of every change that was typed. */
		write: (text: string) => void;
		/** Told where the cursor stands. */
		moved?: (pos: number) => void;
		undo: () => void;
		redo: () => void;
	}
	const { text, checked, light, chosen, write, moved, undo, redo }: Props = $props();

	let place = $state<HTMLElement>();
	let view = $state.raw<EditorView>();
	/** Made in one task and coloured in the next; until then the text is plain. */
	let isMade = $state(false);
	/** A change that came from outside, such as undo or the chart. */
	const outside = Annotation.define<boolean>();

	const act = (done: () => void) => (): boolean => {
		done();
		return true;
	};

	onMount(() => {
		let gone = false;
		runSoon(() => {
			if (!gone) make();
		});
		runSoon(() => (isMade = true));
		return () => {
			gone = true;
			view?.destroy();
		};
	});

	function make(): void {
		// Within a shadow root the editor's styles are adopted sheets, which the content policy lets in.
		const root = place!.attachShadow({ mode: 'open' });
		view = new EditorView({
			parent: root,
			root,
			state: EditorState.create({
				doc: text,
				extensions: [
					rowsLanguage(() => light),
					look,
					rowFaults,
					drawSelection(),
					highlightActiveLine(),
					highlightSelectionMatches(),
					bracketMatching(),
					closeBrackets(),
					codeFolding({ placeholderText: '…' }),
					foldGutter({ openText: '▾', closedText: '▸' }),
					EditorView.lineWrapping,
					EditorView.contentAttributes.of({
						'aria-label': 'Rows',
						tabindex: '0',
						spellcheck: 'false',
						autocapitalize: 'off',
					}),
					placeholder(
						'Row 1 (RS): p3, k8, p3\nRow 2: knit the knits and purl the purls\nRow 3: p3, C8F, p3\nrep rows 1-2 twice',
					),
					// Undo is the swatch's own, so that the chart and the text share one.
					Prec.highest(
						keymap.of([
							{ key: 'Mod-z', run: act(() => undo()) },
							{ key: 'Mod-y', run: act(() => redo()) },
							{ key: 'Mod-Shift-z', run: act(() => redo()) },
						]),
					),
					keymap.of(
						[
							...closeBracketsKeymap,
							...completionKeymap,
							...lintKeymap,
							...searchKeymap,
							...foldKeymap,
							...defaultKeymap,
							indentWithTab,
						].filter((k) => k.key !== 'Tab'),
					),
					EditorState.changeFilter.of(
						(tr) => tr.newDoc.length <= SWATCH_LIMITS.text || Boolean(tr.annotation(outside)) || tooLong(),
					),
					EditorView.updateListener.of((update) => {
						const own = update.transactions.some((t) => t.docChanged && !t.annotation(outside));
						if (own) write(update.state.doc.toString());
						if (update.selectionSet || own) moved?.(update.state.selection.main.head);
					}),
				],
			}),
		});
	}

	let full = $state(false);
	function tooLong(): boolean {
		full = true;
		return false;
	}

	/** Changes only what differs, so that the cursor stays where it is. */
	$effect(() => {
		const next = text;
		if (!view) return;
		const now = view.state.doc.toString();
		if (now === next) return;
		let from = 0;
		while (from < now.length && from < next.length && now[from] === next[from]) from += 1;
		let back = 0;
		while (back < now.length - from && back < next.length - from && now.at(-1 - back) === next.at(-1 - back)) back += 1;
		view.dispatch({
			changes: { from, to: now.length - back, insert: next.slice(from, next.length - back) },
			annotations: outside.of(true),
		});
	});
	$effect(() => {
		if (isMade && checked) show(checked);
	});
	/** Whether a stretch is shown as chosen. */
	let isShown = false;
	$effect(() => {
		const at = chosen;
		if (!view || (!at && !isShown)) return;
		isShown = at !== undefined;
		view.dispatch({
			effects:
				at && at.to <= view.state.doc.length
					? [setChosen.of(at), EditorView.scrollIntoView(at.from, { y: 'nearest' })]
					: setChosen.of(undefined),
		});
	});

	const SEVERITY = { error: 'error', warning: 'warning', note: 'info' } as const;

	function show(now: Checked): void {
		if (!view || now.swatch.text !== view.state.doc.toString()) return;
		full = false;
		const end = view.state.doc.length;
		const diagnostics = now.problems
			// What is only good to know stands below, and not under every crossing.
			.filter((p) => p.weight !== 'note' && p.to > 0 && p.to <= end)
			.map((p): Diagnostic => ({
				from: p.from,
				to: Math.max(p.to, Math.min(end, p.from + 1)),
				severity: SEVERITY[p.weight],
				message: `${p.row > 0 ? `Row ${p.row}: ` : ''}${p.what} ${p.todo}`,
				actions: (p.fixes ?? []).map((fix) => ({
					name: fix.title,
					apply: (v) => v.dispatch({ changes: { from: fix.from, to: fix.to, insert: fix.text } }),
				})),
			}))
			.sort((a, b) => a.from - b.from);
		const faults = now.problems
			.filter((p) => p.weight === 'error' && p.to > 0 && p.from <= end)
			.map(({ from, what, todo }) => ({ at: from, says: `${what} ${todo}` }));
		view.dispatch({ effects: [setChecked.of(now), setFaults.of(faults)] }, setDiagnostics(view.state, diagnostics));
	}

	/** Puts the cursor at a place of the text. */
	export function goTo(pos: number): void {
		view?.dispatch({ selection: { anchor: Math.min(pos, view.state.doc.length) }, scrollIntoView: true });
		view?.focus();
	}
</script>

{#if !view}<pre class="h-full overflow-hidden font-mono text-[0.92rem] whitespace-pre-wrap">{text}</pre>{/if}
<div class="h-full" bind:this={place} data-testid="rows"></div>
{#if full}
	<p class="text-error mt-1 text-[0.94rem] font-semibold" role="alert">
		The text of a swatch has at most {thousands(SWATCH_LIMITS.text)} characters. Nothing was put in; use repeats, or split
		it into two swatches.
	</p>
{/if}
