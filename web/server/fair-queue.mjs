/**
 * Whose turn it is. Work waits in lines, one for each who asks for it; lines take turns, so that
 * whoever asks for much waits behind themselves and nobody else does.
 */

/**
 * @typedef {object} Waiting
 * @property {string} who
 * @property {() => void} begin called when its turn has come
 */

/** Of so many it is remembered when they were served last. */
const MOST_REMEMBERED = 10_000;

export class FairQueue {
	/** @type {Map<string, Waiting[]>} */
	#lines = new Map();
	/** @type {Map<string, number>} the turn at which each was served last */
	#served = new Map();
	#turn = 0;
	/** @type {Map<string, number>} */
	#running = new Map();
	#busy = 0;
	#waiting = 0;
	#places;
	#each;
	#most;

	/**
	 * @param {{ places: number, each: (who: string) => number, most: number | ((who: string) => number) }} limits
	 * `places`: done at once; `each`: of these at most for one who asks; `most`: waiting in one line
	 */
	constructor({ places, each, most }) {
		this.#places = places;
		this.#each = each;
		this.#most = most;
	}

	get waiting() {
		return this.#waiting;
	}
	get busy() {
		return this.#busy;
	}

	/**
	 * Waits for a turn. The answer ends it, and may be called early: then it is not begun at all.
	 * Undefined when the line is full.
	 * @param {string} who
	 * @param {() => void} begin
	 * @returns {(() => void) | undefined}
	 */
	ask(who, begin) {
		const line = this.#lines.get(who) ?? [];
		if (line.length >= (typeof this.#most === 'function' ? this.#most(who) : this.#most)) return undefined;
		let state = 'waiting';
		const one = {
			who,
			begin: () => {
				state = 'running';
				begin();
			},
		};
		line.push(one);
		this.#lines.set(who, line);
		this.#waiting += 1;
		const end = () => {
			if (state === 'ended') return;
			if (state === 'waiting') this.#forget(one);
			else this.#release(who);
			state = 'ended';
			this.#serve();
		};
		this.#serve();
		return end;
	}

	/** @param {Waiting} one */
	#forget(one) {
		const line = this.#lines.get(one.who) ?? [];
		const at = line.indexOf(one);
		if (at === -1) return;
		line.splice(at, 1);
		this.#waiting -= 1;
		if (line.length === 0) this.#lines.delete(one.who);
	}

	/** @param {string} who */
	#release(who) {
		this.#busy -= 1;
		const left = (this.#running.get(who) ?? 1) - 1;
		if (left > 0) this.#running.set(who, left);
		else this.#running.delete(who);
	}

	/** Of those who wait and may begin, the one who was served least lately. */
	#next() {
		let next;
		let least = Infinity;
		for (const who of this.#lines.keys()) {
			const at = this.#served.get(who) ?? 0;
			if (at >= least || (this.#running.get(who) ?? 0) >= this.#each(who)) continue;
			next = who;
			least = at;
		}
		return next;
	}

	#serve() {
		while (this.#busy < this.#places) {
			const who = this.#next();
			if (who === undefined) return;
			const line = /** @type {Waiting[]} */ (this.#lines.get(who));
			const one = /** @type {Waiting} */ (line.shift());
			if (line.length === 0) this.#lines.delete(who);
			if (this.#served.size > MOST_REMEMBERED) this.#served.clear();
			this.#served.set(who, (this.#turn += 1));
			this.#waiting -= 1;
			this.#busy += 1;
			this.#running.set(who, (this.#running.get(who) ?? 0) + 1);
			one.begin();
		}
	}
}

/**
 * What each has used of the processor of late: it drains at a steady rate, so that a burst is let
 * through and a steady stream is not. Nothing here outlives the process, as it is its processor.
 */
export class Uses {
	/** @type {Map<string, { level: number, at: number }>} */
	#levels = new Map();
	#most;
	#drain;

	/** @param {{ most: number, drain: number }} limits milliseconds that may stand at once; milliseconds that drain in a second */
	constructor({ most, drain }) {
		this.#most = most;
		this.#drain = drain;
	}

	/** @param {string} who @param {number} now */
	#level(who, now) {
		const known = this.#levels.get(who);
		return known ? Math.max(0, known.level - ((now - known.at) / 1000) * this.#drain) : 0;
	}

	/** @param {string} who @param {number} ms @param {number} now */
	add(who, ms, now) {
		this.#levels.set(who, { level: this.#level(who, now) + ms, at: now });
		if (this.#levels.size > 20_000) this.#sweep(now);
	}

	/** Seconds until there is room again; 0 when there is. @param {string} who @param {number} now */
	wait(who, now) {
		const over = this.#level(who, now) - this.#most;
		return over <= 0 ? 0 : Math.ceil(over / this.#drain);
	}

	/** @param {number} now */
	#sweep(now) {
		for (const who of this.#levels.keys()) if (this.#level(who, now) === 0) this.#levels.delete(who);
	}
}

/** What a page takes for each who asks, as it was of late. */
export class Costs {
	/** @type {Map<string, number>} */
	#means = new Map();

	/** @param {string} who @param {number} ms */
	add(who, ms) {
		const before = this.#means.get(who);
		if (this.#means.size > MOST_REMEMBERED) this.#means.clear();
		this.#means.set(who, before === undefined ? ms : before * 0.7 + ms * 0.3);
	}

	/** @param {string} who */
	of(who) {
		return this.#means.get(who) ?? 0;
	}
}
