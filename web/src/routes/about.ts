import { dozing } from '$lib/ui/asleep/asleep';
import About from './About.svelte';

/** The way about; links work before it is awake. */
export const about = dozing(About);
