import { hydratedLater } from '$lib/ui/lazy/lazy-part';
import YourHands from './YourHands.svelte';

/** Most of its page, so it is hydrated after the rest. */
export const yourHands = hydratedLater(YourHands);
