// Whether a class of years opens as fast as a new one.
import { randomUUID } from 'node:crypto';

/** Of so many people and evenings, each evening with so many presses. @param {number} people @param {number} evenings @param {number} presses */
function classFile(people, evenings, presses) {
	const who = Array.from({ length: people }, (_, i) => ({
		id: randomUUID(),
		name: `Reed ${i + 1}`,
		hands: 'right',
		at: 'hand',
	}));
	const goals = ['holder', 'front-back', 'lean', 'two-over-two', 'rope', 'markers', 'names', 'travelling'].map(
		(id) => ({
			id,
			title: id,
		}),
	);
	return {
		class: {
			format: 'pond-loop/class',
			version: 1,
			title: `${people} people, ${evenings} evenings`,
			place: '',
			minutes: 90,
			level: 'beginner',
			people: who,
		},
		evenings: Array.from({ length: evenings }, (_, e) => {
			const day = new Date(Date.UTC(2025, 0, 2 + 7 * e)).toISOString().slice(0, 10);
			return {
				id: randomUUID(),
				evening: { format: 'pond-loop/evening', version: 1, day, title: 'An evening', steps: [], goals },
				presses: Array.from({ length: presses }, (_, p) => ({
					id: randomUUID(),
					at: `${day}T19:${String(Math.floor(p / 60)).padStart(2, '0')}:${String(p % 60).padStart(2, '0')}.000Z`,
					did: {
						kind: 'goal',
						goal: goals[p % goals.length]?.id,
						person: who[p % who.length]?.id,
						outcome: ['alone', 'help', 'not'][(p * 7) % 3],
					},
				})),
			};
		}),
	};
}

/**
 * @param {string} address
 * @param {string} cookie
 * @param {(path: string) => Promise<{ perSecond: number, p99: number }>} requests
 */
export async function benchClass(address, cookie, requests) {
	/** @param {unknown} file @returns {Promise<string>} */
	const put = async (file) => {
		const answer = await fetch(`${address}/api/classes/file`, {
			method: 'POST',
			headers: { cookie, origin: address, 'content-type': 'application/json' },
			body: JSON.stringify(file),
		});
		if (!answer.ok) throw new Error(`A class was answered with ${answer.status}: ${await answer.text()}`);
		return (await answer.json()).id;
	};
	const [large, small] = [await put(classFile(30, 60, 100)), await put(classFile(3, 3, 10))];
	/** @type {{ what: string, value: number, unit: string, ratio?: string }[]} */
	const lines = [];
	for (const [what, path] of [
		['class', ''],
		['what was learnt', '/learnt'],
	]) {
		const [slow, fast] = [await requests(`/classes/${large}${path}`), await requests(`/classes/${small}${path}`)];
		lines.push({
			what: `${what} of 30 people and 60 evenings`,
			value: Math.round(slow.perSecond),
			unit: 'requests a second',
			ratio: `${(slow.perSecond / fast.perSecond).toFixed(2)} × one of 3 and 3`,
		});
		lines.push({ what: `${what} of 30 people and 60 evenings, 99th percentile`, value: slow.p99, unit: 'ms' });
	}
	return lines;
}
