import { get } from 'svelte/store';
import { superForm, type SuperForm, type SuperValidated } from 'sveltekit-superforms';

/**
 * A form that keeps what was typed when the server cannot be reached, and says so.
 * `done` is called when the server has done what was asked. `keep` names the fields that the server
 * never sends back but that need not be typed again when another field was wrong.
 */
export function accountForm<T extends Record<string, unknown>>(
	validated: SuperValidated<T>,
	{ done, keep = [] }: { done?: () => void; keep?: readonly (keyof T)[] } = {},
): SuperForm<T> {
	const made = superForm<T>(validated, {
		// The server sends back what stays, passwords excepted.
		resetForm: false,
		onUpdate: ({ form }) => {
			if (form.valid) return;
			const typed = get(made.form);
			for (const field of keep) form.data[field] = typed[field];
		},
		onUpdated: ({ form }) => {
			if (form.valid) done?.();
		},
		onError: ({ result }) => {
			// A request that failed on its way has an error of the browser's making, without a word for the teacher.
			const said = result.error instanceof Error ? undefined : result.error.message;
			made.message.set(said ?? 'The server did not answer. What you typed is still here; try again in a moment.');
		},
	});
	return made;
}
