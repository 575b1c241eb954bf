import { answers } from '$lib/server/database';

/** Whether this process can do its work: 503 while its database does not answer. */
export const GET = async (): Promise<Response> => {
	const ready = await answers();
	return new Response(ready ? 'ok' : 'the database does not answer', {
		status: ready ? 200 : 503,
		headers: { 'content-type': 'text/plain', 'cache-control': 'no-store' },
	});
};
