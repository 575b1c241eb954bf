/** The server and the database are killed while somebody types: nothing shown as saved is lost, and the rest is sent again. */

import { newSwatch } from '../core/schema/index.ts';
import pg from 'pg';
import { serve } from '../scripts/lib/serve.mjs';
import { enterDemo } from '../scripts/lib/enter.mjs';
import { allDoors } from './routes.ts';
import { expect, newLesson, nobody, saved, signedIn, test as base, waitsUntilAwake } from './support.ts';

type Served = Awaited<ReturnType<typeof serve>>;

/** Everything that the servers of these tests wrote. */
let log = '';

/** A server and a database of these tests alone, and somebody signed in there. */
const test = base.extend<object, { served: Served }>({
	served: [
		async ({}, use) => {
			const served = await serve({
				name: `kills-${process.pid}`,
				env: { LOG_LEVEL: 'trace' },
				heard: (text) => (log += text),
			});
			await use(served);
			await served.stop();
		},
		{ scope: 'worker', timeout: 300_000 },
	],
	baseURL: async ({ served }, use) => use(served.address),
	storageState: async ({ served }, use) => use(signedIn(await enterDemo(served.address))),
});

test.describe.configure({ mode: 'serial' });

/** Runs statements on the database itself. */
async function onDatabase<T>(served: Served, work: (client: pg.Client) => Promise<T>): Promise<T> {
	const client = new pg.Client({ connectionString: served.databaseUrl });
	client.on('error', () => undefined);
	await client.connect();
	try {
		return await work(client);
	} finally {
		await client.end();
	}
}

const titles = (served: Served): Promise<string[]> =>
	onDatabase(served, async (client) =>
		(await client.query<{ title: string }>(`SELECT document->>'title' AS title FROM lessons`)).rows.map((r) => r.title),
	);

for (const [what, kill, mend] of [
	['server', (served: Served) => served.end('SIGKILL'), (served: Served) => served.again()],
	['database', async (served: Served) => served.cluster.kill(), async (served: Served) => served.cluster.start()],
] as const) {
	test(`the ${what} is killed in the middle of typing`, async ({ page, served }) => {
		const path = await newLesson(page, `Before the ${what} went`);
		const title = page.getByLabel('Title of the lesson');
		const state = page.getByTestId('save-state');
		await title.fill(`Saved before the ${what} went`);
		await expect(saved(page)).toBeVisible();
		await title.press('End');
		// The kill falls between two keys, with a save under way.
		const typing = title.pressSequentially(', and typed while it was gone', { delay: 60 });
		await page.waitForTimeout(700);
		await kill(served);
		await typing;
		await expect(state).toContainText('Not saved yet');
		const whole = `Saved before the ${what} went, and typed while it was gone`;
		await expect(title).toHaveValue(whole);
		await mend(served);
		await expect(saved(page)).toBeVisible({ timeout: 60_000 });
		expect(await titles(served)).toContain(whole);
		// The session outlived it too.
		await page.goto(path);
		await expect(title).toHaveValue(whole);
	});
}

/** In the long run a hundred of them. */
const KILLS = process.env['POND_LOOP_LONG'] ? 100 : 4;

test('what is pressed at a session is there once each, however often server and database are killed', async ({
	page,
	served,
}) => {
	test.setTimeout(120_000 + KILLS * 20_000);
	await page.goto('/classes');
	await page.getByRole('link', { name: /Thursday lanterns/ }).click();
	await page.getByRole('button', { name: 'Start session' }).click();
	const board = page.getByTestId('board');
	await expect(board).toBeVisible();
	const evening = new URL(page.url()).pathname.split('/').at(-1);
	const cells = await board.getByRole('button', { name: /not seen$/ }).count();
	let presses = 0;
	const press = async (): Promise<void> => {
		await board
			.locator('.can')
			.nth(presses % cells)
			.click();
		presses += 1;
	};
	for (let i = 0; i < KILLS; i++) {
		await press();
		await (i % 2 ? served.cluster.kill() : served.end('SIGKILL'));
		await press();
		await press();
		await (i % 2 ? served.cluster.start() : served.again());
	}
	await expect(page.getByTestId('kept')).toHaveText('Saved', { timeout: 60_000 });
	const { rows } = await onDatabase(served, (client) =>
		client.query(`SELECT id FROM presses WHERE evening_id = $1`, [evening]),
	);
	expect(rows).toHaveLength(presses);
});

test('while the database is away pages say so and keep what was typed; the server lives and comes back by itself', async ({
	page,
	request,
	browser,
	served,
}) => {
	await page.goto('/lessons');
	await page.getByLabel('Title of a new lesson').fill('Written on thin ice');
	served.cluster.kill();
	await page.getByRole('button', { name: 'Make a lesson' }).click();
	await expect(page.getByText('The database does not answer')).toBeVisible();
	await expect(page.getByLabel('Title of a new lesson')).toHaveValue('Written on thin ice');
	const away = await request.get(`${served.address}/lessons`);
	expect([away.status(), (await away.text()).includes('The pond is frozen over')]).toEqual([503, true]);
	expect((await request.get(`${served.address}/health`)).status()).toBe(200);
	expect((await request.get(`${served.address}/health/ready`)).status()).toBe(503);
	const visitor = await (await browser.newContext({ storageState: nobody })).newPage();
	waitsUntilAwake(visitor);
	await visitor.goto(`${served.address}/sign-in`);
	await visitor.getByLabel('Sign-in name').fill('somebody');
	await visitor.getByLabel('Password').fill('something long');
	await visitor.getByRole('button', { name: 'Sign in', exact: true }).click();
	await expect(visitor.getByText('The database does not answer')).toBeVisible();
	await expect(visitor.getByLabel('Sign-in name')).toHaveValue('somebody');
	await visitor.context().close();
	served.cluster.start();
	await expect(async () => expect((await request.get(`${served.address}/health/ready`)).status()).toBe(200)).toPass({
		timeout: 30_000,
	});
	await page.getByRole('button', { name: 'Make a lesson' }).click();
	await expect(page.getByLabel('Title of the lesson')).toHaveValue('Written on thin ice');
});

test('a session that ran out asks to sign in, and what was typed meanwhile is saved afterwards', async ({
	page,
	served,
}) => {
	const path = await newLesson(page, 'The session is long');
	await onDatabase(served, (client) => client.query(`UPDATE sessions SET expires_at = now() - interval '1 second'`));
	await page.getByLabel('Title of the lesson').fill('The session was too long');
	await expect(page.getByTestId('save-state')).toContainText('you’re signed out');
	await page.getByRole('link', { name: 'Sign in and go on' }).click();
	await page.getByRole('button', { name: 'Enter the demo class' }).click();
	await expect(page).toHaveURL(served.address + path);
	await expect(page.getByLabel('Title of the lesson')).toHaveValue('The session was too long');
	await expect(saved(page)).toBeVisible();
});

test('a server that is asked to stop finishes what runs, takes nothing new, and ends cleanly', async ({
	request,
	served,
}) => {
	const made = await request.post(`${served.address}/api/lessons`, { data: { title: 'The last one' } });
	const { id } = (await made.json()) as { id: string };
	await onDatabase(served, async (client) => {
		await client.query('BEGIN');
		await client.query('SELECT 1 FROM lessons WHERE id = $1 FOR UPDATE', [id]);
		// This one waits for the row that we hold.
		const running = request.put(`${served.address}/api/lessons/${id}`, {
			data: { version: 1, lesson: { format: 'pond-loop/lesson', version: 1, title: 'Still in time', steps: [] } },
		});
		await expect(async () => {
			const waiting = await client.query(`SELECT 1 FROM pg_stat_activity WHERE wait_event_type = 'Lock'`);
			expect(waiting.rowCount).toBe(1);
		}).toPass();
		const ended = served.end('SIGTERM');
		await expect(async () => {
			await expect(fetch(`${served.address}/health`)).rejects.toThrow();
		}).toPass();
		await client.query('COMMIT');
		expect((await running).status()).toBe(200);
		expect(await ended).toBe(0);
	});
	expect(await titles(served)).toContain('Still in time');
	await served.again();
});

test('a lesson and a swatch that were spoilt are listed with the others, shown as they are, and mended in the page', async ({
	page,
	served,
}) => {
	const path = await newLesson(page, 'Spoilt by hand');
	const swatch = newSwatch({
		title: 'Spoilt too',
		castOn: 8,
		shape: 'flat',
		school: 'slash',
		text: 'k8',
	});
	const made = await page.request.post('/api/swatches', { data: { swatch }, headers: { origin: served.address } });
	const { id } = (await made.json()) as { id: string };
	await onDatabase(served, async (client) => {
		await client.query(`UPDATE lessons SET document = jsonb_set(document, '{steps}', '"none"') WHERE id = $1`, [
			path.split('/').at(-1),
		]);
		await client.query(`UPDATE swatches SET document = jsonb_set(document, '{castOn}', '-7') WHERE id = $1`, [id]);
	});
	await page.goto('/lessons');
	await expect(page.getByRole('link', { name: /Spoilt by hand/ })).toBeVisible();
	await page.goto('/swatches');
	await page.getByRole('link', { name: /Spoilt too/ }).click();
	await expect(page.getByRole('heading', { name: 'This swatch cannot be read' })).toBeVisible();
	await expect(page.getByTestId('why')).toContainText('between 1 and 400 stitches');
	const text = page.getByLabel('As it is stored');
	await text.fill((await text.inputValue()).replace('-7', '8'));
	await page.getByRole('button', { name: 'Save this text' }).click();
	await expect(page).toHaveURL(`${served.address}/swatches/${id}`);
	await expect(page.getByTestId('chart')).toBeVisible();
	for (const more of ['', '/print', '/show', '/kit']) {
		await page.goto(path + more);
		await expect(page.getByRole('heading', { name: 'This lesson cannot be read' })).toBeVisible();
	}
	await page.getByRole('button', { name: 'Remove it' }).click();
	await expect(page.getByRole('heading', { name: 'Lessons' })).toBeVisible();
	await expect(page.getByRole('link', { name: /Spoilt by hand/ })).toHaveCount(0);
});

test('the log tells of every request and holds nothing that was written, and no token', async ({ page, served }) => {
	const secret = 'zq-secret-otter';
	const { request } = page;
	const headers = { origin: served.address };
	const made = await request.post('/api/lessons', { data: { title: secret }, headers });
	const { id } = (await made.json()) as { id: string };
	const shared = await request.put(`/api/lessons/${id}/share`, { data: {}, headers });
	const { token } = (await shared.json()) as { token: string };
	for (const { id: route, method, action } of allDoors()) {
		// Ends the session, and takes what follows with it.
		if (['out', 'remove', 'others'].includes(action ?? '')) continue;
		const place = route
			.replace('[kind]', 'lessons')
			.replace('[token]', token)
			.replaceAll(/\[[^\]]+\]/g, id)
			.concat(action && action !== 'default' ? `?/${action}&q=${secret}` : `?q=${secret}`);
		const fields = {
			title: secret,
			name: secret,
			signInName: secret,
			password: `${secret}-${secret}`,
			code: secret,
			text: secret,
		};
		await request.fetch(served.address + place, {
			method,
			headers,
			maxRedirects: 0,
			...(method === 'GET' ? {} : action ? { form: fields } : { data: { ...fields, lesson: fields, swatch: fields } }),
		});
	}
	// What fails must not say more than what goes well.
	await onDatabase(served, async (client) => {
		await client.query(`UPDATE lessons SET document = $2 WHERE id = $1`, [
			id,
			JSON.stringify({ title: secret, steps: secret }),
		]);
		await client.query(`ALTER TABLE lessons RENAME TO lessons_elsewhere`);
	});
	for (const path of [`/shared/${token}`, `/lessons/${id}?q=${secret}`, `/stage?name=${secret}`, `/lessons`]) {
		await request.get(served.address + path, { maxRedirects: 0 });
	}
	await onDatabase(served, (client) => client.query(`ALTER TABLE lessons_elsewhere RENAME TO lessons`));
	for (const path of [`/shared/${token}`, `/lessons/${id}`, `/${secret}`]) {
		await request.get(served.address + path, { maxRedirects: 0 });
	}
	await expect(() => expect(log).toContain('"/shared/[token]"')).toPass();
	expect(log.match(/"msg":"request"/g)?.length).toBeGreaterThan(50);
	expect(log).toContain('"failed"');
	const cookies = await page.context().cookies();
	for (const hidden of [secret, token, ...cookies.filter((c) => /session|known/.test(c.name)).map((c) => c.value)]) {
		expect(log.includes(hidden), hidden).toBe(false);
	}
});
