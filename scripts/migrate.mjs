// `npm run migrate`: brings the database at DATABASE_URL to the newest migration.
import { migrate } from './lib/migrate.mjs';

const databaseUrl = process.env['DATABASE_URL'];
if (!databaseUrl) {
	console.error('DATABASE_URL is not set. Set it to the database that is to be migrated.');
	process.exit(1);
}
console.log(`${await migrate(databaseUrl)} migrations applied.`);
