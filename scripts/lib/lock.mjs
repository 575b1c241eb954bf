// One at a time: the demo and the tests may start together in the same clone.
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { cloneKey } from './paths.mjs';

/**
 * Does the work while no other process of this clone does work of the same name.
 * A lock left by a process that is gone is taken over.
 * @template T
 * @param {string} name
 * @param {() => Promise<T>} work
 */
export async function alone(name, work) {
	const folder = join(tmpdir(), `pond-loop-${cloneKey}-${name}.lock`);
	const owner = join(folder, 'pid');
	for (;;) {
		try {
			mkdirSync(folder);
			writeFileSync(owner, String(process.pid));
			break;
		} catch (error) {
			if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'EEXIST') throw error;
			if (!ownerLives(owner)) rmSync(folder, { recursive: true, force: true });
			else await sleep(200);
		}
	}
	try {
		return await work();
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
}

/** @param {string} owner */
function ownerLives(owner) {
	for (let tries = 0; ; tries++) {
		try {
			process.kill(Number(readFileSync(owner, 'utf8')), 0);
			return true;
		} catch (error) {
			const { code } = /** @type {NodeJS.ErrnoException} */ (error);
			if (code === 'EPERM') return true;
			// The folder is made a moment before the number is written into it.
			if (code !== 'ENOENT' || tries > 20) return false;
			Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 25);
		}
	}
}
