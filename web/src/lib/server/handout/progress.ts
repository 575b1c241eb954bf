/** A handout while it is made: lines of JSON that say how far it is, and then the file. */

import type { HandoutLine } from '$lib/files/handout-line';
import { failureOf } from '../failures';
import { log } from '../log';
import { titledStem } from './answer';
import type { Drawn } from './handout';

/** An answer that begins at once. `make` gives the PDF and the words of its file's name. */
export function answerInLines(
	make: (drawn: Drawn) => Promise<{ readonly pdf: Uint8Array; readonly title: string; readonly more: string }>,
): Response {
	const encoder = new TextEncoder();
	let isLeft = false;
	const lines = new ReadableStream<Uint8Array>({
		async start(controller) {
			const say = (line: HandoutLine): void => {
				if (!isLeft) controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`));
			};
			try {
				const { pdf, title, more } = await make((done, of) => say({ done, of }));
				say({ name: `${titledStem(title, more)}.pdf`, pdf: Buffer.from(pdf).toString('base64') });
			} catch (cause) {
				const { message, isQuiet } = failureOf(cause);
				if (!isQuiet) log().error({ err: cause }, 'a handout failed');
				say({ refused: message });
			}
			if (!isLeft) controller.close();
		},
		cancel() {
			isLeft = true;
		},
	});
	// A kind that is not compressed on its way, or the lines would wait for each other.
	return new Response(lines, { headers: { 'content-type': 'application/x-ndjson' } });
}
