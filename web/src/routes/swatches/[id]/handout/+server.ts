import { englishFor } from '@pond-loop/core/english';
import { withYarn } from '@pond-loop/core/swatch';
import { teacherOf } from '$lib/server/guard';
import { pdfAnswer, saidOf } from '$lib/server/handout/answer';
import { PrintSchema, swatchHandoutOf } from '$lib/server/handout/handout';
import { shownStyle, yarnsNamedIn } from '$lib/server/house-styles';
import { isId, notFound, swatchGone } from '$lib/server/requests';
import { readSwatch } from '$lib/server/swatches';
import type { RequestHandler } from './$types';

/** The swatch as a PDF: its chart, its rows with boxes to tick, its legend, and a counter. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
	const found = isId(params.id) ? await readSwatch(teacherOf(locals), params.id) : undefined;
	if (!found) return notFound(swatchGone);
	const style = await shownStyle(locals.session);
	const english = englishFor(style.english, locals.locale);
	const options = PrintSchema.parse({ ...Object.fromEntries(url.searchParams), english });
	const swatch = withYarn(found.swatch, yarnsNamedIn(found.swatch, locals.session));
	const document = await swatchHandoutOf(swatch, style, options);
	return pdfAnswer(document, saidOf(options));
};
