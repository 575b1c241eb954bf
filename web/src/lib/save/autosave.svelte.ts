/**
 * One open document (a lesson, the house style): its history, and its way to the server.
 *
 * Every change is kept in the browser's own storage at once and sent after a short
 * rest. "saved" is only shown for what the server has confirmed; what it has not
 * is sent again until it has, and survives a reload, a closed tab and a browser that ends.
 * Nothing that was typed is thrown away because it cannot be kept or read: it is offered again.
 */

import { keptHere, keptInTab } from '$lib/ui/kept-here';
import { change, type History, redo, startHistory, undo } from '@pond-loop/core/document';
import { cleanedIn, firstIssue, lenient, uncleanIn, uncleanWords } from '@pond-loop/core/schema';
import { z } from 'zod';
import type { SendAnswer, Unreached } from './send';

const REST_MS = 450;
const FIRST_RETRY_MS = 1000;
const LAST_RETRY_MS = 15_000;

export interface Stored<T> {
	readonly version: number;
	readonly value: T;
}

/** Where a document is kept, and what it must be. */
export interface Keeping<T> {
	/** Tells its draft in the tab from those of other documents. */
	readonly key: string;
	readonly schema: z.ZodType<T>;
	/** Sends it, with the version that it was made from. */
	readonly send: (version: number, value: T) => Promise<SendAnswer<{ version: number }, Stored<T>>>;
}

export type SaveState<T> =
	| { readonly kind: 'saved' }
	| { readonly kind: 'saving' }
	| { readonly kind: 'waiting'; readonly why: Unreached }
	| { readonly kind: 'signed-out' }
	/** `unclean`: it holds signs that cannot be kept, which `clean` takes out. */
	| { readonly kind: 'refused'; readonly message: string; readonly unclean?: boolean }
	| { readonly kind: 'stale'; readonly theirs: Stored<T> };

export class Autosave<T> {
	readonly #keeping: Keeping<T>;
	#version: number;
	#history: History<T>;
	#state = $state.raw<SaveState<T>>({ kind: 'saved' });
	#timer: ReturnType<typeof setTimeout> | undefined;
	#retry = FIRST_RETRY_MS;
	#sending: Promise<void> | undefined;
	#disposed = false;
	#spare = $state.raw<string>();

	constructor(keeping: Keeping<T>, opened: Stored<T>) {
		this.#keeping = keeping;
		this.#version = opened.version;
		this.#history = $state.raw(startHistory(opened.value));
	}

	get value(): T {
		return this.#history.now;
	}
	get state(): SaveState<T> {
		return this.#state;
	}
	/** A draft that was kept in this browser and cannot be read as such a document any more, as text. */
	get spare(): string | undefined {
		return this.#spare;
	}
	/** The teacher has seen it, and needs it no more. */
	dropSpare(): void {
		this.#spare = undefined;
		drop(this.#spareKey);
	}
	get canUndo(): boolean {
		return this.#history.past.length > 0;
	}
	get canRedo(): boolean {
		return this.#history.future.length > 0;
	}

	/** `place` joins the keys typed in one field to one step of undo. */
	change(value: T, place?: string): void {
		this.#move(change(this.#history, value, place));
	}
	undo(): void {
		this.#move(undo(this.#history));
	}
	redo(): void {
		this.#move(redo(this.#history));
	}

	#move(history: History<T>): void {
		if (history.now === this.#history.now) return;
		this.#history = history;
		this.#keepDraft();
		// A choice between two versions waits for the teacher, whatever is typed meanwhile.
		if (this.#state.kind === 'stale') return;
		this.#state = { kind: 'saving' };
		this.#sendAfter(REST_MS);
	}

	/** Picks up what a reload, a closed tab or a dead server left unsent in this browser. */
	recover(): void {
		this.#spare = find(this.#spareKey);
		const text = find(this.#draftKey);
		if (!text) return;
		const draft = this.#readDraft(text);
		if (!draft) {
			// Of no use as it is, and not ours to throw away.
			put(this.#spareKey, text);
			this.#spare = text;
			this.#dropDraft();
			return;
		}
		if (this.#same(draft.value, this.value)) {
			this.#dropDraft();
			return;
		}
		const theirs = { version: this.#version, value: this.value };
		this.#history = change(this.#history, draft.value);
		if (draft.version === this.#version) {
			this.#state = { kind: 'saving' };
			this.#sendAfter(0);
		} else {
			this.#state = { kind: 'stale', theirs };
		}
	}

	/** Whether something typed has not been sent yet. */
	get unsent(): boolean {
		return this.#timer !== undefined || this.#sending !== undefined;
	}

	/** Whether something that was typed is with nobody but this browser. */
	get unsaved(): boolean {
		return this.unsent || this.#state.kind !== 'saved';
	}

	/** Takes out the signs that cannot be kept; one undo brings them back. */
	clean(): void {
		this.change(cleanedIn(this.value));
	}

	/** Sends at once what still waits, and comes back when it was answered: before the page is left or printed. */
	async flush(): Promise<void> {
		await this.#sending;
		if (this.#timer === undefined) return;
		this.#stopTimer();
		await this.#send();
	}

	/** Tries again at once what waits for the server, or for somebody to sign in. */
	hurry(): void {
		if (this.#state.kind === 'waiting' || this.#state.kind === 'signed-out') this.#sendAfter(0);
	}

	/** Stops sending; what is unsent stays in the tab and is picked up when the document is opened again. */
	dispose(): void {
		this.#stopTimer();
		this.#disposed = true;
	}

	/** After a stale save: writes this version over the other one. */
	keepMine(): void {
		if (this.#state.kind !== 'stale') return;
		const { theirs } = this.#state;
		// The other version stays one undo away.
		this.#history = change(change(this.#history, theirs.value), this.value);
		this.#version = theirs.version;
		this.#state = { kind: 'saving' };
		this.#keepDraft();
		this.#sendAfter(0);
	}

	/** After a stale save: shows the other version; this one stays one undo away. */
	takeTheirs(): void {
		if (this.#state.kind !== 'stale') return;
		const { theirs } = this.#state;
		this.#history = change(this.#history, theirs.value);
		this.#version = theirs.version;
		this.#state = { kind: 'saved' };
		this.#dropDraft();
	}

	#stopTimer(): void {
		clearTimeout(this.#timer);
		this.#timer = undefined;
	}

	#sendAfter(ms: number): void {
		this.#stopTimer();
		if (this.#disposed) return;
		this.#timer = setTimeout(() => {
			this.#timer = undefined;
			void this.#send();
		}, ms);
	}

	async #send(): Promise<void> {
		// The answer on its way settles the version that this save must carry.
		while (this.#sending) await this.#sending;
		this.#sending = this.#sendNow().finally(() => (this.#sending = undefined));
		await this.#sending;
	}

	async #sendNow(): Promise<void> {
		const value = this.value;
		const checked = this.#keeping.schema.safeParse(value);
		if (!checked.success) {
			this.#state = { kind: 'refused', message: firstIssue(checked.error) };
			return;
		}
		const unclean = uncleanIn(checked.data);
		if (unclean) {
			this.#state = { kind: 'refused', message: uncleanWords(unclean), unclean: true };
			return;
		}
		const answer = await this.#keeping.send(this.#version, checked.data);
		switch (answer.kind) {
			case 'ok':
				this.#version = answer.value.version;
				this.#retry = FIRST_RETRY_MS;
				if (value === this.value) {
					this.#state = { kind: 'saved' };
					this.#dropDraft();
				} else {
					this.#keepDraft();
				}
				return;
			case 'refused':
				this.#state = { kind: 'refused', message: answer.message };
				return;
			case 'stale':
				this.#meet(answer.current);
				return;
			case 'signed-out':
			case 'unreached':
				this.#state = answer.kind === 'unreached' ? { kind: 'waiting', why: answer.why } : { kind: 'signed-out' };
				this.#sendAfter(this.#retry);
				this.#retry = Math.min(this.#retry * 2, LAST_RETRY_MS);
		}
	}

	#meet(theirs: Stored<T>): void {
		if (this.#same(theirs.value, this.value)) {
			// Our own save had arrived; only its answer was lost.
			this.#version = theirs.version;
			this.#state = { kind: 'saved' };
			this.#dropDraft();
		} else {
			this.#stopTimer();
			this.#state = { kind: 'stale', theirs };
		}
	}

	/** Equal once both are as the server would keep them. */
	#same(a: T, b: T): boolean {
		const normal = (value: T): string => JSON.stringify(this.#keeping.schema.safeParse(value).data ?? value);
		return normal(a) === normal(b);
	}

	#readDraft(text: string): Stored<T> | undefined {
		try {
			const schema = z.object({ version: z.number(), value: lenient(this.#keeping.schema) });
			return schema.safeParse(JSON.parse(text)).data as Stored<T> | undefined;
		} catch {
			return undefined;
		}
	}

	get #draftKey(): string {
		return `pond-draft-${this.#keeping.key}`;
	}
	get #spareKey(): string {
		return `pond-spare-${this.#keeping.key}`;
	}
	#keepDraft(): void {
		put(this.#draftKey, JSON.stringify({ version: this.#version, value: this.value }));
	}
	#dropDraft(): void {
		drop(this.#draftKey);
	}
}

// A tab finds what was typed in it; after it was closed, any other tab of this browser does.

function find(key: string): string | undefined {
	return keptInTab.get(key) ?? keptHere.get(key) ?? undefined;
}

function put(key: string, text: string): void {
	// More than the browser keeps for a page is still here, and still sent.
	keptInTab.set(key, text);
	keptHere.set(key, text);
}

function drop(key: string): void {
	const own = keptInTab.get(key);
	keptInTab.remove(key);
	// What another tab has typed since is not this one's to drop.
	if (own === null || keptHere.get(key) === own) keptHere.remove(key);
}
