import { hydratedLater } from '$lib/ui/lazy/lazy-part';
import Sample from './Sample.svelte';

/** It stands there as written until something is changed. */
export const sample = hydratedLater(Sample);
