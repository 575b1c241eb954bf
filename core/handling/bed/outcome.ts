import type { PassingEvent } from '../../crossing/index.ts';
import type { HandlingOutcome } from '../outcome.ts';
import { toolOutcome } from '../tool-outcome.ts';
import type { BedState } from './state.ts';

/** What was made on the bed, as the knit side will show it. */
export const bedOutcome = ({ loops, lost }: BedState, passings: readonly PassingEvent[]): HandlingOutcome =>
	toolOutcome({ loops, lost, isSeated: (l) => typeof l.on === 'number', isHung: (l) => l.hung }, passings);
