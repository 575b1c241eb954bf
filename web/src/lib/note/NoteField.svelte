<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import boldIcon from 'lucide-static/icons/bold.svg?raw';
	import italicIcon from 'lucide-static/icons/italic.svg?raw';
	import listIcon from 'lucide-static/icons/list.svg?raw';
	import listOrderedIcon from 'lucide-static/icons/list-ordered.svg?raw';
	import linkIcon from 'lucide-static/icons/link.svg?raw';
	import { isBlank, LINKS, type Note } from '@pond-loop/core/schema';
	import type { Editor } from '@tiptap/core';
	import { onMount, tick, untrack } from 'svelte';
	import { oneButton } from '$lib/ui/roving-tabindex';
	import { runWhenIdle } from '$lib/ui/hydration';
	import NoteText from './NoteText.svelte';

	interface Props {
		note: Note;
		/** What the field is called, or the id of what says so. */
		label: string | { readonly by: string };
		placeholder: string;
		/** So that it can be gone to from elsewhere. */
		id?: string;
		write: (note: Note) => void;
	}
	const { note, label, placeholder, id, write }: Props = $props();

	let box = $state<HTMLElement>();
	let editor = $state.raw<Editor>();
	let made: Promise<void> | undefined;
	let gone = false;
	/** What the editor has sent out last: it need not come back in. */
	let sent: Note | undefined;
	let has = $state({ bold: false, italic: false, bulletList: false, orderedList: false, link: false });

	/** The editor comes along after the page, and until then the note is only shown. */
	const make = (): Promise<void> =>
		(made ??= (async () => {
			const { noteEditor, putNote } = await import('./note-editor');
			if (gone || !box) return;
			const given = note;
			const ready = await noteEditor({
				element: box,
				note: given,
				label,
				placeholder,
				write: (next) => {
					sent = next;
					write(next);
				},
				moved: (e) => {
					has = {
						bold: e.isActive('bold'),
						italic: e.isActive('italic'),
						bulletList: e.isActive('bulletList'),
						orderedList: e.isActive('orderedList'),
						link: e.isActive('link'),
					};
				},
			});
			if (gone) {
				ready.destroy();
				return;
			}
			editor = ready;
			sent = given;
			// It may have been changed elsewhere meanwhile.
			if (note !== given) putNote(ready, (sent = note));
		})());

	onMount(() => {
		const leave = runWhenIdle(() => void make());
		return () => {
			gone = true;
			leave();
			editor?.destroy();
		};
	});

	$effect(() => {
		const next = note;
		untrack(() => {
			if (!editor || next === sent) return;
			sent = next;
			void import('./note-editor').then(({ putNote }) => editor && putNote(editor, next));
		});
	});

	/** What was typed into the field before its editor was there. */
	let early = '';
	async function enter(): Promise<void> {
		await make();
		const typed = early;
		early = '';
		editor?.commands.setTextSelection(editor.state.doc.content.size);
		editor?.view.focus();
		if (typed) editor?.commands.insertContent({ type: 'text', text: typed });
	}
	function typeEarly(e: KeyboardEvent): void {
		if (e.target !== e.currentTarget) return;
		if (e.key.length !== 1 || e.ctrlKey || e.metaKey || e.altKey) return;
		e.preventDefault();
		early += e.key;
	}

	const TOOLS = [
		['bold', 'Bold', 'Ctrl B', boldIcon],
		['italic', 'Italic', 'Ctrl I', italicIcon],
		['bulletList', 'List', 'Ctrl Shift 8', listIcon],
		['orderedList', 'Numbered list', 'Ctrl Shift 7', listOrderedIcon],
	] as const;
	function use(tool: (typeof TOOLS)[number][0]): void {
		const chain = editor?.chain().focus();
		if (tool === 'bold') chain?.toggleBold().run();
		else if (tool === 'italic') chain?.toggleItalic().run();
		else if (tool === 'bulletList') chain?.toggleBulletList().run();
		else chain?.toggleOrderedList().run();
	}
	/** The address that a link is to have, while it is asked for. */
	let href = $state<string>();
	let address = $state<HTMLInputElement>();
	async function askLink(): Promise<void> {
		const now: unknown = editor?.getAttributes('link')['href'];
		href = typeof now === 'string' ? now : '';
		await tick();
		address?.focus();
	}
	const isLink = $derived(href === undefined || href.trim() === '' || LINKS.test(asLink(href)));
	/** What was typed without its beginning is taken for a page. */
	function asLink(typed: string): string {
		const text = typed.trim();
		return text === '' || /^[a-z]+:/i.test(text) ? text : text.includes('@') ? `mailto:${text}` : `https://${text}`;
	}
	async function putIt(): Promise<void> {
		if (!editor || href === undefined || !isLink) return;
		const { putLink } = await import('./note-editor');
		putLink(editor, asLink(href));
		href = undefined;
	}
</script>

<!-- Where one lands only until the editor is there, which takes the focus on. -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div
	class="note relative"
	{id}
	tabindex="-1"
	role="group"
	onfocus={(e) => e.target === e.currentTarget && enter()}
	onkeydown={typeEarly}
>
	{#if !editor}
		<div class="note-field quiet">
			{#if isBlank(note)}<p>{placeholder}</p>{:else}<NoteText {note} />{/if}
		</div>
	{/if}
	<div class="note-field" bind:this={box} hidden={!editor}></div>
	{#if editor}
		<div class="note-tools" role="toolbar" aria-label="Marks and lists" use:oneButton>
			{#each TOOLS as [tool, title, keys, icon], nth (nth)}
				<button
					type="button"
					class="iconbutton size-8"
					aria-label={title}
					aria-pressed={has[tool]}
					title="{title} ({keys})"
					onmousedown={(e) => e.preventDefault()}
					onclick={() => use(tool)}><Icon svg={icon} class="size-4" /></button
				>
			{/each}
			<button
				type="button"
				class="iconbutton size-8"
				aria-label="Link"
				aria-pressed={has.link}
				aria-expanded={href !== undefined}
				title="Link"
				onmousedown={(e) => e.preventDefault()}
				onclick={() => (href === undefined ? askLink() : (href = undefined))}
				><Icon svg={linkIcon} class="size-4" /></button
			>
		</div>
		{#if href !== undefined}
			<!-- svelte-ignore a11y_no_static_element_interactions -->
			<div
				class="mt-1 flex flex-wrap items-baseline gap-x-4"
				onkeydown={(e) => {
					if (e.key !== 'Enter' && e.key !== 'Escape') return;
					e.preventDefault();
					e.stopPropagation();
					if (e.key === 'Enter') void putIt();
					else {
						href = undefined;
						editor?.commands.focus();
					}
				}}
			>
				<input
					class="field min-w-0 grow"
					bind:this={address}
					bind:value={href}
					aria-label="Where the link leads; empty takes it off"
					placeholder="https://"
				/>
				<button type="button" class="wordlink" disabled={!isLink} onclick={putIt}
					>{href.trim() === '' ? 'No link' : 'Link it'}</button
				>
				{#if !isLink}<span class="text-error">A link begins with https:// or mailto:.</span>{/if}
			</div>
		{/if}
	{/if}
</div>
