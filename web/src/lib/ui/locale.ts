/** The language in which whoever reads writes dates and numbers; the words of the app are English. */

import { getContext, setContext } from 'svelte';

const KEY = Symbol('locale');
export const USUAL_LOCALE = 'en-GB';

export const setLocale = (locale: () => string): void => void setContext(KEY, locale);

/** To be asked while a component is made. */
export const useLocale = (): (() => string) => getContext<(() => string) | undefined>(KEY) ?? (() => USUAL_LOCALE);

/** The first language that a browser asks for and that dates can be written in. */
export function localeFrom(header: string | null): string {
	for (const asked of (header ?? '').slice(0, 200).split(',')) {
		const tag = asked.split(';')[0]!.trim();
		try {
			const [known] = tag && tag !== '*' ? Intl.DateTimeFormat.supportedLocalesOf(tag) : [];
			if (known) return known;
		} catch {
			// Not the name of any language.
		}
	}
	return USUAL_LOCALE;
}
