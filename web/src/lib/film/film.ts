/** A demonstration as a film, MP4 or WebM, or as a moving picture, GIF: all made in the browser. */

import { FILM, framesOf, isSame, momentOf, MOST_MOVES, type Moment, type Scenes } from './scenes';
import { facesReady, paintFrame } from './paint';

export const FILM_KINDS = ['mp4', 'webm', 'gif'] as const;
export type FilmKind = (typeof FILM_KINDS)[number];

export interface Making {
	/** Told how much is done, from 0 to 1. */
	readonly progress: (done: number) => void;
	readonly signal: AbortSignal;
}

/** What a browser cannot do, in words for whoever asked. */
export class NoFilm extends Error {}

const TYPES: Readonly<Record<FilmKind, string>> = { mp4: 'video/mp4', webm: 'video/webm', gif: 'image/gif' };

function canvasOf(width: number, height: number): CanvasRenderingContext2D {
	const canvas = document.createElement('canvas');
	canvas.width = width;
	canvas.height = height;
	const ctx = canvas.getContext('2d', { willReadFrequently: width < FILM.width });
	if (!ctx) throw new NoFilm('This browser paints no pictures here. Save all moves in one picture instead.');
	return ctx;
}

/** Throws `NoFilm` where a browser has no encoder, and the signal's reason when it is stopped. */
export async function makeFilm(kind: FilmKind, scenes: Scenes, making: Making): Promise<Blob> {
	if (scenes.last > MOST_MOVES)
		throw new NoFilm(
			`It has ${scenes.last} moves; a film has at most ${MOST_MOVES}. Save the page that plays it instead.`,
		);
	await facesReady();
	const bytes = await (kind === 'gif' ? gif(scenes, making) : film(kind, scenes, making));
	return new Blob([bytes], { type: TYPES[kind] });
}

async function film(kind: 'mp4' | 'webm', scenes: Scenes, { progress, signal }: Making): Promise<ArrayBuffer> {
	const {
		BufferTarget,
		CanvasSource,
		getFirstEncodableVideoCodec,
		Mp4OutputFormat,
		Output,
		QUALITY_HIGH,
		WebMOutputFormat,
	} = await import('mediabunny');
	const { width, height, rate } = FILM;
	const format = kind === 'mp4' ? new Mp4OutputFormat({ fastStart: 'in-memory' }) : new WebMOutputFormat();
	const codec = await getFirstEncodableVideoCodec(format.getSupportedVideoCodecs(), { width, height });
	if (!codec)
		throw new NoFilm(
			`This browser makes no ${kind === 'mp4' ? 'MP4' : 'WebM'} films. Take the GIF, or another browser.`,
		);
	const ctx = canvasOf(width, height);
	const target = new BufferTarget();
	const output = new Output({ format, target });
	const source = new CanvasSource(ctx.canvas, { codec, bitrate: QUALITY_HIGH });
	output.addVideoTrack(source, { frameRate: rate });
	await output.start();
	const frames = framesOf(scenes);
	let shown: Moment | undefined;
	for (let k = 0; k < frames; k++) {
		if (signal.aborted) {
			await output.cancel();
			signal.throwIfAborted();
		}
		const moment = momentOf(k);
		// A picture that rests is painted once.
		if (!isSame(shown, moment)) paintFrame(ctx, scenes, moment);
		shown = moment;
		await source.add(k / rate, 1 / rate);
		progress((k + 1) / frames);
		if (k % 5 === 0) await rest();
	}
	await output.finalize();
	if (!target.buffer) throw new NoFilm('The film came out empty. Take the GIF instead.');
	return target.buffer;
}

/** So that the page answers between two frames. */
const rest = (): Promise<void> => new Promise((go) => setTimeout(go));

/** Half as wide, and with half as many pictures in a second. */
const GIF = { width: FILM.width / 2, height: FILM.height / 2, every: 2, colours: 128 } as const;

async function gif(scenes: Scenes, { progress, signal }: Making): Promise<ArrayBuffer> {
	const { applyPalette, GIFEncoder, quantize } = await import('gifenc');
	const { width, height, every, colours } = GIF;
	const ctx = canvasOf(width, height);
	const pixels = (moment: Moment): Uint8ClampedArray => {
		paintFrame(ctx, scenes, moment);
		return ctx.getImageData(0, 0, width, height).data;
	};
	// One set of colours for all, taken from the picture in which most has happened.
	const palette = quantize(pixels({ at: Math.ceil(scenes.last / 2), step: Math.ceil(scenes.last / 2) }), colours, {
		format: 'rgb444',
	});
	const encoder = GIFEncoder();
	const frames = framesOf(scenes);
	for (let k = 0; k < frames;) {
		signal.throwIfAborted();
		const moment = momentOf(k);
		// A picture that rests is one that stays longer.
		let next = k + every;
		while (next < frames && isSame(momentOf(next), moment)) next += every;
		const delay = ((Math.min(next, frames) - k) * 1000) / FILM.rate;
		encoder.writeFrame(applyPalette(pixels(moment), palette, 'rgb444'), width, height, { palette, delay });
		progress(Math.min(1, next / frames));
		k = next;
		await rest();
	}
	encoder.finish();
	return encoder.bytes().buffer;
}
