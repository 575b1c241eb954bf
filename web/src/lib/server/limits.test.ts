import { randomUUID } from 'node:crypto';
import { afterAll, describe, expect, it } from 'vitest';
import { placeOf } from '../../../server/network.mjs';
import { closeDatabase } from './database';
import { newToken } from './secrets';
import {
	countNewSender,
	countRecovery,
	countSent,
	countSignIn,
	countSignUp,
	forgiveSignIns,
	tryAgainIn,
} from './limits';

afterAll(closeDatabase);

describe('limits', () => {
	it('count tries by name and address, tell how long to wait, and forgive after a success', async () => {
		const name = `limited-${randomUUID()}`;
		const tries = async (address: string): Promise<number[]> =>
			Promise.all(Array.from({ length: 11 }, () => countSignIn(address, name)));
		const waits = await tries('203.0.113.1');
		expect(waits.filter((w) => w === 0).length).toBe(10);
		expect(Math.max(...waits)).toBeGreaterThan(14 * 60);
		// From elsewhere the same name is not locked out.
		expect(await countSignIn('203.0.113.2', name)).toBe(0);
		await forgiveSignIns('203.0.113.1', name);
		expect(await countSignIn('203.0.113.1', name)).toBe(0);
	});

	it('never lock out a browser that the teacher signed in with, however many strangers try the name', async () => {
		const name = `wanted-${randomUUID()}`;
		const strangers = await Promise.all(
			Array.from({ length: 220 }, (_, i) => countSignIn(`203.0.113.${i % 22}`, name).then((w) => w === 0)),
		);
		expect(strangers.filter(Boolean).length).toBeLessThanOrEqual(200);
		expect(await countSignIn('198.51.100.77', name)).toBeGreaterThan(0);
		expect(await countSignIn('198.51.100.77', name, 'the token of a known browser')).toBe(0);
		// A known browser is not free either: its own tries are counted.
		const own = await Promise.all(
			Array.from({ length: 25 }, () => countSignIn('198.51.100.77', name, 'another token')),
		);
		expect(own.filter((w) => w === 0).length).toBe(20);
		// Whoever has a recovery code is not held up by tries at the name.
		expect(await countRecovery('198.51.100.77')).toBe(0);
	});

	it('take a whole network of the long kind for one, and both ways of writing the short kind', () => {
		expect(placeOf('2001:db8:1:2:3:4:5:6')).toBe(placeOf('2001:db8:1:2:ffff::1'));
		expect(placeOf('2001:db8:1:2::1')).not.toBe(placeOf('2001:db8:1:3::1'));
		expect(placeOf('::ffff:203.0.113.9')).toBe('203.0.113.9');
		expect(placeOf('not an address')).toBe('not an address');
	});

	it('allow so many new accounts an hour from one address', async () => {
		const address = `198.51.100.${Math.floor(Math.random() * 250)}`;
		const waits = await Promise.all(Array.from({ length: 12 }, () => countSignUp(address)));
		expect(waits.filter((w) => w === 0).length).toBe(10);
	});

	it('hold one device that sends and sends, and leave room for a class behind one address', async () => {
		const link = newToken();
		for (let i = 0; i < 360; i++) expect(await countSent(link, 'one', '192.0.2.7')).toBe(0);
		expect(await countSent(link, 'one', '192.0.2.7')).toBeGreaterThan(0);
		expect(await countSent(link, 'another', '192.0.2.7')).toBe(0);
		for (let i = 0; i < 100; i++) expect(await countNewSender(link, '192.0.2.7')).toBe(0);
		expect(await countNewSender(link, '192.0.2.7')).toBeGreaterThan(0);
		expect(await countNewSender(link, '192.0.2.8')).toBe(0);
		expect(await countNewSender(newToken(), '192.0.2.7')).toBe(0);
	});

	it('are said in words', () => {
		expect([20, 60, 61, 900].map(tryAgainIn)).toEqual([
			'Try again in 20 seconds.',
			'Try again in a minute.',
			'Try again in 2 minutes.',
			'Try again in 15 minutes.',
		]);
	});
});
