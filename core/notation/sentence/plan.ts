/** Clauses to moves. The yarn is brought where each stitch needs it, as hands do by themselves. */

import { MAX_STITCHES, type Side } from '../../crossing/index.ts';
import type { Depth, HolderId, Move } from '../../handling/index.ts';
import { fail, ok, type Result, type Span } from '../../result.ts';
import { isWork, type Clause, type HolderName, type LoopSource } from './clause.ts';

/** What the sentence does not say, settled one way. */
export interface Choices {
	/** On which side the first and the second holder hang, where it is not said. */
	readonly sides: readonly [Side, Side];
	/** Of two holders on one side, whether the second hangs nearer the viewer. */
	readonly secondNearer: boolean;
}

export interface Planned {
	readonly moves: readonly { readonly move: Move; readonly at: Span }[];
	/** Which choices were needed. */
	readonly used: { readonly sides: ReadonlySet<HolderId>; readonly depth: boolean };
}

/** The moves that clauses ask for; a `sentence` problem, with its place, where one of them cannot be done. */
export function plan(clauses: readonly Clause[], choices: Choices): Result<Planned> {
	const planner = new Planner(clauses, choices);
	for (const at of clauses.keys()) {
		const refused = planner.add(at);
		if (refused) return refused;
	}
	return ok({ moves: planner.moves, used: planner.used });
}

export const problem = ({ from, to }: Span, what: string, todo: string): Refused =>
	fail({ code: 'sentence', what, todo, at: { from, to } });
type Refused = ReturnType<typeof fail>;

/** `1 stitch`, `3 stitches`. */
export const many = (count: number): string => (count === 1 ? '1 stitch' : `${count} stitches`);

export const inPlace = (side: Side): string => (side === 'front' ? 'in front' : 'at the back');

const IDS: readonly HolderId[] = ['holder-1', 'holder-2'];
const ORDINALS: Readonly<Record<HolderId, string>> = { 'holder-1': 'first', 'holder-2': 'second' };

interface Hanging {
	side: Side | undefined;
	depth: Depth | undefined;
	count: number;
}

type HolderSource = Extract<LoopSource, { kind: 'holder' }>;

class Planner {
	readonly moves: { move: Move; at: Span }[] = [];
	readonly used = { sides: new Set<HolderId>(), depth: false };
	readonly #clauses: readonly Clause[];
	readonly #choices: Choices;
	readonly #hanging = new Map<HolderId, Hanging>();
	/** Stitches worked off each holder since it was filled: “the second st” is then the next one. */
	readonly #worked = new Map<HolderId, number>();
	/** Clauses that only say where a holder hangs that was just filled: they are done with the filling. */
	readonly #lookedUp = new Set<Clause>();
	#last: HolderId | undefined;
	/** Said before the stitches are slipped: “with cn held in back, sl 2 to cn”. */
	#announced: Clause | undefined;
	#returned = 0;
	/** Stitches of the left needle that were taken so far: the next one is of this number and one. */
	#taken = 0;
	/** Put back on the left needle from the end of a holder that is worked first. */
	#farEnd: { readonly holder: HolderId; readonly count: number } | undefined;
	#yarn: 'front' | 'behind' = 'behind';

	constructor(clauses: readonly Clause[], choices: Choices) {
		this.#clauses = clauses;
		this.#choices = choices;
	}

	/** Plans the clause at a place; gives why it cannot be done. */
	add(i: number): Refused | undefined {
		const clause = this.#clauses[i]!;
		const { verb } = clause;
		if ((verb === 'hold' || verb === 'bring') && clause.target?.kind === 'right')
			return problem(clause.at, 'The held stitches are at the left needle.', 'Say in front, or in back.');
		const unused = unusedIn(clause);
		if (unused) return problem(clause.at, unused, 'Remove what is too much, or say it in other words.');
		if (this.#lookedUp.has(clause)) return undefined;
		if (isWork(clause)) return this.#work(clause);
		const toHolder = this.#toHolder(clause);
		const fromHolder = clause.source?.kind === 'holder' ? clause.source : undefined;
		if (toHolder && ((verb === 'slip' && !fromHolder) || (verb === 'hold' && clause.count !== undefined)))
			return this.#fill(clause, i, toHolder);
		if (verb === 'return' || (verb === 'slip' && (fromHolder || clause.target?.kind === 'left')))
			return this.#putBack(clause, fromHolder);
		if (clause.side !== undefined || clause.beside !== undefined) return this.#swing(clause);
		if (verb === 'hold' && this.#clauses[i - 1]?.verb === 'slip') return undefined;
		return problem(
			clause.at,
			`“${clause.text}” does not say where.`,
			'Say to cn, from cn, to the left needle, in front, or in back.',
		);
	}

	#toHolder({ verb, target, source }: Clause): { readonly which: HolderName } | undefined {
		if (target?.kind === 'holder') return target;
		return verb === 'slip' && !target && !source ? this.#announced?.holder : undefined;
	}

	#inUse(): HolderId[] {
		return IDS.filter((id) => (this.#hanging.get(id)?.count ?? 0) > 0);
	}

	#named(which: HolderName): HolderId | undefined {
		if (which === 'other') return IDS.find((id) => id !== this.#last);
		return which === 'first' ? 'holder-1' : which === 'second' ? 'holder-2' : undefined;
	}

	/** The holder that a clause speaks of, among those with stitches on them. */
	#meant(which: HolderName, at: Span, side?: Side): Result<HolderId> {
		const ready = this.#inUse();
		const there = side && ready.filter((r) => this.#hanging.get(r)!.side === side);
		// “From the back cn”: its place says which one.
		const id = this.#named(which) ?? (ready.length > 1 && there?.length === 1 ? there[0] : undefined);
		const hangs = ready.length === 1 ? this.#hanging.get(ready[0]!)!.side : undefined;
		if (which === undefined && side && hangs && hangs !== side)
			return problem(at, `The cable needle is ${inPlace(hangs)}.`, 'Say from the cn, or say where it is.');
		if (id && ready.includes(id)) return ok(id);
		if (id)
			return problem(at, `There is nothing on the ${ORDINALS[id]} cable needle here.`, 'Slip stitches to it first.');
		if (ready.length === 1) return ok(ready[0]!);
		return ready.length === 0
			? problem(at, 'No stitches are on a cable needle here.', 'Slip stitches to it first: sl 2 sts to cn.')
			: problem(
					at,
					'There are two cable needles, and this does not say which one.',
					'Say the first cn, or the second cn.',
				);
	}

	/** Knits or purls: from the left needle, a holder, or what was put back from the far end of one. */
	#work(clause: Clause): Refused | undefined {
		const { at } = clause;
		// "knit the sts on cn": where they are is where they are taken from.
		const from = clause.source ?? clause.target;
		const fromHolder = from?.kind === 'holder' ? from : undefined;
		const misplaced = this.#misplaced(clause, from, fromHolder);
		if (misplaced) return misplaced;
		const farEnd = fromHolder || !this.#farEnd?.count ? undefined : this.#farEnd;
		const source = fromHolder
			? this.#meant(fromHolder.which, at, clause.side)
			: ok<HolderId | 'left'>(farEnd?.holder ?? 'left');
		if (!source.ok) return source;
		const off = source.value;
		const there = farEnd ? farEnd.count : off === 'left' ? this.#returned : this.#hanging.get(off)!.count;
		const turn = (off === 'left' ? this.#taken : (this.#worked.get(off) ?? 0)) + 1;
		if (clause.nth !== undefined && clause.nth !== 1 && clause.nth !== turn)
			return problem(
				at,
				`Stitch ${clause.nth} is not the next one, and this does not say how you reach it.`,
				'Say what you slip, and where to, so that it comes next.',
			);
		const isAll = clause.count === 'all' || (clause.count === undefined && clause.several);
		const count = isAll ? there : ((clause.count as number | undefined) ?? 1);
		if (count < 1 || count > MAX_STITCHES)
			return problem(at, `${count} stitches cannot be worked here.`, 'Say how many.');
		if (off !== 'left' && count > there) {
			return problem(
				at,
				`The cable needle has ${many(there)}, and you work ${many(count)} from it.`,
				'Count the stitches you slip to it, and those you work from it.',
			);
		}
		// “From the other end of the cn”: the one next to the left needle comes first.
		const isOtherEnd = fromHolder !== undefined && clause.inner && there > 1;
		this.#workOff(clause, off, count, isOtherEnd);
		if (off === 'left') {
			this.#taken += Math.max(0, count - this.#returned);
			this.#returned = Math.max(0, this.#returned - count);
		} else if (farEnd) this.#farEnd = undefined;
		else {
			this.#hanging.get(off)!.count -= count;
			this.#worked.set(off, (this.#worked.get(off) ?? 0) + count);
		}
		return undefined;
	}

	#workOff({ verb, tbl, at }: Clause, from: HolderId | 'left', count: number, isOtherEnd: boolean): void {
		const wanted = verb === 'knit' ? 'behind' : 'front';
		if (wanted !== this.#yarn) this.moves.push({ move: { kind: 'yarn', to: wanted }, at });
		this.#yarn = wanted;
		const move: Move = {
			kind: 'work',
			from,
			stitch: verb === 'knit' ? 'k' : 'p',
			leg: tbl ? 'back' : 'front',
			...(isOtherEnd ? { end: 'far' as const } : {}),
		};
		for (let n = 0; n < count; n++) this.moves.push({ move, at });
	}

	/** What a clause of work says of a place that cannot be. */
	#misplaced(clause: Clause, from: LoopSource | undefined, fromHolder: HolderSource | undefined): Refused | undefined {
		if (clause.into && clause.count !== undefined)
			return problem(
				clause.at,
				'One stitch is worked more than once.',
				'A crossing keeps its number of stitches. Increase before it or after it.',
			);
		if (from?.kind === 'right')
			return problem(
				clause.at,
				'Stitches on the right needle are worked already.',
				'Say where they come from: the cn, or the left needle.',
			);
		// “p1 behind the cn” holds where that is in front, and the other way round.
		const besides = clause.side ?? (clause.beside && (clause.beside.where === 'nearer' ? 'front' : 'back'));
		if (fromHolder || !besides || this.#inUse().some((id) => this.#hanging.get(id)!.side !== besides)) return undefined;
		return problem(
			clause.at,
			`“${clause.text}” does not say what it is ${inPlace(besides)} of.`,
			'Leave that out, or say it of the cn.',
		);
	}

	/** Takes stitches of the left needle to a holder. */
	#fill(clause: Clause, i: number, toHolder: { readonly which: HolderName }): Refused | undefined {
		const { at } = clause;
		const isOnly = this.#inUse().length === 0;
		const free = IDS.find((id) => !this.#inUse().includes(id));
		const id = this.#named(toHolder.which) ?? (isOnly ? 'holder-1' : free);
		if (!id || (this.#hanging.get(id)?.count ?? 0) > 0)
			return problem(at, 'That cable needle still has stitches on it.', 'Work them off first, or say another cn.');
		if (!isOnly && toHolder.which === undefined)
			return problem(
				at,
				'There is a cable needle already, and this does not say that it is another one.',
				'Say the first cn and the second cn.',
			);
		if (clause.source?.kind === 'right' || (clause.nth ?? 1) !== 1)
			return problem(
				at,
				'Only the next stitches of the left needle go to a cable needle.',
				'Say how many of those are slipped, such as: sl 2 sts to cn.',
			);
		const count = clause.count === 'all' ? 0 : (clause.count ?? 1);
		if (count < 1 || count > MAX_STITCHES)
			return problem(
				at,
				'This does not say how many stitches go to the cable needle.',
				'Say a number, such as: sl 2 sts to cn.',
			);
		const beside = saidOf(this.#clauses, i)?.beside?.which;
		if (beside !== undefined && this.#named(beside) === id)
			return problem(at, 'One cable needle must be in front of the other.', 'Say which is which.');
		const place = this.#settle(i, id);
		const turned = clause.wise === 'knit' ? { turned: true as const } : {};
		this.moves.push({ move: { kind: 'hold', count, holder: id, ...place, ...turned }, at });
		this.#hanging.set(id, { ...place, count });
		this.#taken += count;
		this.#worked.set(id, 0);
		this.#last = id;
		return undefined;
	}

	/** Sides and depths are said after the stitches are slipped, so they are looked up ahead. */
	#settle(at: number, id: HolderId): { side: Side; depth: Depth } {
		const said = saidOf(this.#clauses, at);
		if (said) this.#lookedUp.add(said);
		const { side, beside } = said ?? this.#announced ?? {};
		this.#announced = undefined;
		if (side === undefined && beside === undefined) this.used.sides.add(id);
		const other = IDS.find((o) => o !== id && (this.#hanging.get(o)?.count ?? 0) > 0);
		const otherSide = other && this.#hanging.get(other)!.side;
		const mine = side ?? (beside && otherSide) ?? this.#choices.sides[IDS.indexOf(id)]!;
		if (!other || otherSide !== mine) return { side: mine, depth: 'inner' };
		if (beside === undefined) this.used.depth = true;
		const secondNearer = (id === 'holder-2') === this.#choices.secondNearer;
		const nearer = beside ? beside.where === 'nearer' : secondNearer;
		// In front the outer place is the nearer one, at the back the inner.
		const depth: Depth = nearer === (mine === 'front') ? 'outer' : 'inner';
		this.#hangOther(other, depth === 'outer' ? 'inner' : 'outer');
		return { side: mine, depth };
	}

	/** The holder that hangs already was hung with the other in mind. */
	#hangOther(other: HolderId, depth: Depth): void {
		const at = this.moves.findLastIndex(({ move }) => 'holder' in move && move.holder === other);
		const { move, at: span } = this.moves[at]!;
		if (move.kind === 'hold' || move.kind === 'swing') this.moves[at] = { move: { ...move, depth }, at: span };
		this.#hanging.get(other)!.depth = depth;
	}

	/** Puts stitches of a holder back on the left needle. */
	#putBack(clause: Clause, fromHolder: HolderSource | undefined): Refused | undefined {
		const { at, nth } = clause;
		const source = this.#meant(fromHolder?.which, at);
		if (!source.ok) return source;
		if (clause.target?.kind === 'right' || clause.side === 'front')
			return problem(
				at,
				'Held stitches go back to the left needle, or are worked from the cable needle.',
				'Say to the left needle, or how they are worked.',
			);
		const there = this.#hanging.get(source.value)!.count;
		const count = countPutBack(clause, there);
		if (count > there)
			return problem(at, `The cable needle has ${many(there)}, and you put ${many(count)} back.`, 'Put back fewer.');
		if (nth !== undefined && nth !== 1 && nth !== there)
			return problem(
				at,
				`Stitch ${nth} of the ${there} on the cable needle is at neither end of it.`,
				'Take one from an end.',
			);
		const isFarEnd = clause.rightmost || (nth === 1 && there > 1);
		if (isFarEnd && count > 1)
			return problem(at, 'From that end stitches are put back one by one.', 'Put back one at a time.');
		this.#hanging.get(source.value)!.count -= count;
		if (isFarEnd) this.#farEnd = { holder: source.value, count };
		else {
			this.moves.push({ move: { kind: 'return', from: source.value, count }, at });
			this.#returned += count;
		}
		return undefined;
	}

	/** Brings a filled holder to a side, or says where one will hang. */
	#swing(clause: Clause): Refused | undefined {
		const { side, at } = clause;
		if (this.#inUse().length === 0 && clause.verb === 'hold') {
			this.#announced = clause;
			return undefined;
		}
		const id = this.#meant(clause.holder?.which, at);
		if (!id.ok) return id;
		const now = this.#hanging.get(id.value)!;
		if (side === undefined || now.side === side) return undefined;
		const other = this.#inUse().find((o) => o !== id.value);
		const isInside = other && this.#hanging.get(other)!.side === side && this.#hanging.get(other)!.depth === 'inner';
		const depth: Depth = isInside ? 'outer' : 'inner';
		this.moves.push({ move: { kind: 'swing', holder: id.value, side, depth }, at });
		now.side = side;
		now.depth = depth;
		return undefined;
	}
}

/** All of a holder, unless one of its stitches is spoken of. */
function countPutBack(clause: Clause, there: number): number {
	const { count, several, inner, single, rightmost, nth } = clause;
	if (count === 'all') return there;
	if (count !== undefined) return count;
	return several || !(inner || single || rightmost || nth !== undefined) ? there : 1;
}

/** What a clause says that it has no use for, in words; nothing where all of it counts. */
function unusedIn(clause: Clause): string | undefined {
	const isIdle = isWork(clause)
		? isTooMuchForWork(clause)
		: clause.tbl || (clause.verb === 'slip' ? isTooMuchForSlip(clause) : isTooMuchForHolder(clause));
	return isIdle ? `“${clause.text}” says more than a crossing can do with it.` : undefined;
}

const isAtHolder = ({ source, target }: Clause): boolean => source?.kind === 'holder' || target?.kind === 'holder';

function isTooMuchForWork(clause: Clause): boolean {
	const { verb, wise, yarn, inner, rightmost } = clause;
	if (wise !== undefined || (yarn !== undefined && (yarn === 'back') !== (verb === 'knit'))) return true;
	return !isAtHolder(clause) && (inner || rightmost);
}

const isTooMuchForSlip = ({ yarn, target, source, inner, rightmost }: Clause): boolean =>
	yarn === 'front' || (target?.kind === 'holder' && !source && (inner || rightmost));

function isTooMuchForHolder(clause: Clause): boolean {
	const { verb, wise, yarn, inner, rightmost, count, nth } = clause;
	if (yarn !== undefined || wise === 'knit') return true;
	if (verb !== 'hold' && verb !== 'bring') return false;
	return (count !== undefined && !isAtHolder(clause)) || nth !== undefined || inner || rightmost;
}

/** What is said of where a holder hangs: in the clause that fills it, or in those right after it. */
function saidOf(clauses: readonly Clause[], at: number): Clause | undefined {
	const own = clauses[at]!;
	if (own.side !== undefined || own.beside !== undefined) return own;
	const next = clauses[at + 1];
	return next && (next.verb === 'hold' || next.verb === 'bring') && next.count === undefined ? next : undefined;
}
