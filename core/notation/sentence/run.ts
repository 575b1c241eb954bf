/**
 * A glossary sentence, run: the clauses become moves, the moves are simulated, and what comes out of
 * the hands is what the sentence means. Where the sentence leaves something open (on which side a
 * holder hangs, which of two is nearer), every reading is run.
 */

import { canonical, crossing, listNumbers, MAX_STITCHES, type Crossing } from '../../crossing/index.ts';
import { simulate, startState, type HolderId, type Move, type Trace } from '../../handling/index.ts';
import { fail, ok, type Problem, type Result, type Span } from '../../result.ts';
import { isWork, type Clause } from './clause.ts';
import { clausesOf, MAX_SENTENCE_LENGTH } from './clauses.ts';
import { inPlace, many, plan, problem, type Choices, type Planned } from './plan.ts';

export interface SentenceReading {
	readonly crossing: Crossing;
	readonly moves: readonly Move[];
	readonly trace: Trace;
	/** What was taken for said, where the sentence does not say it; empty when it says everything. */
	readonly differs: string;
	/** Parts of the text that were read past, such as a name before the sentence. */
	readonly past?: readonly Span[];
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

function inWords({ sides, secondNearer }: Choices, used: Planned['used']): string {
	return [
		...(used.sides.has('holder-1') ? [`the cable needle is ${inPlace(sides[0])}`] : []),
		...(used.sides.has('holder-2') ? [`the second cable needle is ${inPlace(sides[1])}`] : []),
		...(used.depth ? [`the second cable needle is ${secondNearer ? 'nearer you than' : 'behind'} the first`] : []),
	].join(', and ');
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
