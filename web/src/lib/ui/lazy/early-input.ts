/** Presses and input in a lazy part before it is hydrated: recorded, and repeated once after. */

const APPROACHES = ['pointerover', 'pointerdown', 'focusin', 'keydown'] as const;

type Field = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;
const isField = (target: EventTarget | null): target is Field =>
	target instanceof HTMLInputElement || target instanceof HTMLSelectElement || target instanceof HTMLTextAreaElement;

const isChosen = (field: Field): field is HTMLInputElement =>
	field instanceof HTMLInputElement && ['radio', 'checkbox'].includes(field.type);

export interface EarlyInput {
	/** Called once after hydration: repeats what was recorded. */
	readonly replay: () => void;
	/** Stops listening. */
	readonly stop: () => void;
}

/** Records input in a part; `near` is called when a pointer, the focus or a key comes to it. */
export function recordEarlyInput(part: HTMLElement, near: () => void): EarlyInput {
	let pressed: HTMLElement | SVGElement | undefined;
	const typed = new Map<Field, { readonly value: string; readonly checked?: boolean }>();
	const onpress = (event: MouseEvent): void => {
		near();
		const { target } = event;
		// A link leads where it leads, a field takes what is typed or chosen: neither needs the part’s script.
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
	for (const kind of APPROACHES) part.addEventListener(kind, near);
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
			for (const kind of APPROACHES) part.removeEventListener(kind, near);
			part.removeEventListener('click', onpress, true);
			part.removeEventListener('input', ontype, true);
			part.removeEventListener('change', ontype, true);
		},
	};
}
