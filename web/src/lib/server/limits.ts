/** How often something may be tried. Counted in the database, so that all server processes count together. */

import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { config } from './config';
import { database } from './database';
import { hashed } from './secrets';

const QUARTER = 15 * 60;
const HOUR = 60 * 60;

interface Limits {
	/** New accounts from one address. */
	readonly signUps: RateLimiterPostgres;
	/** Tries to sign in from one address, whatever the name. */
	readonly fromAddress: RateLimiterPostgres;
	/** Tries with one name from one address; a success clears them. */
	readonly nameFromAddress: RateLimiterPostgres;
	/** Tries with one name from anywhere: high, so that nobody can lock another out at once. */
	readonly name: RateLimiterPostgres;
}

let made: { readonly pool: unknown; readonly limits: Limits } | undefined;

function limits(): Limits {
	const pool = database();
	if (made?.pool === pool) return made.limits;
	const { SIGN_UPS_AN_HOUR, SIGN_INS_A_QUARTER } = config();
	const limiter = (keyPrefix: string, points: number, duration: number): RateLimiterPostgres =>
		new RateLimiterPostgres({
			storeClient: pool,
			tableName: 'rate_limits',
			tableCreated: true,
			keyPrefix,
			points,
			duration,
		});
	made = {
		pool,
		limits: {
			signUps: limiter('sign-up', SIGN_UPS_AN_HOUR, HOUR),
			fromAddress: limiter('sign-in-address', SIGN_INS_A_QUARTER, QUARTER),
			nameFromAddress: limiter('sign-in-name-address', 10, QUARTER),
			name: limiter('sign-in-name', 200, HOUR),
		},
	};
	return made.limits;
}

// What people typed is not written into the table.
const keyOf = (...parts: readonly string[]): string => hashed(parts.join('\n')).toString('base64url');

/** Counts a try; gives the seconds to wait when there were too many. */
async function counted(limiter: RateLimiterPostgres, key: string): Promise<number> {
	try {
		await limiter.consume(key);
		return 0;
	} catch (refused) {
		if (refused instanceof RateLimiterRes) return Math.max(1, Math.ceil(refused.msBeforeNext / 1000));
		throw refused;
	}
}

export const countSignUp = (address: string): Promise<number> => counted(limits().signUps, keyOf(address));

/** Counts a try to sign in, before it is known how it ends. */
export async function countSignIn(address: string, signInName: string): Promise<number> {
	const { fromAddress, nameFromAddress, name } = limits();
	const waits = await Promise.all([
		counted(fromAddress, keyOf(address)),
		counted(nameFromAddress, keyOf(address, signInName)),
		counted(name, keyOf(signInName)),
	]);
	return Math.max(...waits);
}

/** The right password was given: what was mistyped before is forgiven. */
export async function forgiveSignIns(address: string, signInName: string): Promise<void> {
	await limits().nameFromAddress.delete(keyOf(address, signInName));
}

/** Such as "Try again in 12 minutes." */
export function tryAgainIn(seconds: number): string {
	const minutes = Math.ceil(seconds / 60);
	return `Try again in ${seconds < 60 ? `${seconds} seconds` : minutes === 1 ? 'a minute' : `${minutes} minutes`}.`;
}
