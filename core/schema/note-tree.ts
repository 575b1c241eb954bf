/**
 * What is written by hand on a step, as a small tree: paragraphs and lists of runs of text, some of
 * them bold or italic. The names of its parts are those of the editor that writes it.
 */

import { z } from 'zod';

/** Where a link may lead: pages and mail, nothing that a browser would run. */
export const LINKS = /^(https?:\/\/|mailto:)[^\s]+$/i;
const LinkSchema = z.object({
	type: z.literal('link'),
	attrs: z.object({
		href: z
			.string()
			.max(2000, 'An address has at most 2,000 characters.')
			.regex(LINKS, 'A link begins with https:// or mailto:. Correct it.'),
	}),
});
const MarkSchema = z.discriminatedUnion('type', [z.object({ type: z.enum(['bold', 'italic']) }), LinkSchema]);
const RunSchema = z.object({
	type: z.literal('text'),
	text: z.string().min(1),
	marks: z.array(MarkSchema).max(3).optional(),
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
