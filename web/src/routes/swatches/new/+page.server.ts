import { firstIssue, NewSwatchSchema, SWATCH_FORMAT, uncleanIn, uncleanWords } from '@pond-loop/core/schema';
import { SCHOOL_IDS } from '@pond-loop/core/notation';
import { fail, redirect } from '@sveltejs/kit';
import { fieldsOf } from '$lib/server/enter';
import { teacherOf } from '$lib/server/guard';
import { kept } from '$lib/server/quota';
import { createSwatch } from '$lib/server/swatches';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	teacherOf(locals);
	return { own: url.searchParams.has('rows') };
};

export const actions: Actions = {
	keep: async ({ request, locals }) => {
		const form = await fieldsOf(request);
		const text = (name: string): string => {
			const value = form.get(name);
			return typeof value === 'string' ? value : '';
		};
		const checked = NewSwatchSchema.safeParse({
			swatch: {
				format: SWATCH_FORMAT.name,
				version: SWATCH_FORMAT.version,
				schools: SCHOOL_IDS,
				title: text('title'),
				castOn: Number(text('castOn')),
				shape: text('shape'),
				school: text('school'),
				text: text('text').replaceAll('\r\n', '\n'),
				...(text('language')
					? { original: { language: text('language'), text: text('original').replaceAll('\r\n', '\n') } }
					: {}),
			},
		});
		if (!checked.success) return fail(400, { message: firstIssue(checked.error) });
		const unclean = uncleanIn(checked.data);
		if (unclean) return fail(400, { message: uncleanWords(unclean) });
		const made = await kept(createSwatch(teacherOf(locals), checked.data.swatch));
		if ('says' in made) return fail(409, { message: made.says });
		redirect(303, `/swatches/${made.id}`);
	},
};
