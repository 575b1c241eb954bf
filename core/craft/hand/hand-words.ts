/** What a pair of hands is told: a caption and a short label for each move. */

import { listNumbers, shortNumbers } from '../../crossing/index.ts';
import {
	stateAt,
	type HandState,
	type HolderId,
	type MoveOf,
	type Trace,
	type TraceStep,
} from '../../handling/index.ts';
import type { Hands, StepWords } from '../craft.ts';
import { PLAIN, type Vocabulary } from '../vocabulary.ts';
import { capital } from '../../capital.ts';

const where = (side: 'front' | 'back'): string => (side === 'front' ? 'in front' : 'at the back');

const fromSide = (from: 'front' | 'behind'): string => (from === 'front' ? 'from the front' : 'from behind');

/** Whom it is told to, and in which words. */
type WordsFor = Hands & Vocabulary;

/** A loop by its name, several as a list, or short for a label. */
const nameOf = (stitch: number, { names }: Vocabulary): string => names?.[stitch - 1] ?? String(stitch);
function listed(handled: readonly number[], told: Vocabulary): string {
	if (!told.names) return listNumbers(handled);
	const all = handled.map((s) => nameOf(s, told));
	return all.length > 1 ? `${all.slice(0, -1).join(', ')} and ${all.at(-1)}` : (all[0] ?? '');
}
const shortly = (handled: readonly number[], told: Vocabulary): string =>
	told.names ? handled.map((s) => nameOf(s, told)).join(', ') : shortNumbers(handled, ', ');

export function wordsAt(
	trace: Trace,
	step: number,
	hands: Partial<Hands> = {},
	vocabulary: Vocabulary = PLAIN,
	/** The step before a run of like moves that ends with this one, to say them all at once. */
	since = step - 1,
): StepWords {
	const told: WordsFor = { workedOff: 'left', yarnHand: 'right', ...hands, ...vocabulary };
	if (step <= 0) return { caption: before(trace.start, told), label: 'Start' };
	const done = trace.steps[since];
	if (!done) return { caption: 'There is no such move.', label: '' };
	const run = { ...done, stitches: trace.steps.slice(since, step).flatMap((s) => s.stitches) };
	const said = say(run, stateAt(trace, since), told);
	const snug = step - since > 1 ? '; pull the first one snug.' : '; pull it snug.';
	return isFirstPastHolder(trace, since + 1) ? { ...said, caption: said.caption.replace(/\.$/, snug) } : said;
}

/** Whether this is the first stitch worked since loops were hung on a holder: beside it the gap would open. */
function isFirstPastHolder(trace: Trace, step: number): boolean {
	const { move } = trace.steps[step - 1]!;
	if (move.kind !== 'work' || move.from !== 'left') return false;
	const earlier = trace.steps.slice(0, step - 1).map((s) => s.move.kind);
	const held = earlier.lastIndexOf('hold');
	return held !== -1 && earlier.lastIndexOf('work') < held;
}

function before(start: HandState, told: WordsFor): string {
	const numbers = start.loops.map((l) => l.stitch);
	const { name } = told.yarn;
	const yarn = `${capital(name)} ${name.endsWith('s') ? 'are' : 'is'} behind`;
	return `${told.Many} ${listed(numbers, told)} wait on the ${told.workedOff} needle. ${yarn}.`;
}

function say({ move, stitches: handled, passings }: TraceStep, before: HandState, told: WordsFor): StepWords {
	const { workedOff } = told;
	const other = workedOff === 'left' ? 'right' : 'left';
	/** The model's left needle is the one that stitches wait on, whichever hand holds it. */
	const needle = (which: 'left' | 'right'): string => (which === 'left' ? workedOff : other);
	const numbers = listed(handled, told);
	const commas = shortly(handled, told);
	const several = handled.length > 1;
	switch (move.kind) {
		case 'hold': {
			const what = `${several ? told.many : told.one} ${numbers} ${move.turned ? 'knitwise' : 'purlwise'}`;
			const onto =
				told.holder === 'hook'
					? `onto the short leg of ${holderWord(before)} hook`
					: `to ${holderWord(before)} cable needle`;
			return {
				caption: move.adds
					? `Slip ${what} to ${addedTo(before, move)} as well.`
					: `Slip ${what} ${onto} and hold ${where(move.side)}.`,
				label: `Hold ${commas} ${where(move.side)}`,
			};
		}
		case 'work':
			return sayWork(move, handled, passings.length, before, told);
		case 'yarn':
			return sayYarn(move, before, told);
		case 'slip':
			return {
				caption: `Slip ${numbers} to the ${other} needle${several ? ', one after another' : ''}, ${move.turned ? 'knitwise, so that it turns round' : 'purlwise'}.`,
				label: `Slip ${commas}${move.turned ? ' knitwise' : ''}`,
			};
		case 'release':
			return {
				caption: several
					? `Let the old loops of ${numbers} off the ${workedOff} needle together.`
					: `Let the old loop of ${numbers} off the ${workedOff} needle.`,
				label: several ? 'Let both off' : `Let ${commas} off`,
			};
		case 'drop':
			return {
				caption: `Let ${told.one} ${numbers} fall off the needle and hang ${move.hang === 'front' ? 'in front' : 'behind'}.`,
				label: `Drop ${commas} ${move.hang === 'front' ? 'in front' : 'behind'}`,
			};
		case 'lose':
			return { caption: `${told.One} ${numbers} slips away and runs down.`, label: `${commas} lost` };
		case 'swing':
			return {
				caption: `Bring the cable needle with ${numbers} ${move.side === 'front' ? 'to the front' : 'to the back'}.`,
				label: `cn ${move.side === 'front' ? 'to the front' : 'to the back'}`,
			};
		case 'return':
			return {
				caption: `Put ${numbers} back on the ${workedOff} needle${several ? `, ${workedOff}most first` : ''}, ${move.turned ? 'turned round' : 'not turned'}.`,
				label: `Return ${commas}`,
			};
		case 'enter':
			return {
				caption: `Put the ${needle(move.needle)} needle into ${numbers} ${fromSide(move.from)}, purlwise${move.skip > 0 ? `, past the first ${move.skip === 1 ? 'stitch' : move.skip}` : ''}.`,
				label: `Enter ${commas} ${fromSide(move.from)}`,
			};
		case 'withdraw':
			return {
				caption: `Pinch the base, draw the ${needle(move.needle)} needle out: ${looseWords(handled, before, told)}.`,
				label: 'Pinch, draw out',
			};
		case 'recapture':
			return {
				caption: `Catch ${numbers} with the ${needle(move.needle)} needle ${move.from === 'front' ? 'in front' : 'from behind'}${several && move.needle === 'left' ? ', the last one first' : ''}.`,
				label: `Recapture ${commas}`,
			};
	}
}

/** Which holder takes more: by its side, and by its depth where two hang there. */
function addedTo(before: HandState, { side, depth = 'inner' }: MoveOf<'hold'>): string {
	const there = Object.values(before.holders).filter((h) => h.side === side).length;
	return `the ${there > 1 ? `${depth} ` : ''}cable needle ${where(side)}`;
}

/** A hook is loaded by its short leg and worked off the long one, so that stitches keep their order. */
const offEnd = ({ holder }: WordsFor, isWrong: boolean): string =>
	holder === 'hook'
		? `the ${isWrong ? 'short' : 'long'} leg of the hook`
		: `${isWrong ? 'the wrong end of ' : ''}the cable needle`;

/** One holder is the holder; the next one is a second. */
const holderWord = (before: HandState): string => (Object.keys(before.holders).length > 0 ? 'a second' : 'the');

function looseWords(handled: readonly number[], before: HandState, told: WordsFor): string {
	const loose = handled.filter((s) => !before.loops.find((l) => l.stitch === s)?.entered);
	if (loose.length === 0) return 'nothing hangs loose';
	return `${listed(loose, told)} ${loose.length === 1 ? 'hangs' : 'hang'} loose`;
}

function sayWork(
	move: MoveOf<'work'>,
	worked: readonly number[],
	passed: number,
	before: HandState,
	told: WordsFor,
): StepWords {
	const verb = move.stitch === 'k' ? told.knit : told.purl;
	const stitch = shortly(worked, told);
	const what = `${worked.length > 1 ? told.many : told.one} ${listed(worked, told)}`;
	const tbl = `${move.leg === 'back' ? ' through the back loop' : ''}${move.split ? ', through half of its yarn' : ''}${move.wrap === 'short' ? ', the yarn round the short way' : ''}`;
	if (move.again)
		return {
			caption: `${verb} ${what} once more, into its old loop: a loop too many.`,
			label: `${verb} ${stitch} twice`,
		};
	if (move.from !== 'left') {
		const side = before.holders[move.from]?.side;
		const which = side && Object.keys(before.holders).length > 1 ? ` ${where(side)}` : '';
		return {
			caption: `${verb} ${what}${tbl} straight off ${offEnd(told, move.end === 'far')}${which}.`,
			label: `${verb} ${stitch} off the cn`,
		};
	}
	if (move.past) {
		const first = nameOf(before.loops.find((l) => l.on === 'left')!.stitch, told);
		return {
			caption: `Reach ${move.past === 'front' ? 'in front of' : 'behind'} ${first} and ${verb.toLowerCase()} ${what}${tbl}; keep it on the needle.`,
			label: `${verb} ${stitch}, keep it on`,
		};
	}
	const keep = move.keep ? '; keep it on the needle too' : '';
	// With holders on both sides the stitch goes between them.
	const passing = (['front', 'back'] as const)
		.flatMap((side) => {
			const hanging = before.loops.filter((l) => before.holders[l.on as HolderId]?.side === side).length;
			if (hanging === 0 || passed === 0) return [];
			const count = hanging === 1 ? 'the one' : `the ${hanging === 2 ? 'two' : hanging}`;
			const there = Object.keys(before.holders).length > 1 ? `held ${where(side)}` : 'on the cable needle';
			return [`${side === 'front' ? 'behind' : 'in front of'} ${count} ${there}`];
		})
		.join(' and ');
	const caption = `${verb} ${what}${tbl}${passing && `, ${passing}`}${keep}.`;
	return { caption, label: `${verb} ${stitch}` };
}

function sayYarn(move: MoveOf<'yarn'>, before: HandState, { yarnHand, workedOff, yarn }: WordsFor): StepWords {
	const front = move.to === 'front';
	const holder = Object.keys(before.holders).length > 1 ? 'a cable needle' : 'the cable needle';
	if (move.round)
		return { caption: `The yarn goes round ${holder}, and a loop of it stays there.`, label: 'Yarn round' };
	if (move.outside) {
		const where = front ? 'in front of' : 'behind';
		return { caption: `The yarn goes outside, ${where} the cable needle.`, label: 'Yarn outside' };
	}
	// The hand that the stitches wait in only has to tip its finger; the other one carries the yarn across.
	const how =
		yarnHand === workedOff ? (front ? 'Let the finger bring' : 'Let the finger take') : front ? 'Bring' : 'Take';
	return front
		? { caption: `${how} ${yarn.name} forward between the needles, ${yarn.front}.`, label: 'Yarn forward' }
		: { caption: `${how} ${yarn.name} to the back ${yarn.way}, ${yarn.behind}.`, label: 'Yarn back' };
}
