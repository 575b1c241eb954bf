// A running demo leaves its address, so that a second one points to it instead of fighting over the data.
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cloneKey } from './paths.mjs';

const file = join(tmpdir(), `pond-loop-${cloneKey}-demo.address`);

/** The address of this clone's demo when it answers, else undefined. */
export async function alreadyRunning() {
	try {
		const address = readFileSync(file, 'utf8');
		const answer = await fetch(`${address}/health`, { signal: AbortSignal.timeout(2000) });
		return answer.ok ? address : undefined;
	} catch {
		return undefined;
	}
}

/** @param {string} address */
export const announce = (address) => writeFileSync(file, address);

export const forget = () => rmSync(file, { force: true });
