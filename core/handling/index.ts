export { applyMove, type Applied } from './apply/index.ts';
export { HOLDER_SHAPES, type HolderShape } from './holder-shapes.ts';
export type { From, Move, MoveKind, MoveOf } from './moves.ts';
export type { Outcome } from './outcome.ts';
export { prove, type Check, type Proof } from './prove.ts';
export { stateAt, type RowsBelow, type Tool } from './run.ts';
export {
	simulate,
	type AnyMove,
	type AnyState,
	type AnyTrace,
	type BedTrace,
	type LoomTrace,
	type Trace,
	type TraceStep,
} from './simulate.ts';
export * from './loom/index.ts';
export * from './bed/index.ts';
export { asItStands } from './as-it-stands.ts';
export { isRun, offersFor, runWith, type Target } from './can-do.ts';
export type { Offer } from './offer.ts';
export { FIRST_PURLS, TURNED_PURLS } from './first-purl.ts';
export * from './state.ts';
export { isTransfer, tally, type Tally } from './tally.ts';
export * from './search/index.ts';

export * from './mistakes/index.ts';
