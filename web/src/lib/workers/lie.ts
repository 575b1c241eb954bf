/** The page's side of the relaxation: hands over the loops, and hears how the fabric lies. */

import type { HowItLies, LiesAcross, LoopFabric, PullFound } from '@pond-loop/core/fabric';

export interface LieAsked {
	readonly fabric: LoopFabric;
	/** How it lay before, to begin from. */
	readonly from?: readonly Float64Array[] | undefined;
	readonly how: HowItLies;
}

/** How wide a piece came out, in stitch widths: what pulls does that teach? */
export interface PullAsked {
	readonly fabric: LoopFabric;
	readonly span: number;
}

const started = (): Worker => new Worker(new URL('./lie.worker.ts', import.meta.url), { type: 'module' });

export class Relaxer {
	#worker: Worker | undefined;
	#asked = 0;
	#busy = false;
	readonly #hear: (lies: LiesAcross) => void;

	constructor(hear: (lies: LiesAcross) => void) {
		this.#hear = hear;
	}

	/** Only the answer to what was asked last is heard. */
	ask(asked: LieAsked): void {
		if (this.#busy) this.stop();
		this.#worker ??= this.#started();
		this.#busy = true;
		this.#asked += 1;
		this.#worker.postMessage({ id: this.#asked, asked });
	}

	stop(): void {
		this.#worker?.terminate();
		this.#worker = undefined;
		this.#busy = false;
	}

	#started(): Worker {
		const worker = started();
		worker.addEventListener('message', ({ data }: MessageEvent<{ id: number; lies: LiesAcross }>) => {
			if (data.id !== this.#asked) return;
			this.#busy = false;
			this.#hear(data.lies);
		});
		return worker;
	}
}

/** Rejects where the worker cannot be started or fails. */
export function learnPull(asked: PullAsked): Promise<PullFound> {
	const worker = started();
	return new Promise<PullFound>((resolve, reject) => {
		worker.addEventListener('message', ({ data }: MessageEvent<{ found: PullFound }>) => resolve(data.found));
		worker.addEventListener('error', () => reject(new Error('The pull could not be worked out.')));
		worker.postMessage({ id: 1, asked });
	}).finally(() => worker.terminate());
}
