import type { CraftId } from '@pond-loop/core/craft';

/** What following a swatch row by row is called, by what it is followed on. */
export const whereRows = (craft: CraftId | undefined): string =>
	craft === 'loom' ? 'At the pegs' : craft === 'machine' ? 'At the machine' : 'At the needles';
