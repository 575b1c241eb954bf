import { whenInteractive } from './hydration';

/**
 * A form without a method is sent by the page's script. Before that is hydrated the browser would load the page again
 * instead; so the last such submit is held, and sent once the page is interactive.
 */
export function queueEarlySubmits(): void {
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
	void whenInteractive().then(() => {
		removeEventListener('submit', hold, true);
		if (held?.isConnected) held.requestSubmit();
	});
}
