/** What shows when a crossing came out otherwise than it was asked for: computed from the outcome, never looked up. */

import { pairKey, shortNumbers, type Crossing, type StitchNumber } from '../../crossing/index.ts';
import type { HandlingOutcome } from '../outcome.ts';

export const SIGN_IDS = [
	'leans-wrong',
	'order-wrong',
	'wound',
	'kink',
	'one-too-many',
	'one-too-few',
	'ladder',
	'twisted',
	'bar',
	'bump',
	'smooth',
	'split',
	'turned',
	'unfinished',
	'hangs-up',
	'locked',
	'large',
] as const;
export type SignId = (typeof SIGN_IDS)[number];

/** The two faces of the fabric: right and wrong side. */
export type SideSeen = 'RS' | 'WS';

export interface Sign {
	readonly id: SignId;
	/** On which faces it can be seen. */
	readonly faces: readonly SideSeen[];
	/** The stitches that show it, by start number. */
	readonly stitches: readonly StitchNumber[];
	/** What is seen, for each face on which it is. */
	readonly says: Readonly<Partial<Record<SideSeen, string>>>;
}

/** Where one looks for a sign on both faces alike. */
export const bothFaces = (id: SignId, stitches: readonly StitchNumber[], says: string): Sign =>
	sign(id, stitches, BOTH, says);

const BOTH: readonly SideSeen[] = ['RS', 'WS'];
const sorted = (numbers: Iterable<number>): number[] => [...new Set(numbers)].sort((a, b) => a - b);

/** A sign that looks the same on the faces given. */
const sign = (id: SignId, stitches: readonly StitchNumber[], faces: readonly SideSeen[], says: string): Sign => ({
	id,
	faces,
	stitches,
	says: Object.fromEntries(faces.map((f) => [f, says])),
});

/** Everything about an outcome that is not as asked, in the order in which it strikes the eye; none when all is right. */
export function signsOf(asked: Crossing, outcome: HandlingOutcome): readonly Sign[] {
	return [
		...passingSigns(asked, outcome),
		...countSigns(asked, outcome),
		...workSigns(asked, outcome),
		...yarnSigns(outcome),
		...leftoverSigns(outcome),
	];
}

function passingSigns(asked: Crossing, outcome: HandlingOutcome): Sign[] {
	const wanted = new Map(asked.over.map((pair) => [pairKey(...pair), pair[0]]));
	const wrong = outcome.over.filter(([u, l]) => wanted.has(pairKey(u, l)) && wanted.get(pairKey(u, l)) !== u);
	const signs: Sign[] = [];
	if (wrong.length > 0) {
		const stitches = sorted(wrong.flat());
		const some = wrong.length < asked.over.length ? ` (${shortNumbers(stitches, ', ')})` : '';
		// Lean is chirality: it is the same on both faces.
		signs.push(sign('leans-wrong', stitches, BOTH, `leans the other way${some}`));
	}
	const made = new Set(outcome.over.map((pair) => pairKey(...pair)));
	const gone = (pair: readonly number[]): boolean => pair.some((s) => outcome.lost.includes(s));
	const never = asked.over.filter((p) => !made.has(pairKey(...p)) && !gone(p) && !isUnsettled(outcome, p));
	const beyond = outcome.over.filter((p) => !wanted.has(pairKey(...p)));
	const astray = sorted([...never, ...beyond].flat()).filter((s) => outcome.work[s] !== undefined);
	if (astray.length > 0 && outcome.unworked.length === 0) {
		signs.push(sign('order-wrong', astray, BOTH, `${shortNumbers(astray, ', ')} stand in another order`));
	}
	if (outcome.tangled.length > 0) {
		const stitches = sorted(outcome.tangled.flat());
		signs.push(sign('wound', stitches, BOTH, `${shortNumbers(stitches, ', ')} are wound round each other`));
	}
	if (outcome.level.length > 0) {
		const stitches = sorted(outcome.level.flat());
		const above = asked.over.some(([u]) => stitches.includes(u));
		const below = asked.over.some(([, l]) => stitches.includes(l));
		const faces = BOTH.filter((f) => (f === 'RS' ? above || !below : below || !above));
		signs.push(
			sign('kink', stitches, faces, `a kink inside the group: ${shortNumbers(stitches, ', ')} changed places`),
		);
	}
	return signs;
}

const isUnsettled = ({ tangled, level }: HandlingOutcome, pair: readonly [number, number]): boolean =>
	[...tangled, ...level].some((p) => pairKey(...p) === pairKey(...pair));

function countSigns(asked: Crossing, { extraLoops, lost, order, unworked }: HandlingOutcome): Sign[] {
	const signs: Sign[] = [];
	if (lost.length > 0) {
		const many = lost.length === 1 ? 'a ladder runs' : 'ladders run';
		signs.push(sign('ladder', lost, BOTH, `${many} down from ${shortNumbers(sorted(lost), ', ')}`));
	}
	const count = order.length + unworked.length + extraLoops;
	if (count > asked.n) {
		signs.push(sign('one-too-many', [], BOTH, `${count} loops on the needle where there were ${asked.n}`));
	}
	if (count < asked.n) {
		signs.push(sign('one-too-few', lost, BOTH, `${count} loops on the needle where there were ${asked.n}`));
	}
	return signs;
}

function workSigns(asked: Crossing, outcome: HandlingOutcome): Sign[] {
	const signs: Sign[] = [];
	const where = (which: (wanted: string, made: string) => boolean): number[] =>
		asked.work.flatMap((w, i) => {
			const made = outcome.work[i + 1];
			return made !== undefined && which(w, made) ? [i + 1] : [];
		});
	const list = (of: readonly number[]): string => shortNumbers(of, ', ');
	const bumps = where((wanted, made) => wanted[0] === 'k' && made[0] === 'p');
	if (bumps.length > 0) {
		signs.push({
			id: 'bump',
			faces: BOTH,
			stitches: bumps,
			says: { RS: `a purl bump in the cable at ${list(bumps)}`, WS: `a smooth knit stitch at ${list(bumps)}` },
		});
	}
	const smooth = where((wanted, made) => wanted[0] === 'p' && made[0] === 'k');
	if (smooth.length > 0) {
		signs.push({
			id: 'smooth',
			faces: BOTH,
			stitches: smooth,
			says: { RS: `a knit stitch in the purl at ${list(smooth)}`, WS: `a bump at ${list(smooth)}` },
		});
	}
	// A twist sits on the face where the stitch is smooth.
	for (const face of BOTH) {
		const letter = face === 'RS' ? 'k' : 'p';
		const twisted = where((wanted, made) => made === `${letter}tbl` && !wanted.endsWith('tbl'));
		if (twisted.length > 0) {
			const says = `${list(twisted)} ${twisted.length === 1 ? 'is' : 'are'} tight and crossed at the foot`;
			signs.push(sign('twisted', twisted, [face], says));
		}
		const open = where((wanted, made) => made === letter && wanted.endsWith('tbl'));
		if (open.length > 0) {
			const says = `${list(open)} ${open.length === 1 ? 'lies' : 'lie'} open among twisted stitches`;
			signs.push(sign('turned', open, [face], says));
		}
	}
	return signs;
}

function yarnSigns({ bars, split }: HandlingOutcome): Sign[] {
	const signs = bars.map(({ side, across }): Sign => {
		const face: SideSeen = side === 'front' ? 'RS' : 'WS';
		return sign('bar', across, [face], `a strand of yarn lies across ${shortNumbers(across, ', ')}`);
	});
	if (split.length > 0) {
		const says = `${shortNumbers(split, ', ')} ${split.length === 1 ? 'is' : 'are'} worked through half the yarn, with a loop of it beside`;
		signs.push(sign('split', split, BOTH, says));
	}
	return signs;
}

function leftoverSigns({ turned, unworked, kept, hung }: HandlingOutcome): Sign[] {
	const signs: Sign[] = [];
	if (turned.length > 0) {
		const says = `${shortNumbers(turned, ', ')} ${turned.length === 1 ? 'sits' : 'sit'} turned on the needle`;
		signs.push(sign('turned', turned, BOTH, says));
	}
	if (hung.length > 0) {
		const says = `${shortNumbers(hung, ', ')} ${hung.length === 1 ? 'hangs' : 'hang'} up, the old loop still there`;
		signs.push(sign('hangs-up', hung, BOTH, says));
	}
	const left = sorted([...unworked, ...kept]);
	if (left.length > 0) {
		signs.push(sign('unfinished', left, BOTH, `${shortNumbers(left, ', ')} still wait, not worked or not let off`));
	}
	return signs;
}
