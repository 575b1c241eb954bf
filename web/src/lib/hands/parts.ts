import { dozing } from '$lib/ui/asleep/asleep';
import YourHands from './YourHands.svelte';

/** Most of its page, so it is woken after the rest. */
export const yourHands = dozing(YourHands);
