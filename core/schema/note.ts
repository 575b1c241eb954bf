/**
 * What is written by hand on a step, as a small tree: paragraphs and lists of runs of text, some of
 * them bold or italic. The names of its parts are those of the editor that writes it.
 */

import { z } from 'zod';
import { noteOf, textOf } from './note-text.ts';

/** Stated limits of one note: characters, and how many paragraphs and runs of text the tree may have. */
export const NOTE_LIMITS = { text: 4000, parts: 800 } as const;

const MarkSchema = z.object({ type: z.enum(['bold', 'italic']) });
const RunSchema = z.object({
	type: z.literal('text'),
	text: z.string().min(1),
	marks: z.array(MarkSchema).max(2).optional(),
});
const BreakSchema = z.object({ type: z.literal('hardBreak') });
const ParagraphSchema = z.object({
	type: z.literal('paragraph'),
	content: z.array(z.discriminatedUnion('type', [RunSchema, BreakSchema])).optional(),
});
const ItemSchema = z.object({ type: z.literal('listItem'), content: z.array(ParagraphSchema).min(1) });
const ListSchema = z.object({ type: z.enum(['bulletList', 'orderedList']), content: z.array(ItemSchema).min(1) });
const TreeSchema = z
	.object({
		type: z.literal('doc'),
		content: z.array(z.discriminatedUnion('type', [ParagraphSchema, ListSchema])),
	})
	.meta({ id: 'note' });

export type Note = z.infer<typeof TreeSchema>;
export type NoteBlock = Note['content'][number];
export type NoteParagraph = z.infer<typeof ParagraphSchema>;
export type NoteRun = z.infer<typeof RunSchema> | z.infer<typeof BreakSchema>;

/** Every paragraph and run of a note. */
const partsOf = (note: Note): number => {
	const paragraphs = note.content.flatMap((b) =>
		b.type === 'paragraph' ? [b] : b.content.flatMap((item) => item.content),
	);
	return paragraphs.reduce((sum, p) => sum + 1 + (p.content?.length ?? 0), 0);
};

const count = (value: number): string => value.toLocaleString('en');

/** A note as it stands while it is typed, not yet held to its limits. Plain text is taken too, as earlier files have it. */
export const DraftNoteSchema = z
	.union([TreeSchema, z.string()])
	.transform((given): Note => (typeof given === 'string' ? noteOf(given) : given));

export const NoteSchema = DraftNoteSchema.refine(
	(note) => textOf(note).length <= NOTE_LIMITS.text,
	`A note has at most ${count(NOTE_LIMITS.text)} characters. Shorten it, or split it into two.`,
).refine(
	(note) => partsOf(note) <= NOTE_LIMITS.parts,
	`A note has at most ${NOTE_LIMITS.parts} lines and marked words. Shorten it, or split it into two.`,
);
