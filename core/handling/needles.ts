import { applyMove } from './apply/index.ts';
import type { Move } from './moves.ts';
import { outcomeOf } from './outcome.ts';
import type { Simulated } from './run.ts';
import type { HandState } from './state.ts';

/** Two needles in the hands. */
export const NEEDLES: Simulated<HandState, Move> = { apply: applyMove, outcome: outcomeOf };
