// Slow hashes of passwords, in a process of its own at a lower priority: whoever waits for a page goes before whoever waits at a door.
import { setPriority } from 'node:os';
import { hash, verify } from '@node-rs/argon2';

const NICE = 10;
try {
	setPriority(0, NICE);
} catch {
	// Where it may not be changed, hashes are made all the same.
}

process.on('message', async (/** @type {any} */ asked) => {
	try {
		const { password, options, against } = asked;
		const answer = against === undefined ? await hash(password, options) : await verify(against, password);
		process.send?.({ id: asked.id, answer });
	} catch (error) {
		process.send?.({ id: asked.id, failed: error instanceof Error ? error.message : 'the hash failed' });
	}
});
// The server is gone: nobody waits any more.
process.once('disconnect', () => process.exit(0));
