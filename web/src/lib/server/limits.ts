/** How often something may be tried. Counted in the database, so that all server processes count together. */

import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { placeOf } from '../../../server/network.mjs';
import { config } from './config';
import { database } from './database';
import { hashed } from './secrets';

const QUARTER = 15 * 60;
const HOUR = 60 * 60;

interface RateLimits {
	/** New accounts from one address. */
	readonly signUps: RateLimiterPostgres;
	/** Tries to sign in from one address, whatever the name. */
	readonly fromAddress: RateLimiterPostgres;
	/** Tries with one name from one address; a success clears them. */
	readonly nameFromAddress: RateLimiterPostgres;
	/** Tries with one name by strangers, from anywhere. Browsers known to the teacher are not counted here, nor held up by it. */
	readonly name: RateLimiterPostgres;
	/** Tries from one browser that is known to the teacher. */
	readonly known: RateLimiterPostgres;
	/** Recovery codes tried from one address, and with one name: they are too long to be guessed, so this only spares the processor. */
	readonly recovery: RateLimiterPostgres;
	/** Times that the demo is entered anew from one address. */
	readonly demo: RateLimiterPostgres;
	/** What one device sends through one practice link. */
	readonly sentByDevice: RateLimiterPostgres;
	/** New senders through one practice link from one address: wide, as a class shares one. */
	readonly newSenders: RateLimiterPostgres;
}

let made: { readonly pool: unknown; readonly limits: RateLimits } | undefined;

function limits(): RateLimits {
	const pool = database();
	if (made?.pool === pool) return made.limits;
	const { SIGN_UPS_AN_HOUR, SIGN_INS_A_QUARTER, DEMO_ENTRIES_AN_HOUR, NEW_SENDERS_AN_HOUR } = config();
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
			known: limiter('sign-in-known', 20, QUARTER),
			recovery: limiter('recovery', 20, QUARTER),
			demo: limiter('demo', DEMO_ENTRIES_AN_HOUR, HOUR),
			sentByDevice: limiter('sent-by-device', 360, HOUR),
			newSenders: limiter('new-senders', NEW_SENDERS_AN_HOUR, HOUR),
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

export const countSignUp = (address: string): Promise<number> => counted(limits().signUps, keyOf(placeOf(address)));

export const countDemo = (address: string): Promise<number> => counted(limits().demo, keyOf(placeOf(address)));

/** Counts what a device sends through a practice link; a browser without cookies is counted by its address. */
export const countSent = (token: string, device: string | undefined, address: string): Promise<number> =>
	counted(limits().sentByDevice, keyOf(token, device ?? placeOf(address)));

/** Counts somebody who sends through a practice link for the first time. */
export const countNewSender = (token: string, address: string): Promise<number> =>
	counted(limits().newSenders, keyOf(token, placeOf(address)));

/** Counts a recovery code that is tried. However many others tried a name, the one who has a code gets in. */
export const countRecovery = (address: string): Promise<number> => counted(limits().recovery, keyOf(placeOf(address)));

/**
 * Counts a try to sign in, before it is known how it ends. A browser that the teacher of this name has
 * signed in with before is counted by its token alone, so that strangers cannot lock the teacher out.
 */
export async function countSignIn(address: string, signInName: string, known?: string): Promise<number> {
	const { fromAddress, nameFromAddress, name, known: fromKnown } = limits();
	if (known !== undefined) return counted(fromKnown, keyOf(known));
	const place = placeOf(address);
	const waits = await Promise.all([
		counted(fromAddress, keyOf(place)),
		counted(nameFromAddress, keyOf(place, signInName)),
		counted(name, keyOf(signInName)),
	]);
	return Math.max(...waits);
}

/** The right password was given: what was mistyped before is forgiven. */
export async function forgiveSignIns(address: string, signInName: string, known?: string): Promise<void> {
	const { nameFromAddress, known: fromKnown } = limits();
	await nameFromAddress.delete(keyOf(placeOf(address), signInName));
	if (known !== undefined) await fromKnown.delete(keyOf(known));
}

/** Such as "Try again in 12 minutes." */
export function tryAgainIn(seconds: number): string {
	const minutes = Math.ceil(seconds / 60);
	return `Try again in ${seconds < 60 ? `${seconds} seconds` : minutes === 1 ? 'a minute' : `${minutes} minutes`}.`;
}
