/** What an account is asked: as the server writes them forms can be sent already; what makes them answer in place comes when they are touched. */

import { asleep, atHand } from '$lib/ui/asleep/asleep';

export const confirm = asleep(() => import('./Confirm.svelte'));
export const nameForm = asleep(() => import('./NameForm.svelte'));
export const newPassword = asleep(() => import('./NewPassword.svelte'));
export const recover = asleep(() => import('./Recover.svelte'));
export const signIn = asleep(() => import('./SignIn.svelte'));
export const signUp = asleep(() => import('./SignUp.svelte'));
export const removed = asleep(() => import('./Removed.svelte'));
export const sessions = asleep(() => import('./Sessions.svelte'));
export const signOut = asleep(() => import('./SignOut.svelte'));

if (import.meta.env.SSR)
	await atHand(confirm, nameForm, newPassword, recover, signIn, signUp, removed, sessions, signOut);
