import { randomUUID } from 'node:crypto';
import { afterAll, describe, expect, it } from 'vitest';
import { closeDatabase } from './database';
import { countSignIn, countSignUp, forgiveSignIns, tryAgainIn } from './limits';

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

	it('allow so many new accounts an hour from one address', async () => {
		const address = `198.51.100.${Math.floor(Math.random() * 250)}`;
		const waits = await Promise.all(Array.from({ length: 12 }, () => countSignUp(address)));
		expect(waits.filter((w) => w === 0).length).toBe(10);
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
