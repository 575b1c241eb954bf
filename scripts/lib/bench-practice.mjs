// A class that opens its practice at once, all behind one address, and shows it afterwards.
import { randomUUID } from 'node:crypto';
import { quantile } from './quantile.mjs';

const LEARNERS = 30;
const TIMES = 10;

/**
 * @param {string} address
 * @param {string} cookie
 * @param {string} lesson its path
 */
export async function benchPractice(address, cookie, lesson) {
	const door = { format: 'pond-loop/practice-door', version: 1, kinds: [], schools: ['slash'] };
	const opened = await fetch(`${address}/api/doors${lesson}`, {
		method: 'PUT',
		headers: { cookie, origin: address, 'content-type': 'application/json' },
		body: JSON.stringify(door),
	});
	const { token } = await opened.json();
	const who = Array.from({ length: LEARNERS }, () => randomUUID());
	const summary = {
		format: 'pond-loop/practice-summary',
		version: 1,
		name: 'reed',
		days: 3,
		kinds: Array.from({ length: 25 }, (_, i) => ({ kind: `kind-${i}`, asked: 9, right: i % 9 })),
		crossings: [{ name: '2/2 LC', asked: 9, right: 3 }],
	};
	const asks = {
		'practice opened': () => fetch(`${address}/practice/${token}`),
		'practice shown': (/** @type {string} */ learner) =>
			fetch(`${address}/practice/${token}/sent`, {
				method: 'POST',
				headers: { origin: address, 'content-type': 'application/json' },
				body: JSON.stringify({ learner, summary }),
			}),
	};
	/** @type {{ what: string, value: number, unit: string, ratio?: string }[]} */
	const lines = [];
	for (const [what, ask] of Object.entries(asks)) {
		/** @type {number[]} */
		const times = [];
		let refused = 0;
		for (let i = 0; i < TIMES; i++) {
			await Promise.all(
				who.map(async (learner) => {
					const from = performance.now();
					const answer = await ask(learner);
					await answer.text();
					times.push(performance.now() - from);
					if (!answer.ok) refused += 1;
				}),
			);
		}
		lines.push({
			what: `${what} by ${LEARNERS} learners at once, 95th percentile`,
			value: Math.round(quantile(times, 0.95)),
			unit: 'ms',
			ratio: `${refused} refused of ${times.length}`,
		});
	}
	return lines;
}
