/**
 * A glossary sentence, run: the clauses become moves, the moves are simulated, and what comes out of
 * the hands is what the sentence means. Where the sentence leaves something open (on which side a
 * holder hangs, which of two is nearer), every reading is run.
 */

import { canonical, crossing, listNumbers, MAX_STITCHES, type Crossing, type Side } from '../../crossing/index.ts';
import { simulate, startState, type Depth, type HolderId, type Move, type Trace } from '../../handling/index.ts';
import { fail, ok, type Problem, type Result, type Span } from '../../result.ts';
import { clausesOf, isWork, MAX_SENTENCE_LENGTH, type Clause, type HolderName } from './clauses.ts';

export interface SentenceReading {
	readonly crossing: Crossing;
	readonly moves: readonly Move[];
	readonly trace: Trace;
	/** What was taken for said, where the sentence does not say it; empty when it says everything. */
	readonly differs: string;
	/** Parts of the text that were read past, such as a name before the sentence. */
	readonly past?: readonly Span[];
}

/** What the sentence does not say, settled one way. */
interface Choices {
	/** On which side the first and the second holder hang, where it is not said. */
	readonly sides: readonly [Side, Side];
	/** Of two holders on one side, whether the second hangs nearer the viewer. */
	readonly secondNearer: boolean;
}

interface Planned {
	readonly moves: readonly { readonly move: Move; readonly at: Span }[];
	/** Which choices were needed. */
	readonly used: { readonly sides: ReadonlySet<HolderId>; readonly depth: boolean };
}

/**
 * All readings of a sentence, worked by a right-handed knitter on the right side; each crossing once.
 *
 * Problems, each with its place in the text: `length`, `unknown-word`, `empty`, `sentence` (something
 * cannot be done, or is left undone, such as stitches left on the holder), `nothing-crosses`.
 */
export function readSentence(text: string): Result<readonly SentenceReading[]> {
	if (text.length > MAX_SENTENCE_LENGTH) {
		return fail({
			code: 'length',
			what: `That is ${text.length} characters; a sentence has at most ${MAX_SENTENCE_LENGTH}.`,
			todo: 'Paste only the sentence of one crossing.',
		});
	}
	const { clauses, problems, past } = clausesOf(text);
	if (problems.length > 0) return fail(...problems);
	if (clauses.length === 0) {
		return fail({
			code: 'empty',
			what: 'The sentence has no moves.',
			todo: 'Paste a sentence such as: sl 2 sts to cn and hold in front, k2, k2 from cn.',
		});
	}
	const literal = runClauses(clauses);
	const shared = literal.ok ? undefined : withSharedSources(clauses);
	const second = shared && runClauses(shared);
	const run = second?.ok ? second : literal;
	return run.ok && past.length > 0 ? ok(run.value.map((r) => ({ ...r, past }))) : run;
}

/** Every reading of the clauses as they stand. */
function runClauses(clauses: readonly Clause[]): Result<readonly SentenceReading[]> {
	const found = new Map<string, SentenceReading>();
	let refused: readonly Problem[] = [];
	// The first run shows what has to be chosen at all; most sentences leave nothing open.
	const usual = EVERY_CHOICE[0]!;
	const first = plan(clauses, usual);
	const choices = first.ok ? EVERY_CHOICE.filter((c) => isAsked(c, first.value.used)) : EVERY_CHOICE;
	for (const choice of choices) {
		const planned = choice === usual ? first : plan(clauses, choice);
		const run = planned.ok ? runMoves(planned.value) : planned;
		if (!planned.ok || !run.ok) {
			if (refused.length === 0 && !run.ok) refused = run.problems;
			continue;
		}
		const reading = { ...run.value, differs: inWords(choice, planned.value.used) };
		const key = canonical(reading.crossing);
		if (!found.has(key)) found.set(key, reading);
	}
	if (found.size === 0) return { ok: false, problems: refused };
	const all = [...found.values()];
	// One reading needs no telling apart.
	return ok(all.length === 1 ? [{ ...all[0]!, differs: '' }] : all);
}

const EVERY_CHOICE: readonly Choices[] = (['front', 'back'] as const).flatMap((first) =>
	(['front', 'back'] as const).flatMap((second) =>
		[false, true].map((secondNearer): Choices => ({ sides: [first, second], secondNearer })),
	),
);

/** Whether a choice differs from the first one only in what the sentence leaves open. */
function isAsked({ sides, secondNearer }: Choices, used: Planned['used']): boolean {
	const [first] = EVERY_CHOICE as readonly [Choices, ...Choices[]];
	const open = (id: HolderId, i: 0 | 1): boolean => used.sides.has(id) || sides[i] === first.sides[i];
	// Two holders may come to hang on one side only once a side is chosen.
	const depth = used.depth || used.sides.size > 0 || secondNearer === first.secondNearer;
	return open('holder-1', 0) && open('holder-2', 1) && depth;
}

const inPlace = (side: Side): string => (side === 'front' ? 'in front' : 'at the back');

function inWords({ sides, secondNearer }: Choices, used: Planned['used']): string {
	return [
		...(used.sides.has('holder-1') ? [`the cable needle is ${inPlace(sides[0])}`] : []),
		...(used.sides.has('holder-2') ? [`the second cable needle is ${inPlace(sides[1])}`] : []),
		...(used.depth ? [`the second cable needle is ${secondNearer ? 'nearer you than' : 'behind'} the first`] : []),
	].join(', and ');
}

const IDS: readonly HolderId[] = ['holder-1', 'holder-2'];
const ORDINALS: Readonly<Record<HolderId, string>> = { 'holder-1': 'first', 'holder-2': 'second' };

interface Hanging {
	side: Side | undefined;
	depth: Depth | undefined;
	count: number;
}

const problem = ({ from, to }: Span, what: string, todo: string): ReturnType<typeof fail> =>
	fail({ code: 'sentence', what, todo, at: { from, to } });

const many = (count: number): string => (count === 1 ? '1 stitch' : `${count} stitches`);

/** What a clause says that it has no use for, in words; nothing where all of it counts. */
function unusedIn(clause: Clause): string | undefined {
	const { verb, text, wise, yarn, tbl, inner, rightmost, source, target, count, nth } = clause;
	const works = isWork(clause);
	const isOffHolder = source?.kind === 'holder' || target?.kind === 'holder';
	const isIdle = works
		? wise !== undefined ||
			(yarn !== undefined && (yarn === 'back') !== (verb === 'knit')) ||
			(!isOffHolder && (inner || rightmost))
		: tbl ||
			(verb === 'slip'
				? yarn === 'front' || (target?.kind === 'holder' && !source && (inner || rightmost))
				: yarn !== undefined || wise === 'knit') ||
			((verb === 'hold' || verb === 'bring') &&
				((count !== undefined && !isOffHolder) || nth !== undefined || inner || rightmost));
	return isIdle ? `“${text}” says more than a crossing can do with it.` : undefined;
}

/** Clauses to moves. The yarn is brought where each stitch needs it, as hands do without being told. */
function plan(clauses: readonly Clause[], choices: Choices): Result<Planned> {
	const moves: { move: Move; at: Span }[] = [];
	const hanging = new Map<HolderId, Hanging>();
	const used = { sides: new Set<HolderId>(), depth: false };
	/** Stitches worked off each holder since it was filled: “the second st” is then the next one. */
	const worked = new Map<HolderId, number>();
	let last: HolderId | undefined;
	let announced: Clause | undefined;
	/** Clauses that only say where a holder hangs that was just filled: they are done with the filling. */
	const lookedUp = new Set<Clause>();
	let returned = 0;
	/** Stitches of the left needle that were taken so far: the next one is of this number and one. */
	let taken = 0;
	/** Put back on the left needle from the end of a holder that is worked first. */
	let farEnd: { readonly holder: HolderId; readonly count: number } | undefined;
	let yarn: 'front' | 'behind' = 'behind';

	const inUse = (): HolderId[] => IDS.filter((id) => (hanging.get(id)?.count ?? 0) > 0);
	const named = (which: HolderName): HolderId | undefined =>
		which === 'first'
			? 'holder-1'
			: which === 'second'
				? 'holder-2'
				: which === 'other'
					? IDS.find((id) => id !== last)
					: undefined;
	/** The holder that a clause speaks of, among those with stitches on them. */
	const meant = (which: HolderName, at: Span, side?: Side): Result<HolderId> => {
		const ready = inUse();
		const there = side && ready.filter((r) => hanging.get(r)!.side === side);
		// “From the back cn”: where it hangs tells which one.
		const id = named(which) ?? (ready.length > 1 && there?.length === 1 ? there[0] : undefined);
		const hangs = ready.length === 1 ? hanging.get(ready[0]!)!.side : undefined;
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
	};

	/** Sides and depths are said after the stitches are slipped, so they are looked up ahead. */
	const settle = (at: number, id: HolderId): { side: Side; depth: Depth } => {
		const said = saidOf(clauses, at);
		if (said) lookedUp.add(said);
		const { side, beside } = said ?? announced ?? {};
		announced = undefined;
		if (side === undefined && beside === undefined) used.sides.add(id);
		const other = IDS.find((o) => o !== id && (hanging.get(o)?.count ?? 0) > 0);
		const otherSide = other && hanging.get(other)!.side;
		const mine = side ?? (beside && otherSide) ?? choices.sides[IDS.indexOf(id)]!;
		if (!other || otherSide !== mine) return { side: mine, depth: 'inner' };
		if (beside === undefined) used.depth = true;
		const nearer = beside
			? beside.where === 'nearer'
			: id === 'holder-2'
				? choices.secondNearer
				: !choices.secondNearer;
		// In front the outer place is the nearer one, at the back the inner.
		const depth: Depth = nearer === (mine === 'front') ? 'outer' : 'inner';
		hangOther(other, depth === 'outer' ? 'inner' : 'outer');
		return { side: mine, depth };
	};
	/** The holder that hangs already was hung with the other in mind. */
	const hangOther = (other: HolderId, depth: Depth): void => {
		const at = moves.findLastIndex(({ move }) => 'holder' in move && move.holder === other);
		const { move, at: span } = moves[at]!;
		if (move.kind === 'hold' || move.kind === 'swing') moves[at] = { move: { ...move, depth }, at: span };
		hanging.get(other)!.depth = depth;
	};

	for (const [i, clause] of clauses.entries()) {
		const { verb } = clause;
		if ((verb === 'hold' || verb === 'bring') && clause.target?.kind === 'right')
			return problem(clause.at, 'The held stitches are at the left needle.', 'Say in front, or in back.');
		const works = isWork(clause);
		const unused = unusedIn(clause);
		if (unused) return problem(clause.at, unused, 'Remove what is too much, or say it in other words.');
		if (lookedUp.has(clause)) continue;
		// "knit the sts on cn": where they are is where they are taken from.
		const from = clause.source ?? (works ? clause.target : undefined);
		const fromHolder = from?.kind === 'holder' ? from : undefined;
		const announcedHere = verb === 'slip' && !clause.target && !clause.source ? announced?.holder : undefined;
		const toHolder = clause.target?.kind === 'holder' ? clause.target : announcedHere;
		if (works) {
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
			// What was put back from the far end of a holder is worked as it comes from there.
			const source = fromHolder
				? meant(fromHolder.which, clause.at, clause.side)
				: ok(farEnd && farEnd.count > 0 ? farEnd.holder : ('left' as const));
			if (!source.ok) return source;
			// “p1 behind the cn” holds where that is in front, and the other way round.
			const besides = clause.side ?? (clause.beside && (clause.beside.where === 'nearer' ? 'front' : 'back'));
			if (!fromHolder && besides && !inUse().some((id) => hanging.get(id)!.side !== besides))
				return problem(
					clause.at,
					`“${clause.text}” does not say what it is ${inPlace(besides)} of.`,
					'Leave that out, or say it of the cn.',
				);
			const off = source.value;
			const isFarEnd = !fromHolder && off !== 'left';
			const there = off === 'left' ? returned : isFarEnd ? farEnd!.count : hanging.get(off)!.count;
			const turn = (off === 'left' ? taken : (worked.get(off) ?? 0)) + 1;
			if (clause.nth !== undefined && clause.nth !== 1 && clause.nth !== turn)
				return problem(
					clause.at,
					`Stitch ${clause.nth} is not the next one, and this does not say how you reach it.`,
					'Say what you slip, and where to, so that it comes next.',
				);
			const count =
				clause.count === 'all' || (clause.count === undefined && clause.several) ? there : (clause.count ?? 1);
			if (count < 1 || count > MAX_STITCHES)
				return problem(clause.at, `${count} stitches cannot be worked here.`, 'Say how many.');
			if (off !== 'left' && count > there) {
				return problem(
					clause.at,
					`The cable needle has ${many(there)}, and you work ${many(count)} from it.`,
					'Count the stitches you slip to it, and those you work from it.',
				);
			}
			const wanted = verb === 'knit' ? 'behind' : 'front';
			if (wanted !== yarn) moves.push({ move: { kind: 'yarn', to: wanted }, at: clause.at });
			yarn = wanted;
			const move: Move = {
				kind: 'work',
				from: off,
				stitch: verb === 'knit' ? 'k' : 'p',
				leg: clause.tbl ? 'back' : 'front',
				// “From the other end of the cn”: the one next to the left needle comes first.
				...(fromHolder && clause.inner && there > 1 ? { end: 'far' as const } : {}),
			};
			for (let n = 0; n < count; n++) moves.push({ move, at: clause.at });
			if (off === 'left') {
				taken += Math.max(0, count - returned);
				returned = Math.max(0, returned - count);
			} else if (isFarEnd) farEnd = undefined;
			else {
				hanging.get(off)!.count -= count;
				worked.set(off, (worked.get(off) ?? 0) + count);
			}
		} else if (
			(verb === 'slip' && toHolder && !fromHolder) ||
			(verb === 'hold' && toHolder && clause.count !== undefined)
		) {
			const free = IDS.find((id) => !inUse().includes(id));
			const id = named(toHolder.which) ?? (inUse().length === 0 ? 'holder-1' : free);
			if (!id || (hanging.get(id)?.count ?? 0) > 0) {
				return problem(
					clause.at,
					'That cable needle still has stitches on it.',
					'Work them off first, or say another cn.',
				);
			}
			if (inUse().length > 0 && toHolder.which === undefined) {
				return problem(
					clause.at,
					'There is a cable needle already, and this does not say that it is another one.',
					'Say the first cn and the second cn.',
				);
			}
			if (clause.source?.kind === 'right' || (clause.nth ?? 1) !== 1)
				return problem(
					clause.at,
					'Only the next stitches of the left needle go to a cable needle.',
					'Say how many of those are slipped, such as: sl 2 sts to cn.',
				);
			const count = clause.count === 'all' ? 0 : (clause.count ?? 1);
			if (count < 1 || count > MAX_STITCHES)
				return problem(
					clause.at,
					'This does not say how many stitches go to the cable needle.',
					'Say a number, such as: sl 2 sts to cn.',
				);
			const beside = saidOf(clauses, i)?.beside?.which;
			if (beside !== undefined && named(beside) === id)
				return problem(clause.at, 'One cable needle must be in front of the other.', 'Say which is which.');
			const place = settle(i, id);
			moves.push({
				move: { kind: 'hold', count, holder: id, ...place, ...(clause.wise === 'knit' ? { turned: true } : {}) },
				at: clause.at,
			});
			hanging.set(id, { ...place, count });
			taken += count;
			worked.set(id, 0);
			last = id;
		} else if (verb === 'return' || (verb === 'slip' && (fromHolder || clause.target?.kind === 'left'))) {
			const source = meant(fromHolder?.which, clause.at);
			if (!source.ok) return source;
			if (clause.target?.kind === 'right' || clause.side === 'front')
				return problem(
					clause.at,
					'Held stitches go back to the left needle, or are worked from the cable needle.',
					'Say to the left needle, or how they are worked.',
				);
			const there = hanging.get(source.value)!.count;
			const count =
				clause.count === 'all' ||
				(clause.count === undefined &&
					(clause.several || !(clause.inner || clause.single || clause.rightmost || clause.nth !== undefined)))
					? there
					: (clause.count ?? 1);
			if (count > there)
				return problem(
					clause.at,
					`The cable needle has ${many(there)}, and you put ${many(count)} back.`,
					'Put back fewer.',
				);
			if (clause.nth !== undefined && clause.nth !== 1 && clause.nth !== there)
				return problem(
					clause.at,
					`Stitch ${clause.nth} of the ${there} on the cable needle is at neither end of it.`,
					'Take one from an end.',
				);
			hanging.get(source.value)!.count -= count;
			if (clause.rightmost || (clause.nth === 1 && there > 1)) {
				if (count > 1)
					return problem(clause.at, 'From that end stitches are put back one by one.', 'Put back one at a time.');
				farEnd = { holder: source.value, count };
			} else {
				moves.push({ move: { kind: 'return', from: source.value, count }, at: clause.at });
				returned += count;
			}
		} else if (clause.side !== undefined || clause.beside !== undefined) {
			if (inUse().length === 0 && verb === 'hold') {
				// Said before the stitches are slipped: "with cn held in back, sl 2 to cn".
				announced = clause;
				continue;
			}
			const id = meant(clause.holder?.which, clause.at);
			if (!id.ok) return id;
			const now = hanging.get(id.value)!;
			if (clause.side === undefined || now.side === clause.side) continue;
			const other = IDS.find((o) => o !== id.value && inUse().includes(o));
			const depth: Depth =
				other && hanging.get(other)!.side === clause.side && hanging.get(other)!.depth === 'inner' ? 'outer' : 'inner';
			moves.push({ move: { kind: 'swing', holder: id.value, side: clause.side, depth }, at: clause.at });
			now.side = clause.side;
			now.depth = depth;
		} else if (verb !== 'hold' || clauses[i - 1]?.verb !== 'slip') {
			return problem(
				clause.at,
				`“${clause.text}” does not say where.`,
				'Say to cn, from cn, to the left needle, in front, or in back.',
			);
		}
	}
	return ok({ moves, used });
}

/**
 * In "k2, then k1, p1 from cn" the last words stand for the whole list since "then"; a list counts
 * only from where a break opens it, and only work that says no place of its own. `undefined` when
 * there is no such list. Only for sentences that cannot be run as they stand.
 */
function withSharedSources(clauses: readonly Clause[]): readonly Clause[] | undefined {
	const shared = [...clauses];
	for (const [i, last] of clauses.entries()) {
		if (last.source?.kind !== 'holder' || last.opens || last.closed || !isWork(last)) continue;
		for (let at = i - 1; at >= 0; at -= 1) {
			const before = clauses[at]!;
			if (!isWork(before) || before.source || before.target) break;
			if (before.opens) {
				for (let one = at; one < i; one += 1) shared[one] = { ...clauses[one]!, source: last.source };
				break;
			}
			if (before.closed) break;
		}
	}
	return shared.some((c, i) => c !== clauses[i]) ? shared : undefined;
}

/** What is said of where a holder hangs: in the clause that fills it, or in those right after it. */
function saidOf(clauses: readonly Clause[], at: number): Clause | undefined {
	const own = clauses[at]!;
	if (own.side !== undefined || own.beside !== undefined) return own;
	const next = clauses[at + 1];
	return next && (next.verb === 'hold' || next.verb === 'bring') && next.count === undefined ? next : undefined;
}

function runMoves({ moves }: Planned): Result<Omit<SentenceReading, 'differs'>> {
	const whole = moves.map((m) => m.move);
	const at: Span = { from: moves[0]?.at.from ?? 0, to: moves.at(-1)?.at.to ?? 0 };
	const taken = whole.reduce(
		(sum, m) => sum + (m.kind === 'hold' ? m.count : m.kind === 'work' && m.from === 'left' ? 1 : 0),
		0,
	);
	if (taken > MAX_STITCHES) {
		return problem(
			at,
			`That is ${taken} stitches, more than the ${MAX_STITCHES} that can be run.`,
			`Use at most ${MAX_STITCHES}.`,
		);
	}
	const wide = simulate(whole, startState(Math.max(1, taken)));
	if (wide.stopped) {
		const where = moves[wide.stopped.at]!.at;
		return problem(where, wide.stopped.problem.what, wide.stopped.problem.todo);
	}
	const touched = wide.steps.flatMap((s) => s.stitches);
	const n = Math.max(0, ...touched);
	const { outcome } = wide;
	const left = wide.steps.at(-1)?.state.loops.filter((l) => l.stitch <= n && !l.done) ?? [];
	const held = left.filter((l) => l.on !== 'left');
	if (held.length > 0) {
		const numbers = many(held.length);
		return problem(
			at,
			`${numbers} ${held.length === 1 ? 'is' : 'are'} left on the cable needle.`,
			`Say what to do with ${held.length === 1 ? 'it' : 'them'}, such as: k${held.length} from cn.`,
		);
	}
	if (left.length > 0) {
		return problem(
			at,
			`${many(left.length)} ${left.length === 1 ? 'is' : 'are'} put back on the left needle and not worked.`,
			'Say how they are worked.',
		);
	}
	const unsettled = [...outcome.tangled, ...outcome.level];
	if (unsettled.length > 0) {
		const pairs = unsettled.map((pair) => listNumbers(pair)).join('; ');
		return problem(at, `It does not say which is on top: ${pairs}.`, 'Say in front or in back for each cable needle.');
	}
	const made = crossing({
		order: outcome.order,
		over: outcome.over,
		work: Array.from({ length: n }, (_, i) => outcome.work[i + 1]!),
	});
	if (!made.ok) return made;
	if (made.value.over.length === 0) {
		return fail({
			code: 'nothing-crosses',
			what: 'Every stitch keeps its place, so nothing crosses.',
			todo: 'Check how many you hold, and when you work them.',
			at,
		});
	}
	return ok({ crossing: made.value, moves: whole, trace: n === taken ? wide : simulate(whole, startState(n)) });
}
