/** What was pressed, typed or chosen in a part of the page before it was awake is heard once it is. */

const WAKES = ['pointerover', 'pointerdown', 'focusin', 'keydown'] as const;

type Field = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;
const isField = (target: EventTarget | null): target is Field =>
	target instanceof HTMLInputElement || target instanceof HTMLSelectElement || target instanceof HTMLTextAreaElement;

export interface Listening {
	/** To be called once it is awake: does again what was done before. */
	readonly replay: () => void;
	/** Stops listening. */
	readonly stop: () => void;
}

/** Listens in a part that sleeps; `near` is called when somebody comes near it. */
export function listening(part: HTMLElement, near: () => void): Listening {
	let pressed: HTMLElement | SVGElement | undefined;
	const typed = new Map<Field, string>();
	const onpress = (event: MouseEvent): void => {
		near();
		const { target } = event;
		// A link leads where it leads, a field takes what is typed: neither needs what sleeps.
		if (!(target instanceof HTMLElement || target instanceof SVGElement) || target.closest('a[href]')) return;
		if (isField(target) && !['radio', 'checkbox'].includes(target.type)) return;
		event.preventDefault();
		event.stopPropagation();
		pressed = target;
	};
	const ontype = (event: Event): void => {
		near();
		if (isField(event.target)) typed.set(event.target, event.target.value);
	};
	for (const kind of WAKES) part.addEventListener(kind, near);
	part.addEventListener('click', onpress, true);
	part.addEventListener('input', ontype, true);
	return {
		replay: () => {
			for (const [field, value] of typed) {
				field.value = value;
				field.dispatchEvent(new Event('input', { bubbles: true }));
				field.dispatchEvent(new Event('change', { bubbles: true }));
			}
			pressed?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, composed: true }));
		},
		stop: () => {
			for (const kind of WAKES) part.removeEventListener(kind, near);
			part.removeEventListener('click', onpress, true);
			part.removeEventListener('input', ontype, true);
		},
	};
}
