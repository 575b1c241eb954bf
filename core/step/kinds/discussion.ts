import { written } from '../written.ts';

/** Assumed minutes: 10. */
export const discussion = written('discussion', 'Discussion', 'What to ask them', { minutes: 10 });
