import { written } from '../written.ts';

/** Assumed minutes: 0. */
export const note = written('note', 'Note', 'What to say, what to bring, when to rest', { minutes: 0, isNote: true });
