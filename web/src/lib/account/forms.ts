/** What the forms of an account take; the same checks for a page and for the server. */

import { z } from 'zod';
import { ACCOUNT_LIMITS } from './limits';

const { least: shortest, most: longest } = ACCOUNT_LIMITS.password;

const Name = z
	.string()
	.trim()
	.min(1, 'Type your name, as the class knows you.')
	.max(ACCOUNT_LIMITS.name, `A name has at most ${ACCOUNT_LIMITS.name} characters. Shorten it.`)
	.refine((name) => !/\p{Cc}/u.test(name), 'A name is one line of letters. Take the rest out.');

/** Compared in lower case and composed letters, so that one person is not two. */
const SignInName = z
	.string()
	.trim()
	.normalize('NFKC')
	.toLowerCase()
	.max(
		ACCOUNT_LIMITS.signInName.most,
		`A sign-in name has at most ${ACCOUNT_LIMITS.signInName.most} characters. Shorten it.`,
	);

const NewSignInName = SignInName.min(
	ACCOUNT_LIMITS.signInName.least,
	`A sign-in name has at least ${ACCOUNT_LIMITS.signInName.least} characters. Make it longer.`,
).regex(
	/^[\p{L}\p{N}][\p{L}\p{M}\p{N}._@+-]*$/u,
	'A sign-in name is letters and figures, and . _ @ + - between them. Leave out spaces and other signs.',
);

const NewPassword = z
	.string()
	.min(shortest, `A password has at least ${shortest} characters. A few words in a row are easy to remember.`)
	.max(longest, `A password has at most ${longest} characters. Shorten it.`);

const Password = z.string().min(1, 'Type your password.').max(longest, 'No password is that long. Type it again.');

const notTheName = 'The password is the sign-in name. Choose one that nobody guesses.';

export const SignUpForm = z
	.object({ name: Name, signInName: NewSignInName, password: NewPassword })
	.refine((f) => f.password.toLowerCase() !== f.signInName, { message: notTheName, path: ['password'] });

export const SignInForm = z.object({ signInName: SignInName.min(1, 'Type your sign-in name.'), password: Password });

export const RecoverForm = z.object({
	signInName: SignInName.min(1, 'Type your sign-in name.'),
	code: z.string().trim().min(1, 'Type one of your recovery codes.').max(60, 'A recovery code is shorter than that.'),
	password: NewPassword,
});

export const NameForm = z.object({ name: Name });
export const PasswordForm = z.object({ current: Password, password: NewPassword });
/** For what must not happen from a browser that was only left open. */
export const ConfirmForm = z.object({ password: Password });
export const SessionForm = z.object({ id: z.uuid() });
