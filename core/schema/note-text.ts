/** Notes and plain text, each made of the other. */

import type { Note, NoteParagraph } from './note-tree.ts';

const paragraph = (text: string): NoteParagraph =>
	text === '' ? { type: 'paragraph' } : { type: 'paragraph', content: [{ type: 'text', text }] };

/** A note of plain text, each line a paragraph. */
export const noteOf = (text: string): Note => ({ type: 'doc', content: text.split('\n').map(paragraph) });

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

/** All of a note as plain text. */
export const textOf = (note: Note): string => linesOf(note).join('\n');

export const isBlank = (note: Note): boolean => textOf(note).trim() === '';
