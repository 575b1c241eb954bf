/** Trying a crossing by hand, without its view: moves done and undone, loops chosen, what hands may do with them. */

import type { ByHand, Craft, Demonstrated } from '@pond-loop/core/craft';
import type { StitchNumber } from '@pond-loop/core/crossing';
import { type AnyMove, type AnyState, type Offer, simulate, stateAt } from '@pond-loop/core/handling';
import { type BegunWith, begunIn, isLeftHanded, whatIsIt, wayOn } from '@pond-loop/core/look';
import type { HouseStyle } from '@pond-loop/core/schema';

export interface HandsTask {
	/** What is asked, as these hands make it. */
	readonly shown: Demonstrated;
	/** A craft that is tried by hand, and takes the crossing. */
	readonly craft: Craft;
	readonly style: HouseStyle;
	/** Whether hands begin with loops on their tool, or with that bare. */
	readonly begun: BegunWith;
	/** Moves that were made already. */
	readonly done: readonly AnyMove[];
	/** Told whenever they change. */
	readonly change: (done: readonly AnyMove[]) => void;
}

/** Keys that have a meaning at one moment or another. */
const KEYS: readonly string[] = ['k', 'p', 'y'];

export class HandsModel {
	readonly #task: () => HandsTask;
	/** Moves that were taken back, the next to be done again first. */
	undone = $state.raw<readonly AnyMove[]>([]);
	chosen = $state.raw<readonly StitchNumber[]>([]);
	/** The loop that the choice began with, where it was chosen one by one. */
	#first: StitchNumber | undefined;
	/** Why the last thing tried was not done. */
	refused = $state<string>();
	hint = $state(false);
	/** The move from which what was just done is to be played; undefined where it is shown at once. */
	playFrom: number | undefined;

	constructor(task: () => HandsTask) {
		this.#task = task;
	}

	readonly done = $derived.by(() => this.#task().done);
	readonly byHand = $derived.by<ByHand>(() => this.#task().craft.byHand!);
	readonly #start = $derived.by(() => {
		const { craft, shown, begun } = this.#task();
		return begunIn(craft, shown.made, begun)!;
	});
	readonly workedOff = $derived.by(() => {
		const { craft, style } = this.#task();
		return craft.isHanded && isLeftHanded(style) ? 'right' : 'left';
	});
	readonly trace = $derived.by(() => simulate(this.done, this.#start));
	readonly hands = $derived.by(() => stateAt<AnyState>(this.trace, this.done.length));
	readonly now = $derived.by(() => {
		const { shown, craft, begun } = this.#task();
		return whatIsIt(shown, this.done, craft, begun);
	});
	/** A way on from here; only while a hint is asked for. */
	readonly on = $derived.by(() => {
		const { shown, craft, begun } = this.#task();
		return this.hint ? wayOn(shown.made, this.done, craft, begun) : undefined;
	});

	readonly offers = $derived.by(() => this.byHand.offers(this.hands, this.chosen));
	readonly #allowed = $derived.by(() => this.offers.filter((o) => !o.refused));
	/** What hands do every day comes first; what they can do as well, or do by mistake, on asking. */
	readonly taking = $derived.by(() => this.#allowed.filter((o) => o.target !== undefined && !o.isRare));
	readonly besides = $derived.by(() => this.#allowed.filter((o) => o.target === undefined && !o.isRare));
	readonly others = $derived.by(() => this.#allowed.filter((o) => o.isRare));
	readonly not = $derived.by(() => this.offers.filter((o) => o.refused));
	readonly zones = $derived.by(() => this.byHand.zones(this.workedOff));
	/** Zones that something chosen may go to. */
	readonly open = $derived.by(() => this.zones.filter(({ target }) => this.taking.some((o) => o.target === target)));

	/** An offer in words, from where the hands are. */
	says({ moves }: Pick<Offer<AnyMove>, 'moves'>): string {
		return this.byHand.says(moves, this.hands, this.workedOff);
	}

	#went(done: readonly AnyMove[], undone: readonly AnyMove[], playFrom?: number): void {
		this.playFrom = playFrom;
		this.undone = undone;
		this.choice([]);
		this.hint = false;
		this.#task().change(done);
	}
	act(moves: readonly AnyMove[]): void {
		this.#went([...this.done, ...moves], []);
	}
	/** Plays a way on from here to the end; where there is none from here, the hint says so. */
	showMe(): void {
		this.hint = true;
		const { on, done } = this;
		if (on?.from === done.length && on.moves.length > 0) this.#went([...done, ...on.moves], [], done.length);
	}
	/** Back to after so many moves. */
	takeBack(to: number): void {
		this.#went(this.done.slice(0, to), [...this.done.slice(to), ...this.undone]);
	}
	again(): void {
		const [next, ...rest] = this.undone;
		if (next) this.#went([...this.done, next], rest);
	}

	/** Exactly these loops. */
	choice(loops: readonly StitchNumber[], first?: StitchNumber): void {
		this.chosen = loops;
		this.#first = first;
		this.refused = undefined;
	}
	/** The loops that go along with one: from the tip up to it. Chosen already, none. */
	choose(stitch: StitchNumber): void {
		const run = this.byHand.runWith(this.hands, stitch);
		if (run.length === 0) {
			this.#refuseWorked(stitch);
			return;
		}
		const isThatRun = run.length === this.chosen.length && run.every((s) => this.chosen.includes(s));
		const more = [...this.chosen, stitch];
		if (isThatRun) this.choice([]);
		// Where loops go one by one, a neighbour comes along as well.
		else
			this.choice(
				run.length === 1 && !this.chosen.includes(stitch) && this.byHand.isRun(this.hands, more) ? more : run,
			);
	}
	#refuseWorked(stitch: StitchNumber): void {
		this.choice([]);
		this.refused = `Stitch ${stitch} is worked. Undo moves to change it.`;
	}
	/** The loops from one to the other; nothing changes where they are not neighbours on one thing. */
	chooseBetween(from: StitchNumber, to: StitchNumber): boolean {
		const { loops } = this.hands;
		const [a, b] = [from, to].map((s) => loops.findIndex((l) => l.stitch === s)).sort((x, y) => x - y);
		const run = loops.slice(a, b! + 1).map((l) => l.stitch);
		const isRun = this.byHand.isRun(this.hands, run);
		if (isRun) this.choice(run, from);
		return isRun;
	}
	/** One loop alone; then, with the next press, all from it to that one; after that it begins anew. */
	chooseOne(stitch: StitchNumber): void {
		const first = this.#first;
		if (this.chosen.length === 1 && first === stitch) this.choice([]);
		else if (this.chosen.length === 1 && first !== undefined && this.chooseBetween(first, stitch)) return;
		else if (this.byHand.isRun(this.hands, [stitch])) this.choice([stitch], stitch);
		else this.#refuseWorked(stitch);
	}

	/** The first of these that can be done, or why the first of them cannot. */
	#tryOne(these: readonly Offer<AnyMove>[], none: string): void {
		const can = these.find((o) => !o.refused);
		const why = these[0]?.refused;
		if (can) this.act(can.moves);
		else this.refused = why ? `${why.what} ${why.todo}` : none;
	}
	/** Brings the chosen loops there. */
	go(target: string): void {
		this.#tryOne(
			this.offers.filter((o) => o.target === target),
			this.chosen.length === 0
				? 'Choose stitches first: press the last one to move.'
				: 'These stitches can’t go there. Choose from the tip of the needle.',
		);
	}
	/** Does what a key means now; whether it means anything. */
	key(key: string): boolean {
		const count = Number(key);
		if (Number.isInteger(count) && count > 0 && key !== ' ') {
			const meant = this.byHand.numbered(this.hands, count);
			if (meant !== undefined) this.choose(meant);
			return true;
		}
		const zone = this.zones.find((z) => z.key === key);
		const keyed = this.offers.filter((o) => o.key === key);
		if (key === 'Escape') this.choice([]);
		else if (key === 'Backspace') {
			if (this.done.length > 0) this.takeBack(this.done.length - 1);
		} else if (zone && (this.chosen.length > 0 || keyed.length === 0)) this.go(zone.target);
		else if (keyed.length > 0 || KEYS.includes(key)) this.#tryOne(keyed, 'You can’t do that now.');
		else return false;
		return true;
	}
}
