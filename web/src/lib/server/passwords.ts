/**
 * Slow hashes of passwords. They are made in a process of their own that stands back behind everything
 * else, on all cores but one, so that many people signing in at once do not stop the others.
 */

import { fork, type ChildProcess } from 'node:child_process';
import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { hash, verify, type Options } from '@node-rs/argon2';
import pLimit from 'p-limit';

const ARGON2ID = 2;
// Memory in KiB. Source: the second recommended setting of the OWASP password storage guidance for argon2id.
const OPTIONS: Options = { algorithm: ARGON2ID, memoryCost: 19_456, timeCost: 2, parallelism: 1 };

const WAITING_MOST = 100;
const limit = pLimit(Math.max(1, availableParallelism() - 1));

/** So many sign-ins wait already that another would only make it worse. */
export class TooBusy extends Error {}

function INTURN<T>(work: () => Promise<T>): Promise<T> {
	if (limit.pendingCount >= WAITING_MOST) return Promise.reject(new TooBusy('too many passwords to check at once'));
	return limit(work);
}

interface HashTask {
	readonly password: string;
	readonly options?: Options;
	/** Verify against this hash; make a new one when left out. */
	readonly against?: string;
}

interface Waiting {
	readonly done: (answer: string | boolean) => void;
	readonly failed: (error: Error) => void;
}

let hasher: ChildProcess | undefined;
const waiting = new Map<number, Waiting>();
let next = 0;

// Not part of the bundle: it is started from where the app stands.
const program = (): string => join(process.env['POND_LOOP_ROOT'] ?? process.cwd(), 'web', 'workers', 'hash.mjs');

function started(): ChildProcess {
	if (hasher) return hasher;
	const child = fork(program(), { stdio: 'ignore', execArgv: [] });
	hasher = child;
	child.on('message', (told: { id: number; answer?: string | boolean; failed?: string }) => {
		const one = waiting.get(told.id);
		waiting.delete(told.id);
		if (told.answer !== undefined) one?.done(told.answer);
		else one?.failed(new Error(told.failed ?? 'the hash failed'));
	});
	const over = (): void => {
		if (hasher === child) hasher = undefined;
		for (const [id, one] of waiting) {
			waiting.delete(id);
			one.failed(new Error('the process that hashes passwords ended'));
		}
	};
	child.once('exit', over);
	child.once('error', over);
	// It does not keep a server running that has nothing else to do.
	child.unref();
	child.channel?.unref();
	return child;
}

const ask = (asked: HashTask): Promise<string | boolean> =>
	new Promise((done, failed) => {
		const id = (next += 1);
		waiting.set(id, { done, failed });
		started().send({ id, ...asked }, (error) => {
			if (!error) return;
			waiting.delete(id);
			failed(error);
		});
	});

/** Where the program does not stand, as in a part of the app that is tested by itself, the hash is made here. */
async function hashing(asked: HashTask): Promise<string | boolean> {
	if (existsSync(program())) return ask(asked);
	return asked.against === undefined ? hash(asked.password, asked.options) : verify(asked.against, asked.password);
}

export const hashPassword = (password: string): Promise<string> =>
	INTURN(async () => String(await hashing({ password, options: OPTIONS })));

let nobody: Promise<string> | undefined;

/**
 * Whether a password is the one that was hashed. Without a hash (there is no such teacher) it takes
 * as long and says no, so that the time does not tell which names exist.
 */
export async function isPassword(password: string, stored: string | null | undefined): Promise<boolean> {
	const against = stored ?? (await (nobody ??= hashPassword('nobody signs in with this')));
	const right = (await INTURN(() => hashing({ password, against }))) === true;
	return right && stored !== null && stored !== undefined;
}
