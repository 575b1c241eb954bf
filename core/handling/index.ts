export { applyMove, type Applied, type PassingEvent } from './apply.ts';
export type { Move, MoveKind } from './moves.ts';
export type { Outcome } from './outcome.ts';
export { prove, type Check, type Proof } from './prove.ts';
export { simulate, stateAt, type Trace, type TraceStep } from './simulate.ts';
export * from './state.ts';
export { tally, type Tally } from './tally.ts';
