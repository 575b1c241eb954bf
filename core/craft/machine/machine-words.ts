/** What is said of each move at a single bed, with left and right as the worker sees them. */

import { listNumbers, shortNumbers } from '../../crossing/index.ts';
import { stateAt, type BedState, type BedTrace } from '../../handling/index.ts';
import type { StepWords } from '../craft.ts';

const loops = (stitches: readonly number[]): string =>
	`${stitches.length === 1 ? 'loop' : 'loops'} ${listNumbers(stitches)}`;

const needles = (from: number, count: number): string =>
	count === 1 ? `needle ${from}` : `needles ${listNumbers(Array.from({ length: count }, (_, i) => from + i))}`;

const column = (state: BedState, needle: number): string =>
	needle === 0
		? 'the column at the left of the cable'
		: needle === state.needles.length - 1
			? 'the column at the right of the cable'
			: `the stitch on needle ${needle}`;

function start({ loops: all, carriage, tension, holding }: BedState): string {
	if (all.length === 0)
		return `The needles are bare and in work. Carriage at the ${carriage}, number ${tension}, holding ${holding ? 'on' : 'off'}.`;
	return `Loops ${listNumbers(all.map((l) => l.stitch))} hang on their needles, purl side towards you. Carriage at the ${carriage}, number ${tension}, holding ${holding ? 'on' : 'off'}.`;
}

export function bedWords(trace: BedTrace, step: number): StepWords {
	if (step <= 0) return { caption: start(trace.start), label: 'Start' };
	const done = trace.steps[step - 1];
	if (!done) return { caption: 'There is no such move.', label: '' };
	const { move, stitches, state } = done;
	const before = stateAt(trace, step - 1);
	const short = shortNumbers(stitches, ', ');
	switch (move.kind) {
		case 'cast-on':
			return {
				caption: `Cast on: wind the yarn once round needle ${move.needle}, loosely, and push the loop back behind the latch.`,
				label: `Cast on ${short}`,
			};
		case 'pick-up':
			return {
				caption: `Lift ${loops(stitches)} off ${needles(move.needle, move.count)} with the tool of ${move.prongs} ${move.prongs === 1 ? 'prong' : 'prongs'}.`,
				label: `Lift ${short}`,
			};
		case 'put-down': {
			const first = before.loops.some((l) => l.plane < 0 && !stitches.includes(l.stitch));
			return {
				caption: first
					? `Put ${loops(stitches)} down first, on ${needles(move.needle, stitches.length)}: next to the bed, and so on top on the knit side.`
					: `Put ${loops(stitches)} down on ${needles(move.needle, stitches.length)}, on your side of the others.`,
				label: `${first ? 'First' : 'Then'} ${short} down`,
			};
		}
		case 'place':
			return {
				caption:
					move.to === 'forward'
						? `Push ${needles(move.needle, move.count)} fully forward, so that they are sure to knit${before.holding ? '; but holding is on' : ''}.`
						: `Bring ${needles(move.needle, move.count)} ${move.to === 'out' ? 'out of work' : 'into work'}.`,
				label: move.to === 'forward' ? 'Needles forward' : move.to === 'out' ? 'Out of work' : 'Into work',
			};
		case 'holding':
			return move.on
				? { caption: 'Set the lever to hold: the carriage passes needles that are forward.', label: 'Holding on' }
				: { caption: 'Set holding off, so that needles that are forward are knitted.', label: 'Holding off' };
		case 'tension':
			return {
				caption: `Set the tension number to ${move.number}${move.number > before.tension ? ', looser' : move.number < before.tension ? ', as it was' : ''}.`,
				label: `Number ${move.number}`,
			};
		case 'weights':
			return move.on
				? { caption: 'Hang the weight again, under the crossing.', label: 'Weight on' }
				: { caption: 'Take the weight off, so that the loops give.', label: 'Weight off' };
		case 'row':
			return row(before, state, stitches);
		case 'ladder':
			return {
				caption: `${move.pinched ? 'Pinch' : 'Without a pinch, let down'} ${column(before, move.needle)}${move.pinched ? ' where it must stop, and let it down to there' : ''}.`,
				label: `Let down ${short || (move.needle === 0 ? 'left' : 'right')}`,
			};
		case 'latch-up':
			return {
				caption: `Latch up ${column(before, move.needle)} the other way: on the knit side it is purl.`,
				label: `Latch up ${short || (move.needle === 0 ? 'left' : 'right')}`,
			};
		case 'fall':
			return { caption: `Loop ${short} falls off and runs down.`, label: `${short} lost` };
	}
}

function row(before: BedState, after: BedState, knitted: readonly number[]): StepWords {
	const broke = after.broken.filter((s) => !before.broken.includes(s));
	const hangs = after.loops.filter((l) => l.hung && !before.loops.find((b) => b.stitch === l.stitch)?.hung);
	const held = after.loops.filter((l) => !knitted.includes(l.stitch)).map((l) => l.stitch);
	const trouble = [
		...(broke.length > 0 ? [`The yarn breaks at ${loops(broke)}.`] : []),
		...(hangs.length > 0 ? [`${loops(hangs.map((l) => l.stitch)).replace(/^l/, 'L')} do not knit off.`] : []),
		...(held.length > 0 ? [`${loops(held).replace(/^l/, 'L')} are held and not knitted.`] : []),
	];
	const crossed = before.loops.some((l) => l.tight);
	return {
		caption: [
			`Take the carriage ${crossed ? 'slowly ' : ''}to the ${after.carriage}${crossed ? '' : ': a row between crossings'}.`,
			...trouble,
		].join(' '),
		label: `Row ${after.rows}`,
	};
}
