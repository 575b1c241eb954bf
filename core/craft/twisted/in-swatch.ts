/** Twisted rows: every knit stitch of a cord through the back loop, or those of right-side rows alone. */

import type { InSwatch } from '../in-swatch.ts';
import type { Cords, SwatchProblem, Worked } from '../../worked/index.ts';

export const twistedRows: InSwatch = {
	settings: ['twist'],
	note: ({ twist }) => (twist === 'right-side' ? 'Here on right-side rows only.' : undefined),
	work: (w, { side, twist }) => (w === 'k' && (twist === 'every' || side === 'RS') ? 'ktbl' : w),
	checks: twists,
};

/** Rows in which a cord, once it was crossed, is worked without a twist. */
function twists(worked: Worked, cords: Cords): SwatchProblem[] {
	const firstCrossed = worked.rows.findIndex((r) => r.crossings.length > 0);
	return worked.rows.flatMap((row, i): SwatchProblem[] => {
		if (!row.ok || firstCrossed === -1 || i <= firstCrossed) return [];
		if (worked.twist === 'right-side' && row.side === 'WS') return [];
		const plain = row.stitches.flatMap((s, column) => {
			const cord = cords.cordOf[cords.strands[i + 1]![column]!]!;
			return cord >= 0 && !s.twisted && s.face === 'k' ? [column] : [];
		});
		const [first] = plain;
		if (first === undefined) return [];
		const step = row.steps.find((t) => t.first <= first && first < t.last) ?? row.line.body;
		const back = row.side === 'RS' ? 'k1 tbl' : 'p1 tbl';
		return [
			{
				row: row.number,
				place: first,
				from: step.from,
				to: step.to,
				weight: 'warning',
				reason: 'not-twisted',
				what: `${plain.length === 1 ? 'One stitch of a cable is' : `${plain.length} stitches of cables are`} worked without a twist in row ${row.number}.`,
				todo:
					row.side === 'WS'
						? `Work them ${back}; or let the swatch twist on right-side rows only.`
						: `Work them ${back}.`,
			},
		];
	});
}
