/** One frame of a film on a canvas: the picture, and what is said under it. */

import { paintShapes } from '$lib/swatch/paint-canvas';
import type { Moment, Scenes } from './scenes';

const FACE = "'Atkinson Hyperlegible Next', 'Segoe UI', sans-serif";
/** Share of the height that words stand in. */
const WORDS = 0.2;

/** Text in lines that fit, at most two; a longer one ends in dots. */
function linesOf(ctx: CanvasRenderingContext2D, text: string, most: number): string[] {
	const lines: string[] = [''];
	for (const word of text.split(' ')) {
		const longer = `${lines.at(-1)!} ${word}`.trim();
		if (ctx.measureText(longer).width <= most || lines.at(-1) === '') lines[lines.length - 1] = longer;
		else lines.push(word);
	}
	return lines.length <= 2 ? lines : [lines[0]!, `${lines[1]!} …`];
}

export async function facesReady(): Promise<void> {
	await document.fonts.load(`600 32px ${FACE}`);
}

export function paintFrame(ctx: CanvasRenderingContext2D, scenes: Scenes, { at, step }: Moment): void {
	const { width, height } = ctx.canvas;
	ctx.setTransform(1, 0, 0, 1, 0, 0);
	ctx.globalAlpha = 1;
	ctx.fillStyle = scenes.paper;
	ctx.fillRect(0, 0, width, height);
	const drawing = scenes.draw(at);
	const room = height * (1 - WORDS);
	const scale = Math.min(width / drawing.width, room / drawing.height);
	ctx.setTransform(scale, 0, 0, scale, (width - drawing.width * scale) / 2, -(drawing.top ?? 0) * scale);
	ctx.save();
	ctx.beginPath();
	ctx.rect(0, drawing.top ?? 0, drawing.width, drawing.height);
	ctx.clip();
	paintShapes(ctx, drawing.shapes);
	ctx.restore();
	ctx.setTransform(1, 0, 0, 1, 0, 0);
	ctx.fillStyle = scenes.ink;
	ctx.textAlign = 'center';
	const size = height / 21;
	ctx.font = `600 ${size}px ${FACE}`;
	const said = step === 0 ? scenes.title : `${step}. ${scenes.caption(step)}`;
	const lines = linesOf(ctx, said, width * 0.92);
	const first = room + (height * WORDS - lines.length * size * 1.3) / 2 + size;
	for (const [i, line] of lines.entries()) ctx.fillText(line, width / 2, first + i * size * 1.3);
}
