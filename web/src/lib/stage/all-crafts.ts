/** Every craft, and the search for ways: fetched when another craft than plain knitting, or a way that is searched for, is looked at. */

export { craftIn } from '@pond-loop/core/look';
export { LookedFor } from './looked-for.svelte';
