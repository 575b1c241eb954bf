/** The editor of a note: paragraphs, two kinds of lists, bold and italic, and an undo of its own. */

import type { Note } from '@pond-loop/core/schema';
import { DraftNoteSchema, LINKS } from '@pond-loop/core/schema';
import { Editor, type JSONContent } from '@tiptap/core';
import { Bold } from '@tiptap/extension-bold';
import { Document } from '@tiptap/extension-document';
import { HardBreak } from '@tiptap/extension-hard-break';
import { Italic } from '@tiptap/extension-italic';
import { Link } from '@tiptap/extension-link';
import { BulletList, ListItem, ListKeymap, OrderedList } from '@tiptap/extension-list';
import { Paragraph } from '@tiptap/extension-paragraph';
import { Text } from '@tiptap/extension-text';
import { Placeholder, UndoRedo } from '@tiptap/extensions';
import { yieldToMain } from '$lib/ui/hydration';

export interface NoteEditorOptions {
	readonly element: HTMLElement;
	readonly note: Note;
	/** What the field is called, or the id of what says so. */
	readonly label: string | { readonly by: string };
	readonly placeholder: string;
	readonly write: (note: Note) => void;
	/** Called after each change of what is chosen or marked. */
	readonly moved: (editor: Editor) => void;
}

/** A note has the editor's own shape; only its types say less of what may be left out. */
const asContent = (note: Note): JSONContent => note as JSONContent;

/** A list holds paragraphs and no further list, so that a note stays a note. */
const FlatItem = ListItem.extend({ content: 'paragraph+' });

/** Made in one task and shown in the next. */
export async function noteEditor({
	element,
	note,
	label,
	placeholder,
	write,
	moved,
}: NoteEditorOptions): Promise<Editor> {
	const made = new Editor({
		element: null,
		// The page's own rules forbid styles that are put in by a script, and its sheet has them already.
		injectCSS: false,
		extensions: [
			Document.extend({ content: '(paragraph | bulletList | orderedList)+' }),
			Paragraph,
			Text,
			HardBreak,
			Bold,
			Italic,
			// What is no page and no mail stays text; addresses that are typed or pasted become links.
			Link.configure({
				openOnClick: false,
				autolink: true,
				linkOnPaste: true,
				defaultProtocol: 'https',
				protocols: ['http', 'https', 'mailto'],
				isAllowedUri: (url) => LINKS.test(url) || !/^[a-z][a-z0-9+.-]*:/i.test(url),
				HTMLAttributes: { class: 'underline', rel: null, target: null },
			}),
			BulletList,
			OrderedList,
			FlatItem,
			ListKeymap,
			UndoRedo,
			Placeholder.configure({ placeholder }),
		],
		content: asContent(note),
		editorProps: {
			attributes: {
				role: 'textbox',
				'aria-multiline': 'true',
				class: 'written',
				dir: 'auto',
				...(typeof label === 'string' ? { 'aria-label': label } : { 'aria-labelledby': label.by }),
			},
		},
		onUpdate: ({ editor }) => write(noteIn(editor)),
		onTransaction: ({ editor }) => moved(editor),
	});
	await yieldToMain();
	made.mount(element);
	return made;
}

/** What stands in the editor, without what it keeps for itself. */
export const noteIn = (editor: Editor): Note => DraftNoteSchema.parse(editor.getJSON());

/** Puts a link on what is chosen, or takes it off; on nothing chosen the address itself is written. */
export function putLink(editor: Editor, href: string): void {
	const chain = editor.chain().focus();
	if (href === '') chain.extendMarkRange('link').unsetLink().run();
	else if (editor.state.selection.empty && !editor.isActive('link'))
		chain.insertContent({ type: 'text', text: href, marks: [{ type: 'link', attrs: { href } }] }).run();
	else chain.extendMarkRange('link').setLink({ href }).run();
}

/** Puts a note in from outside: after an undo of the page, or another version. */
export const putNote = (editor: Editor, note: Note): boolean =>
	editor.commands.setContent(asContent(note), { emitUpdate: false });
