/** Minutes of steps, told to an evening while its lesson is shown. */

import { wentBy } from '@pond-loop/core/class';
import { EveningLog } from './log.svelte';

export class StepMinutes {
	readonly #log: EveningLog;
	constructor(evening: string) {
		this.#log = new EveningLog(evening, [], 0);
	}
	start(): () => void {
		return this.#log.start();
	}
	/** Begins a step; the one before ends. The same step again goes on. */
	to(step: string | undefined): void {
		const { steps } = wentBy(this.#log.presses, []);
		const running = [...steps].flatMap(([id, { since }]) => (since === undefined ? [] : [id]));
		if (step !== undefined && running.includes(step)) return;
		for (const id of running) this.#log.press({ kind: 'step', step: id, does: 'stop' });
		if (step !== undefined) this.#log.press({ kind: 'step', step, does: 'start' });
	}
}
