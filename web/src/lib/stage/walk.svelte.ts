/** Walking a demonstration: which move is meant, and how far the picture has come on its way there. */

const MOVE_MS = 900;
/** Rest on a move before the next one, while it plays. */
const REST_MS = 700;

export const SPEEDS = [0.5, 1, 2] as const;
export type Speed = (typeof SPEEDS)[number];

const still = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;

export class Walk {
	/** What the picture shows; between two whole numbers it is on its way. */
	at = $state(0);
	playing = $state(false);
	/** Plays the move that is shown over and over. */
	looping = $state(false);
	speed = $state<Speed>(1);
	#target = 0;
	#frame = 0;
	#last = 0;
	#rest = 0;
	readonly #length: () => number;
	readonly #arrive: (step: number) => void;

	/** `arrive` is told which move is shown now, whenever that changes by itself. */
	constructor(start: number, length: () => number, arrive: (step: number) => void) {
		this.at = start;
		this.#target = start;
		this.#length = length;
		this.#arrive = arrive;
	}

	/** Shows a move: the next or the one before on its way, any other at once. */
	to(step: number): void {
		if (step === this.#target) return;
		this.#target = step;
		if (Math.abs(step - this.at) > 1.01 || still()) this.at = step;
		else this.#run();
	}

	/** Shows a place between moves, as a slider is drawn along. */
	scrub(place: number): void {
		this.pause();
		this.at = place;
		this.#target = Math.round(place);
		this.#arrive(this.#target);
	}

	/** Plays from a move on, whatever is shown now. */
	playFrom(step: number): void {
		this.at = step;
		this.#target = step;
		this.play();
	}

	play(): void {
		this.playing = true;
		if (!this.looping && this.#target >= this.#length()) {
			this.at = 0;
			this.#target = 0;
			this.#arrive(0);
		}
		this.#rest = this.looping ? 0 : REST_MS / 2;
		this.#run();
	}

	pause(): void {
		this.playing = false;
		this.at = this.#target;
	}

	stop(): void {
		cancelAnimationFrame(this.#frame);
		this.#frame = 0;
	}

	#run(): void {
		if (this.#frame) return;
		this.#last = performance.now();
		this.#frame = requestAnimationFrame(this.#tick);
	}

	readonly #tick = (now: number): void => {
		const spent = Math.min(100, now - this.#last) * this.speed;
		this.#last = now;
		this.#frame = 0;
		if (this.at !== this.#target) {
			const gap = this.#target - this.at;
			const step = still() ? Math.abs(gap) : spent / MOVE_MS;
			this.at = step >= Math.abs(gap) ? this.#target : this.at + Math.sign(gap) * step;
			if (this.at === this.#target) this.#rest = still() ? REST_MS + MOVE_MS : REST_MS;
		} else if (this.playing) {
			this.#rest -= spent;
			if (this.#rest <= 0) this.#next();
		}
		if (this.at !== this.#target || this.playing) this.#frame = requestAnimationFrame(this.#tick);
	};

	#next(): void {
		if (this.looping && this.#target > 0) {
			this.at = this.#target - 1;
		} else if (this.#target >= this.#length()) {
			this.playing = false;
		} else {
			this.#target += 1;
			this.#arrive(this.#target);
		}
	}
}
