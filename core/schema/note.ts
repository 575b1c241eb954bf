/**
 * What is written by hand on a step, as a small tree: paragraphs and lists of runs of text, some of
 * them bold or italic. The names of its parts are those of the editor that writes it.
 */

import { z } from 'zod';

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
