/** A lesson as a handout: what stands on paper, and the thread that sets it as a PDF. */

import { join } from 'node:path';
import { setImmediate } from 'node:timers/promises';
import { Worker } from 'node:worker_threads';
import { craftOf, perform } from '@pond-loop/core/craft';
import { drawChart, drawRibbon, drawStage, toSvg, type Drawing, type Light } from '@pond-loop/core/drawing';
import {
	CHECK_WORDS,
	commonMistakes,
	FINISH_WORDS,
	glossaryOf,
	noteOn,
	sentenceIn,
	stepTitle,
	workedOf,
} from '@pond-loop/core/lesson';
import { namesFor, stitches, wordsFor } from '@pond-loop/core/notation';
import {
	isBlank,
	textOf,
	type CompareStep,
	type CrossingStep,
	type HouseStyle,
	type Lesson,
	type Note,
	type NoteParagraph,
	type Step,
	type SwatchStep,
} from '@pond-loop/core/schema';
import { cordsOf, legendOf, toolPlan, type Worked } from '@pond-loop/core/swatch';
import pLimit from 'p-limit';
import { z } from 'zod';
import { sidesOf } from '$lib/lesson/compared';
import { mistakeIn } from '$lib/lesson/stage-of';
import { craftIn, isChartMirrored, lookOf, loopsIn, shownIn, wayOf, wordsIn } from '$lib/style/look';

export const HandoutSchema = z.object({
	paper: z.enum(['A4', 'LETTER']).catch('A4'),
	large: z.stringbool().catch(false),
	colour: z.stringbool().catch(false),
	hands: z.enum(['right', 'left-same', 'left-mirrored']).optional().catch(undefined),
	school: z.enum(['slash', 'total-front-back', 'total-right-left', 'held-front-back']).optional().catch(undefined),
	/** The numbers of the steps that are wanted, as in `1.3.4`; all when left out. */
	steps: z
		.string()
		.regex(/^\d{1,3}(\.\d{1,3})*$/)
		.transform((text) => new Set(text.split('.').map(Number)))
		.optional()
		.catch(undefined),
	/** Parts at the end: a glossary of what is used, and common mistakes. */
	words: z.stringbool().catch(true),
	mistakes: z.stringbool().catch(true),
});
export type HandoutOptions = z.infer<typeof HandoutSchema>;

/** What the setter understands: text, pictures, tables and lists. */
type Content = Readonly<Record<string, unknown>>;

/** Points: the width that the margins of either paper leave. */
const WIDTH = 510;
/** The most that one picture takes of a page's height, so that its heading stays with it. */
const HEIGHT = 430;
const MARGIN = 42;

/** Letters that the faces have; others would come out as empty boxes, and turned writing not at all. */
const legible = (text: string): string =>
	text
		.replaceAll('→', 'to')
		.replaceAll('′', "'")
		.replaceAll(/[\u202a-\u202e\u2066-\u2069\u200b-\u200f]/g, '')
		.replaceAll(/[^\t\n\u0020-\u007e\u00a0-\u00ff\u0131\u0152\u0153\u2010-\u2026\u2032\u2033\u20ac]/gu, '?');

class Writer {
	content: Content[] = [];
	readonly #style: HouseStyle;
	readonly #light: Light;
	readonly #school: HandoutOptions['school'];
	readonly #size: number;

	constructor(style: HouseStyle, { colour, large, hands, school }: HandoutOptions) {
		this.#style = { ...style, ...(hands ? { demonstrates: hands } : {}) };
		this.#light = colour ? 'day' : 'print';
		this.#school = school;
		this.#size = large ? 15 : 10.5;
	}

	get size(): number {
		return this.#size;
	}

	text(text: string, more: Content = {}): void {
		this.content.push({ text: legible(text), margin: [0, 0, 0, 4], ...more });
	}

	title(text: string, scale: number): void {
		this.text(text, { font: 'Fraunces', fontSize: this.#size * scale, margin: [0, 10, 0, 4] });
	}

	/** Sets what is written meanwhile on one page: a heading never stands without what it heads. */
	#together(write: () => void): void {
		const before = this.content;
		this.content = [];
		write();
		this.content = [...before, { stack: this.content, unbreakable: true }];
	}

	#picture(drawing: Drawing, most: number): void {
		const width = Math.min(most, drawing.width, (HEIGHT * drawing.width) / drawing.height);
		this.content.push({ svg: toSvg(drawing, drawing.width), width, margin: [0, 4, 0, 6] });
	}

	/** A box to tick, drawn, as the faces have no such letter. The setter moves each one, so each is its own. */
	#box(): Content {
		const side = this.#size * 0.8;
		return { canvas: [{ type: 'rect', x: 0, y: 2, w: side, h: side, lineWidth: 0.8 }], width: this.#size * 1.5 };
	}

	#ticks(items: readonly string[]): void {
		for (const item of items) {
			this.content.push({ columns: [this.#box(), { text: legible(item), width: '*' }], margin: [0, 1, 0, 3] });
		}
	}

	step(step: Step, number: number): void {
		if (step.kind === 'note') {
			this.#note(step.text);
			return;
		}
		const title = (): void => this.title(`${number}. ${stepTitle(step)}`, 1.5);
		if (step.kind === 'crossing') this.#crossing(step, title);
		else if (step.kind === 'swatch') this.#swatch(step, title);
		else if (step.kind === 'compare') this.#compared(step, title);
		else {
			// What is longer than a page cannot be held on one.
			const note = noteOn(step);
			const held = textOf({ ...note, content: note.content.slice(0, 1) }).length < 1000 ? 1 : 0;
			this.#together(() => {
				title();
				if (step.kind === 'check') this.#ticks(step.checks.map((c) => CHECK_WORDS[c]));
				if (step.kind === 'finish') this.#ticks(step.parts.map((p) => FINISH_WORDS[p]));
				this.#note(note, 0, held);
			});
			this.#note(note, held);
			return;
		}
		this.#note(noteOn(step));
	}

	/** What was written by hand, with its marks and lists. */
	#note(note: Note, from = 0, to = note.content.length): void {
		if (isBlank(note) || from >= to) return;
		const paragraph = ({ content = [] }: NoteParagraph): Content => ({
			text: content.map((run) =>
				run.type === 'hardBreak'
					? '\n'
					: {
							text: legible(run.text),
							bold: run.marks?.some((m) => m.type === 'bold') ?? false,
							italics: run.marks?.some((m) => m.type === 'italic') ?? false,
						},
			),
			margin: [0, 0, 0, 2],
			preserveLeadingSpaces: true,
		});
		const blocks = note.content.slice(from, to).map((block) =>
			block.type === 'paragraph'
				? paragraph(block)
				: {
						[block.type === 'bulletList' ? 'ul' : 'ol']: block.content.map((item) => item.content.map(paragraph)),
						margin: [0, 1, 0, 3],
					},
		);
		this.content.push({ stack: blocks, margin: [0, from === 0 ? 4 : 0, 0, to < note.content.length ? 0 : 6] });
	}

	/** Side by side, as on the page; as many to a line as have room. */
	#compared(step: CompareStep, title: () => void): void {
		const sides = sidesOf(step, { light: this.#light, style: this.#style, around: '#ffffff' });
		const cells = sides.map(({ title, says, drawing }) => ({
			drawing,
			most: step.of === 'ways' ? WIDTH : 110,
			says: [{ text: legible(title), bold: true }, { text: legible(says) }],
		}));
		this.#abreast(step.of === 'ways' ? 2 : 3, cells, title);
	}

	/** Pictures with words under them, some to a line; a line stays together, and the first with its heading. */
	#abreast(
		across: number,
		cells: readonly { readonly drawing: Drawing; readonly most: number; readonly says: readonly Content[] }[],
		heading?: () => void,
	): void {
		const width = WIDTH / across;
		for (let i = 0; i < cells.length; i += across) {
			this.#together(() => {
				if (i === 0) heading?.();
				const columns = cells.slice(i, i + across).map(({ drawing, most, says }) => ({
					stack: [
						{ svg: toSvg(drawing, drawing.width), width: Math.min(width - 12, most, drawing.width) },
						{ stack: says, margin: [0, 2, 10, 0] },
					],
					width,
				}));
				this.content.push({ columns, margin: [0, 4, 0, 6] });
			});
		}
	}

	#crossing(step: CrossingStep, title: () => void): void {
		const craft = craftIn(this.#style, step.craft);
		const shown = shownIn(this.#style, step.crossing, craft);
		const words = wordsFor(shown.made);
		const names = namesFor(step.crossing).filter(
			(n) => n.name !== undefined && (!this.#school || n.school.id === this.#school),
		);
		const made = mistakeIn(step);
		const done = perform(craft, shown.made, step.way, made);
		this.#together(() => {
			title();
			if (craft.id !== 'hand') this.text(`${craft.title}: ${craft.says}`, { italics: true });
			this.text(
				`${stitches(step.crossing.n)}; ${words.look}; ${(done.ok ? done.value.taken.does : undefined) ?? words.hands}`,
			);
			this.content.push({
				columns: [
					{
						svg: toSvg(
							drawRibbon(shown.made, {
								light: this.#light,
								around: '#ffffff',
								numbers: true,
								mirrored: shown.mirrored,
							}),
						),
						width: Math.min(110, 28 * step.crossing.n),
					},
					{
						stack: names.map((n) => ({
							text: [{ text: `${legible(n.name!)}  `, font: 'JetBrains Mono' }, legible(n.school.title)],
						})),
						margin: [14, 6, 0, 0],
					},
				],
				margin: [0, 4, 0, 6],
			});
			const sentence = sentenceIn(craft.id, shown.made);
			if (sentence) this.text(sentence, { font: 'JetBrains Mono', fontSize: this.#size * 0.9 });
			const way = wayOf(step.way, craft);
			if (done.ok) this.text(`${way.title}${way.caution ? `. ${way.caution}` : ''}`, { bold: true });
		});
		const mistake = craft.mistakes.find((m) => m.id === made?.id);
		if (mistake) this.text(`On purpose: ${mistake.title}. ${mistake.how}`);
		if (!done.ok) return;
		const { trace, taken } = done.value;
		for (const change of taken.changes) this.text(change);
		const frames = Array.from({ length: trace.steps.length + 1 }, (_, at) => ({
			drawing: drawStage(taken.loops, trace, at, {
				...lookOf(this.#style),
				...loopsIn(taken),
				light: this.#light,
				textScale: 1.9,
			}),
			most: WIDTH,
			says: [
				{
					text: legible(`${at > 0 ? `${at}. ` : ''}${wordsIn(this.#style, trace, at, craft).caption}`),
					fontSize: this.#size * 0.86,
				},
			],
		}));
		this.#abreast(this.#size > 12 ? 2 : 3, frames);
	}

	#swatch(step: SwatchStep, title: () => void): void {
		const worked = workedOf(step);
		const cords = cordsOf(worked);
		this.#together(() => {
			title();
			this.text(
				`Cast on ${stitches(worked.castOn)}, ${worked.shape === 'flat' ? 'flat' : 'in the round'}; ${worked.rows.length} rows.`,
			);
			this.#picture(
				drawChart(worked, {
					light: this.#light,
					cords,
					numbers: true,
					mirrored: isChartMirrored(this.#style, craftOf(worked.craft)),
				}),
				WIDTH,
			);
		});
		for (const line of step.swatch.text.split('\n').filter((l) => l.trim() !== '')) this.#row(line);
		this.#plan(worked);
		const numbers = worked.rows.map((r) => r.number);
		const across = this.#size > 12 ? 14 : 20;
		this.#together(() => {
			this.text('Rows finished:', { margin: [0, 8, 0, 2] });
			this.#counter(numbers.slice(0, across), across);
		});
		this.#counter(numbers.slice(across), across);
		this.content.push({
			table: {
				widths: ['auto', '*'],
				body: legendOf(worked, cords).map((e) => [{ text: legible(e.name), bold: true }, { text: legible(e.says) }]),
			},
			layout: 'lightHorizontalLines',
			fontSize: this.#size * 0.9,
			margin: [0, 4, 0, 8],
		});
	}

	/** What is set up and done at a loom or a machine, each with its box. */
	#plan(worked: Worked): void {
		const plan = toolPlan(worked, { number: this.#style.bedNumber });
		if (!plan) return;
		this.#together(() => {
			this.text(worked.craft === 'loom' ? 'At the loom' : 'At the machine', { bold: true, margin: [0, 8, 0, 2] });
			for (const says of plan.setup) this.text(says);
		});
		for (const { rows, says } of plan.rows) {
			const text = [{ text: `${rows}: `, bold: true }, legible(says)];
			this.content.push({ columns: [this.#box(), { text, width: '*' }], margin: [0, 0, 0, 3], unbreakable: true });
		}
		for (const says of plan.cautions) this.text(says, { italics: true });
	}

	/** A line of a pattern with a box to tick; a remark has none. */
	#row(line: string): void {
		const remark = /^\s*#\s*(.*)$/.exec(line);
		if (remark) {
			this.text(remark[1]!, { italics: true, margin: [0, 6, 0, 2] });
			return;
		}
		const row = {
			text: legible(line),
			font: 'JetBrains Mono',
			fontSize: this.#size * 0.9,
			preserveLeadingSpaces: true,
		};
		this.content.push({ columns: [this.#box(), { ...row, width: '*' }], margin: [0, 0, 0, 3], unbreakable: true });
	}

	/** A table of terms and what they say, under a heading that stays with it. */
	terms(title: string, lines: readonly (readonly [string, string])[], font: string): void {
		if (lines.length === 0) return;
		const heading = { text: title, font: 'Fraunces', fontSize: this.#size * 1.5, colSpan: 2, margin: [0, 10, 0, 2] };
		this.content.push({
			table: {
				widths: ['auto', '*'],
				headerRows: 1,
				keepWithHeaderRows: 1,
				dontBreakRows: true,
				body: [[heading, {}], ...lines.map(([term, says]) => [{ text: legible(term), font }, { text: legible(says) }])],
			},
			layout: 'lightHorizontalLines',
			margin: [0, 2, 0, 8],
		});
	}

	/** A strip of row numbers to cross off. */
	#counter(numbers: readonly number[], across: number): void {
		for (let i = 0; i < numbers.length; i += across) {
			const cells = numbers
				.slice(i, i + across)
				.map((n) => ({ text: String(n), alignment: 'center', fontSize: this.#size * 0.8 }));
			this.content.push({
				table: { body: [cells], widths: cells.map(() => (WIDTH - 40) / across - 9) },
				margin: [0, 0, 0, 0],
			});
		}
	}
}

/** The whole document, as plain data. Between steps, whose pictures take a while, others have their turn. */
export async function handoutOf(
	lesson: Lesson,
	style: HouseStyle,
	options: HandoutOptions,
): Promise<Record<string, unknown>> {
	const writer = new Writer(style, options);
	writer.title(lesson.title, 2.2);
	const wanted = lesson.steps
		.map((step, i) => ({ step, number: i + 1 }))
		.filter((s) => options.steps?.has(s.number) ?? true);
	for (const { step, number } of wanted) {
		writer.step(step, number);
		await setImmediate();
	}
	const steps = wanted.map((s) => s.step);
	if (options.mistakes) {
		const lines = commonMistakes(steps).map((m) => [m.title, m.says] as const);
		writer.terms('When something went wrong', lines, 'Atkinson Hyperlegible Next');
	}
	if (options.words) {
		const lines = glossaryOf(steps, options.school).map((t) => [t.term, t.says] as const);
		writer.terms('Words used', lines, 'JetBrains Mono');
	}
	writer.text(
		'Rest hands and neck every 20 to 30 minutes. Stop at pain or numbness, and see a clinician if it lasts. Needle tips, holders, pins and hooks are sharp.',
		{ margin: [0, 14, 0, 0], fontSize: writer.size * 0.85 },
	);
	return {
		pageSize: options.paper,
		pageMargins: [MARGIN, MARGIN, MARGIN, MARGIN + 8],
		info: { title: legible(lesson.title), creator: 'Pond Loop' },
		defaultStyle: { font: 'Atkinson Hyperlegible Next', fontSize: writer.size, lineHeight: 1.25 },
		content: writer.content,
		footer: legible(lesson.title),
	};
}

/** Handouts set at once; more wait their turn. */
const setting = pLimit(2);
const LONGEST_MS = 60_000;

/** Sets a document as a PDF in a thread of its own. Throws when that fails or takes too long. */
export const setPdf = (document: Record<string, unknown>): Promise<Uint8Array> =>
	setting(
		() =>
			new Promise<Uint8Array>((resolve, reject) => {
				// The setter is not part of the bundle: it is started from where the app stands.
				const path = join(process.env['POND_LOOP_ROOT'] ?? process.cwd(), 'web', 'workers', 'handout.mjs');
				const worker = new Worker(path, { workerData: document });
				const slow = setTimeout(() => {
					reject(new Error('A handout took too long to set.'));
					void worker.terminate();
				}, LONGEST_MS);
				const end = (): void => {
					clearTimeout(slow);
					void worker.terminate();
				};
				worker.once('message', (bytes: Uint8Array) => {
					resolve(bytes);
					end();
				});
				worker.once('error', (error) => {
					reject(error instanceof Error ? error : new Error(String(error)));
					end();
				});
			}),
	);
