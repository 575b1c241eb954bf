import { asleep, atHand } from '$lib/ui/asleep/asleep';

/** The field for a name, with what it means: all that reads names comes along with it. */
export const askName = asleep(() => import('./AskName.svelte'));

if (import.meta.env.SSR) await atHand(askName);
