/** Stated limits of what is typed for an account. */
export const ACCOUNT_LIMITS = {
	name: 120,
	signInName: { least: 3, most: 80 },
	password: { least: 10, most: 200 },
} as const;
