import { expect, test } from '@playwright/test';
import { serve } from '../scripts/lib/serve.mjs';

test('lessons are there after the server and its database were stopped and started again', async ({ request }) => {
	test.slow();
	const name = `restart-${process.pid}`;
	const first = await serve({ name, keepData: true });
	const made = await request.post(`${first.address}/api/lessons`, { data: { title: 'Over the winter' } });
	const { id } = await made.json();
	await first.stop();
	await expect(request.get(`${first.address}/health`)).rejects.toThrow();
	const second = await serve({ name });
	try {
		const page = await (await request.get(`${second.address}/lessons/${id}`)).text();
		expect(page).toContain('Over the winter');
		// The demo data came once, not once for each start.
		const list = await (await request.get(`${second.address}/lessons`)).text();
		expect(list.match(/aria-label="Remove First rope/g)?.length).toBe(1);
	} finally {
		await second.stop();
	}
});
