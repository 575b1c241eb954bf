export { isWorkedAt, swatchAt } from './at-tool.ts';
export type { Result } from '../result.ts';
export { aroundCrossing } from './around.ts';
export { castOnNeeded } from './cast-on.ts';
export { check, checked, checking, checkingOnce, isLongSwatch, type Checked, type SwatchText } from './checked.ts';
export type { Cord, Cords } from '../worked/index.ts';
export { cordsOf, letterOf } from './cords.ts';
export {
	countBefore,
	SCOPES,
	TWISTS,
	type Scope,
	type StitchFace,
	type WorkedStitch,
	type RepeatShown,
	type SwatchShape,
	type SwatchProblem,
	type Twist,
	type Worked,
	type WorkedCrossing,
	type WorkedRow,
	type WorkedStep,
} from '../worked/index.ts';
export { howItLies, isStraight } from './how-it-lies.ts';
export { loopsThatLie } from './lie.ts';
export { pulledIn, sizedIn, type Sized } from './sized.ts';
export { strainsIn, type CrossingStrain, type PulledBy } from './strains.ts';
export {
	alike,
	castOnFor,
	crossedSaid,
	strainSaid,
	lengthToldIn,
	multipleOf,
	repeatsFor,
	swatchSize,
	type CordsTogether,
	type LengthWish,
	type SwatchSize,
} from './size.ts';
export {
	gaugeSaid,
	gaugeSource,
	loopIn,
	loopsIn,
	materialOf,
	withYarn,
	yarnNeeded,
	type Material,
	pullSaid,
	withPiece,
	type LearntPull,
	type YarnNeeded,
} from './material.ts';
export { SIZED_STATE, sizeSaid } from './size-said.ts';
export { inHands, mirrorWorked, type InHands } from './in-hands.ts';
export { isTurned } from './turned.ts';
export { crossingInLanguage, rowInLanguage, rowsInLanguage, type ReaderOfRows } from './in-language.ts';
export { reshaped, type Reshaped } from './reshaped.ts';
export { SWATCH_LIMITS } from '../worked/index.ts';
export { cyclesOf, loopsWhenSeamed, strandsOf, type Strands } from './strands.ts';
export { workRows, type SwatchStart } from './work.ts';
export { checksOf, USUAL_ROWS } from './checks.ts';
export { markerPlaces, markersSaid } from './markers.ts';
export { mainRepeat } from './repeats.ts';
export { assumedOf, notCounted } from './assumed.ts';
export { curedIn, cureSaid, gapsOf, type GapCure, type GapMark } from './gaps.ts';
export { chartTable } from './csv.ts';
export {
	applied,
	copyBox,
	insertColumn,
	insertRows,
	placeCrossing,
	removeColumn,
	removeRow,
	setFaces,
	type Box,
	type SwatchEdit,
} from './edit.ts';
export type { TextChange } from './rewrite.ts';
export { changedInWords, rowsChanged, type RowChanged, type ToldAfter } from './changed.ts';
export {
	SWATCH_MISTAKE_TITLES,
	SWATCH_MISTAKES,
	withMistake,
	type CrossingSite,
	type SwatchMistake,
	type SwatchMistakeShown,
} from './mistakes.ts';
export {
	CORD_KINDS,
	PRACTICE_LIMITS,
	practiceSwatch,
	type PracticeMade,
	type CordKind,
	type CordWanted,
	type PracticeWanted,
} from './practice.ts';
export { cablesOf, type Cable } from './cables.ts';
export { nextCrossing, placeInRepeat, whereAmI } from './where.ts';
export { swatchShown, type ShownTo, type SwatchShown } from './shown.ts';
export { cellWords, legendOf, type LegendEntry } from './swatch-words.ts';
export { betweenMarkers, grouped, rowParts, type RowsFor } from './row-words.ts';
export { seenFrom } from './seen-layer.ts';
export { hasToolPlan, toolPlan, type ToolPlan } from './tool-plan.ts';
