import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import { setError, superValidate, type SuperValidated } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { ConfirmForm, NameForm, PasswordForm, SessionForm } from '$lib/account/forms';
import { changePassword, hasPassword, renewCodes } from '$lib/server/accounts';
import { weakness } from '$lib/server/strength';
import { attempt, formOf, browserOf } from '$lib/server/enter';
import { removedOf } from '$lib/server/documents';
import { teacherOf } from '$lib/server/guard';
import { countSignIn, forgiveSignIns, tryAgainIn } from '$lib/server/limits';
import { codesLeft } from '$lib/server/recovery';
import { dropToken, keepToken } from '$lib/server/session-cookie';
import { endOtherSessions, endSession, IDLE_DAYS, listSessions } from '$lib/server/sessions';
import { deleteTeacher, readAccount, renameTeacher, type Teacher } from '$lib/server/teachers';
import type { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const teacher = teacherOf(locals);
	const [account, sessions, left, removed] = await Promise.all([
		readAccount(teacher.id),
		listSessions(teacher),
		codesLeft(teacher),
		removedOf(teacher),
	]);
	return {
		account: { signInName: account?.signInName ?? null, hasPassword: account?.hasPassword ?? false },
		// This one first.
		sessions: sessions
			.map((s) => ({ ...s, here: s.id === locals.session?.id }))
			.sort((a, b) => Number(b.here) - Number(a.here)),
		idleDays: IDLE_DAYS,
		codesLeft: left,
		removed,
		recovered: url.searchParams.has('recovered'),
		name: await superValidate({ name: teacher.name }, zod4(NameForm), { id: 'name' }),
		password: await superValidate(zod4(PasswordForm), { id: 'password' }),
		renew: await superValidate(zod4(ConfirmForm), { id: 'renew' }),
		remove: await superValidate(zod4(ConfirmForm), { id: 'remove' }),
	};
};

/** Asks for the password again; words for the form when it is not the right one. */
async function wrongPassword(event: RequestEvent, teacher: Teacher, password: string): Promise<string | undefined> {
	const address = event.getClientAddress();
	const wait = await countSignIn(address, teacher.id);
	if (wait > 0) return `That was tried too often. ${tryAgainIn(wait)}`;
	if (!(await hasPassword(teacher, password))) return 'That is not your password. Check it and try again.';
	await forgiveSignIns(address, teacher.id);
	return undefined;
}

/** Does something that must not happen from a browser that was only left open: the password is asked again. */
async function confirmed<R>(event: RequestEvent, work: (teacher: Teacher, form: Confirmed) => Promise<R>) {
	const teacher = teacherOf(event.locals);
	const form = await formOf(event.request, ConfirmForm);
	const { password } = form.data;
	form.data.password = '';
	if (!form.valid) return fail(400, { form });
	return attempt(form, async () => {
		const wrong = await wrongPassword(event, teacher, password);
		return wrong ? setError(form, 'password', wrong) : work(teacher, form);
	});
}

type Confirmed = SuperValidated<z.infer<typeof ConfirmForm>>;

export const actions: Actions = {
	name: async ({ request, locals }) => {
		const form = await formOf(request, NameForm);
		if (!form.valid) return fail(400, { form });
		return attempt(form, async () => {
			await renameTeacher(teacherOf(locals), form.data.name);
			return { form };
		});
	},

	password: async (event) => {
		const teacher = teacherOf(event.locals);
		const form = await formOf(event.request, PasswordForm);
		const { current, password } = form.data;
		form.data = { current: '', password: '' };
		if (!form.valid) return fail(400, { form });
		return attempt(form, async () => {
			const wrong = await wrongPassword(event, teacher, current);
			if (wrong) return setError(form, 'current', wrong);
			const weak = await weakness(password, [teacher.name]);
			if (weak) return setError(form, 'password', weak);
			keepToken(event, await changePassword(teacher, password, browserOf(event)));
			form.message = 'The password is changed, and every other browser is signed out.';
			return { form };
		});
	},

	renew: (event) => confirmed(event, async (teacher, form) => ({ form, codes: await renewCodes(teacher) })),

	revoke: async ({ request, locals }) => {
		const form = await formOf(request, SessionForm);
		if (!form.valid) return fail(400, { form });
		return attempt(form, async () => {
			await endSession(teacherOf(locals), form.data.id);
			return { form };
		});
	},

	others: async ({ locals }) => {
		await endOtherSessions(teacherOf(locals), locals.session?.id);
	},

	out: async (event) => {
		const { session } = event.locals;
		if (session) await endSession(session.teacher, session.id);
		dropToken(event);
		redirect(303, '/');
	},

	remove: (event) =>
		confirmed(event, async (teacher) => {
			await deleteTeacher(teacher);
			dropToken(event);
			redirect(303, '/sign-in?left=account');
		}),
};
