/** Day or dusk: kept in a cookie, so that the server paints the first view in the right light. */

import { remember } from './cookies';

export type PageLight = 'day' | 'dusk';

/** The light that was chosen; or `system-` and the light of the system, for as long as none is chosen. */
export const LIGHT_COOKIE = 'pond-light';

export const lightFrom = (value: string | undefined): PageLight =>
	value === 'dusk' || value === 'system-dusk' ? 'dusk' : 'day';

export const isLightChosen = (value: string | undefined): boolean => value === 'day' || value === 'dusk';

/** Calls `show` with the light of the system, now and whenever it changes; what is returned ends that. */
export function followSystem(show: (light: PageLight) => void): () => void {
	const dark = matchMedia('(prefers-color-scheme: dark)');
	const now = (): void => {
		const light: PageLight = dark.matches ? 'dusk' : 'day';
		remember(LIGHT_COOKIE, `system-${light}`);
		show(light);
	};
	now();
	dark.addEventListener('change', now);
	return () => dark.removeEventListener('change', now);
}
