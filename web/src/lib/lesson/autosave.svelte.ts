/**
 * One open lesson: its history, and its way to the server.
 *
 * Every change is kept in the tab's own storage at once and sent after a short
 * rest. "saved" is only shown for what the server has confirmed; what it has not
 * is sent again until it has, and survives a reload.
 */

import { change, redo, startHistory, undo, type History } from '@pond-loop/core/lesson';
import { DraftLessonSchema, firstIssue, LessonSchema, type Lesson } from '@pond-loop/core/schema';
import { z } from 'zod';
import { saveLesson } from './api';

const REST_MS = 450;
const FIRST_RETRY_MS = 1000;
const LAST_RETRY_MS = 15_000;

export interface OpenedLesson {
	readonly id: string;
	readonly version: number;
	readonly lesson: Lesson;
}

export type SaveState =
	| { readonly kind: 'saved' }
	| { readonly kind: 'saving' }
	| { readonly kind: 'waiting' }
	| { readonly kind: 'refused'; readonly message: string }
	| { readonly kind: 'stale'; readonly theirs: { readonly version: number; readonly lesson: Lesson } };

const Draft = z.object({ version: z.number(), lesson: DraftLessonSchema });

const same = (a: Lesson, b: Lesson): boolean => JSON.stringify(normal(a)) === JSON.stringify(normal(b));
const normal = (lesson: Lesson): Lesson => LessonSchema.safeParse(lesson).data ?? lesson;

export class Autosave {
	readonly #id: string;
	#version: number;
	#history: History<Lesson>;
	#state = $state.raw<SaveState>({ kind: 'saved' });
	#timer: ReturnType<typeof setTimeout> | undefined;
	#retry = FIRST_RETRY_MS;
	#sending: Promise<void> | undefined;
	#disposed = false;

	constructor(opened: OpenedLesson) {
		this.#id = opened.id;
		this.#version = opened.version;
		this.#history = $state.raw(startHistory(opened.lesson));
	}

	get lesson(): Lesson {
		return this.#history.now;
	}
	get state(): SaveState {
		return this.#state;
	}
	get canUndo(): boolean {
		return this.#history.past.length > 0;
	}
	get canRedo(): boolean {
		return this.#history.future.length > 0;
	}

	/** `place` joins the keys typed in one field to one step of undo. */
	change(lesson: Lesson, place?: string): void {
		this.#move(change(this.#history, lesson, place));
	}
	undo(): void {
		this.#move(undo(this.#history));
	}
	redo(): void {
		this.#move(redo(this.#history));
	}

	#move(history: History<Lesson>): void {
		if (history.now === this.#history.now) return;
		this.#history = history;
		this.#keepDraft();
		// A choice between two versions waits for the teacher, whatever is typed meanwhile.
		if (this.#state.kind === 'stale') return;
		this.#state = { kind: 'saving' };
		this.#sendAfter(REST_MS);
	}

	/** Picks up what a reload or a dead server left unsent in this tab. */
	recover(): void {
		const text = sessionStorage.getItem(this.#draftKey);
		if (!text) return;
		let draft: z.infer<typeof Draft> | undefined;
		try {
			draft = Draft.safeParse(JSON.parse(text)).data;
		} catch {
			draft = undefined;
		}
		if (!draft || same(draft.lesson, this.lesson)) {
			this.#dropDraft();
			return;
		}
		const theirs = { version: this.#version, lesson: this.lesson };
		this.#history = change(this.#history, draft.lesson);
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

	/** Sends at once what still waits, and comes back when it was answered: before the page is left or printed. */
	async flush(): Promise<void> {
		await this.#sending;
		if (this.#timer === undefined) return;
		this.#stopTimer();
		await this.#send();
	}

	/** Stops sending; what is unsent stays in the tab and is picked up when the lesson is opened again. */
	dispose(): void {
		this.#stopTimer();
		this.#disposed = true;
	}

	/** After a stale save: writes this version over the other one. */
	keepMine(): void {
		if (this.#state.kind !== 'stale') return;
		const { theirs } = this.#state;
		// The other version stays one undo away.
		this.#history = change(change(this.#history, theirs.lesson), this.lesson);
		this.#version = theirs.version;
		this.#state = { kind: 'saving' };
		this.#keepDraft();
		this.#sendAfter(0);
	}

	/** After a stale save: shows the other version; this one stays one undo away. */
	takeTheirs(): void {
		if (this.#state.kind !== 'stale') return;
		const { theirs } = this.#state;
		this.#history = change(this.#history, theirs.lesson);
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
		this.#sending = this.#sendNow();
		await this.#sending;
		this.#sending = undefined;
	}

	async #sendNow(): Promise<void> {
		const lesson = this.lesson;
		const checked = LessonSchema.safeParse(lesson);
		if (!checked.success) {
			this.#state = { kind: 'refused', message: firstIssue(checked.error) };
			return;
		}
		const answer = await saveLesson(this.#id, this.#version, checked.data);
		switch (answer.kind) {
			case 'ok':
				this.#version = answer.value.version;
				this.#retry = FIRST_RETRY_MS;
				if (lesson === this.lesson) {
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
				this.#meet(answer.value.current);
				return;
			case 'unreached':
				this.#state = { kind: 'waiting' };
				this.#sendAfter(this.#retry);
				this.#retry = Math.min(this.#retry * 2, LAST_RETRY_MS);
		}
	}

	#meet(theirs: { readonly version: number; readonly lesson: Lesson }): void {
		if (same(theirs.lesson, this.lesson)) {
			// Our own save had arrived; only its answer was lost.
			this.#version = theirs.version;
			this.#state = { kind: 'saved' };
			this.#dropDraft();
		} else {
			this.#stopTimer();
			this.#state = { kind: 'stale', theirs };
		}
	}

	get #draftKey(): string {
		return `pond-draft-${this.#id}`;
	}
	#keepDraft(): void {
		try {
			sessionStorage.setItem(this.#draftKey, JSON.stringify({ version: this.#version, lesson: this.lesson }));
		} catch {
			// More than the browser keeps for a page: it is still here, and still sent.
		}
	}
	#dropDraft(): void {
		sessionStorage.removeItem(this.#draftKey);
	}
}
