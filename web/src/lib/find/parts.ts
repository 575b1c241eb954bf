import { dozing } from '$lib/ui/asleep/asleep';
import Tiles from './Tiles.svelte';

/** Pictures and links: what stands there as the server wrote it needs nothing more. */
export const tiles = dozing(Tiles);
