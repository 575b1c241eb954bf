/** The log of one evening in a page: what is pressed is kept in the browser at once, and joined with the server's when it can be. */

import { EVENING_LIMITS, joined, type Did, type Press } from '@pond-loop/core/class';
import type { SendAnswer } from '$lib/save/send';
import { sendPresses } from './api';
import { dropHere, forgetPressesHere, keepHere, keptHere, newPress } from './presses-here';

/** Milliseconds until the server is asked again: for what other devices pressed, and where it did not answer. */
const LISTEN_MS = 12_000;
const AGAIN_MS = 4000;

export class EveningLog {
	readonly #evening: string;
	#known = $state.raw<readonly Press[]>([]);
	#waiting = $state.raw<readonly Press[]>([]);
	/** Presses that the server refused by themselves: they stay in this browser, and the others go on. */
	#refused = $state.raw<readonly Press[]>([]);
	/** All presses, in order, without those that were taken back. */
	readonly presses = $derived(joined(this.#known, [...this.#waiting, ...this.#refused]));
	#seq: number;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#isSending = false;
	/** When the last press of this page was. */
	#last: string | undefined;
	#keeping = $state(0);
	#over = false;
	#forgotten = false;
	/** Why nothing goes out, in words; undefined while all is well. */
	trouble = $state<string>();
	offline = $state(false);
	/** How many presses this browser keeps that cannot be read: they stay in it. */
	unreadHere = $state(0);
	/** Why the last of them was refused. */
	refusedWhy = $state('');
	/** How many go out at once: fewer where some of them are refused, so that the others pass. */
	#atOnce: number = EVENING_LIMITS.atOnce;

	/** What has to be done before anything is sent, such as beginning the evening at the server; until it was. */
	#before: (() => Promise<SendAnswer<unknown>>) | undefined;

	constructor(evening: string, known: readonly Press[], seq: number, before?: () => Promise<SendAnswer<unknown>>) {
		this.#before = before;
		this.#evening = evening;
		this.#known = known;
		this.#seq = seq;
	}

	/** Presses that the server has not got yet. */
	get waiting(): number {
		return this.#waiting.length;
	}

	/** Presses that the server refused; they are tried again when this page is opened again. */
	get refused(): number {
		return this.#refused.length;
	}

	/** Whether the server does not know of this evening yet. */
	get isUnbegun(): boolean {
		return this.#before !== undefined;
	}

	/** Whether the browser has all of it. */
	get isKept(): boolean {
		return this.#keeping === 0;
	}

	/** Takes up what an earlier page left, and begins to listen. Gives what ends it. */
	start(): () => void {
		const go = (): void => this.hurry();
		addEventListener('online', go);
		document.addEventListener('visibilitychange', go);
		void keptHere(this.#evening)
			.then(({ presses, unread }) => {
				this.#waiting = joinedAll(presses, this.#waiting);
				this.unreadHere = unread;
			})
			.catch(() => undefined)
			.then(go);
		return () => {
			this.#over = true;
			clearTimeout(this.#timer);
			if (this.#waiting.length > 0) this.hurry();
			removeEventListener('online', go);
			document.removeEventListener('visibilitychange', go);
		};
	}

	/** `id`: of what was begun before it could be pressed; pressed again it is the same press. */
	press(did: Did, id?: string): Press {
		const press = newPress(did, this.#last, id);
		this.#last = press.at;
		this.#keeping += 1;
		this.#waiting = [...this.#waiting, press];
		void keepHere(this.#evening, press)
			.catch(() => (this.trouble = 'This browser keeps nothing by itself: leave this page open until all is sent.'))
			.then(() => {
				this.#keeping -= 1;
				this.hurry();
			});
		return press;
	}
	/** Takes the last press back that was not itself taken back. */
	undo(): void {
		const last = this.presses.at(-1);
		if (last) this.press({ kind: 'undo', press: last.id });
	}

	/** Nothing goes out any more, and nothing is left here: the evening is removed. */
	async forget(): Promise<void> {
		this.#over = true;
		this.#forgotten = true;
		this.#waiting = [];
		clearTimeout(this.#timer);
		await forgetPressesHere(this.#evening);
	}

	/** Ends when the server has all of it, or cannot be had. */
	async settled(): Promise<void> {
		while (this.#waiting.length > 0 && !this.offline && this.trouble === undefined) {
			this.hurry();
			await new Promise((resolve) => setTimeout(resolve, 30));
		}
	}

	hurry(): void {
		clearTimeout(this.#timer);
		if (this.#isSending || this.#forgotten) return;
		this.#isSending = true;
		void this.#send().finally(() => {
			this.#isSending = false;
			if (this.#over) return;
			const soon = this.offline ? AGAIN_MS : this.#waiting.length > 0 && !this.trouble ? 0 : LISTEN_MS;
			this.#timer = setTimeout(() => this.hurry(), soon);
		});
	}
	async #send(): Promise<void> {
		const ready = await this.#before?.();
		if (ready?.kind === 'ok') this.#before = undefined;
		const out = this.#waiting.slice(0, this.#atOnce);
		const answer = ready && ready.kind !== 'ok' ? ready : await sendPresses(this.#evening, out, this.#seq);
		this.offline = answer.kind === 'unreached';
		if (answer.kind === 'refused' && answer !== ready && out.length > 0) {
			this.#atOnce = Math.ceil(out.length / 2);
			if (out.length > 1) return;
			this.#refused = [...this.#refused, ...out];
			this.refusedWhy = answer.message;
			this.#waiting = this.#waiting.filter((p) => !out.includes(p));
			return;
		}
		this.trouble =
			answer.kind === 'refused'
				? answer.message
				: answer.kind === 'signed-out'
					? 'You are signed out: sign in again, and what was pressed is sent.'
					: undefined;
		if (answer.kind === 'ok') {
			const { seq, presses } = answer.value;
			this.#seq = seq;
			this.#atOnce = Math.min(EVENING_LIMITS.atOnce, 2 * this.#atOnce);
			this.#known = joinedAll(this.#known, out, presses);
			this.#waiting = this.#waiting.filter((p) => !out.includes(p));
			await dropHere(this.#evening, out).catch(() => undefined);
		}
	}
}

/** Each once; those that take others back are kept, for they have to go out as well. */
const joinedAll = (...logs: readonly (readonly Press[])[]): readonly Press[] => [
	...new Map(logs.flat().map((p) => [p.id, p])).values(),
];
