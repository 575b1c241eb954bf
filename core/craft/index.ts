export { keepsFaces, nearestThatFits, shiftsOf } from './brioche/index.ts';
export {
	CRAFT_IDS,
	type Craft,
	type CraftId,
	type Deviation,
	type Fault,
	type Face,
	type Hands,
	type StepWords,
	type Taken,
	type Way,
	type WorkedOff,
} from './craft.ts';
export { CRAFTS, craftOf } from './crafts.ts';
export { demonstrate, DEMONSTRATIONS, type Demonstrated, type Demonstration } from './demonstrate.ts';
export { layerOf, lockedIn, loopsOf, nameOfLoop, SCOPES, type Scope } from './double-knit/index.ts';
export * from './hand/index.ts';
export { crossOnPegs, isParkedOutside, loomLike, pegNames, type OnPegs, type PegNames } from './loom/index.ts';
export { crossOnBed, LEAST_ROWS, machineLike, ROPE_ROWS, type MachineSet, type OnBed } from './machine/index.ts';
export { perform, type MistakeAt, type Performance } from './perform.ts';
export { MOST_STRETCH, stretchOf } from './slipped/index.ts';
export { diagnoseIn, signsIn } from './signs-in.ts';
export { planIn, waysFor } from './ways-for.ts';
