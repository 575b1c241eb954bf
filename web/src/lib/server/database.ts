/** One pool for the process; every query is parametrised and named in sql/. */

import pg from 'pg';
import type { QueryResultRow } from 'pg';
import { config } from './config';
import { log } from './log';

let pool: pg.Pool | undefined;

/** The pool on DATABASE_URL, made at first use. Throws when the address is not set. */
export function database(): pg.Pool {
	if (pool) return pool;
	pool = new pg.Pool({
		connectionString: config().DATABASE_URL,
		max: config().DATABASE_CONNECTIONS,
		connectionTimeoutMillis: 5000,
		// A database that hangs must not keep requests for ever.
		statement_timeout: 15_000,
		query_timeout: 20_000,
		idle_in_transaction_session_timeout: 30_000,
	});
	// A connection that breaks while idle must not take the server down; the pool replaces it.
	pool.on('error', (error) => log().warn({ reason: error.message }, 'database connection lost'));
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
	return (await on.query<T>({ name: nameOf(sql), text: sql, values: [...values] })).rows;
}

/** Each text of a query is prepared once on each connection, under its own name. */
const names = new Map<string, string>();

function nameOf(sql: string): string {
	const known = names.get(sql);
	if (known) return known;
	const name = `q${names.size}`;
	names.set(sql, name);
	return name;
}

/** Runs the work in one transaction; rolls back when it throws. */
export const transaction = <T>(work: (on: Queryable) => Promise<T>): Promise<T> => within('BEGIN', work);

/** The database as it stands at one moment, to be read for as long as it is open. */
export async function openSnapshot(): Promise<{ readonly query: Queryable; readonly close: () => Promise<void> }> {
	const client = await database().connect();
	const broken = (): void => undefined;
	client.on('error', broken);
	try {
		await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
	} catch (error) {
		client.release(true);
		throw error;
	}
	return {
		query: client,
		close: async () => {
			const ended = await client.query('COMMIT').then(
				() => true,
				() => false,
			);
			client.off('error', broken);
			client.release(!ended);
		},
	};
}

async function within<T>(begin: string, work: (on: Queryable) => Promise<T>): Promise<T> {
	const client = await database().connect();
	// The pool does not listen for a client that is out; the query that runs on it fails by itself.
	const broken = (): void => undefined;
	client.on('error', broken);
	try {
		await client.query(begin);
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

// Classes of errors by which PostgreSQL says that it is going, starting or full. Source: its appendix of error codes.
const AWAY_CODES = /^(08...|57P0[1-3]|53300|ECONNREFUSED|ECONNRESET|EPIPE|ENOTFOUND|ETIMEDOUT)$/;
// The driver's own words for a connection that broke or did not come about; it gives them no code.
const AWAY_WORDS =
	/connection terminated|timeout exceeded when trying to connect|connection timeout|query read timeout|not queryable/i;

/** Whether an error means that the database cannot be reached now, rather than that a query was wrong. */
export function isAway(error: unknown): boolean {
	if (error instanceof AggregateError) return error.errors.some(isAway);
	if (!(error instanceof Error)) return false;
	const code = 'code' in error && typeof error.code === 'string' ? error.code : '';
	return AWAY_CODES.test(code) || AWAY_WORDS.test(error.message);
}

/** Whether the database answers. */
export async function answers(): Promise<boolean> {
	try {
		await database().query('SELECT 1');
		return true;
	} catch {
		return false;
	}
}
