/** Notes and plain text, each made of the other. */

import type { Note, NoteParagraph, NoteRun } from './note-tree.ts';

const paragraph = (text: string): NoteParagraph =>
	text === '' ? { type: 'paragraph' } : { type: 'paragraph', content: [{ type: 'text', text }] };

/** A note of plain text, each line a paragraph. */
export const noteOf = (text: string): Note => ({ type: 'doc', content: text.split('\n').map(paragraph) });

/** A note of a line and a list under it. */
export const noteList = (lead: string, items: readonly string[]): Note => ({
	type: 'doc',
	content: [
		paragraph(lead),
		{ type: 'bulletList', content: items.map((item) => ({ type: 'listItem', content: [paragraph(item)] })) },
	],
});

const lineOf = ({ content = [] }: NoteParagraph): string =>
	content.map((run) => (run.type === 'text' ? run.text : '\n')).join('');

/** The lines of a note without its marks; those of a list begin with a dash or their number. */
export const linesOf = (note: Note): string[] =>
	note.content.flatMap((block) =>
		block.type === 'paragraph'
			? [lineOf(block)]
			: block.content.map((item, i) => {
					const sign = block.type === 'bulletList' ? '-' : `${i + 1}.`;
					return `${sign} ${item.content.map(lineOf).join('\n   ')}`;
				}),
	);

/** Where a run of text leads; nowhere, mostly. */
export const linkOf = (run: NoteRun): string | undefined =>
	run.type === 'text' ? run.marks?.flatMap((m) => (m.type === 'link' ? [m.attrs.href] : []))[0] : undefined;

/** All of a note as plain text. */
export const textOf = (note: Note): string => linesOf(note).join('\n');

export const isBlank = (note: Note): boolean => textOf(note).trim() === '';
