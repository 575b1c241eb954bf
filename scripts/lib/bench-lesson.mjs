// Measures of a full lesson: its page, and a long handout set while others read.
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './paths.mjs';

const STEPS = 60;
const FEW = 12;
const PAGES = 20;

/** Steps of the demo lessons, over and over, each under an id of its own. */
function manySteps() {
	const folder = join(root, 'db', 'demo');
	const files = readdirSync(folder).filter((f) => f.endsWith('.json'));
	const steps = files.flatMap((f) => JSON.parse(readFileSync(join(folder, f), 'utf8')).steps);
	return Array.from({ length: STEPS }, (_, i) => ({ ...steps[i % steps.length], id: randomUUID() }));
}

/**
 * @param {string} address
 * @param {string} cookie
 * @param {(path: string, connections?: number) => Promise<{ perSecond: number, p99: number }>} requests
 */
export async function benchLesson(address, cookie, requests) {
	const title = 'Sixty steps';
	/** @param {string} path @param {string} method @param {unknown} body */
	const send = async (path, method, body) => {
		const answer = await fetch(address + path, {
			method,
			headers: { cookie, origin: address, 'content-type': 'application/json' },
			body: JSON.stringify(body),
		});
		if (!answer.ok) throw new Error(`The long lesson was answered with ${answer.status}.`);
		return answer.json();
	};
	const all = manySteps();
	/** @param {unknown[]} steps */
	const made = async (steps) => {
		const { id, version } = await send('/api/lessons', 'POST', { title });
		await send(`/api/lessons/${id}`, 'PUT', {
			version,
			lesson: { format: 'pond-loop/lesson', version: 1, title, steps },
		});
		return `/lessons/${id}`;
	};
	const path = await made(all);
	const short = await made(all.slice(0, FEW));
	/** One at a time, each with an address of its own, so that no memory answers for it. @param {string} of */
	const anew = async (of) => {
		const times = [];
		for (let i = 0; i < 40; i++) {
			const from = performance.now();
			await (await fetch(`${address}${of}?anew=${i}`, { headers: { cookie } })).text();
			times.push(performance.now() - from);
		}
		return times.sort((a, b) => a - b)[20] ?? 0;
	};
	const [long, few] = [await anew(path), await anew(short)];
	const page = await requests(path);

	/** The first steps of the lesson as a PDF. @param {number} upTo */
	const handout = async (upTo) => {
		const numbers = Array.from({ length: upTo }, (_, i) => i + 1).join('.');
		const started = performance.now();
		const set = await fetch(`${address}${path}/handout?steps=${numbers}`, { headers: { cookie } });
		if (!set.ok) throw new Error(`A handout was answered with ${set.status}.`);
		const pdf = Buffer.from(await set.arrayBuffer()).toString('latin1');
		return { pages: pdf.split('/Type /Page\n').length - 1, ms: performance.now() - started };
	};
	let upTo = 10;
	while (upTo < STEPS && (await handout(upTo)).pages < PAGES) upTo += 1;
	const alone = await handout(upTo);

	const quiet = await requests('/health', 2);
	let handing = true;
	let handouts = 0;
	const hand = async () => {
		while (handing) {
			await handout(upTo);
			handouts += 1;
		}
	};
	const busy = [hand(), hand()];
	const beside = await requests('/health', 2);
	handing = false;
	await Promise.all(busy);
	return [
		{
			what: `lesson page of ${STEPS} steps, made anew`,
			value: Number(long.toFixed(1)),
			unit: 'ms',
			ratio: `${(long / few).toFixed(2)} × the page of ${FEW} steps`,
		},
		{ what: `lesson page of ${STEPS} steps`, value: Math.round(page.perSecond), unit: 'requests a second' },
		{ what: `lesson page of ${STEPS} steps, 99th percentile for 8 readers`, value: page.p99, unit: 'ms' },
		{ what: `handout of ${alone.pages} pages, alone`, value: Math.round(alone.ms), unit: 'ms' },
		{
			what: 'bare answer for 2 readers, 99th percentile, while two such handouts are set',
			value: beside.p99,
			unit: 'ms',
			ratio: `${quiet.p99} ms without; ${handouts} handouts meanwhile`,
		},
	];
}
