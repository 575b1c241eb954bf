// What one request may do to all others: the worst wait for a bare answer while the heaviest pages are asked for.
import { randomUUID } from 'node:crypto';
import { setTimeout as sleep } from 'node:timers/promises';
import { wideSwatch } from './wide-swatch.mjs';

/** A crossing of `n` single stitches in an order that no group makes. @param {number} n */
export function ownCrossing(n) {
	// Every second one from behind, then the others: neighbours nowhere stay neighbours.
	const all = Array.from({ length: n }, (_, i) => n - i);
	const order = [...all.filter((s) => s % 2 === 0), ...all.filter((s) => s % 2 === 1)];
	/** @type {[number, number][]} */
	const over = [];
	for (let i = 0; i < n; i++) {
		for (let j = i + 1; j < n; j++) {
			const [a, b] = [/** @type {number} */ (order[i]), /** @type {number} */ (order[j])];
			if (a > b) over.push((a + b) % 2 ? [a, b] : [b, a]);
		}
	}
	return { n, order, over, work: Array.from({ length: n }, () => 'k') };
}

/** @param {unknown} crossing @param {string} way */
const crossingStep = (crossing, way) => ({
	id: randomUUID(),
	kind: 'crossing',
	craft: 'hand',
	asked: { text: 'one of its own', school: 'slash' },
	crossing,
	way,
	note: { type: 'doc', content: [{ type: 'paragraph' }] },
});

/** @param {number} stitches @param {number} rows */
const swatchStep = (stitches, rows) => ({
	id: randomUUID(),
	kind: 'swatch',
	swatch: { ...wideSwatch(stitches, rows), title: `${stitches} by ${rows}` },
	note: { type: 'doc', content: [{ type: 'paragraph' }] },
});

/**
 * @param {string} address
 * @param {string} cookie
 */
export async function heavyPages(address, cookie) {
	/** @param {string} path @param {string} method @param {unknown} body */
	const send = async (path, method, body) => {
		const answer = await fetch(address + path, {
			method,
			headers: { cookie, origin: address, 'content-type': 'application/json' },
			body: JSON.stringify(body),
		});
		if (!answer.ok) throw new Error(`${method} ${path} was answered with ${answer.status}: ${await answer.text()}`);
		return answer.json();
	};
	/** A lesson and the link to read it by. @param {string} title @param {unknown[]} steps */
	const lesson = async (title, steps) => {
		const { id, version } = await send('/api/lessons', 'POST', { title });
		await send(`/api/lessons/${id}`, 'PUT', {
			version,
			lesson: { format: 'pond-loop/lesson', version: 1, title, steps },
		});
		const { token } = await send(`/api/lessons/${id}/share`, 'PUT', {});
		return { page: `/lessons/${id}`, link: `/shared/${token}`, print: `/lessons/${id}/print` };
	};
	const one = await lesson('One large swatch', [swatchStep(200, 400)]);
	const five = await lesson(
		'Five of the largest',
		Array.from({ length: 5 }, () => swatchStep(400, 600)),
	);
	const found = await lesson(
		'Twenty that were looked for',
		Array.from({ length: 20 }, (_, i) => crossingStep(ownCrossing(7 + (i % 3)), 'found')),
	);
	const own = ownCrossing(24);
	const line = [own.order.join(' '), own.over.map(([a, b]) => `${a}>${b}`).join(' '), own.work.join(' ')].join(' | ');
	return {
		one,
		five,
		found,
		cases: /** @type {const} */ ([
			['one swatch of 200 by 400, by its link', one.link],
			['the same lesson, by its teacher', one.page],
			['the same on paper', one.print],
			['five swatches of 400 by 600, by their link', five.link],
			['twenty crossings in ways that a search found, by their link', found.link],
			['the same lesson, by its teacher', found.page],
			['30/30 LC in brioche on the stage', '/stage?name=30%2F30+LC&craft=brioche'],
			['an own crossing of 24 stitches on the stage', `/stage?own=${encodeURIComponent(line)}`],
		]),
	};
}

/** The worst wait for a bare answer, asked for all the time, while `busy` goes on. @param {string} address @param {() => Promise<void>} busy */
export async function worstWait(address, busy) {
	let over = false;
	let worst = 0;
	let answers = 0;
	const ask = async () => {
		while (!over) {
			const from = performance.now();
			await (await fetch(`${address}/health`)).text();
			worst = Math.max(worst, performance.now() - from);
			answers += 1;
			await sleep(2);
		}
	};
	const asking = [ask(), ask()];
	await busy();
	over = true;
	await Promise.all(asking);
	return { worst, answers };
}

/** @param {string} address @param {string} cookie */
export async function benchHolding(address, cookie) {
	const { cases, one } = await heavyPages(address, cookie);
	const lines = [];
	for (const [what, path] of cases) {
		let page = { ms: 0, bytes: 0, status: 0 };
		const headers = path.startsWith('/shared') || path.startsWith('/stage') ? {} : { cookie };
		const { worst } = await worstWait(address, async () => {
			const from = performance.now();
			const answer = await fetch(address + path, { headers });
			const bytes = (await answer.arrayBuffer()).byteLength;
			page = { ms: performance.now() - from, bytes, status: answer.status };
			await sleep(100);
		});
		lines.push({
			what: `worst wait for a bare answer while asked for ${what}`,
			value: Math.round(worst),
			unit: 'ms',
			ratio: `the page itself ${Math.round(page.ms)} ms, ${Math.round(page.bytes / 1000)} kB, ${page.status}`,
		});
	}
	const weight = (await (await fetch(address + one.page, { headers: { cookie } })).arrayBuffer()).byteLength;
	lines.push({ what: 'page of the lesson with a swatch of 200 by 400', value: Math.round(weight / 1000), unit: 'kB' });
	return lines;
}
