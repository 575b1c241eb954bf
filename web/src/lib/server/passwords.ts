/**
 * Slow hashes of passwords. The work runs in the thread pool, off the event loop, and on all cores
 * but one, so that many people signing in at once do not stop the others.
 */

import { availableParallelism } from 'node:os';
import { hash, verify, type Options } from '@node-rs/argon2';
import pLimit from 'p-limit';

const ARGON2ID = 2;
// Memory in KiB. Source: the second recommended setting of the OWASP password storage guidance for argon2id.
const OPTIONS: Options = { algorithm: ARGON2ID, memoryCost: 19_456, timeCost: 2, parallelism: 1 };

const WAITING_MOST = 100;
const limit = pLimit(Math.max(1, availableParallelism() - 1));

/** So many sign-ins wait already that another would only make it worse. */
export class TooBusy extends Error {}

function inTurn<T>(work: () => Promise<T>): Promise<T> {
	if (limit.pendingCount >= WAITING_MOST) return Promise.reject(new TooBusy('too many passwords to check at once'));
	return limit(work);
}

export const hashPassword = (password: string): Promise<string> => inTurn(() => hash(password, OPTIONS));

let nobody: Promise<string> | undefined;

/**
 * Whether a password is the one that was hashed. Without a hash (there is no such teacher) it takes
 * as long and says no, so that the time does not tell which names exist.
 */
export async function isPassword(password: string, stored: string | null | undefined): Promise<boolean> {
	const against = stored ?? (await (nobody ??= hashPassword('nobody signs in with this')));
	const right = await inTurn(() => verify(against, password));
	return right && stored !== null && stored !== undefined;
}
