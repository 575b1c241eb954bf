/** People of a class and what is pressed at its evenings, for tests. */

import type { Did, Person, Press } from '../class/index.ts';
import { idMaker } from './made.ts';

export const nextId = idMaker();

/** Somebody who knits by hand, right-handed, unless said otherwise. */
export const person = (name: string, more: Partial<Person> = {}): Person => ({
	...{ id: nextId(), name, hands: 'right', at: 'hand' },
	...more,
});

let clock = Date.parse('2026-11-05T19:00:00.000Z');
/** A press some seconds after the one before. */
export const press = (did: Did, after = 10): Press => ({
	...{ id: nextId(), at: new Date((clock += after * 1000)).toISOString() },
	did,
});
