import { written } from '../written.ts';

/** Assumed minutes: 3. */
export const homework = written('homework', 'Homework', 'What they take home to do', { minutes: 3 });
