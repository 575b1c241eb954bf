/** What is one teacher's stays theirs: every door of the app is tried by others. */

import { randomBytes, randomUUID } from 'node:crypto';
import type { APIRequestContext, APIResponse } from '@playwright/test';
import { newClass } from '../core/class/index.ts';
import { newDoor, summaryOf } from '../core/practice/index.ts';
import { emptyLesson } from '../core/lesson/index.ts';
import { newSwatch, DEFAULT_HOUSE_STYLE } from '../core/schema/index.ts';
import { ExportSchema, type Export } from '../core/document/index.ts';
import { allDoors, type Door } from './routes.ts';
import { expect, home, newTeacher, nobody, PASSWORD, post, signedIn, test } from './support.ts';

const doors = allDoors();

/** Open to anybody; everything else is closed. */
const OPEN = [
	'/',
	'/crossings',
	'/crossings/crafts',
	'/crossings/design',
	'/stage',
	'/stage/own',
	'/stage/turn',
	'/practice',
	'/health',
	'/health/ready',
	'/recover',
	'/sign-in',
	'/sign-up',
	'/who',
];

/** Open to who holds the right link; a wrong one leads nowhere. */
const BY_LINK = ['/shared/[token]', '/shared/[token]/pictures/[id]', '/practice/[token]', '/practice/[token]/sent'];

const SECRETS = ['velvet heron', 'Runa Sedge', 'reed-side-out', 'whispered note'];

const note = { id: randomUUID(), kind: 'note', text: 'mine now' };

const swatch = newSwatch({
	title: 'taken',
	castOn: 4,
	shape: 'flat',
	school: 'slash',
	text: 'k4',
});

/** What a door wants to hear, so that a refusal is not only one of form. Doors not named here hear an empty object. */
const BODIES: Readonly<Record<string, unknown>> = {
	'POST /api/lessons': { title: 'taken' },
	'PUT /api/lessons/[id]': { version: 1, lesson: emptyLesson('taken') },
	'POST /api/lessons/[id]/steps': { step: note },
	'POST /api/swatches': { swatch },
	'PUT /api/swatches/[id]': { version: 1, swatch },
	'PUT /api/swatches/[id]/place': { place: 1 },
	'PUT /api/designs': {
		id: randomUUID(),
		name: 'taken',
		crossing: { n: 2, order: [2, 1], over: [[1, 2]], work: ['k', 'k'] },
	},
	'POST /api/classes': { title: 'taken' },
	'PUT /api/classes/[id]': { version: 2, class: newClass('taken') },
	'POST /api/classes/[id]/evenings': { id: randomUUID(), day: '2026-11-24' },
	'POST /api/classes/[id]/room': { lesson: randomUUID() },
	'POST /api/classes/[id]/squares': { yarn: 'any', of: 'plain', stitches: 20, rows: 28 },
	'POST /api/classes/[id]/next': { skills: ['lean'] },
	'POST /api/evenings/[id]/presses': {
		since: 0,
		presses: [{ id: randomUUID(), at: '2026-11-24T19:00:00.000Z', did: { kind: 'note', text: 'mine now' } }],
	},
	'POST /practice/[token]/sent': { learner: randomUUID(), summary: summaryOf([], 'taken', 0) },
	'DELETE /practice/[token]/sent': { learner: randomUUID() },
	'PUT /api/doors/[of]/[id]': newDoor('slash'),
	'PUT /api/unread/[kind]/[id]': { version: 1, text: '{}' },
	'PATCH /api/house-style': { school: 'slash' },
	'POST /api/yarns/[id]/pieces': { id: 'a', on: '2026-11-24', title: 'a', widthCm: 10, state: 'dry', pull: 1 },
	'PUT /api/house-style': { version: 1, style: DEFAULT_HOUSE_STYLE },
};

interface Owner {
	readonly lesson: string;
	readonly swatch: string;
	readonly class: string;
	readonly person: string;
	readonly evening: string;
	readonly session: string;
	readonly signInName: string;
}

const formFor = (action: string, { session, signInName }: Owner): Record<string, string> => ({
	...Object.fromEntries(Object.entries(swatch).map(([key, value]) => [key, String(value)])),
	title: 'taken',
	name: 'taken',
	id: session,
	signInName,
	code: 'AAAAA-BBBBB-CCCCC-DDDDD',
	current: PASSWORD,
	password: action === 'password' ? 'another long password' : PASSWORD,
});

function knock(request: APIRequestContext, door: Door, owner: Owner): Promise<APIResponse> {
	const whose = (['swatches', 'classes', 'evenings'] as const).find((kind) => door.id.includes(`${kind}/[id]`));
	const id = { swatches: owner.swatch, classes: owner.class, evenings: owner.evening }[whose ?? 'swatches'];
	const path = door.id
		.replace(/\[(kind|of)\]/, 'lessons')
		.replace('[person]', owner.person)
		.replaceAll(/\[[^\]]+\]/g, whose ? id : owner.lesson);
	if (door.action !== undefined) {
		const query = door.action === 'default' ? '' : `?/${door.action}`;
		return post(request, path + query, formFor(door.action, owner));
	}
	const data = door.method === 'GET' ? undefined : (BODIES[`${door.method} ${door.id}`] ?? {});
	return request.fetch(home + path, {
		method: door.method,
		maxRedirects: 0,
		headers: { origin: home },
		...(data === undefined ? {} : { data }),
	});
}

async function exported(request: APIRequestContext): Promise<Export> {
	const all = ExportSchema.parse(await (await request.get('/account/export')).json());
	return { ...all, exportedAt: '', sessions: [] } as Export;
}

/** A teacher with a lesson, a house style and two sessions, none of which anybody else may see. */
async function ownerWith(request: APIRequestContext, second: APIRequestContext): Promise<Owner> {
	const { signInName } = await newTeacher(request, { name: 'Runa Sedge' });
	const step = { id: randomUUID(), kind: 'note', text: 'whispered note' };
	const made = await request.post('/api/lessons', { data: { title: 'velvet heron', steps: [step] } });
	const { id } = (await made.json()) as { id: string };
	const kept = await request.post('/api/swatches', { data: { swatch: { ...swatch, title: 'velvet heron' } } });
	const swatchId = ((await kept.json()) as { id: string }).id;
	const begun = await request.post('/api/classes', { data: { title: 'velvet heron' } });
	const classId = ((await begun.json()) as { id: string }).id;
	const person = randomUUID();
	const people = [{ id: person, name: 'velvet heron', hands: 'right', at: 'hand' }];
	const told = { version: 1, class: { ...newClass('velvet heron'), people } };
	expect((await request.put(`/api/classes/${classId}`, { data: told })).ok()).toBe(true);
	const evening = randomUUID();
	const night = await request.post(`/api/classes/${classId}/evenings`, { data: { id: evening, day: '2026-11-24' } });
	expect(night.ok()).toBe(true);
	const style = { ...DEFAULT_HOUSE_STYLE, sides: { right: 'reed-side-out', wrong: 'in' } };
	expect((await request.put('/api/house-style', { data: { version: 0, style } })).ok()).toBe(true);
	expect((await post(second, '/sign-in?/enter', { signInName, password: PASSWORD })).status()).toBe(303);
	const page = await (await request.get('/account')).text();
	const session = /name="id" value="([0-9a-f-]{36})"/.exec(page)?.[1];
	expect(session).toBeDefined();
	return { lesson: id, swatch: swatchId, class: classId, person, evening, session: session!, signInName };
}

test('the list of doors holds what the app has', () => {
	const names = doors.map((d) => `${d.method} ${d.id}${d.action ? `?/${d.action}` : ''}`);
	expect(names).toEqual(
		expect.arrayContaining(['PUT /api/lessons/[id]', 'POST /account?/remove', 'GET /lessons/[id]/print']),
	);
	expect(new Set(names).size).toBe(names.length);
});

test('a second teacher tries every door and gets nothing of the first', async ({ playwright }) => {
	test.slow();
	const fresh = (): Promise<APIRequestContext> =>
		playwright.request.newContext({ baseURL: home, storageState: nobody });
	const mine = await fresh();
	const elsewhere = await fresh();
	const owner = await ownerWith(mine, elsewhere);
	const before = await exported(mine);
	expect(JSON.stringify(before)).toContain('whispered note');
	for (const door of doors) {
		// A new one each time, as some doors end the session or the account.
		const other = await fresh();
		await newTeacher(other);
		const answer = await knock(other, door, owner);
		const said = `${door.method} ${door.id} ${door.action ?? ''}: ${answer.status()}`;
		const text = await answer.text();
		for (const secret of [...SECRETS, ...(door.action ? [] : [owner.signInName])]) {
			expect(text.includes(secret), said).toBe(false);
		}
		if (door.id.includes('[')) expect(answer.status(), said).toBe(404);
		expect(answer.status(), said).toBeLessThan(500);
		await other.dispose();
	}
	expect(await exported(mine)).toEqual(before);
	// The session that was named to be ended still opens the door.
	expect((await elsewhere.get('/lessons', { maxRedirects: 0 })).status()).toBe(200);
});

for (const [who, stateOf] of [
	['nobody', () => nobody],
	['a forged session', () => signedIn(`pond-session=${randomBytes(32).toString('base64url')}`)],
	['a token that is none', () => signedIn(`pond-session=' OR 1=1; --`)],
] as const) {
	test(`closed doors stay closed to ${who}`, async ({ playwright }) => {
		const owner: Owner = {
			lesson: randomUUID(),
			swatch: randomUUID(),
			class: randomUUID(),
			person: randomUUID(),
			evening: randomUUID(),
			session: randomUUID(),
			signInName: 'somebody',
		};
		for (const door of doors) {
			// A new one each time, as some doors let somebody in.
			const request = await playwright.request.newContext({ baseURL: home, storageState: stateOf() });
			const answer = await knock(request, door, owner);
			const said = `${door.method} ${door.id} ${door.action ?? ''}`;
			if (OPEN.includes(door.id)) {
				expect(answer.status(), said).not.toBe(404);
			} else if (BY_LINK.includes(door.id)) {
				expect(answer.status(), said).toBe(404);
			} else if (!door.id.startsWith('/api/')) {
				expect([answer.status(), answer.headers()['location']], said).toEqual([
					303,
					expect.stringMatching(/^\/sign-in\?to=/),
				]);
			} else {
				expect(answer.status(), said).toBe(401);
			}
		}
		const request = await playwright.request.newContext({ baseURL: home, storageState: stateOf() });
		for (const data of ['/lessons/__data.json', '/account/__data.json']) {
			expect(await (await request.get(data)).json()).toMatchObject({ type: 'redirect' });
		}
	});
}

test('a form posted from another site does nothing, whichever door it is for', async ({ playwright }) => {
	const request = await playwright.request.newContext({ baseURL: home, storageState: nobody });
	await newTeacher(request);
	const before = await exported(request);
	const foreign: Record<string, string>[] = [
		{ origin: 'https://elsewhere.example' },
		{ origin: 'null' },
		{ 'sec-fetch-site': 'cross-site' },
		{ 'sec-fetch-site': 'same-site' },
	];
	for (const door of doors.filter((d) => d.method !== 'GET')) {
		const path =
			door.id.replace('[kind]', 'lessons').replaceAll(/\[[^\]]+\]/g, randomUUID()) +
			(door.action ? `?/${door.action}` : '');
		for (const headers of foreign) {
			const json = await request.fetch(path, { method: door.method, headers, data: { title: 'from afar' } });
			expect([json.status(), `${door.method} ${path}`]).toEqual([403, `${door.method} ${path}`]);
		}
	}
	expect(await exported(request)).toEqual(before);
});

test('every answer carries the headers that guard it, and pages name their own scripts only', async ({ request }) => {
	for (const path of [
		'/',
		'/lessons',
		'/nowhere',
		'/api/lessons/none',
		'/account/export',
		'/health',
		'/sign-in?/demo',
	]) {
		const answer = path.includes('?/')
			? await request.post(path, { headers: { origin: 'https://elsewhere.example' }, data: {} })
			: await request.get(path);
		const headers = answer.headers();
		expect(headers, path).toMatchObject({
			'x-content-type-options': 'nosniff',
			'x-frame-options': 'DENY',
			'referrer-policy': 'same-origin',
		});
		if (!headers['content-type']?.startsWith('text/html') || answer.status() === 403) continue;
		const policy = headers['content-security-policy'] ?? '';
		expect(policy, path).toMatch(/default-src 'none'/);
		expect(policy, path).toMatch(/script-src 'self' 'nonce-[^']+'(;|$)/);
		expect(policy, path).not.toContain('unsafe-inline');
	}
	const { 'cache-control': caching } = (await request.get('/lessons')).headers();
	expect(caching).toBe('no-store');
});
