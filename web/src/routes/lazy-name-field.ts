import { fetchedLater, loadForServer } from '$lib/ui/lazy/lazy-part';

/** The field for a name, with what it means: all that reads names comes along with it. */
export const askName = fetchedLater(() => import('./AskName.svelte'));

if (import.meta.env.SSR) await loadForServer(askName);
