/** One session without its view: who is here, who can what, and how its steps stand to their minutes. */

import {
	learntBy,
	nextFor,
	OUTCOMES,
	wentBy,
	type Class,
	type Did,
	type Evening,
	type Outcome,
	type Person,
	type Press,
} from '@pond-loop/core/class';
import type { MistakeId } from '@pond-loop/core/handling';
import { namesById, wrongsCounted } from './wrongs-counted';

export interface SessionPage {
	readonly id: string;
	readonly class: Class;
	readonly evening: Evening;
}

/** Where presses are kept. */
export interface SessionLog {
	readonly presses: readonly Press[];
	press(did: Did, id?: string): unknown;
}

export class SessionModel {
	readonly #page: () => SessionPage;
	readonly #log: SessionLog;
	/** The time, in milliseconds; whoever shows the session lets it go on. */
	now = $state(0);

	constructor(page: () => SessionPage, log: SessionLog, now: number) {
		this.#page = page;
		this.#log = log;
		this.now = now;
	}

	readonly evening = $derived.by(() => this.#page().evening);
	readonly #people = $derived.by(() => this.#page().class.people);
	/** Who belongs to this session: the class of today, and who has left it since but was pressed for by name. */
	readonly come = $derived.by(() => {
		const { presses } = this.#log;
		return this.#people.filter((p) => !p.left || presses.some(({ did }) => 'person' in did && did.person === p.id));
	});
	/** What is pressed for all is pressed for these. */
	readonly went = $derived.by(() =>
		wentBy(
			this.#log.presses,
			this.come.map((p) => p.id),
		),
	);
	readonly here = $derived.by(() => this.come.filter((p) => this.went.present.has(p.id)));
	readonly nameOf = $derived.by(() => namesById(this.#people));

	/** The step that is under way. */
	readonly running = $derived.by(() => this.evening.steps.find((s) => this.went.steps.get(s.id)?.since !== undefined));
	/** Minutes that a step has taken so far. */
	minutesOf(id: string): number {
		const time = this.went.steps.get(id);
		if (!time) return 0;
		return time.minutes + (time.since === undefined ? 0 : Math.max(0, this.now - Date.parse(time.since)) / 60_000);
	}
	readonly planned = $derived.by(() => this.evening.steps.reduce((sum, s) => sum + s.minutes, 0));
	readonly gone = $derived.by(() => this.evening.steps.reduce((sum, s) => sum + this.minutesOf(s.id), 0));
	/** Minutes behind the plan of what is over or under way, whole; ahead of it below 0. */
	readonly behind = $derived.by(() => {
		const due = this.evening.steps.reduce((sum, { id, minutes }) => {
			if (!this.went.steps.has(id)) return sum;
			return sum + (id === this.running?.id ? Math.min(minutes, this.minutesOf(id)) : minutes);
		}, 0);
		return Math.round(this.gone - due);
	});
	/** Begins a step, which ends the one before; pressed again it ends. */
	toStep(id: string): void {
		const { running } = this;
		if (running) this.#log.press({ kind: 'step', step: running.id, does: 'stop' });
		if (running?.id !== id) this.#log.press({ kind: 'step', step: id, does: 'start' });
	}

	outcome(goal: string, person: string): Outcome | undefined {
		return this.went.outcomes.get(goal)?.get(person);
	}
	/** How many were seen at a goal. */
	seen(goal: string): number {
		return this.went.outcomes.get(goal)?.size ?? 0;
	}
	/** One press after the other: alone, with help, not yet, not seen. */
	turn(goal: string, person: string): void {
		const order = [...OUTCOMES, undefined];
		const next = order[(order.indexOf(this.outcome(goal, person)) + 1) % order.length];
		this.#log.press({ kind: 'goal', goal, person, outcome: next ?? 'unseen' });
	}
	allCan(goal: string): void {
		this.#log.press({ kind: 'goal', goal, outcome: 'alone' });
	}
	everyoneIsHere(): void {
		this.#log.press({ kind: 'here', here: true });
	}
	/** Says that a person is here; or, where that was said, that they are not. */
	turnHere({ id }: Pick<Person, 'id'>): void {
		this.#log.press({ kind: 'here', person: id, here: !this.went.present.has(id) });
	}

	addWrong({ mistake, person, mended }: { mistake: MistakeId; person: string; mended: string }): void {
		this.#log.press({
			kind: 'wrong',
			mistake,
			...(person ? { person } : {}),
			...(mended.trim() ? { mended: mended.trim() } : {}),
		});
	}
	/** Nothing where nothing is written. */
	addNote(text: string): void {
		if (text.trim() !== '') this.#log.press({ kind: 'note', text: text.trim() });
	}
	/** What went wrong, each mistake once with how often, whose it was and how it was mended. */
	readonly wrongs = $derived.by(() => wrongsCounted(this.went.wrongs, this.nameOf));
	/** What this session alone seems to ask for. */
	readonly next = $derived.by(() => {
		const { id, class: of } = this.#page();
		const learnt = learntBy(of, [{ id, evening: this.evening, presses: this.#log.presses }]);
		return nextFor(of, learnt).filter((p) => p.kind === 'again' || p.kind === 'ahead');
	});
}
