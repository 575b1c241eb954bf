/** A lesson as it leaves its teacher. */

import type { Step } from '../step/index.ts';

/** Steps without what is for their teacher alone. */
export const forOthers = (steps: readonly Step[]): readonly Step[] => steps.map(({ why: _, ...step }) => step as Step);
