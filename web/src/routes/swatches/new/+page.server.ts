import { firstIssue, NewSwatchSchema } from '@pond-loop/core/schema';
import { SWATCH_LIMITS } from '@pond-loop/core/swatch';
import { fail, redirect } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { createSwatch } from '$lib/server/swatches';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	teacherOf(locals);
	return { own: url.searchParams.has('rows') };
};

export const actions: Actions = {
	keep: async ({ request, locals }) => {
		const form = await request.formData();
		const text = (name: string): string => {
			const value = form.get(name);
			return typeof value === 'string' ? value : '';
		};
		const checked = NewSwatchSchema.safeParse({
			swatch: {
				format: 'pond-loop/swatch',
				version: 1,
				title: text('title'),
				castOn: Number(text('castOn')),
				shape: text('shape'),
				school: text('school'),
				text: text('text').replaceAll('\r\n', '\n'),
			},
		});
		if (!checked.success) return fail(400, { message: firstIssue(checked.error) });
		const made = await createSwatch(teacherOf(locals), checked.data.swatch);
		if (!made) return fail(409, { message: `At most ${SWATCH_LIMITS.many} swatches are kept. Remove one first.` });
		redirect(303, `/swatches/${made.id}`);
	},
};
