import { Readable } from 'node:stream';
import { exportOf } from '$lib/server/accounts';
import { teacherOf } from '$lib/server/guard';
import type { RequestHandler } from './$types';

/** Everything of this teacher as one file, sent as it is read. */
export const GET: RequestHandler = ({ locals }) => {
	const now = new Date();
	const everything = Readable.from(exportOf(teacherOf(locals), now), { objectMode: false });
	return new Response(Readable.toWeb(everything) as ReadableStream, {
		headers: {
			'content-type': 'application/json; charset=utf-8',
			'content-disposition': `attachment; filename="pond-loop-${now.toISOString().slice(0, 10)}.json"`,
		},
	});
};
