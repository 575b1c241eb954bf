import { dozing } from '$lib/ui/asleep/asleep';
import Sample from './Sample.svelte';

/** It stands there as written until something is changed. */
export const sample = dozing(Sample);
