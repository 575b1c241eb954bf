/** The browser's own small store. Some browsers refuse it (private windows, blocked cookies): then things last as long as the page. */

const inPage = new Map<string, string>();

const storeOf = (which: 'local' | 'session'): Storage | undefined => {
	try {
		return which === 'local' ? localStorage : sessionStorage;
	} catch {
		return undefined;
	}
};

interface KeptHere {
	readonly get: (key: string) => string | null;
	/** Whether the browser keeps it; what it refuses lasts as long as the page. */
	readonly set: (key: string, value: string) => boolean;
	readonly remove: (key: string) => void;
	readonly keys: () => readonly string[];
}

const kept = (which: 'local' | 'session'): KeptHere => {
	const own = (key: string): string => `${which} ${key}`;
	return {
		get: (key) => inPage.get(own(key)) ?? storeOf(which)?.getItem(key) ?? null,
		set: (key, value) => {
			try {
				const store = storeOf(which);
				if (!store) throw new Error('refused');
				store.setItem(key, value);
				inPage.delete(own(key));
				return true;
			} catch {
				inPage.set(own(key), value);
				return false;
			}
		},
		remove: (key) => {
			inPage.delete(own(key));
			storeOf(which)?.removeItem(key);
		},
		keys: () => {
			const store = storeOf(which);
			const stored = store ? Array.from({ length: store.length }, (_, i) => store.key(i) ?? '') : [];
			const only = [...inPage.keys()].flatMap((key) =>
				key.startsWith(`${which} `) ? [key.slice(which.length + 1)] : [],
			);
			return [...new Set([...stored, ...only])];
		},
	};
};

/** For all pages of this browser, from one visit to the next. */
export const keptHere = kept('local');
/** For this tab. */
export const keptInTab = kept('session');
