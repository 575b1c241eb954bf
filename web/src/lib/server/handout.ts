/** A lesson as a handout: what stands on paper, and the thread that sets it as a PDF. */

import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { hand, perform } from '@pond-loop/core/craft';
import {
	drawChart,
	drawRibbon,
	drawStage,
	stripSvg,
	PALETTES,
	toSvg,
	type Drawing,
	type Light,
} from '@pond-loop/core/drawing';
import { CHECK_WORDS, FINISH_WORDS, stepTitle, workedOf, writtenOn } from '@pond-loop/core/lesson';
import { namesFor, sentenceFor, stitches, wordsFor } from '@pond-loop/core/notation';
import type { CrossingStep, HouseStyle, Lesson, Step, SwatchStep } from '@pond-loop/core/schema';
import { cordsOf, legendOf } from '@pond-loop/core/swatch';
import pLimit from 'p-limit';
import { z } from 'zod';
import { isLeftHanded, lookOf, shownIn, wayOf, wordsIn } from '$lib/style/look';

export const HandoutSchema = z.object({
	paper: z.enum(['A4', 'LETTER']).catch('A4'),
	large: z.stringbool().catch(false),
	colour: z.stringbool().catch(false),
	hands: z.enum(['right', 'left-same', 'left-mirrored']).optional().catch(undefined),
	school: z.enum(['slash', 'total-front-back', 'total-right-left', 'held-front-back']).optional().catch(undefined),
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
	readonly content: Content[] = [];
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
		this.text(text, { font: 'Fraunces', fontSize: this.#size * scale, margin: [0, 10, 0, 4], headlineLevel: 1 });
	}

	#picture(drawing: Drawing, most: number): void {
		const width = Math.min(most, drawing.width, (HEIGHT * drawing.width) / drawing.height);
		this.content.push({ svg: toSvg(drawing, drawing.width), width, margin: [0, 4, 0, 6] });
	}

	#list(items: readonly string[]): void {
		this.content.push({ ol: items.map(legible), margin: [0, 2, 0, 6] });
	}

	/** Lines with a box to tick, which is drawn, as the faces have no such letter. */
	#ticks(items: readonly string[]): void {
		const box = {
			canvas: [{ type: 'rect', x: 0, y: 2, w: this.#size * 0.8, h: this.#size * 0.8, lineWidth: 1 }],
			width: this.#size * 1.4,
		};
		for (const item of items) this.content.push({ columns: [box, { text: legible(item) }], margin: [0, 1, 0, 3] });
	}

	step(step: Step, number: number): void {
		if (step.kind === 'note') {
			if (step.text.trim()) this.text(step.text, { margin: [0, 6, 0, 6] });
			return;
		}
		this.title(`${number}. ${stepTitle(step)}`, 1.5);
		if (step.kind === 'crossing') this.#crossing(step);
		else if (step.kind === 'swatch') this.#swatch(step);
		else if (step.kind === 'check') this.#ticks(step.checks.map((c) => CHECK_WORDS[c]));
		else if (step.kind === 'finish') this.#ticks(step.parts.map((p) => FINISH_WORDS[p]));
		else if (step.kind === 'compare') this.#pair(step.crossing, step.of === 'leans');
		if (writtenOn(step).trim()) this.text(writtenOn(step), { margin: [0, 2, 0, 6] });
	}

	#pair(crossing: CrossingStep['crossing'], both: boolean): void {
		const shown = shownIn(this.#style, crossing);
		const words = wordsFor(shown.fabric);
		this.text(`${words.title}: ${words.hands}${both ? '; the other way round it leans the other way' : ''}`);
		this.#picture(drawRibbon(shown.made, { light: this.#light, around: '#ffffff', mirrored: shown.mirrored }), 130);
	}

	#crossing(step: CrossingStep): void {
		const shown = shownIn(this.#style, step.crossing);
		const words = wordsFor(shown.made);
		const names = namesFor(step.crossing).filter(
			(n) => n.name !== undefined && (!this.#school || n.school.id === this.#school),
		);
		this.text(`${stitches(step.crossing.n)}; ${words.look}; ${words.hands}`);
		this.content.push({
			columns: [
				{
					svg: toSvg(
						drawRibbon(shown.made, { light: this.#light, around: '#ffffff', numbers: true, mirrored: shown.mirrored }),
					),
					width: 110,
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
		const sentence = sentenceFor(shown.made);
		if (sentence) this.text(sentence, { font: 'JetBrains Mono', fontSize: this.#size * 0.9 });
		const done = perform(hand, shown.made, step.way);
		if (!done.ok) return;
		const { trace } = done.value;
		const way = wayOf(step.way);
		this.text(`${way.title}${way.caution ? `. ${way.caution}` : ''}`, { bold: true });
		this.#list(trace.steps.map((_, i) => wordsIn(this.#style, trace, i + 1).caption));
		const frames = Array.from({ length: trace.steps.length + 1 }, (_, at) => ({
			drawing: drawStage(shown.made, trace, at, { ...lookOf(this.#style), light: this.#light, textScale: 1.9 }),
			...wordsIn(this.#style, trace, at),
		}));
		const strip = stripSvg(frames, { title: '', ink: PALETTES[this.#light].ink, paper: '#ffffff' });
		this.content.push({ svg: strip, width: WIDTH, margin: [0, 2, 0, 8] });
	}

	#swatch(step: SwatchStep): void {
		const worked = workedOf(step);
		const cords = cordsOf(worked);
		this.text(
			`Cast on ${stitches(worked.castOn)}, ${worked.shape === 'flat' ? 'flat' : 'in the round'}; ${worked.rows.length} rows.`,
		);
		this.#picture(
			drawChart(worked, {
				light: this.#light,
				cords,
				numbers: true,
				mirrored: isLeftHanded(this.#style) && this.#style.demonstrates !== 'left-same',
			}),
			WIDTH,
		);
		for (const line of step.swatch.text.split('\n')) {
			const remark = line.trim().startsWith('#');
			this.text(line || ' ', {
				font: remark ? 'Atkinson Hyperlegible Next' : 'JetBrains Mono',
				fontSize: this.#size * 0.9,
				margin: [0, remark ? 5 : 0, 0, 2],
				preserveLeadingSpaces: true,
			});
		}
		this.text('Rows finished:', { margin: [0, 8, 0, 2] });
		this.#counter(worked.rows.map((r) => r.number));
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

	/** A strip of row numbers to cross off. */
	#counter(numbers: readonly number[]): void {
		const across = this.#size > 12 ? 14 : 20;
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

/** The whole document, as plain data. */
export function handoutOf(lesson: Lesson, style: HouseStyle, options: HandoutOptions): Record<string, unknown> {
	const writer = new Writer(style, options);
	writer.title(lesson.title, 2.2);
	for (const [i, step] of lesson.steps.entries()) writer.step(step, i + 1);
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
