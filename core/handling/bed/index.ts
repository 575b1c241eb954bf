export { onTool } from './state.ts';
export { bedAsItStands, bedOffers, bedRun, castOnBed, needleTarget } from './by-hand.ts';
export type { BedMove, BedMoveKind } from './moves.ts';
export {
	bareBed,
	bareNeedles,
	bedState,
	BREAKS,
	KNITS_OFF,
	PRONGS,
	strainAt,
	TENSIONS,
	USUAL_TENSION,
	type BedLoop,
	type BedSet,
	type BedState,
	type Beside,
	type NeedlePosition,
	type TransferTool,
} from './state.ts';
export { BED } from './simulated.ts';
export { BED_MISTAKES } from './mistakes.ts';
