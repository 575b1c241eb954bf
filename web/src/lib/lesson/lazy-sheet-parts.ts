import { hydratedLater } from '$lib/ui/lazy/lazy-part';
import SectionSheet from './SectionSheet.svelte';

/** A section of a lesson to be read: it stands there as written until it is to say something else. */
export const sectionSheet = hydratedLater(SectionSheet);
