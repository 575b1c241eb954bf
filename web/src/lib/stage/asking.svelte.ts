import type { HouseStyle } from '@pond-loop/core/schema';
import type * as reader from './answer';
import { type StageAnswer, keyOf, type StageQuestion } from './question';

/**
 * What stands for what is asked: the server's answer as long as that is the question, then answers of the reader, which
 * is fetched with the first other one. Until it is there, the answer before stays.
 */
export class Asking {
	#reader = $state.raw<typeof reader>();
	#last: StageAnswer;
	readonly #style: () => HouseStyle;
	readonly #question: () => StageQuestion;
	readonly #key = $derived.by(() => keyOf(this.#style(), this.#question()));
	readonly answer: StageAnswer = $derived.by(() => {
		if (this.#key !== this.#last.key && this.#reader) this.#last = this.#reader.answer(this.#style(), this.#question());
		return this.#last;
	});

	constructor(first: StageAnswer, style: () => HouseStyle, question: () => StageQuestion) {
		this.#last = first;
		this.#style = style;
		this.#question = question;
		$effect(() => {
			if (this.#key !== this.#last.key) void this.fetch();
		});
	}

	/** Fetches the reader, as for somebody who is about to ask. */
	async fetch(): Promise<void> {
		this.#reader ??= await import('./answer');
	}
}
