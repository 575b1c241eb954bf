import { glanceAt, toSvg } from '@pond-loop/core/drawing';
import { z } from 'zod';
import { teacherOf } from '$lib/server/guard';
import { isId, notFound, swatchGone } from '$lib/server/requests';
import { readSwatch } from '$lib/server/swatches';
import { checked } from '@pond-loop/core/swatch';
import type { RequestHandler } from './$types';

const Light = z.enum(['day', 'dusk']).catch('day');
const YEAR = 31_536_000;

/** A glance at a swatch as a picture; its address names the version, so that a browser asks for it once. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
	const found = isId(params.id) ? await readSwatch(teacherOf(locals), params.id) : undefined;
	if (!found) return notFound(swatchGone);
	const drawing = glanceAt(checked(found.swatch, '').worked, Light.parse(url.searchParams.get('light')));
	if (!drawing) return new Response(null, { status: 204 });
	return new Response(toSvg(drawing, drawing.width), {
		headers: {
			'content-type': 'image/svg+xml',
			// A picture and nothing else, even when it is opened by itself.
			'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
			'x-pond-keep': `private, max-age=${YEAR}, immutable`,
		},
	});
};
