export { compareStep, crossingStep } from './crossing-step.ts';
export type { Kind, StepAudience, ShownCrossing, StepKit } from './kind.ts';
export { CHECKS, checkWords, type Check, type CheckStep } from './kinds/check.ts';
export { DRILL_LIMITS, type DrillStep } from './kinds/drill.ts';
export { comparisonTitle, type CompareStep } from './kinds/compare.ts';
export { isWithoutHolder, mistakeOf, type CrossingStep } from './kinds/crossing.ts';
export { FINISHES, finishOf, type Finish, type FinishStep } from './kinds/finish.ts';
export { MOST_ALT, type PictureStep } from './kinds/picture.ts';
export { swatchBlocks, type SwatchStep } from './kinds/swatch.ts';
export { mistakesFor } from './mistakes-for.ts';
export { isFor, madeAt, placesBeside, whomSaid } from './places.ts';
export { PACES, type Pace } from './pace.ts';
export {
	askedBy,
	blocksOf,
	craftsOf,
	crossingsOf,
	glanceOf,
	isLongStep,
	isText,
	kindOf,
	KINDS,
	noteOn,
	reckoned,
	StepSchema,
	stepAt,
	stepsAt,
	stepTitle,
	taughtBy,
	writtenOn,
	type Step,
	type StepKind,
	type StepOf,
	type TextStep,
} from './step.ts';
export { patternName } from './own-name.ts';
