import { written } from '../written.ts';

/** Assumed minutes: 5. */
export const opening = written('opening', 'Opening and goal', 'What this session is for, in one sentence', {
	minutes: 5,
});
