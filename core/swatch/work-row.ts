/** Works one row: items of the text on the stitches of the row before. */

import { craftOf } from '../craft/index.ts';
import { turn, type Crossing } from '../crossing/index.ts';
import type { Fabric, Item, RowSide, StitchKind, Until } from '../notation/index.ts';
import type { Span } from '../result.ts';
import { thousands } from '../thousands.ts';
import { howIn, SHOWN_ON_WS } from './in-fabric.ts';
import {
	type StitchFace,
	SWATCH_LIMITS,
	type Twist,
	type WorkedCrossing,
	type WorkedMark,
	type WorkedStep,
	type WorkedStitch,
} from '../worked/index.ts';

/** Why a row cannot be worked to its end. */
export interface RowStop {
	readonly reason:
		| 'too-few-stitches'
		| 'stitches-left'
		| 'repeat-does-not-fit'
		| 'unknown-term'
		| 'too-many-stitches'
		| 'too-much'
		| 'no-marker'
		| 'nothing-set'
		| 'which-rib';
	readonly what: string;
	readonly todo: string;
	readonly at: Span;
}

export interface RowDone {
	readonly stitches: readonly WorkedStitch[];
	readonly crossings: readonly WorkedCrossing[];
	readonly steps: readonly WorkedStep[];
	readonly markers: readonly number[];
	readonly marks: readonly WorkedMark[];
	/** Places, from the right, of markers that stand inside a crossing. */
	readonly markersMoved: readonly number[];
	/** Repeats whose number of times is read as all of them, since only so the row comes out. */
	readonly inAll: readonly Span[];
}

export type RowResult = { readonly ok: true; readonly done: RowDone } | { readonly ok: false; readonly stop: RowStop };

export interface RowStart {
	/** The row before, from the right. */
	readonly stitches: readonly WorkedStitch[];
	readonly markers: readonly number[];
	readonly side: RowSide;
	/** No row was worked before it. */
	readonly isFirst: boolean;
	/** Whether the work is turned after each row, as it is when it is worked flat. */
	readonly turned: boolean;
	readonly craft: string;
	readonly twist: Twist;
	/** Where the row stands in the text, for what is wrong with the whole of it. */
	readonly at: Span;
	readonly most: number;
	/** What may still be done in all rows together; what this row does is taken off. */
	readonly budget: Budget;
}

/** Things that may still be done: see `SWATCH_LIMITS.doneInAll`. */
export interface Budget {
	left: number;
}

/** Works `items` over a row. Linear in the stitches of the row. */
export function workRow(items: readonly Item[], start: RowStart): RowResult {
	const worker = new RowWorker(start);
	worker.work(items, 0);
	return worker.end();
}

/** For each place in some items, what those from there on take, whatever the row; `undefined` when that depends on what is left. */
type Tails = readonly (number | undefined)[];

/** Asked for each item, and again each time that a part is repeated. */
const known = new WeakMap<readonly Item[], Tails>();

function tailsOf(items: readonly Item[]): Tails {
	const before = known.get(items);
	if (before) return before;
	const tails: (number | undefined)[] = new Array<number | undefined>(items.length + 1).fill(undefined);
	tails[items.length] = 0;
	for (let i = items.length - 1; i >= 0; i--) {
		const [one, rest] = [needsOne(items[i]!), tails[i + 1]];
		tails[i] = one === undefined || rest === undefined ? undefined : one + rest;
	}
	known.set(items, tails);
	return tails;
}

const needs = (items: readonly Item[]): number | undefined => tailsOf(items)[0];

function needsOne(item: Item): number | undefined {
	switch (item.kind) {
		case 'stitch':
			return item.until.kind === 'times' ? item.until.times * item.stitch.takes : undefined;
		case 'crossing':
			return item.crossing.n;
		case 'group': {
			const inner = needs(item.items);
			return inner === undefined ? undefined : inner * item.times;
		}
		case 'star': {
			const inner = needs(item.items);
			return inner === undefined || item.until.kind !== 'times' ? undefined : inner * item.until.times;
		}
		case 'as-they-stand':
		case 'fabric':
			return item.until.kind === 'times' ? item.until.times : undefined;
		default:
			return 0;
	}
}

class RowWorker {
	readonly #start: RowStart;
	/** As the worker meets them. */
	readonly #before: readonly WorkedStitch[];
	readonly #marked: Set<number>;
	readonly #out: WorkedStitch[] = [];
	readonly #crossings: { first: number; crossing: Omit<WorkedCrossing, 'at'> }[] = [];
	readonly #steps: WorkedStep[] = [];
	readonly #markers: number[] = [];
	readonly #marks: WorkedMark[] = [];
	readonly #moved: number[] = [];
	readonly #inAll: Span[] = [];
	#at = 0;
	#done = 0;
	#stop: RowStop | undefined;

	constructor(start: RowStart) {
		this.#start = start;
		const ws = start.side === 'WS';
		this.#before = ws ? [...start.stitches].reverse() : start.stitches;
		this.#marked = new Set(ws ? start.markers.map((m) => start.stitches.length - m) : start.markers);
	}

	get #left(): number {
		return this.#before.length - this.#at;
	}

	/** `after`: stitches that must be left for what follows these items. */
	work(items: readonly Item[], after: number): void {
		const tails = tailsOf(items);
		for (const [i, item] of items.entries()) {
			if (this.#stop) return;
			const tail = tails[i + 1];
			this.#item(item, tail === undefined ? undefined : tail + after);
		}
	}

	/** Counts one thing done; false when there were too many. */
	#spend(at: Span): boolean {
		this.#done += 1;
		this.#start.budget.left -= 1;
		if (this.#done > SWATCH_LIMITS.done) {
			const most = thousands(SWATCH_LIMITS.done);
			this.#halt('too-much', `More than ${most} actions are in this row.`, 'Repeat fewer times.', at);
		} else if (this.#start.budget.left < 0) {
			const most = thousands(SWATCH_LIMITS.doneInAll);
			const what = `More than ${most} actions are in these rows. The rest is not worked.`;
			this.#halt('too-much', what, 'Repeat fewer times, or split it into two swatches.', at);
		}
		return this.#stop === undefined;
	}

	#item(item: Item, after: number | undefined): void {
		if (!this.#spend(item)) return;
		switch (item.kind) {
			case 'unknown':
				this.#halt('unknown-term', item.problem.what, item.problem.todo, item);
				return;
			case 'stitch':
				this.#stitches(item.stitch, item.until, item);
				return;
			case 'as-they-stand':
				this.#asTheyStand(item.until, item, item.isSet);
				return;
			case 'fabric':
				this.#inFabric(item.fabric, item.until, item);
				return;
			case 'crossing':
				this.#cross(item);
				return;
			case 'marker':
				this.#marker(item.does, item);
				return;
			case 'group':
				for (let i = 0; i < item.times && this.#spend(item); i++) this.work(item.items, 0);
				return;
			case 'star':
				this.#star(item.items, item.until, item, after);
		}
	}

	/** How many stitches must be left where something goes on “to” somewhere. */
	#goal(until: Exclude<Until, { kind: 'times' }>, at: Span, after: number): number | undefined {
		switch (until.kind) {
			case 'end':
				return after;
			case 'last':
				return until.left;
			case 'marker': {
				let next = Infinity;
				for (const m of this.#marked) if (m > this.#at && m < next) next = m;
				if (!Number.isFinite(next)) {
					this.#halt(
						'no-marker',
						'There is no marker ahead in this row.',
						'Place one with pm in an earlier row, or count: “to last 3 sts”.',
						at,
					);
					return undefined;
				}
				return this.#before.length - next;
			}
		}
	}

	#stitches(kind: StitchKind, until: Until, at: Span): void {
		const first = this.#out.length;
		if (until.kind === 'times') {
			for (let i = 0; i < until.times; i++) {
				if (this.#left < kind.takes) {
					const short = until.times > 1 ? ` ${until.times - i} of these ${until.times} find none.` : '';
					this.#tooFew(at, until.times * kind.takes - i * kind.takes, short);
					return;
				}
				this.#one(kind, at);
				if (this.#stop) return;
			}
		} else {
			const goal = this.#goal(until, at, 0);
			if (goal === undefined) return;
			const many = this.#left - goal;
			if (many < 0) {
				this.#tooFew(at, goal, ` ${goal} are to be left.`);
				return;
			}
			if (kind.takes === 0 || many % kind.takes !== 0) {
				this.#halt(
					'repeat-does-not-fit',
					`${plural(many)} cannot be worked ${kind.takes} at a time.`,
					'Change the count before it.',
					at,
				);
				return;
			}
			for (let i = 0; i < many / kind.takes && !this.#stop; i++) this.#one(kind, at);
		}
		this.#step(first, at);
	}

	#one(kind: StitchKind, at: Span): void {
		const taken = this.#take(kind.takes);
		const [plain] = kind.makes;
		if (kind.takes === 1 && kind.makes.length === 1 && (plain === 'k' || plain === 'p')) {
			// Nearly every stitch is one of these.
			this.#put({ face: this.#shown(plain), how: kind.id, from: taken }, at);
			return;
		}
		for (const [i, work] of kind.makes.entries()) {
			const old = this.#before[taken];
			const slipped = work === 'slipped';
			const face = slipped ? (old?.face ?? 'k') : this.#shown(work.startsWith('p') ? 'p' : 'k');
			const made = kind.takes === 0 || i > 0;
			this.#put(
				{
					face,
					how: kind.id,
					from: made && kind.takes === 0 ? -1 : taken,
					...(kind.takes > 1 ? { also: Array.from({ length: kind.takes - 1 }, (_, k) => taken + k + 1) } : {}),
					...(slipped ? (old?.twisted ? { twisted: true } : {}) : work.endsWith('tbl') ? { twisted: true } : {}),
				},
				at,
			);
		}
	}

	/** Works stitches on as far as `until`, each as `how` says of the face that hands see and of its place from here. */
	#each(until: Until, at: Span, how: (seen: StitchFace, nth: number) => StitchFace): void {
		const goal = until.kind === 'times' ? this.#left - until.times : this.#goal(until, at, 0);
		if (goal === undefined) return;
		if (goal < 0) {
			this.#tooFew(at, this.#left - goal, '');
			return;
		}
		if (goal > this.#left) {
			this.#tooFew(at, goal, ` ${goal} are to be left.`);
			return;
		}
		const first = this.#out.length;
		for (let nth = 0; this.#left > goal && !this.#stop; nth++) {
			const from = this.#take(1);
			const done = how(this.#shown(this.#before[from]!.face), nth);
			this.#put({ face: this.#shown(done), how: done, from }, at);
		}
		this.#step(first, at);
	}

	#asTheyStand(until: Until, at: Span, isSet = false): void {
		if (isSet && this.#start.isFirst) {
			this.#halt('nothing-set', 'Nothing is set yet: this is the first row.', 'Write its stitches.', at);
			return;
		}
		this.#each(until, at, (seen) => seen);
	}

	#inFabric(fabric: Fabric, until: Until, at: Span): void {
		const goal = until.kind === 'times' ? this.#left - until.times : this.#goal(until, at, 0);
		if (goal === undefined) return;
		const below = this.#before.slice(this.#at, this.#before.length - Math.max(0, goal));
		const how = howIn(fabric, below, this.#start);
		if (how) this.#each(until, at, how);
		else this.#halt('which-rib', 'This does not say which rib.', 'Write it as “k2, p2 rib over 4 sts”.', at);
	}

	#cross(item: Extract<Item, { kind: 'crossing' }>): void {
		const c = this.#inCraft(item.crossing);
		if (this.#left < c.n) {
			this.#tooFew(item, c.n, '');
			return;
		}
		const first = this.#out.length;
		for (let i = 1; i < c.n; i++) if (this.#marked.has(this.#at + i)) this.#moved.push(this.#at + i);
		const from = this.#take(c.n);
		for (const stitch of c.order) {
			const work = c.work[stitch - 1]!;
			this.#put(
				{
					face: this.#shown(work.startsWith('p') ? 'p' : 'k'),
					how: 'x',
					from: from + stitch - 1,
					...(work.endsWith('tbl') ? { twisted: true } : {}),
				},
				item,
			);
		}
		const { name, by } = item;
		const seen = this.#start.side === 'WS' ? turn(c) : c;
		this.#crossings.push({ first, crossing: { crossing: seen, asWorked: c, name, by, from: item.from, to: item.to } });
		this.#step(first, item);
	}

	/** The same crossing as the craft works its columns. */
	#inCraft(c: Crossing): Crossing {
		const { craft, side, twist } = this.#start;
		const worked = craftOf(craft).inSwatch.work;
		if (!worked) return c;
		const work = c.work.map((w, i) => worked(w, { side, twist, face: this.#before[this.#at + i]?.face ?? 'k' }));
		return { ...c, work };
	}

	#marker(does: 'place' | 'slip' | 'remove', at: Span): void {
		if (does === 'place') {
			if (this.#markers.length >= SWATCH_LIMITS.markers) {
				const what = `There are more than ${SWATCH_LIMITS.markers} markers on the needles.`;
				this.#halt('too-much', what, 'Place fewer.', at);
				return;
			}
			this.#markers.push(this.#out.length);
			this.#marks.push({ at: this.#out.length, does, from: at.from, to: at.to });
			return;
		}
		if (!this.#marked.delete(this.#at)) {
			this.#halt('no-marker', 'There is no marker here.', 'Place one with pm in an earlier row, or take this out.', at);
			return;
		}
		if (does === 'slip') this.#markers.push(this.#out.length);
		this.#marks.push({ at: this.#out.length, does, from: at.from, to: at.to });
	}

	#star(items: readonly Item[], until: Until, at: Span, after: number | undefined): void {
		if (until.kind === 'times') {
			const times = this.#timesOf(until, needs(items), after, at);
			for (let i = 0; i < times && this.#spend(at); i++) this.work(items, 0);
			return;
		}
		const goal = this.#goal(until, at, after ?? 0);
		if (goal === undefined) return;
		const each = needs(items);
		if (each === 0) {
			this.#halt('repeat-does-not-fit', 'The repeat uses no stitch, so it would never end.', 'Say how many times.', at);
			return;
		}
		do {
			const room = this.#left - goal;
			if (each === undefined ? room <= 0 : room < each) {
				const left = plural(Math.max(0, room));
				this.#halt(
					'repeat-does-not-fit',
					each === undefined
						? 'The repeat does not come out even.'
						: `The repeat uses ${plural(each)}, and ${left} ${room === 1 ? 'is' : 'are'} left for it.`,
					'Change the stitches before it, or what it ends at: “rep from * to last 2 sts”.',
					at,
				);
				return;
			}
			const before = this.#at;
			this.work(items, goal);
			if (this.#stop) return;
			if (this.#at === before) return;
		} while (this.#left > goal);
	}

	/** “rep from * 3 times” is three more; three in all only where that fits the row and three more does not. */
	#timesOf(
		until: Extract<Until, { kind: 'times' }>,
		each: number | undefined,
		after: number | undefined,
		at: Span,
	): number {
		const { times, inAll } = until;
		if (inAll === undefined || each === undefined || after === undefined) return times;
		if (this.#left === times * each + after || this.#left !== inAll * each + after) return times;
		this.#inAll.push({ from: at.from, to: at.to });
		return inAll;
	}

	/** Takes stitches off the left needle; gives the place of the first. Markers met are slipped along. */
	#take(many: number): number {
		const from = this.#at;
		if (this.#marked.delete(from)) this.#markers.push(this.#out.length);
		for (let i = 1; i < many; i++) if (this.#marked.delete(from + i)) this.#markers.push(this.#out.length + many);
		this.#at += many;
		return from;
	}

	#put(stitch: WorkedStitch, at: Span): void {
		if (!this.#spend(at)) return;
		this.#out.push(stitch);
		if (this.#out.length > this.#start.most) {
			this.#halt(
				'too-many-stitches',
				`The row grows beyond ${this.#start.most} stitches.`,
				'Split it into two swatches.',
				at,
			);
		}
	}

	#shown(worked: StitchFace): StitchFace {
		return this.#start.side === 'WS' ? SHOWN_ON_WS[worked] : worked;
	}

	#step(first: number, at: Span): void {
		if (this.#out.length > first) this.#steps.push({ first, last: this.#out.length, from: at.from, to: at.to });
	}

	#tooFew(at: Span, wanted: number, more: string): void {
		const left = this.#left;
		this.#halt(
			'too-few-stitches',
			`This needs ${plural(wanted)}, and ${left === 0 ? 'none is' : left === 1 ? '1 is' : `${left} are`} left.${more}`,
			'Take out stitches before it, or cast on more.',
			at,
		);
	}

	#halt(reason: RowStop['reason'], what: string, todo: string, at: Span): void {
		this.#stop ??= { reason, what, todo, at: { from: at.from, to: at.to } };
	}

	end(): RowResult {
		if (!this.#stop && this.#left > 0) {
			this.#halt(
				'stitches-left',
				`${plural(this.#left)} ${this.#left === 1 ? 'is' : 'are'} left at the end of the row.`,
				'Work them too: “k to end”, or cast on fewer.',
				this.#start.at,
			);
		}
		if (this.#stop) return { ok: false, stop: this.#stop };
		const [before, now] = [this.#before.length, this.#out.length];
		if (this.#start.side === 'RS') {
			return {
				ok: true,
				done: {
					stitches: this.#out,
					crossings: this.#crossings.map(({ first, crossing }) => ({ ...crossing, at: first })),
					steps: this.#steps,
					markers: this.#markers,
					marks: this.#marks,
					markersMoved: this.#moved,
					inAll: this.#inAll,
				},
			};
		}
		// Worked from the left as seen on the right side, so all places are counted from the other end.
		const stitches = this.#out
			.map((s) => ({
				...s,
				from: s.from < 0 ? -1 : before - 1 - s.from,
				...(s.also ? { also: s.also.map((f) => before - 1 - f) } : {}),
			}))
			.reverse();
		return {
			ok: true,
			done: {
				stitches,
				crossings: this.#crossings
					.map(({ first, crossing }) => ({ ...crossing, at: now - first - crossing.crossing.n }))
					.reverse(),
				steps: this.#steps.map((s) => ({ ...s, first: now - s.last, last: now - s.first })).reverse(),
				markers: this.#markers.map((m) => now - m).reverse(),
				marks: this.#marks.map((m) => ({ ...m, at: now - m.at })).reverse(),
				markersMoved: this.#moved.map((m) => before - m),
				inAll: this.#inAll,
			},
		};
	}
}

export const plural = (n: number): string => (n === 1 ? '1 stitch' : `${n} stitches`);
