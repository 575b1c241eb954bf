export type { Craft, Slip, StepWords, Way } from './craft.ts';
export { hand } from './hand/index.ts';
export { perform, type Performance } from './perform.ts';
