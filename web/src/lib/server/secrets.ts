/** Secrets that are long enough to be stored as a plain hash: session tokens and recovery codes. */

import { createHash, randomBytes, randomInt } from 'node:crypto';
import { z } from 'zod';

const TOKEN_BYTES = 32;

export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

/** A token as it stands in an address. */
export const TokenSchema = z.string().regex(/^[\w-]{43}$/);

/** Under which a reader's own browser keeps what belongs to an address with a token; no part of it opens anything. */
export const placeUnder = (token: string): string => hashed(token).toString('hex').slice(0, 16);

/** An address with a token must not live on in a cache when it is withdrawn, and no machine need list it. */
export const UNLISTED = { 'cache-control': 'no-store', 'x-robots-tag': 'noindex, nofollow' } as const;

/** Enough for secrets of 90 bits and more; passwords are hashed slowly instead. */
export const hashed = (secret: string): Buffer => createHash('sha256').update(secret).digest();

// No letter that can be taken for another when it is read off paper.
const LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';
const GROUPS = 4;
const GROUP = 5;

/** Such as "K7QDM-9ZT2A-HXW4P-3RCEV": 98 bits. */
export const newCode = (): string =>
	Array.from({ length: GROUPS }, () =>
		Array.from({ length: GROUP }, () => LETTERS[randomInt(LETTERS.length)]!).join(''),
	).join('-');

/** A code as it was meant, however it was typed. */
export const normalCode = (typed: string): string =>
	typed
		.toUpperCase()
		.replace(/[^A-Z0-9]/g, '')
		.replace(/(.{5})(?=.)/g, '$1-');
