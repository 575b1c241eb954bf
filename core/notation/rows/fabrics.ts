/** Fabrics that rows call by their names: `garter over 5`, `work 4 sts in k1, p1 rib`, `moss to end`. */

/** How each stitch of such a fabric is worked, by the stitches below it. */
export type Fabric =
	| { readonly kind: 'stocking' | 'reverse' | 'garter' | 'seed' }
	/** `by` is left out where the text does not say which rib. */
	| { readonly kind: 'rib'; readonly by?: Rib };

/** So many knit and so many purl stitches by turns. */
export interface Rib {
	readonly knit: number;
	readonly purl: number;
	readonly begins: 'k' | 'p';
}

const NAMES: readonly (readonly [names: string, fabric: Fabric])[] = [
	['stocking st|stocking stitch|stockinette|stockinette st|stockinette stitch|st st', { kind: 'stocking' }],
	[
		'reverse stocking st|reverse stocking stitch|reverse stockinette|reverse stockinette st|reverse stockinette stitch|reverse st st|rev stocking st|rev stocking stitch|rev stockinette|rev st st',
		{ kind: 'reverse' },
	],
	['garter|garter st|garter stitch', { kind: 'garter' }],
	['seed|seed st|seed stitch|moss|moss st|moss stitch', { kind: 'seed' }],
	['rib|ribbing|rib pattern', { kind: 'rib' }],
];
const BY_NAME: ReadonlyMap<string, Fabric> = new Map(
	NAMES.flatMap(([names, fabric]) => names.split('|').map((name) => [name, fabric] as const)),
);
/** Words of the longest name, `reverse stockinette stitch`. */
const MOST_WORDS = 3;
/** `k2p2-rib` and `2x2-rib`, into which “k2, p2 rib” and “2/2 rib” are put before a row is read. */
const RIB = /^([kp]?)(\d{1,2})[kpx](\d{1,2})-rib$/;

export interface FabricSaid {
	readonly fabric: Fabric;
	/** Words that its name takes. */
	readonly words: number;
}

/** The fabric that some words begin with, in small letters; the longest name counts. */
export function fabricIn(words: readonly string[]): FabricSaid | undefined {
	const [first = ''] = words;
	const [, begins, one, two] = RIB.exec(first) ?? [];
	if (begins !== undefined) {
		const counts = [Number(one), Number(two)] as const;
		const [knit, purl] = begins === 'p' ? [counts[1], counts[0]] : counts;
		return knit > 0 && purl > 0
			? { fabric: { kind: 'rib', by: { knit, purl, begins: begins === 'p' ? 'p' : 'k' } }, words: 1 }
			: undefined;
	}
	for (let many = Math.min(MOST_WORDS, words.length); many > 0; many--) {
		const fabric = BY_NAME.get(words.slice(0, many).join(' '));
		if (fabric) return { fabric, words: many };
	}
	return undefined;
}
