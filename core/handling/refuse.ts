import { fail } from '../result.ts';

/** A move that cannot be done: why, and what to do instead. */
export const refuse = (what: string, todo: string): ReturnType<typeof fail> =>
	fail({ code: 'illegal-move', what, todo });
