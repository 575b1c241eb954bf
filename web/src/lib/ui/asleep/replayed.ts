/** What was pressed, typed or chosen in a part of the page before it was awake is heard once it is. */

const WAKES = ['pointerover', 'pointerdown', 'focusin', 'keydown'] as const;

type Field = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;
const isField = (target: EventTarget | null): target is Field =>
	target instanceof HTMLInputElement || target instanceof HTMLSelectElement || target instanceof HTMLTextAreaElement;

const isChosen = (field: Field): field is HTMLInputElement =>
	field instanceof HTMLInputElement && ['radio', 'checkbox'].includes(field.type);

export interface Listening {
	/** To be called once it is awake: does again what was done before. */
	readonly replay: () => void;
	/** Stops listening. */
	readonly stop: () => void;
}

/** Listens in a part that sleeps; `near` is called when somebody comes near it. */
export function listening(part: HTMLElement, near: () => void): Listening {
	let pressed: HTMLElement | SVGElement | undefined;
	const typed = new Map<Field, { readonly value: string; readonly checked?: boolean }>();
	const onpress = (event: MouseEvent): void => {
		near();
		const { target } = event;
		// A link leads where it leads, a field takes what is typed or chosen: neither needs what sleeps.
		if (!(target instanceof HTMLElement || target instanceof SVGElement)) return;
		if (target.closest('a[href], label') || isField(target)) return;
		event.preventDefault();
		event.stopPropagation();
		pressed = target;
	};
	const ontype = (event: Event): void => {
		near();
		const field = event.target;
		if (!isField(field)) return;
		const { value } = field;
		typed.set(field, isChosen(field) ? { value, checked: field.checked } : { value });
	};
	for (const kind of WAKES) part.addEventListener(kind, near);
	part.addEventListener('click', onpress, true);
	part.addEventListener('input', ontype, true);
	part.addEventListener('change', ontype, true);
	return {
		replay: () => {
			for (const [field, { value, checked }] of typed) {
				if (checked !== undefined && isChosen(field)) field.checked = checked;
				else field.value = value;
				field.dispatchEvent(new Event('input', { bubbles: true }));
				field.dispatchEvent(new Event('change', { bubbles: true }));
			}
			pressed?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, composed: true }));
		},
		stop: () => {
			for (const kind of WAKES) part.removeEventListener(kind, near);
			part.removeEventListener('click', onpress, true);
			part.removeEventListener('input', ontype, true);
			part.removeEventListener('change', ontype, true);
		},
	};
}
