import { fail, redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { SignInForm } from '$lib/account/forms';
import { signIn } from '$lib/server/accounts';
import { isDemo } from '$lib/server/config';
import { attempt, enter, say } from '$lib/server/enter';
import { placeAfter } from '$lib/server/guard';
import { countSignIn, forgiveSignIns, tryAgainIn } from '$lib/server/limits';
import { DEMO_TEACHER, readAccount } from '$lib/server/teachers';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => ({
	form: await superValidate(zod4(SignInForm)),
	to: placeAfter(url),
	left: url.searchParams.get('left') === 'account',
});

export const actions: Actions = {
	enter: async (event) => {
		const form = await superValidate(event.request, zod4(SignInForm));
		const { signInName, password } = form.data;
		form.data.password = '';
		if (!form.valid) return fail(400, { form });
		return attempt(form, async () => {
			const address = event.getClientAddress();
			const wait = await countSignIn(address, signInName);
			if (wait > 0) return say(form, 429, `That was tried too often. ${tryAgainIn(wait)}`);
			const teacher = await signIn(signInName, password);
			if (!teacher) return say(form, 401, 'That name and password do not belong together. Check both and try again.');
			await forgiveSignIns(address, signInName);
			await enter(event, teacher);
			redirect(303, placeAfter(event.url));
		});
	},

	/** One press, and only where the demo runs. */
	demo: async (event) => {
		const teacher = isDemo() ? await readAccount(DEMO_TEACHER.id) : undefined;
		const form = await superValidate(zod4(SignInForm));
		if (!teacher) return say(form, 403, 'There is no demo here. Sign in, or sign up for an account of your own.');
		await enter(event, teacher);
		redirect(303, placeAfter(event.url));
	},
};
