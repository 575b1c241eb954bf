export { castOnLoom, loomAsItStands, loomOffers, loomRun, pegTarget } from './by-hand.ts';
export type { LoomMove, LoomMoveKind } from './moves.ts';
export { LOOM } from './simulated.ts';
export { large } from './outcome.ts';
export {
	bareLoom,
	barePegs,
	LOOM_SHAPES,
	loomState,
	MID_GAUGE,
	MOST_WRAPPED,
	PEG_GAUGES,
	planeOfParked,
	ROOM,
	WRAP_WAYS,
	type LoomSet,
	type LoomShape,
	type LoomState,
	type Parked,
	type ParkSide,
	type ParkTool,
	type PegLoop,
	type WrapWay,
} from './state.ts';
export { LOOM_MISTAKES } from './mistakes.ts';
