import { hydratedLater } from '$lib/ui/lazy/lazy-part';
import PracticeMade from './PracticeMade.svelte';

/** What a practice swatch comes to, worked after the page that asks for it. */
export const practiceMade = hydratedLater(PracticeMade);
