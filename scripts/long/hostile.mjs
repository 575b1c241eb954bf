// Hostile input over HTTP, at every door that takes any: no answer may be a fault of the server, none may take long.
import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { enterDemo } from '../lib/enter.mjs';
import { serveUntilExit } from '../lib/serve.mjs';

const INPUTS = Number(process.env['POND_LOOP_INPUTS'] ?? 100_000);
const AT_ONCE = 6;

const served = await serveUntilExit({
	name: `hostile-${process.pid}`,
	env: {
		SIGN_UPS_AN_HOUR: '100000000',
		SIGN_INS_A_QUARTER: '100000000',
		DEMO_ENTRIES_AN_HOUR: '100000000',
		STRANGERS_BURST_MS: '1000000000',
		LOG_LEVEL: 'silent',
	},
});
const { address } = served;
const cookie = await enterDemo(address);
const headers = { cookie, origin: address };
const post = async (/** @type {string} */ path, /** @type {unknown} */ data) =>
	(
		await fetch(address + path, {
			method: 'POST',
			headers: { ...headers, 'content-type': 'application/json' },
			body: JSON.stringify(data),
		})
	).json();
const lesson = (await post('/api/lessons', { title: 'To be attacked' })).id;
const swatch = {
	format: 'pond-loop/swatch',
	version: 1,
	title: 'x',
	castOn: 8,
	shape: 'flat',
	school: 'slash',
	text: 'k8',
};
const swatchId = (await post('/api/swatches', { swatch })).id;

const word = fc.oneof(
	fc.string({ unit: 'binary', maxLength: 60 }),
	fc.constantFrom(
		'\u0000',
		'\ud800',
		'2/2 LC',
		'30/30 LC',
		'C4F',
		'../..',
		'%00',
		"' OR 1=1 --",
		'<script>',
		'[[[[',
		'9'.repeat(40),
		'-1',
		'',
		'null',
		'{"__proto__":1}',
	),
);
const json = fc.oneof(
	fc.jsonValue({ maxDepth: 6 }),
	fc.dictionary(
		fc.constantFrom(
			'title',
			'steps',
			'version',
			'lesson',
			'swatch',
			'text',
			'castOn',
			'style',
			'name',
			'crossing',
			'kind',
			'id',
			'__proto__',
			'constructor',
		),
		fc.jsonValue(),
	),
);
const query = fc.dictionary(
	fc.constantFrom(
		'name',
		'school',
		'way',
		'craft',
		'own',
		'step',
		'mistake',
		'site',
		'camera',
		'beside',
		'hands',
		'yarn',
		'meaning',
		'from',
		'to',
		'find',
		'lean',
		'light',
		'version',
		'steps',
		'paper',
		'rows',
		'notes',
	),
	word,
	{ maxKeys: 6 },
);
/** @param {Record<string, string>} q */
const asQuery = (q) =>
	`?${Object.entries(q)
		.map(([k, v]) => `${k}=${encodeURIComponent(Buffer.from(v).toString())}`)
		.join('&')}`;
const PAGES = [
	'/',
	'/stage',
	'/crossings',
	'/crossings/crafts',
	'/crossings/design',
	'/sign-in',
	'/sign-up',
	'/recover',
	'/lessons',
	'/swatches',
	'/swatches/new',
	'/style',
	'/account',
	`/lessons/${lesson}`,
	`/lessons/${lesson}/print?all`,
	`/lessons/${lesson}/show`,
	`/lessons/${lesson}/kit`,
	`/swatches/${swatchId}`,
	`/swatches/${swatchId}/needles`,
	`/swatches/${swatchId}/glance`,
	'/shared/x',
	'/unread/lessons/x',
];
const WRITES = [
	['POST', '/api/lessons'],
	['PUT', `/api/lessons/${lesson}`],
	['POST', `/api/lessons/${lesson}/steps`],
	['POST', '/api/swatches'],
	['PUT', `/api/swatches/${swatchId}`],
	['PUT', `/api/swatches/${swatchId}/place`],
	['PUT', '/api/designs'],
	['PUT', '/api/house-style'],
	['PUT', `/api/unread/lessons/${lesson}`],
	['DELETE', '/api/removed'],
];
const FORMS = ['/sign-in?/enter', '/lessons?/create', '/swatches/new?/keep', '/account?/name', '/account?/revoke'];

/** @type {fc.Arbitrary<{ method: string, path: string, body?: string, type?: string }>} */
const attack = fc.oneof(
	{
		weight: 5,
		arbitrary: fc.record({
			method: fc.constant('GET'),
			path: fc.tuple(fc.constantFrom(...PAGES), query).map(([p, q]) => p + asQuery(q)),
		}),
	},
	{
		weight: 4,
		arbitrary: fc
			.tuple(
				fc.constantFrom(...WRITES),
				fc.oneof(
					json.map((j) => JSON.stringify(j)),
					fc.string({ unit: 'binary' }),
				),
			)
			.map(([[method, path], body]) => ({
				method: String(method),
				path: String(path),
				body,
				type: 'application/json',
			})),
	},
	{
		weight: 2,
		arbitrary: fc
			.tuple(
				fc.constantFrom(...FORMS),
				fc.string({ maxLength: 200 }),
				fc.constantFrom('application/x-www-form-urlencoded', 'multipart/form-data; boundary=x', 'text/plain'),
			)
			.map(([path, body, type]) => ({ method: 'POST', path, body, type })),
	},
	{
		weight: 1,
		arbitrary: fc.string({ maxLength: 80 }).map((p) => ({ method: 'GET', path: `/${encodeURIComponent(p)}` })),
	},
);

const all = fc.sample(attack, {
	numRuns: Math.min(INPUTS, 5000),
	seed: Number(process.env['POND_LOOP_SEED'] ?? 20261127),
});
let done = 0;
let faults = 0;
let slow = 0;
let slowest = { ms: 0, path: '' };
const next = async () => {
	while (done < INPUTS) {
		const i = done++;
		// Beyond the first sample each comes again with a word of its own, so that no memory answers for it.
		const one = /** @type {typeof all[number]} */ (all[i % all.length]);
		const path = i < all.length ? one.path : `${one.path}${one.path.includes('?') ? '&' : '?'}u=${randomUUID()}`;
		const from = performance.now();
		try {
			const answer = await fetch(address + path, {
				method: one.method,
				headers: { ...headers, ...(one.type ? { 'content-type': one.type } : {}) },
				redirect: 'manual',
				...(one.body === undefined ? {} : { body: one.body }),
			});
			await answer.arrayBuffer();
			if (answer.status >= 500) {
				faults += 1;
				if (faults < 20)
					console.log(`${answer.status} ${one.method} ${path.slice(0, 200)} ${(one.body ?? '').slice(0, 200)}`);
			}
		} catch (error) {
			faults += 1;
			console.log(`No answer: ${one.method} ${path.slice(0, 200)}: ${error}`);
		}
		const ms = performance.now() - from;
		if (ms > 1000) slow += 1;
		if (ms > slowest.ms) slowest = { ms, path };
		if (done % 10_000 === 0) console.log(`${done} …`);
	}
};
await Promise.all(Array.from({ length: AT_ONCE }, next));
console.log(
	`${INPUTS} hostile inputs over HTTP: ${faults} faults of the server, ${slow} over a second, the slowest ${Math.round(slowest.ms)} ms (${slowest.path.slice(0, 120)}).`,
);
await served.leave(faults > 0 ? 1 : 0);
