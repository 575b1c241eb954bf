import type { RowLine } from '../notation/index.ts';

/** Whether a line is worked as another one is, such as `Row 4: as row 2`: its items are in that line. */
export const refers = ({ items, from, to }: RowLine): boolean =>
	items.length > 0 && items.every((item) => item.to <= from || item.from >= to);
