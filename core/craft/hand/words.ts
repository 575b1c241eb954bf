/** What a pair of hands is told: a caption and a short label for each move. */

import { listNumbers, shortNumbers } from '../../crossing/index.ts';
import { stateAt, type HandState, type Move, type Trace, type TraceStep } from '../../handling/index.ts';
import type { StepWords } from '../craft.ts';

const hanging = (side: 'front' | 'back'): string => (side === 'front' ? 'in front' : 'at the back');

const fromSide = (from: 'front' | 'behind'): string => (from === 'front' ? 'from the front' : 'from behind');

export function wordsAt(trace: Trace, step: number): StepWords {
	if (step <= 0) return { caption: before(trace.start), label: 'Start' };
	const done = trace.steps[step - 1];
	if (!done) return { caption: 'There is no such move.', label: '' };
	return say(done, stateAt(trace, step - 1));
}

function before(start: HandState): string {
	const numbers = start.loops.map((l) => l.stitch);
	return `Stitches ${listNumbers(numbers)} wait on the left needle. The yarn is behind.`;
}

function say({ move, stitches: handled, passings }: TraceStep, before: HandState): StepWords {
	const numbers = listNumbers(handled);
	const commas = shortNumbers(handled, ', ');
	const several = handled.length > 1;
	switch (move.kind) {
		case 'hold':
			return {
				caption: `Slip ${several ? 'stitches' : 'stitch'} ${numbers} to the holder and let it hang ${hanging(move.side)}.`,
				label: `Hold ${commas} ${hanging(move.side)}`,
			};
		case 'work':
			return sayWork(move, handled[0]!, passings.length, before);
		case 'yarn':
			return move.to === 'front'
				? { caption: 'Bring the yarn forward between the needles, ready to purl.', label: 'Yarn forward' }
				: { caption: 'Take the yarn to the back between the needles, ready to knit.', label: 'Yarn back' };
		case 'return':
			return {
				caption: `Put ${numbers} back on the left needle${several ? ', leftmost first' : ''}, not turned.`,
				label: `Return ${commas}`,
			};
		case 'enter':
			return {
				caption: `Put the right needle into ${numbers} ${fromSide(move.from)}, purlwise${move.skip > 0 ? `, past the first ${move.skip === 1 ? 'stitch' : move.skip}` : ''}.`,
				label: `Enter ${commas} ${fromSide(move.from)}`,
			};
		case 'withdraw':
			return {
				caption: `Pinch the base, draw the left needle out: ${looseWords(handled, before)}.`,
				label: 'Pinch, draw out',
			};
		case 'recapture':
			return {
				caption: `Catch ${numbers} with the left needle ${move.from === 'front' ? 'in front' : 'from behind'}${several ? ', the last one first' : ''}.`,
				label: `Recapture ${commas}`,
			};
	}
}

function looseWords(handled: readonly number[], before: HandState): string {
	const loose = handled.filter((s) => !before.loops.find((l) => l.stitch === s)?.entered);
	if (loose.length === 0) return 'nothing hangs loose';
	return `${listNumbers(loose)} ${loose.length === 1 ? 'hangs' : 'hang'} loose`;
}

function sayWork(move: Extract<Move, { kind: 'work' }>, stitch: number, passed: number, before: HandState): StepWords {
	const verb = move.stitch === 'k' ? 'Knit' : 'Purl';
	const tbl = move.leg === 'back' ? ' through the back loop' : '';
	if (move.from !== 'left') {
		return {
			caption: `${verb} stitch ${stitch}${tbl} straight off the holder.`,
			label: `${verb} ${stitch} off the holder`,
		};
	}
	const holder = Object.values(before.holders)[0];
	const count = passed === 1 ? 'the one that hangs' : `the ${passed === 2 ? 'two' : passed} that hang`;
	const passing =
		holder && passed > 0
			? `, passing ${holder.side === 'front' ? 'behind' : 'in front of'} ${count} ${hanging(holder.side)}`
			: '';
	return { caption: `${verb} stitch ${stitch}${tbl}${passing}.`, label: `${verb} ${stitch}` };
}
