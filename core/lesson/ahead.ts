import type { Pieces } from '../pieces/index.ts';
import { kindOf, type Step } from '../step/index.ts';
import { checkingOnce, isLongSwatch } from '../swatch/index.ts';

/**
 * Works the swatches of steps in pieces, and remembers them as `checked` does: what is made of the steps afterwards finds
 * them worked. Long ones are left out, as everywhere where somebody waits for a page.
 */
export function* workingAhead(steps: readonly Step[], glossary: string): Pieces<void> {
	for (const step of steps) {
		const swatch = kindOf(step).swatch?.(step);
		if (swatch && !isLongSwatch(swatch)) yield* checkingOnce(swatch, glossary);
	}
}
