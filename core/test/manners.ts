/** One band of eight rows on 14 stitches, written down in thirty manners: all of them are the same fabric. */

const WS = 'k3, p8, k3';
const FOUR_OVER_FOUR = 'sl 4 sts to cn and hold in front, k4, k4 from cn';

export const BAND = {
	castOn: 14,
	text: `Row 1: p3, k8, p3\nRow 2: ${WS}\nRow 3: p3, 4/4 LC, p3\nRow 4: ${WS}\nRep rows 1-4 once more`,
};

export const MANNERS: readonly (readonly [manner: string, text: string])[] = [
	[
		'labels in capitals',
		`ROW 1: P3, K8, P3\nROW 2: K3, P8, K3\nROW 3: P3, 4/4 LC, P3\nROW 4: K3, P8, K3\nREPEAT ROWS 1-4 ONCE MORE.`,
	],
	['no colons', `Row 1 p3, k8, p3\nRow 2 ${WS}\nRow 3 p3, 4/4 LC, p3\nRow 4 ${WS}\nRepeat rows 1 to 4 once more`],
	['dashes', `Row 1 - p3, k8, p3\nRow 2 - ${WS}\nRow 3 - p3, 4/4 LC, p3\nRow 4 - ${WS}\nRep rows 1-4 once more.`],
	[
		'full stops',
		`Row 1. P3, k8, p3\nRow 2. K3, p8, k3\nRow 3. P3, 4/4 LC, p3\nRow 4. As row 2\nRepeat from row 1 once more.`,
	],
	['arrows', `Row 1 → p3, k8, p3\nRow 2 → ${WS}\nRow 3 → p3, 4/4 LC, p3\nRow 4 → ${WS}\nRep rows 1-4 once more`],
	['numbers alone', `1: p3, k8, p3\n2: ${WS}\n3: p3, 4/4 LC, p3\n4: ${WS}\nRep rows 1-4 once more`],
	[
		'a list of bullets',
		`• Row 1: p3, k8, p3\n• Row 2: ${WS}\n• Row 3: p3, 4/4 LC, p3\n• Row 4: ${WS}\nRep rows 1-4 once more`,
	],
	['R1', `R1: p3, k8, p3\nR2: ${WS}\nR3: p3, 4/4 LC, p3\nR4: ${WS}\nRep rows 1-4 once more`],
	[
		'ordinals',
		`1st row (RS): p3, k8, p3\n2nd row: ${WS}\n3rd row: p3, 4/4 LC, p3\n4th row: as 2nd row\nRepeat 1st-4th rows once more.`,
	],
	[
		'ordinals with dashes',
		`1st row (RS) – p3, k8, p3.\n2nd row (WS) – k3, p8, k3.\n3rd row – p3, 4/4 LC, p3.\n4th row – as 2nd row.\nRep rows 1-4 once more`,
	],
	[
		'numbers as words',
		`Row one: purl three, knit eight, purl three\nRow two: knit three, purl eight, knit three\nRow three: purl three, 4/4 LC, purl three\nRow four: knit three, purl eight, knit three\nRepeat these four rows once more`,
	],
	[
		'whole words',
		`Row 1 (RS): Purl 3, knit 8, purl 3.\nRow 2 (WS): Knit 3, purl 8, knit 3.\nRow 3 (RS): Purl 3, left cross 4 over 4, purl 3.\nRow 4 (WS): Knit 3, purl 8, knit 3.\nRepeat rows 1 through 4 once more.`,
	],
	[
		'the number before the letter',
		`Row 1: 3p, 8k, 3p\nRow 2: 3k, 8p, 3k\nRow 3: 3p, 4/4 LC, 3p\nRow 4: 3k, 8p, 3k\nRep rows 1-4 once more`,
	],
	[
		'all WS rows at once',
		`Row 1: p3, k8, p3\nRow 2 and all WS rows: ${WS}\nRow 3: p3, 4/4 LC, p3\nRow 5: as row 1\nRow 7: as row 3\nRow 8: as row 2`,
	],
	[
		'every alternate row',
		`1st row: p3, k8, p3\n2nd and every alt row: ${WS}\n3rd row: p3, 4/4 LC, p3\n5th row: p3, k8, p3\n7th row: p3, 4/4 LC, p3\n8th row: ${WS}`,
	],
	[
		'as they stand',
		`Row 1: p3, k8, p3\nRow 2: knit the knits and purl the purls\nRow 3: p3, 4/4 LC, p3\nRow 4: work sts as they appear\nRep rows 1-4 once more`,
	],
	['as set', `Row 1: p3, k8, p3\nRow 2: work even\nRow 3: p3, 4/4 LC, p3\nRow 4: as set\nRep rows 1-4 once more`],
	[
		'a sentence in the row',
		`Row 1: p3, k8, p3\nRow 2: ${WS}\nRow 3: p3, ${FOUR_OVER_FOUR}, p3\nRow 4: ${WS}\nRep rows 1-4 once more`,
	],
	[
		'a name with its sentence',
		`C8F = ${FOUR_OVER_FOUR}\nRow 1: p3, k8, p3\nRow 2: ${WS}\nRow 3: p3, C8F, p3\nRow 4: ${WS}\nRep rows 1-4 once more`,
	],
	[
		'a name given twice',
		`Row 1: p3, k8, p3\nRow 2: ${WS}\nRow 3: p3, C8F (4/4 LC), p3\nRow 4: ${WS}\nRep rows 1-4 once more`,
	],
	[
		'a title and materials',
		`Lantern band\nMaterials: a small ball of plain wool\nNeedles: 4 mm\nCast on 14 sts\nRow 1: p3, k8, p3\nRow 2: ${WS}\nRow 3: p3, 4/4 LC, p3\nRow 4: ${WS}\nRep rows 1-4 once more\nBind off in pattern.`,
	],
	[
		'a title with its width',
		`Lantern panel (worked over 14 sts)\nRow 1: p3, k8, p3\nRow 2: ${WS}\nRow 3: p3, 4/4 LC, p3\nRow 4: ${WS}\nRep rows 1-4 once more`,
	],
	[
		'counts behind rows',
		`Row 1: p3, k8, p3 (14 sts)\nRow 2: ${WS} [14 sts]\nRow 3: p3, 4/4 LC, p3 — 14 sts\nRow 4: ${WS}. 14 sts.\nRep rows 1-4 once more`,
	],
	['one line', `Row 1: p3, k8, p3. Row 2: ${WS}. Row 3: p3, 4/4 LC, p3. Row 4: ${WS}. Rep rows 1-4 once more.`],
	[
		'broken lines',
		`Row 1: p3,\nk8, p3\nRow 2: k3, p8,\nk3\nRow 3: p3, 4/4 LC,\np3\nRow 4: ${WS}\nRep rows 1-4 once more`,
	],
	[
		'repeats of rows as rows',
		`Row 1: p3, k8, p3\nRow 2: ${WS}\nRow 3: p3, 4/4 LC, p3\nRow 4: as row 2\nRows 5-8: repeat rows 1-4`,
	],
	[
		'a chart told row by row',
		`Chart row 1 (RS), read right to left: p3, k8, p3\nChart row 2 (WS), read left to right: ${WS}\nChart row 3 (RS), read right to left: p3, 4/4 LC, p3\nChart row 4 (WS), read left to right: ${WS}\nRep rows 1-4 once more`,
	],
	[
		'a fabric by its name',
		`Row 1: reverse st st over 3, st st over 8, reverse st st over 3\nRow 2: rev st st over 3 sts, work 8 sts in stockinette, rev st st to end\nRow 3: p3, 4/4 LC, p3\nRow 4: as row 2\nRep rows 1-4 once more`,
	],
	[
		'markers',
		`Row 1: p3, pm, k8, pm, p3\nRow 2: k to m, sl m, p to m, sl m, k to end\nRow 3: p to m, sl m, 4/4 LC, sl m, p to end\nRow 4: k to m, sl m, p to m, sl m, k to end\nRow 5: p to m, sl m, k to m, sl m, p to end\nRows 6-8: rep rows 2-4`,
	],
	['rows by their sides', `RS: p3, k8, p3\nWS: ${WS}\nRS: p3, 4/4 LC, p3\nWS: ${WS}\nRep rows 1-4 once more`],
];
