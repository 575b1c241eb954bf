/** All steps of a demonstration as one picture. */

import { num, type Drawing } from '../shapes.ts';
import { escapeXml, toSvg } from '../svg.ts';

export interface Frame {
	readonly drawing: Drawing;
	readonly caption: string;
}

export interface StripOptions {
	readonly title: string;
	readonly columns?: number;
	readonly ink: string;
	readonly paper: string;
}

const GAP = 24;
const WIDTH = 410;
const LINE = 20;
const LETTERS = 50;

/** Words in lines of at most so many letters. */
function linesOf(text: string, most: number): string[] {
	const lines = [''];
	for (const word of text.split(' ')) {
		const last = lines.at(-1)!;
		if (last && last.length + word.length + 1 > most) lines.push(word);
		else lines[lines.length - 1] = last ? `${last} ${word}` : word;
	}
	return lines;
}

/** One `<svg>` with the frames in rows, numbered, each with its caption below it. */
export function stripSvg(frames: readonly Frame[], { title, columns = 3, ink, paper }: StripOptions): string {
	const [first] = frames;
	if (!first) throw new RangeError('A strip needs at least one frame.');
	const height = (WIDTH * first.drawing.height) / first.drawing.width;
	const captions = frames.map(({ caption }, i) => linesOf(`${i}. ${caption}`, LETTERS));
	const rows = Math.ceil(frames.length / columns);
	const rowHeight = height + 12 + LINE * Math.max(...captions.map((c) => c.length)) + GAP;
	const across = Math.min(columns, frames.length);
	const width = GAP + across * (WIDTH + GAP);
	const head = 64;
	const whole = head + rows * rowHeight + GAP;
	const text = (x: number, y: number, size: number, words: string): string =>
		`<text x="${num(x)}" y="${num(y)}" font-size="${size}" font-weight="600" font-family="'Atkinson Hyperlegible Next', 'Segoe UI', sans-serif" fill="${ink}">${escapeXml(words)}</text>`;
	const cells = frames.map(({ drawing }, i) => {
		const x = GAP + (i % columns) * (WIDTH + GAP);
		const y = head + Math.floor(i / columns) * rowHeight;
		const picture = toSvg(drawing, WIDTH).replace('<svg ', `<svg x="${num(x)}" y="${num(y)}" height="${num(height)}" `);
		return picture + captions[i]!.map((line, k) => text(x, y + height + 24 + k * LINE, 15, line)).join('');
	});
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${num(width)} ${num(whole)}" width="${num(width)}" role="img" aria-label="${escapeXml(title)}"><path d="M0 0H${num(width)}V${num(whole)}H0Z" fill="${paper}"/>${text(GAP, 40, 24, title)}${cells.join('')}</svg>`;
}
