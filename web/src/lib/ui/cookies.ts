/** Keeps a choice of this browser's for a year, so that the first view is already made with it. */
export const remember = (cookie: string, value: string): void => {
	document.cookie = `${cookie}=${encodeURIComponent(value)}; path=/; max-age=31536000; samesite=lax`;
};
