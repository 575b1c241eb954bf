import { written } from '../written.ts';

/** Assumed minutes: 5. */
export const opening = written('opening', 'Opening and goal', 'The aim of this session, in one sentence', {
	minutes: 5,
});
