// Brings the database at DATABASE_URL to the newest migration.
import { join } from 'node:path';
import { runner } from 'node-pg-migrate';
import { root } from './lib/paths.mjs';

const databaseUrl = process.env['DATABASE_URL'];
if (!databaseUrl) {
	console.error('DATABASE_URL is not set. Set it to the database that is to be migrated.');
	process.exit(1);
}
const done = await runner({
	databaseUrl,
	dir: join(root, 'db', 'migrations'),
	migrationsTable: 'migrations',
	direction: 'up',
	log: () => undefined,
});
console.log(`${done.length} migrations applied.`);
