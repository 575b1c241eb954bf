/** UK or US words, as whoever reads chose in Settings, or as their browser's language has it. */

import { inEnglish, type English } from '@pond-loop/core/english';
import { getContext, setContext } from 'svelte';

const KEY = Symbol('english');

export const setEnglish = (english: () => English): void => void setContext(KEY, english);

/** A function that says a text of the app in the reader's English. To be asked while a component is made. */
export function useEnglish(): (text: string) => string {
	const english = getContext<(() => English) | undefined>(KEY) ?? ((): English => 'uk');
	return (text) => inEnglish(text, english());
}
