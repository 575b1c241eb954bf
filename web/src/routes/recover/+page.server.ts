import { fail, redirect } from '@sveltejs/kit';
import { setError } from 'sveltekit-superforms';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { RecoverForm } from '$lib/account/forms';
import { recover } from '$lib/server/accounts';
import { attempt, formOf, browserOf, say } from '$lib/server/enter';
import { makeKnown } from '$lib/server/known-browsers';
import { weakness } from '$lib/server/strength';
import { countRecovery, tryAgainIn } from '$lib/server/limits';
import { keepToken } from '$lib/server/session-cookie';
import { thresholdPicture } from '$lib/server/threshold';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({
	picture: thresholdPicture(),
	form: await superValidate(zod4(RecoverForm)),
});

export const actions: Actions = {
	default: async (event) => {
		const form = await formOf(event.request, RecoverForm);
		const { signInName, code, password } = form.data;
		form.data.password = '';
		if (!form.valid) return fail(400, { form });
		return attempt(form, async () => {
			const wait = await countRecovery(event.getClientAddress());
			if (wait > 0) return say(form, 429, `That was tried too often. ${tryAgainIn(wait)}`);
			const weak = await weakness(password, [signInName]);
			if (weak) return setError(form, 'password', weak);
			const done = await recover(signInName, code, password, browserOf(event));
			if (!done) {
				return say(form, 401, 'That name and code do not belong together, or the code was used. Check both.');
			}
			keepToken(event, done.token);
			await makeKnown(event, done.teacher);
			redirect(303, '/account?recovered');
		});
	},
};
