/**
 * What is written by hand on a step, as a small tree: paragraphs and lists of runs of text, some of
 * them bold or italic. The names of its parts are those of the editor that writes it.
 */

import { z } from 'zod';

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
export const TreeSchema = z
	.object({
		type: z.literal('doc'),
		content: z.array(z.discriminatedUnion('type', [ParagraphSchema, ListSchema])),
	})
	.meta({ id: 'note' });

export type Note = z.infer<typeof TreeSchema>;
export type NoteBlock = Note['content'][number];
export type NoteParagraph = z.infer<typeof ParagraphSchema>;
export type NoteRun = z.infer<typeof RunSchema> | z.infer<typeof BreakSchema>;
