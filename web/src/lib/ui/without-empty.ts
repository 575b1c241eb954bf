/** What was emptied is left out, so that it counts as never told. */
export const withoutEmpty = <T extends object>(told: { readonly [K in keyof T]: T[K] | undefined }): T =>
	Object.fromEntries(Object.entries(told).filter(([, value]) => value !== undefined)) as T;
