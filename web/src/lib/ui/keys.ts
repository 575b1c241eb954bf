/** What really has the focus where an editor keeps itself apart in a tree of its own. */
const inside = (target: EventTarget | null): EventTarget | null =>
	(target instanceof HTMLElement && target.shadowRoot?.activeElement) || target;

/** Whether a key belongs to what is being typed or chosen, and not to the page. */
export function inWriting(event: EventTarget | null): boolean {
	const target = inside(event);
	if (!(target instanceof HTMLElement)) return false;
	return target.isContentEditable || target.matches('input, textarea, select, [role="dialog"] *');
}

const TEXT = 'textarea, input:not([type="radio"], [type="checkbox"], [type="button"], [type="submit"])';

/** Whether what is typed in has an undo of its own, so that the page's must not step in. */
export function hasOwnUndo(event: EventTarget | null): boolean {
	const target = inside(event);
	return target instanceof HTMLElement && (target.isContentEditable || target.matches(TEXT));
}

export interface KeyHelp {
	readonly keys: readonly string[];
	readonly does: string;
}

export const KEY_HELP: readonly KeyHelp[] = [
	{ keys: ['/'], does: 'Find a crossing by any name, or by a sentence' },
	{ keys: ['←', '→'], does: 'One move back, one move on' },
	{ keys: ['Home', 'End'], does: 'To the start, to the end of the moves' },
	{ keys: ['P'], does: 'Play the moves, or pause' },
	{ keys: ['L'], does: 'Repeat one move' },
	{ keys: ['X'], does: 'To the next moment at which stitches cross' },
	{ keys: ['V'], does: 'Front, above, the other side' },
	{ keys: ['F'], does: 'Full screen' },
	{ keys: ['K', 'P'], does: 'In a chart: show the chosen cells as knit, as purl' },
	{ keys: ['C', 'V', 'M'], does: 'In a chart: take up a box, put a copy here, or move it here' },
	{ keys: ['Space'], does: 'At the needles: the row is finished' },
	{ keys: ['Ctrl', 'Z'], does: 'Undo, in a lesson, a swatch and the house style' },
	{ keys: ['Ctrl', 'Shift', 'Z'], does: 'Do it again' },
	{ keys: ['?'], does: 'Show these keys' },
];
