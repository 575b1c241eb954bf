/** A swatch in words: each cell, each row, and what its chart uses. */

import { STITCH_KINDS, stitches, wordsMade } from '../notation/index.ts';
import type { Cords, Worked } from '../worked/index.ts';

const FACE = { k: 'knit', p: 'purl' } as const;

/** One cell: where it is, what it looks like, and what it belongs to. */
export function cellWords(worked: Worked, cords: Cords, i: number, column: number, mirrored = false): string {
	const row = worked.rows[i]!;
	const stitch = row.stitches[column]!;
	const cord = cords.cordOf[cords.strands[i + 1]![column]!]!;
	const crossed = row.crossings.find((c) => column >= c.at && column < c.at + c.crossing.n);
	const kind = STITCH_KINDS.get(stitch.how);
	const parts = [`${FACE[stitch.face]} on the right side${stitch.twisted ? ', twisted' : ''}`];
	if (stitch.colour) parts.push(`yarn ${stitch.colour}`);
	if (cord >= 0) parts.push(`strand ${cords.cords[cord]!.letter}`);
	if (crossed) {
		const words = wordsMade({ made: crossed.crossing, mirrored });
		parts.push(`in ${crossed.name}: ${words.title}, ${words.look}`);
	} else if (kind && (kind.takes !== 1 || kind.makes.length !== 1 || kind.id === 'sl')) parts.push(kind.says);
	return `Row ${row.number} (${row.side}), stitch ${column + 1} from the ${mirrored ? 'left' : 'right'}: ${parts.join('; ')}.`;
}

export interface LegendEntry {
	readonly kind: 'ground' | 'cord' | 'crossing' | 'stitch' | 'mark';
	/** As it is written, or the cord's letter. */
	readonly name: string;
	readonly says: string;
	/** A cell that shows it. */
	readonly row: number;
	readonly column: number;
}

/** What a chart of this swatch uses, each once: its ground, cords, crossings and other stitches. `mirrored`: as left hands make it. */
export function legendOf(worked: Worked, cords: Cords, mirrored = false): readonly LegendEntry[] {
	const found = new Map<string, LegendEntry>();
	const put = (key: string, entry: LegendEntry): void => {
		if (!found.has(key)) found.set(key, entry);
	};
	for (const [i, row] of worked.rows.entries()) {
		for (const c of row.crossings) {
			const words = wordsMade({ made: c.crossing, mirrored });
			put(`x ${c.name} ${row.side}`, {
				kind: 'crossing',
				name: c.name,
				says: `${words.title}: ${words.look}`,
				row: i,
				column: c.at,
			});
		}
		for (const [column, s] of row.stitches.entries()) {
			const cord = cords.cordOf[cords.strands[i + 1]![column]!]!;
			if (cord >= 0) {
				const { letter, strands } = cords.cords[cord]!;
				put(`c ${cord}`, {
					kind: 'cord',
					name: letter,
					says: `strand ${letter}, ${stitches(strands.length)} wide`,
					row: i,
					column,
				});
			} else if (s.how !== 'x')
				put(`g ${s.face}`, {
					kind: 'ground',
					name: FACE[s.face],
					says: `${FACE[s.face]} on the right side${s.face === 'k' ? ': an empty cell' : ''}`,
					row: i,
					column,
				});
			const kind = STITCH_KINDS.get(s.how);
			if (kind && (kind.takes !== 1 || kind.makes.length !== 1 || kind.id === 'sl' || s.twisted)) {
				put(`s ${s.how}`, { kind: 'stitch', name: s.how.replace('tbl', ' tbl'), says: kind.says, row: i, column });
			}
		}
	}
	const second = worked.rows.findIndex((r) => r.colour === 'B');
	if (second !== -1) {
		put('y', {
			kind: 'mark',
			name: 'A, B',
			says: 'yarn A on pale squares, yarn B on dark ones',
			row: second,
			column: 0,
		});
	}
	const order = ['cord', 'crossing', 'ground', 'stitch', 'mark'];
	return [...found.values()].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind));
}
