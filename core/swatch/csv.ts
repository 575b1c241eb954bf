/** The chart as a table: a line a row, highest first, cells from the left as seen on the right side. */

import type { Cords, Worked } from '../worked/index.ts';

/** Rows of cells, behind the yarn of the row where rows name yarns: a crossing stands in its first cell from the left, with its stitches; its other cells hold `<`. */
export function chartTable(worked: Worked, cords: Cords): readonly (readonly string[])[] {
	const columns = Array.from({ length: worked.widest }, (_, i) => String(worked.widest - i));
	const yarns = worked.rows.some((row) => row.colour !== undefined);
	const head = ['row', 'side', ...(yarns ? ['yarn'] : []), ...columns];
	const rows = worked.rows.map((row, i) => {
		const cells = row.stitches.map((s, column) => {
			const crossed = row.crossings.find((c) => column >= c.at && column < c.at + c.crossing.n);
			const cord = cords.cordOf[cords.strands[i + 1]![column]!]!;
			const letter = cord >= 0 ? ` ${cords.cords[cord]!.letter}` : '';
			if (!crossed) return `${s.how === 'x' || s.how === 'k' || s.how === 'p' ? s.face : s.how}${letter}`;
			return (column === crossed.at + crossed.crossing.n - 1 ? crossed.name : '<') + letter;
		});
		const empty = Array<string>(worked.widest - cells.length).fill('');
		const yarn = yarns ? [row.colour ?? ''] : [];
		return [String(row.number), row.side, ...yarn, ...empty, ...cells.reverse()];
	});
	return [head, ...rows.reverse()];
}
