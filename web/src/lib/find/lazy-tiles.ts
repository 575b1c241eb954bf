import { hydratedLater } from '$lib/ui/lazy/lazy-part';
import Tiles from './Tiles.svelte';

/** Pictures and links: what stands there as the server wrote it needs nothing more. */
export const tiles = hydratedLater(Tiles);
