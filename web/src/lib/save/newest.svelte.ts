import { onMount } from 'svelte';
import { waitsToLeave } from './leave';
import { type SendAnswer, troubleOf } from './send';

const REST_MS = 250;
const RETRY_MS = 4000;
/** Milliseconds for which the next page waits for what this one still sends. */
const LEAVING_MS = 2000;

/**
 * Something of which only the newest counts, such as how far somebody is, on its way to the server. One is sent at a
 * time, so that none overtakes a newer one; those in between are left out. To be made while a component is made: what
 * still waits when its page is left is sent then.
 */
export class Newest<T> {
	/** Why the newest is not kept yet. */
	trouble = $state<string>();
	readonly #send: (value: T) => Promise<SendAnswer<object>>;
	#waits: { readonly value: T } | undefined;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#sending: Promise<void> | undefined;

	constructor(send: (value: T) => Promise<SendAnswer<object>>) {
		this.#send = send;
		waitsToLeave({
			isUnsent: () => this.#waits !== undefined || this.#sending !== undefined,
			send: () => this.#flush(),
			atMost: LEAVING_MS,
		});
		// A page that goes for good waits for nothing: its last word is sent beside what is on its way.
		onMount(() => {
			const last = (): void => void this.#sendNow();
			const leaving = ['beforeunload', 'pagehide'] as const;
			for (const kind of leaving) addEventListener(kind, last);
			return () => {
				for (const kind of leaving) removeEventListener(kind, last);
				last();
			};
		});
	}

	put(value: T): void {
		this.#waits = { value };
		this.#after(REST_MS);
	}

	#after(ms: number): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#flush(), ms);
	}

	async #flush(): Promise<void> {
		while (this.#sending) await this.#sending;
		this.#sending = this.#sendNow().finally(() => (this.#sending = undefined));
		await this.#sending;
	}

	async #sendNow(): Promise<void> {
		const sent = this.#waits;
		if (!sent) return;
		clearTimeout(this.#timer);
		this.#waits = undefined;
		const answer = await this.#send(sent.value);
		this.trouble = answer.kind === 'ok' ? undefined : troubleOf(answer);
		if (answer.kind !== 'unreached' || this.#waits) return;
		this.#waits = sent;
		this.#after(RETRY_MS);
	}
}
