import { join } from 'node:path';
import { runner } from 'node-pg-migrate';
import { root } from './paths.mjs';

/**
 * Brings a database to the newest migration. Several may start at once: one does it, the others wait.
 * @param {string} databaseUrl
 * @returns {Promise<number>} how many were applied
 */
export async function migrate(databaseUrl) {
	const done = await runner({
		databaseUrl,
		dir: join(root, 'db', 'migrations'),
		migrationsTable: 'migrations',
		direction: 'up',
		advisoryLockMode: 'wait',
		log: () => undefined,
	});
	return done.length;
}
