import type { Simulated } from '../run.ts';
import { applyOnLoom } from './apply.ts';
import type { LoomMove } from './moves.ts';
import { loomOutcome } from './outcome.ts';
import type { LoomState } from './state.ts';

/** The pegs of a loom. */
export const LOOM: Simulated<LoomState, LoomMove> = { apply: applyOnLoom, outcome: loomOutcome };
