/** What is said of each move at a loom. */

import { listNumbers, shortNumbers } from '../../crossing/index.ts';
import { stateAt, type LoomState, type LoomTrace, type Parked } from '../../handling/index.ts';
import type { StepWords } from '../craft.ts';

const where = ({ side, by }: Parked): string => {
	if (side === 'across') return 'on a far peg, across the gap';
	const on = { pin: 'on a pin', fingers: 'in the fingers', holder: 'on a stitch holder', peg: 'on a peg' }[by];
	return `${side}, ${on}`;
};

/** How a loop goes past those that are parked. */
const past = ({ side }: Parked): string =>
	side === 'outside' ? 'behind what is held outside' : 'nearer you than what is parked';

const loops = (stitches: readonly number[]): string =>
	`${stitches.length === 1 ? 'loop' : 'loops'} ${listNumbers(stitches)}`;

const pegs = (from: number, count: number): string =>
	count === 1 ? `peg ${from}` : `pegs ${listNumbers(Array.from({ length: count }, (_, i) => from + i))}`;

function start(state: LoomState): string {
	if (state.loops.length === 0)
		return `The pegs are bare, knit side towards you. The row will be wrapped ${state.direction}.`;
	const all = state.loops.map((l) => l.stitch);
	return `${loops(all).replace(/^l/, 'L')} stand on their pegs, knit side towards you. The row is wrapped ${state.direction}.`;
}

export function loomWords(trace: LoomTrace, step: number): StepWords {
	if (step <= 0) return { caption: start(trace.start), label: 'Start' };
	const done = trace.steps[step - 1];
	if (!done) return { caption: 'There is no such move.', label: '' };
	const { move, stitches } = done;
	const before = stateAt(trace, step - 1);
	const short = shortNumbers(stitches, ', ');
	const hook = 'hooked' in move && move.hooked ? ', hooked over one side of it only' : '';
	switch (move.kind) {
		case 'cast-on':
			return {
				caption: `Cast on: lay the yarn once round peg ${move.peg}, crossed on the inside.`,
				label: `Cast on ${short}`,
			};
		case 'park':
			return {
				caption: `Lift ${loops(stitches)} off ${pegs(move.peg, 1)} and ${move.side === 'outside' ? 'hold it' : 'park it'} ${where(move)}.`,
				label: `Park ${short} ${move.side}`,
			};
		case 'shift': {
			const hangs = before.loops.find((l) => l.parked)?.parked;
			/** Loops that stay on their pegs and are led past. */
			const round = before.loops.flatMap((l) =>
				l.peg !== undefined && done.passings.some(({ pair }) => pair.includes(l.stitch)) && !stitches.includes(l.stitch)
					? [l.stitch]
					: [],
			);
			return {
				caption: `Bring ${loops(stitches)} to ${pegs(move.to, 1)}${hangs && done.passings.length > 0 ? `, ${past(hangs)}` : ''}${round.length > 0 ? `, round the front of ${loops(round)}` : ''}${hook}.`,
				label: `${short} to peg ${move.to}`,
			};
		}
		case 'seat':
			return {
				caption: `Seat ${loops(stitches)} on ${pegs(move.to, 1)}${hook || ', all round it'}.`,
				label: `Seat ${short}`,
			};
		case 'tug':
			return {
				caption: `Tug ${loops(stitches)} level, so that what each one borrowed goes back to its neighbours.`,
				label: 'Tug level',
			};
		case 'wrap':
			return {
				caption:
					stitches.length === 1
						? `Lay the yarn round the peg of loop ${short}.`
						: `Lay the yarn round the pegs of ${loops(stitches)} at once: it eases both.`,
				label: `Wrap ${short}`,
			};
		case 'lift-over':
			return {
				caption: before.loops.find((l) => l.stitch === stitches[0])?.round
					? `Lift loop ${short} over the yarn: it is knitted off.`
					: `Loop ${short} does not go round its peg and cannot be lifted over: the fabric hangs up here.`,
				label: `Knit off ${short}`,
			};
		case 'draw-up':
			return {
				caption: `Draw the yarn up through loop ${short} from below and put that on the peg: purled.`,
				label: `Purl ${short}`,
			};
		case 'beyond':
			return {
				caption: 'Knit off the stitch beyond, so that the working yarn comes out of none of these loops.',
				label: 'Stitch beyond',
			};
		case 'slip-off':
			return { caption: `Loop ${short} slips off and runs down.`, label: `${short} lost` };
	}
}
