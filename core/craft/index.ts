export type { ByHand, Zone } from './by-hand.ts';
export { keepsFaces, nearestThatFits, shiftsOf } from './brioche/index.ts';
export {
	type Craft,
	type Deviation,
	type Fault,
	type ShownFace,
	type Hands,
	type StepWords,
	type Taken,
	type Way,
	type WorkedOff,
} from './craft.ts';
export { craftId, CRAFTS, craftOf, craftSpeaking } from './crafts.ts';
export { CRAFT_IDS, CRAFT_TITLES, PLAIN_CRAFT, type CraftId } from './titles.ts';
export type { ClassTools, KitNeed } from './kit.ts';
export {
	PARKED,
	type InSwatch,
	type OnTool,
	type ParkedIn,
	type PlanFor,
	type PlannedRows,
	type RowPart,
	type SwatchSetting,
} from './in-swatch.ts';
export {
	demonstrate,
	demonstrated,
	DEMONSTRATIONS,
	HANDS_SAID,
	type Demonstrated,
	type Demonstration,
} from './demonstrate.ts';
export { inShort } from './in-short.ts';
export { likeMoves, type MoveRun } from './like-moves.ts';
export { layerOf, lockedIn, loopsOf, nameOfLoop } from './double-knit/index.ts';
export { FIBRES, type Fibre } from '../fabric/index.ts';
export * from './hand/index.ts';
export { crossOnPegs, loomLike, pegNames, type OnPegs, type PegNames } from './loom/index.ts';
export { BED_NEEDLES, bedNeedleName, crossOnBed, machineLike, type MachineSet, type OnBed } from './machine/index.ts';
export { perform, type MistakeAt, type Performance } from './perform.ts';
export { MOST_STRETCH, stretchOf } from './slipped/index.ts';
export { diagnoseIn, signSaid, signsIn, whatShows } from './signs-in.ts';
export { PLACES, placeName, TOOLS } from './place.ts';
export { planIn, waysFor } from './ways-for.ts';
