/** One pool for the process; every query is parametrised and named in sql/. */

import pg from 'pg';
import type { QueryResultRow } from 'pg';

let pool: pg.Pool | undefined;

/** The pool on DATABASE_URL, made at first use. Throws when the address is not set. */
export function database(): pg.Pool {
	if (pool) return pool;
	const connectionString = process.env['DATABASE_URL'];
	if (!connectionString) throw new Error('DATABASE_URL is not set: start with `npm run demo`, or name a database.');
	pool = new pg.Pool({ connectionString, max: 10, connectionTimeoutMillis: 5000 });
	// A connection that breaks while idle must not take the server down; the pool replaces it.
	pool.on('error', (error) => console.error('database connection lost:', error.message));
	return pool;
}

export async function closeDatabase(): Promise<void> {
	const closing = pool;
	pool = undefined;
	await closing?.end();
}

/** Anything that runs a query: the pool, or one connection inside a transaction. */
export type Queryable = Pick<pg.Pool, 'query'>;

export async function rows<T extends QueryResultRow>(
	on: Queryable,
	sql: string,
	values: readonly unknown[],
): Promise<T[]> {
	return (await on.query<T>(sql, [...values])).rows;
}

/** Runs the work in one transaction; rolls back when it throws. */
export async function transaction<T>(work: (on: Queryable) => Promise<T>): Promise<T> {
	const client = await database().connect();
	// The pool does not listen for a client that is out; the query that runs on it fails by itself.
	const broken = (): void => undefined;
	client.on('error', broken);
	try {
		await client.query('BEGIN');
		const result = await work(client);
		await client.query('COMMIT');
		client.release();
		return result;
	} catch (error) {
		// A broken connection cannot roll back; releasing it with the error throws it away.
		await client.query('ROLLBACK').catch(() => undefined);
		client.release(error instanceof Error ? error : true);
		throw error;
	} finally {
		client.off('error', broken);
	}
}
