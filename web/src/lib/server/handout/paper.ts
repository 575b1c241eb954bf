/** Blocks as what the setter of pages reads: plain data, in which text is never markup. */

import {
	answersSaid,
	type Block,
	type Draw,
	movesOf,
	photoSaid,
	rendered,
	type Renderers,
} from '@pond-loop/core/block';
import { drawChartPart, type Drawing, type Light, toSvg } from '@pond-loop/core/drawing';
import { linkOf, type Note } from '@pond-loop/core/schema';

/** A picture, and the narrowest that it may be set, in points, for its words to be read across a table. */
export interface PaperPicture {
	readonly svg: string;
	readonly alt: string;
	readonly width: number;
	readonly height: number;
	readonly least: number;
}

export type Plain = Readonly<Record<string, unknown>> & { readonly kind: string };

/** Points: the smallest that words in pictures are set, and how wide a cell of a chart is. */
const LEAST_WORDS = 8;
const CELL = { ordinary: 15, large: 24 } as const;
/** Units of a cell in a drawing of a chart. */
const CELL_UNITS = 24;
/** As much larger as the words of a stage are drawn, so that two of them stand beside each other. */
const TEXT_SCALE = 2.05;
/** Points: no picture is taller, so that no page ends far above its foot. */
const MOST_TALL = 225;

export function pictureOf(drawing: Drawing, large: boolean): PaperPicture {
	const smallest = Math.min(...drawing.shapes.flatMap((s) => (s.kind === 'text' ? [s.size] : [])), 100);
	return {
		svg: toSvg(drawing, drawing.width),
		alt: drawing.label,
		width: drawing.width,
		height: drawing.height,
		least: (drawing.width * LEAST_WORDS * (large ? 1.5 : 1)) / smallest,
	};
}

/** What was written by hand, as paragraphs and lists of runs. */
export const noteOf = (note: Note): readonly Plain[] =>
	note.content.map((block) => {
		const runs = ({ content = [] }: Extract<typeof block, { type: 'paragraph' }>): unknown[] =>
			content.map((run) =>
				run.type === 'hardBreak'
					? { text: '\n', bold: false, italic: false, href: '' }
					: {
							text: run.text,
							bold: run.marks?.some((m) => m.type === 'bold') ?? false,
							italic: run.marks?.some((m) => m.type === 'italic') ?? false,
							href: linkOf(run) ?? '',
						},
			);
		return block.type === 'paragraph'
			? { kind: 'paragraph', runs: runs(block) }
			: {
					kind: block.type === 'bulletList' ? 'bullets' : 'numbers',
					items: block.content.map((item) => item.content.map(runs)),
				};
	});

/** Where the setter finds a picture among what it was given. */
export const photoPath = (id: string): string => `/${id}.jpg`;

/** Blocks as they are set, for one light and size of print. */
export function paperBlocks(
	blocks: readonly Block[],
	{ light, large, photos }: { light: Light; large: boolean; photos: ReadonlySet<string> },
): Plain[] {
	const picture = (draw: Draw): PaperPicture =>
		pictureOf(draw({ light, around: '#ffffff', textScale: TEXT_SCALE }), large);
	const paper: Renderers<Plain> = {
		heading: ({ text }) => ({ kind: 'heading', text }),
		text: ({ text, tone = 'plain' }) => ({ kind: 'text', text, tone }),
		note: ({ note, aside }) => ({ kind: 'note', parts: noteOf(note), aside }),
		list: ({ items, ticks }) => ({ kind: 'list', items, ticks }),
		picture: ({ draw, facts, names, large: isLarge = false }) => ({
			kind: 'picture',
			picture: picture(draw),
			facts,
			names,
			large: isLarge,
		}),
		photo: ({ id, alt, width, height }) =>
			photos.has(id)
				? { kind: 'photo', path: photoPath(id), alt: alt || 'A picture', width, height }
				: { kind: 'text', text: photoSaid(alt), tone: 'quiet' },
		moves: ({ title, frames, says, draw }) => ({
			kind: 'moves',
			title,
			frames: Array.from({ length: frames }, (_, at) => ({
				picture: picture((paint) => draw(at, paint)),
				caption: says(at).caption,
			})),
		}),
		comparison: ({ sides }) => ({
			kind: 'comparison',
			sides: sides.map((s) => ({
				title: s.title,
				says: s.says,
				wide: s.wide,
				picture: picture(s.draw),
				moves: movesOf(s.moves),
			})),
		}),
		chart: ({ shown: { worked, cords, mirrored }, title }) => {
			const cell = large ? CELL.large : CELL.ordinary;
			const each = Math.max(2, Math.floor(MOST_TALL / cell));
			const count = Math.max(1, worked.rows.length);
			// Pieces of as many rows each as there can be, the top one first.
			const pieces = Math.ceil(count / each);
			const parts = Array.from({ length: worked.rows.length === 0 ? 0 : pieces }, (_, i) => ({
				firstRow: Math.round((i * count) / pieces),
				lastRow: Math.round(((i + 1) * count) / pieces) - 1,
			})).reverse();
			return {
				kind: 'chart',
				title,
				cell: cell / CELL_UNITS,
				parts: parts.map((part) =>
					pictureOf(drawChartPart(worked, part, { light, cords, numbers: true, mirrored }), large),
				),
			};
		},
		rows: ({ rows, counter }) => ({
			kind: 'rows',
			rows: rows.map((r) => ({ label: r.label ?? '', text: r.text, remark: r.isRemark ?? false })),
			counter,
		}),
		table: ({ title = '', lines, names }) => ({ kind: 'table', title, lines, names }),
		caution: ({ text }) => ({ kind: 'caution', text }),
		questions: ({ questions }) => ({
			kind: 'questions',
			questions: questions.map((q) => ({
				asks: q.asks,
				lines: q.lines,
				...(q.seen ? { picture: picture(q.seen.draw) } : {}),
				options: q.options.map(({ letter, label, draw }) => ({
					letter,
					label,
					...(draw ? { picture: picture(draw) } : {}),
				})),
			})),
			answers: answersSaid(questions),
		}),
	};
	return blocks.map((b) => rendered(paper, b));
}
