import { fail } from '@sveltejs/kit';
import { setError, superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { SignUpForm } from '$lib/account/forms';
import { signUp } from '$lib/server/accounts';
import { attempt, formOf, enter, say } from '$lib/server/enter';
import { placeAfter } from '$lib/server/guard';
import { makeKnown } from '$lib/server/known-browsers';
import { weakness } from '$lib/server/strength';
import { countSignUp, tryAgainIn } from '$lib/server/limits';
import { thresholdPicture } from '$lib/server/threshold';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => ({
	picture: thresholdPicture(),
	form: await superValidate(zod4(SignUpForm)),
	to: placeAfter(url),
});

export const actions: Actions = {
	default: async (event) => {
		const form = await formOf(event.request, SignUpForm);
		const asked = { ...form.data };
		form.data.password = '';
		if (!form.valid) return fail(400, { form });
		return attempt(form, async () => {
			const wait = await countSignUp(event.getClientAddress());
			if (wait > 0) return say(form, 429, `Too many accounts were made from here. ${tryAgainIn(wait)}`);
			const weak = await weakness(asked.password, [asked.name, asked.signInName]);
			if (weak) return setError(form, 'password', weak);
			const made = await signUp(asked);
			if (!made) return setError(form, 'signInName', 'Somebody has that sign-in name. Choose another one.');
			await enter(event, made.teacher);
			await makeKnown(event, made.teacher);
			// The only moment at which the codes can be shown.
			return { form, codes: made.codes };
		});
	},
};
