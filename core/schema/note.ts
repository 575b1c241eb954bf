/** A note held to its limits. */

import { z } from 'zod';
import { noteOf, textOf } from './note-text.ts';
import { TreeSchema, type Note } from './note-tree.ts';
import { thousands } from '../thousands.ts';

/** Stated limits of one note: characters, and how many paragraphs and runs of text the tree may have. */
export const NOTE_LIMITS = { text: 4000, parts: 800 } as const;

/** Every paragraph and run of a note. */
const partsOf = (note: Note): number => {
	const paragraphs = note.content.flatMap((b) =>
		b.type === 'paragraph' ? [b] : b.content.flatMap((item) => item.content),
	);
	return paragraphs.reduce((sum, p) => sum + 1 + (p.content?.length ?? 0), 0);
};

/** A note as it stands while it is typed, not yet held to its limits. Plain text is taken too, as earlier files have it. */
export const DraftNoteSchema = z
	.union([TreeSchema, z.string()])
	.transform((given): Note => (typeof given === 'string' ? noteOf(given) : given));

export const NoteSchema = DraftNoteSchema.refine(
	(note) => textOf(note).length <= NOTE_LIMITS.text,
	`A note has at most ${thousands(NOTE_LIMITS.text)} characters. Shorten it, or split it into two.`,
).refine(
	(note) => partsOf(note) <= NOTE_LIMITS.parts,
	`A note has at most ${NOTE_LIMITS.parts} lines and marked words. Shorten it, or split it into two.`,
);
