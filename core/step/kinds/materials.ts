import { written } from '../written.ts';

/** Assumed minutes: 5. */
export const materials = written('materials', 'Materials', 'What to lay out, and what to look for in it', {
	minutes: 5,
});
