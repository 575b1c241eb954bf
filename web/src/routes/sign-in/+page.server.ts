import { fail, redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { SignInForm } from '$lib/account/forms';
import { signIn } from '$lib/server/accounts';
import { isDemo } from '$lib/server/config';
import { attempt, formOf, enter, say } from '$lib/server/enter';
import { placeAfter } from '$lib/server/guard';
import { knownFor, makeKnown } from '$lib/server/known-browsers';
import { countDemo, countSignIn, forgiveSignIns, tryAgainIn } from '$lib/server/limits';
import { sweepSessions } from '$lib/server/sessions';
import { DEMO_TEACHER, readAccount } from '$lib/server/teachers';
import { thresholdPicture } from '$lib/server/threshold';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => ({
	picture: thresholdPicture(),
	form: await superValidate(zod4(SignInForm)),
	to: placeAfter(url),
	left: url.searchParams.get('left') === 'account',
});

/** Browsers that are in the demo at once; the one not seen for longest goes. */
const DEMO_SESSIONS = 300;

export const actions: Actions = {
	enter: async (event) => {
		const form = await formOf(event.request, SignInForm);
		const { signInName, password } = form.data;
		form.data.password = '';
		if (!form.valid) return fail(400, { form });
		return attempt(form, async () => {
			const address = event.getClientAddress();
			const known = await knownFor(event, signInName);
			const wait = await countSignIn(address, signInName, known);
			if (wait > 0) {
				const elsewhere = known
					? ''
					: ' A browser that you signed in with before is let in at once, and so is a recovery code.';
				return say(form, 429, `That was tried too often. ${tryAgainIn(wait)}${elsewhere}`);
			}
			const teacher = await signIn(signInName, password);
			if (!teacher) return say(form, 401, 'That name and password do not belong together. Check both and try again.');
			await forgiveSignIns(address, signInName, known);
			if (!known) await makeKnown(event, teacher);
			await enter(event, teacher);
			redirect(303, placeAfter(event.url));
		});
	},

	/** One press, and only where the demo runs. */
	demo: async (event) => {
		const teacher = isDemo() ? await readAccount(DEMO_TEACHER.id) : undefined;
		const form = await superValidate(zod4(SignInForm));
		if (!teacher) return say(form, 403, 'There is no demo here. Sign in, or sign up for an account of your own.');
		// Whoever is in the demo already stays in it as they are.
		if (event.locals.session?.teacher.id !== teacher.id) {
			const wait = await countDemo(event.getClientAddress());
			if (wait > 0) return say(form, 429, `The demo was entered very often from here. ${tryAgainIn(wait)}`);
			await enter(event, teacher);
			await sweepSessions(teacher, DEMO_SESSIONS);
		}
		redirect(303, placeAfter(event.url));
	},
};
