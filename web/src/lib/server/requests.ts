/** What routes share: ids, JSON bodies and refusals, each with words for the page. */

import { firstIssue, uncleanIn, uncleanWords } from '@pond-loop/core/schema';
import { error, json, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { Unread } from './documents';
import { DOORS_OF, type DoorOf } from './sql/practice-doors';

const Id = z.uuid();

interface DoorParams {
	readonly of: string;
	readonly id: string;
}

/** A malformed id is no lesson of anybody's. */
export const isId = (id: string): boolean => Id.safeParse(id).success;

export const refusal = (status: number, message: string, more: Record<string, unknown> = {}): Response =>
	json({ message, ...more }, { status });

/** The checked body of a request, or the refusal to send. */
export async function readBody<T>(
	request: Request,
	schema: z.ZodType<T>,
): Promise<{ value: T } | { refused: Response }> {
	let body: unknown;
	try {
		body = await request.json();
	} catch (cause) {
		// Too large is the server's own refusal and keeps its status.
		if (cause instanceof Object && 'status' in cause && cause.status === 413) {
			return { refused: refusal(413, 'That is too much at once. Shorten the notes, or the rows.') };
		}
		return { refused: refusal(400, 'The request could not be read as JSON. Reload the page and try again.') };
	}
	const unclean = uncleanIn(body);
	if (unclean) return { refused: refusal(400, uncleanWords(unclean)) };
	const checked = schema.safeParse(body);
	return checked.success ? { value: checked.data } : { refused: refusal(400, firstIssue(checked.error)) };
}

/** A door to practice as an address names it; undefined where it names none. */
export function doorIn({ of, id }: DoorParams): { readonly of: DoorOf; readonly id: string } | undefined {
	const known = DOORS_OF.find((d) => d === of);
	return known && isId(id) ? { of: known, id } : undefined;
}

export const lessonGone = 'That lesson is not here. It may have been removed; look in your lessons.';

export const classGone = 'That class is not here. It may have been removed; look in your classes.';

/** What a door led to. */
export const doorGone = ({ of }: DoorParams): string => (of === 'classes' ? classGone : lessonGone);

export const eveningGone = 'That session is not here. It may have been removed; look in its class.';

export const swatchGone = 'That swatch is not here. It may have been removed; look in your swatches.';

/** What was opened; when it is stored and cannot be read, the page that shows it as it is. */
export async function opened<T>(reading: Promise<T>): Promise<T> {
	try {
		return await reading;
	} catch (cause) {
		if (cause instanceof Unread) redirect(303, `/unread/${cause.of.kind}/${cause.of.id}`);
		throw cause;
	}
}

export const notFound = (what = lessonGone): never => error(404, what);
