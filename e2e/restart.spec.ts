import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { cloneKey, root } from '../scripts/lib/paths.mjs';
import { freePort } from '../scripts/lib/port.mjs';
import { enterDemo } from '../scripts/lib/enter.mjs';
import { serve } from '../scripts/lib/serve.mjs';
import { expect, test } from './support.ts';

test('lessons are there after the server and its database were stopped and started again', async ({ request }) => {
	test.slow();
	const name = `restart-${process.pid}`;
	const first = await serve({ name, keepData: true });
	const headers = { cookie: await enterDemo(first.address) };
	const made = await request.post(`${first.address}/api/lessons`, { headers, data: { title: 'Over the winter' } });
	const { id } = await made.json();
	await first.stop();
	await expect(request.get(`${first.address}/health`)).rejects.toThrow();
	const second = await serve({ name });
	try {
		const page = await (await request.get(`${second.address}/lessons/${id}`, { headers })).text();
		expect(page).toContain('Over the winter');
		// The demo data came once, not once for each start.
		const list = await (await request.get(`${second.address}/lessons`, { headers })).text();
		expect(list.match(/aria-label="Remove First rope/g)?.length).toBe(1);
	} finally {
		await second.stop();
	}
});

test('an interrupt stops the server and its database, and leaves nothing running', async ({ request }) => {
	test.slow();
	const port = await freePort();
	const child = spawn(process.execPath, ['scripts/serve-test.mjs'], {
		cwd: root,
		env: { ...process.env, E2E_PORT: String(port) },
		stdio: 'ignore',
	});
	const address = `http://127.0.0.1:${port}`;
	await expect(async () => expect((await request.get(`${address}/health`)).ok()).toBe(true)).toPass({
		timeout: 30_000,
	});
	const folder = join('/var/tmp', `pond-loop-${cloneKey}`, `browser-${child.pid}`);
	expect(existsSync(folder)).toBe(true);
	const ended = new Promise((resolve) => child.once('exit', resolve));
	child.kill('SIGINT');
	expect(await ended).toBe(0);
	await expect(request.get(`${address}/health`)).rejects.toThrow();
	// The database's folder is gone, and with it the server that held it open.
	expect(existsSync(folder)).toBe(false);
});
