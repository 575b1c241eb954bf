/** Whose hands do what is done by hand, kept in this browser; right ones where nothing is kept. */

import { DEMONSTRATIONS, type Demonstration } from '@pond-loop/core/craft';
import { keptHere } from '$lib/ui/kept-here';

const KEY = 'practice-hands';

export const handsHere = (): Demonstration => DEMONSTRATIONS.find((d) => d === keptHere.get(KEY)) ?? 'right';
export const keepHands = (hands: Demonstration): void => void keptHere.set(KEY, hands);
