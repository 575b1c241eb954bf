/** Where the keys go on when what had the focus is gone. */

import { tick } from 'svelte';

const isLost = (): boolean => document.activeElement === null || document.activeElement === document.body;

/** Gives the focus to the first of these, where nothing has it any more once the page has changed. */
export async function keepFocus(selector: string): Promise<void> {
	await tick();
	if (isLost()) document.querySelector<HTMLElement>(selector)?.focus();
}

/** For a heading that takes the place of a form: it is read, and the keys go on from it. */
export function takesFocus(node: HTMLElement): void {
	node.tabIndex = -1;
	if (isLost()) node.focus();
}
