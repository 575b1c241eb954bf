export type { Craft, Deviation, Hands, StepWords, Way, WorkedOff } from './craft.ts';
export { demonstrate, DEMONSTRATIONS, type Demonstrated, type Demonstration } from './demonstrate.ts';
export * from './hand/index.ts';
export { perform, type MistakeAt, type Performance } from './perform.ts';
export { waysFor } from './ways-for.ts';
