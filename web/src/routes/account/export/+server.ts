import { exportAll } from '$lib/server/accounts';
import { teacherOf } from '$lib/server/guard';
import type { RequestHandler } from './$types';

/** Everything of this teacher as one file. */
export const GET: RequestHandler = async ({ locals }) => {
	const now = new Date();
	const everything = await exportAll(teacherOf(locals), now);
	return new Response(`${JSON.stringify(everything, null, '\t')}\n`, {
		headers: {
			'content-type': 'application/json; charset=utf-8',
			'content-disposition': `attachment; filename="pond-loop-${now.toISOString().slice(0, 10)}.json"`,
		},
	});
};
