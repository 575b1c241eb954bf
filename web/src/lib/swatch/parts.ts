import { dozing } from '$lib/ui/asleep/asleep';
import PracticeMade from './PracticeMade.svelte';

/** What a practice swatch comes to, worked after the page that asks for it. */
export const practiceMade = dozing(PracticeMade);
