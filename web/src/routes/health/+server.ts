/** Answers while the process serves; asks nothing of the database. */
export const GET = (): Response =>
	new Response('ok', { headers: { 'content-type': 'text/plain', 'cache-control': 'no-store' } });
