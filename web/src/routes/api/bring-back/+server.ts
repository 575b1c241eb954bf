import { readAccountFile } from '@pond-loop/core/document';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { bringBack, lookInto } from '$lib/server/bring-back';
import { teacherOf } from '$lib/server/guard';
import { kept } from '$lib/server/quota';
import { refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

const How = z.object({ do: z.enum(['look', 'keep']).catch('look'), differing: z.enum(['mine', 'file']).catch('mine') });

/** The file of an account as the body: what is in it, or brought back. Nothing is changed unless all of it can be. */
export const POST: RequestHandler = async ({ request, locals, url }) => {
	const teacher = teacherOf(locals);
	const read = readAccountFile(await request.text());
	if ('says' in read) return refusal(400, read.says);
	const how = How.parse(Object.fromEntries(url.searchParams));
	const done =
		how.do === 'look'
			? { found: await lookInto(teacher, read.file) }
			: await kept(bringBack(teacher, read.file, how.differing).then((found) => ({ found })));
	return 'says' in done ? refusal(409, done.says) : json(done);
};
