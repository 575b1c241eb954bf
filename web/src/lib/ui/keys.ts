/** Whether a key belongs to what is being typed or chosen, and not to the page. */
export function inWriting(target: EventTarget | null): boolean {
	if (!(target instanceof HTMLElement)) return false;
	return target.isContentEditable || target.matches('input, textarea, select, [role="dialog"] *');
}

export interface KeyHelp {
	readonly keys: readonly string[];
	readonly does: string;
}

export const KEY_HELP: readonly KeyHelp[] = [
	{ keys: ['/'], does: 'Type the name of a crossing' },
	{ keys: ['←', '→'], does: 'One move back, one move on' },
	{ keys: ['Home', 'End'], does: 'To the start, to the end of the moves' },
	{ keys: ['Ctrl', 'Z'], does: 'Undo in a lesson' },
	{ keys: ['Ctrl', 'Shift', 'Z'], does: 'Do it again' },
	{ keys: ['?'], does: 'Show these keys' },
];
