/** The stitches of row language besides crossings: what each takes off the left needle and what it leaves. */

import type { Work } from '../../crossing/index.ts';

export interface StitchKind {
	/** As it is written: `k2tog`. */
	readonly id: string;
	/** Stitches that it takes. */
	readonly takes: number;
	/** How each stitch that it leaves is worked; a slipped one keeps the face that it had. */
	readonly makes: readonly (Work | 'slipped')[];
	readonly says: string;
	/** Other ways of writing it, small letters, without spaces. */
	readonly also?: readonly string[];
	/** A number written close behind counts how often, as in `k3`. */
	readonly counted?: boolean;
}

const kinds: readonly StitchKind[] = [
	{ id: 'k', takes: 1, makes: ['k'], says: 'knit', also: ['knit'], counted: true },
	{ id: 'p', takes: 1, makes: ['p'], says: 'purl', also: ['purl'], counted: true },
	{ id: 'ktbl', takes: 1, makes: ['ktbl'], says: 'knit through the back loop', counted: true },
	{ id: 'ptbl', takes: 1, makes: ['ptbl'], says: 'purl through the back loop', counted: true },
	{ id: 'sl', takes: 1, makes: ['slipped'], says: 'slip purlwise', also: ['slip', 's'], counted: true },
	{ id: 'brk', takes: 1, makes: ['k'], says: 'knit the stitch together with its yarn-over', counted: true },
	{ id: 'brp', takes: 1, makes: ['p'], says: 'purl the stitch together with its yarn-over', counted: true },
	{
		id: 'sl1yo',
		takes: 1,
		makes: ['slipped'],
		says: 'slip purlwise with a yarn-over',
		also: ['sl1yof', 'slyo', 'yfsl1yo'],
	},
	{ id: 'k2tog', takes: 2, makes: ['k'], says: 'knit two together' },
	{
		id: 'ssk',
		takes: 2,
		makes: ['k'],
		says: 'slip two knitwise, knit them together',
		also: ['skp', 'sl1k1psso', 'skpo'],
	},
	{ id: 'p2tog', takes: 2, makes: ['p'], says: 'purl two together' },
	{
		id: 'ssp',
		takes: 2,
		makes: ['p'],
		says: 'slip two knitwise, purl them together through the back loops',
		also: ['p2togtbl'],
	},
	{ id: 'k3tog', takes: 3, makes: ['k'], says: 'knit three together' },
	{
		id: 'sssk',
		takes: 3,
		makes: ['k'],
		says: 'slip three knitwise, knit them together',
		also: ['sk2p', 'cdd', 's2kp'],
	},
	{ id: 'p3tog', takes: 3, makes: ['p'], says: 'purl three together' },
	{ id: 'kfb', takes: 1, makes: ['k', 'ktbl'], says: 'knit into front and back', also: ['k1fb', 'kf&b'] },
	{ id: 'pfb', takes: 1, makes: ['p', 'ptbl'], says: 'purl into front and back', also: ['p1fb'] },
	{ id: 'yo', takes: 0, makes: ['k'], says: 'yarn over', also: ['yfwd', 'yrn', 'yon'] },
	{ id: 'm1', takes: 0, makes: ['k'], says: 'make one from the bar', also: ['m1k'] },
	{ id: 'm1l', takes: 0, makes: ['k'], says: 'make one, leaning left' },
	{ id: 'm1r', takes: 0, makes: ['k'], says: 'make one, leaning right' },
	{ id: 'm1p', takes: 0, makes: ['p'], says: 'make one purlwise' },
];

export const STITCH_KINDS: ReadonlyMap<string, StitchKind> = new Map(kinds.map((k) => [k.id, k]));

const written = new Map(kinds.flatMap((k) => [k.id, ...(k.also ?? [])].map((w) => [w, k] as const)));

/** What a single word means, with how often: `k3`, `ssk`, `sl1`, `k1tbl`. `undefined` when it is no stitch. */
export function stitchWord(
	word: string,
): { readonly kind: StitchKind; readonly times: number | undefined } | undefined {
	const small = word.toLowerCase();
	const whole = written.get(small);
	if (whole) return { kind: whole, times: undefined };
	const [, letters, digits, twist] = /^([a-z]+?)-?(\d{1,4})(tbl)?$/.exec(small) ?? [];
	if (letters === undefined || digits === undefined) return undefined;
	const kind = written.get(letters + (twist ?? ''));
	return kind?.counted ? { kind, times: Number(digits) } : undefined;
}
