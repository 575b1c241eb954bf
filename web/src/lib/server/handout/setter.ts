/** The process that sets handouts as PDFs, with a limit on its memory, started again after so much. */

import { existsSync } from 'node:fs';
import { join } from 'node:path';
import workerpool, { type Pool } from 'workerpool';
import { log } from '../log';
import { FACES } from './faces';

const LONGEST_MS = 60_000;
/** Bytes after which the process is ended and a new one started: the setter never gives memory back. */
export const RESTART_AFTER = 350 * 1024 * 1024;
/** Megabytes of data that it may take at all: the kernel refuses more, and the handout is refused in words. */
const MOST_MEGABYTES = 1200;
/** Where the command stands that sets such a limit; without it there is none. */
const LIMITER = '/usr/bin/prlimit';

export interface SetTask {
	/** How its documents are laid out; as a long handout when left out. */
	readonly template?: 'handout' | 'one-page';
	readonly documents: readonly unknown[];
	/** Which document, for each copy in turn; a single page may carry a name. */
	readonly copies: readonly (number | { readonly of: number; readonly name: string })[];
	/** Pictures by the path that the documents name them by. */
	readonly photos: Readonly<Record<string, Uint8Array>>;
}

/** A handout that could not be set, in words for whoever asked. */
export class NotSet extends Error {}

let pool: Pool | undefined;
let idle: NodeJS.Timeout | undefined;
let running = 0;

function started(): Pool {
	// It is no part of the bundle: it is started from where the app stands.
	const script = join(process.env['POND_LOOP_ROOT'] ?? process.cwd(), 'web', 'workers', 'handout.mjs');
	const megabytes = Number(process.env['HANDOUT_MEGABYTES']) || MOST_MEGABYTES;
	const limit = existsSync(LIMITER)
		? { execPath: LIMITER, execArgv: [`--data=${megabytes * 2 ** 20}`, process.execPath] }
		: { execArgv: [] };
	return workerpool.pool(script, {
		workerType: 'process',
		maxWorkers: 1,
		forkOpts: { serialization: 'advanced', env: { PATH: process.env['PATH'] ?? '', MALLOC_ARENA_MAX: '2' }, ...limit },
	});
}

function end(): void {
	const ended = pool;
	pool = undefined;
	void ended?.terminate(true).catch(() => undefined);
}

/** Killed from outside, not by what it was given: the same handout can be set by the next process. */
const isKilled = (error: unknown): boolean => String(error).includes('signalCode: `SIGKILL`');

/**
 * Sets documents as one PDF, tagged; once more when its process was killed. Throws `NotSet` when it fails or takes too
 * long; the log has the reason.
 */
export const setDocuments = (task: SetTask): Promise<Uint8Array> => setAs('pdf', task) as Promise<Uint8Array>;

/** The same pages as one picture in SVG, one above the other. Throws as `setDocuments` does. */
export const drawDocuments = (task: SetTask): Promise<string> => setAs('svg', task) as Promise<string>;

async function setAs(as: 'pdf' | 'svg', task: SetTask): Promise<Uint8Array | string> {
	clearTimeout(idle);
	running += 1;
	try {
		return await setOnce(as, task).catch((error: unknown) => {
			if (isKilled(error)) return setOnce(as, task);
			throw error;
		});
	} catch (error) {
		log().error(
			{ reason: String(error), copies: task.copies.length, documents: task.documents.length },
			'a handout was not set',
		);
		throw new NotSet(
			'This handout could not be made: it is too large, or something in it cannot be set. Print fewer steps at once, or fewer copies.',
		);
	} finally {
		running -= 1;
		if (running === 0) idle = setTimeout(end, 60_000).unref();
	}
}

async function setOnce(as: 'pdf' | 'svg', { template = 'handout', ...task }: SetTask): Promise<Uint8Array | string> {
	const own = (pool ??= started());
	try {
		const { set, memory } = (await own.exec('set', [{ ...task, template, as, faces: FACES }]).timeout(LONGEST_MS)) as {
			set: Uint8Array | string;
			memory: number;
		};
		if (memory > RESTART_AFTER && pool === own && running === 1) end();
		return set;
	} catch (error) {
		// Whatever it was, the next handout begins with a process that is whole.
		if (pool === own) end();
		throw error;
	}
}
