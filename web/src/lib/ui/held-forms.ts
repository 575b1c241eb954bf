import { whenAwake } from './waking';

/**
 * A form that only the page's script can send would be sent by the browser itself before that listens: the page would
 * come anew, and nothing of what was asked. The last that is sent so is sent again once the page listens.
 */
export function holdForms(): void {
	let held: HTMLFormElement | undefined;
	const hold = (event: SubmitEvent): void => {
		const form = event.target;
		// Those with a method are plain forms as well.
		if (!(form instanceof HTMLFormElement) || form.hasAttribute('method')) return;
		event.preventDefault();
		event.stopImmediatePropagation();
		held = form;
	};
	addEventListener('submit', hold, true);
	void whenAwake().then(() => {
		removeEventListener('submit', hold, true);
		if (held?.isConnected) held.requestSubmit();
	});
}
