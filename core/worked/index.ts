export type { Cord, Cords } from './cords.ts';
export { SWATCH_LIMITS } from './limits.ts';
export {
	atCrossing,
	countBefore,
	isSlipped,
	SCOPES,
	TWISTS,
	type RepeatShown,
	type Scope,
	type SwatchShape,
	type StitchFace,
	type SwatchProblem,
	type Twist,
	type Worked,
	type WorkedCrossing,
	type WorkedMark,
	type WorkedRow,
	type WorkedStep,
	type WorkedStitch,
} from './worked.ts';
