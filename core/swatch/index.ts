export { cordsOf, letterOf, type Cord, type Cords } from './cords.ts';
export {
	countBefore,
	type Face,
	type FabricStitch,
	type RepeatShown,
	type Shape,
	type SwatchProblem,
	type Worked,
	type WorkedCrossing,
	type WorkedRow,
	type WorkedStep,
} from './fabric.ts';
export { SWATCH_LIMITS } from './limits.ts';
export { loopsWhenSeamed, strandsOf, type Strands } from './strands.ts';
export { workRows, type SwatchStart } from './work.ts';
