/** A swatch of ropes of eight stitches and purl ground, crossed in every fourth row. @param {number} stitches @param {number} rows */
export function wideSwatch(stitches, rows) {
	const repeat = `${stitches / 10} times`;
	/** @param {number} i */
	const row = (i) =>
		i % 2 === 1 ? 'knit the knits and purl the purls' : i % 4 === 0 ? `[p2, C8F] ${repeat}` : `[p2, k8] ${repeat}`;
	return {
		format: 'pond-loop/swatch',
		version: 1,
		title: `${stitches} stitches by ${rows} rows`,
		castOn: stitches,
		shape: 'flat',
		school: 'total-front-back',
		text: Array.from({ length: rows }, (_, i) => row(i)).join('\n'),
	};
}
