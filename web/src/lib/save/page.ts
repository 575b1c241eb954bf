import { onMount } from 'svelte';
import type { Autosave } from './autosave.svelte';
import { waitsToLeave } from './leave';

const LEAVE_AFTER_MS = 2000;
const STAY =
	'Not everything is saved yet. It is kept in this browser and put back when you open this page again. Leave it now?';

/**
 * Ties an open document to its page: picks up what was unsent when it comes, sends what is unsent
 * before it goes, and tries again when the page is looked at or the network is back.
 */
export function saveWithPage<T>(save: Autosave<T>): void {
	onMount(() => {
		save.recover();
		const flush = (): void => void save.flush();
		const hurry = (): void => save.hurry();
		const seen = (): void => (document.visibilityState === 'hidden' ? flush() : hurry());
		// What is not saved stays in this browser; but whoever closes it for good should know.
		const leave = (event: BeforeUnloadEvent): void => {
			if (save.unsaved && save.state.kind !== 'saving') event.preventDefault();
		};
		addEventListener('beforeunload', leave);
		addEventListener('pagehide', flush);
		addEventListener('online', hurry);
		document.addEventListener('visibilitychange', seen);
		return () => {
			removeEventListener('beforeunload', leave);
			removeEventListener('pagehide', flush);
			removeEventListener('online', hurry);
			document.removeEventListener('visibilitychange', seen);
			save.dispose();
		};
	});

	// The next page, such as the sheet, must show what was just typed.
	waitsToLeave({
		isUnsent: () => save.unsaved,
		send: () => save.flush(),
		atMost: LEAVE_AFTER_MS,
		// Signing in is how it gets saved.
		stays: (to) => save.unsaved && to.pathname !== '/sign-in' && !confirm(STAY),
	});
}
