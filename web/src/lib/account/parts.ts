/** What an account is asked: as the server writes them forms can be sent already; what makes them answer in place comes when they are touched. */

import { asleep } from '$lib/ui/asleep/asleep';

export const confirm = asleep(
	() => import('./Confirm.svelte'),
	import.meta.env.SSR ? await import('./Confirm.svelte') : undefined,
);
export const nameForm = asleep(
	() => import('./NameForm.svelte'),
	import.meta.env.SSR ? await import('./NameForm.svelte') : undefined,
);
export const newPassword = asleep(
	() => import('./NewPassword.svelte'),
	import.meta.env.SSR ? await import('./NewPassword.svelte') : undefined,
);
export const recover = asleep(
	() => import('./Recover.svelte'),
	import.meta.env.SSR ? await import('./Recover.svelte') : undefined,
);
export const signIn = asleep(
	() => import('./SignIn.svelte'),
	import.meta.env.SSR ? await import('./SignIn.svelte') : undefined,
);
export const signUp = asleep(
	() => import('./SignUp.svelte'),
	import.meta.env.SSR ? await import('./SignUp.svelte') : undefined,
);
export const removed = asleep(
	() => import('./Removed.svelte'),
	import.meta.env.SSR ? await import('./Removed.svelte') : undefined,
);
export const sessions = asleep(
	() => import('./Sessions.svelte'),
	import.meta.env.SSR ? await import('./Sessions.svelte') : undefined,
);
export const signOut = asleep(
	() => import('./SignOut.svelte'),
	import.meta.env.SSR ? await import('./SignOut.svelte') : undefined,
);
