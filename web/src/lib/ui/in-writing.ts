/** Which keys belong to what is being typed, and not to the page. */

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
