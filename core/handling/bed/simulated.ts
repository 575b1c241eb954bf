import type { Simulated } from '../run.ts';
import { applyOnBed } from './apply.ts';
import type { BedMove } from './moves.ts';
import { bedOutcome } from './outcome.ts';
import type { BedState } from './state.ts';

/** The single bed of a machine. */
export const BED: Simulated<BedState, BedMove> = { apply: applyOnBed, outcome: bedOutcome };
