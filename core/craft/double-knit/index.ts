/** Double-knitting: two fabrics at once, knit on both faces, and three things that a crossing can mean. */

import { asThreeGroups, asTwoGroups, groupsOf, turn, type Crossing } from '../../crossing/index.ts';
import { HAND_MISTAKE_IDS, MISTAKES, type HandMistake, type Move } from '../../handling/index.ts';
import { fail, ok } from '../../result.ts';
import type { Craft, Way } from '../craft.ts';
import { CRAFT_TITLES } from '../titles.ts';
import { doubleRows } from './in-swatch.ts';
import { planByHand } from '../hand/ways/index.ts';
import { narrowed, onNeedles } from '../on-needles.ts';
import { PLAIN, type Vocabulary } from '../vocabulary.ts';
import { columnOf, isFacing, layerOf, layerOutcome, lockedIn, loopsOf, nameOfLoop } from './layers.ts';
import { crossOneLayer } from './one-layer.ts';
import { type Scope, SCOPES } from '../../worked/index.ts';

export { layerOf, lockedIn, loopsOf, nameOfLoop } from './layers.ts';

/** The widest group, in columns: each is two stitches thick. Assumed. */
export const MOST_COLUMNS = 4;

const isScope = (way: string): way is Scope => SCOPES.some((s) => s === way);

const WAYS: readonly Way[] = [
	{
		id: 'pairs',
		title: 'Both layers, as pairs',
		when: 'The strand shows on both faces, and leans the same way on each.',
		applies: 'Two or three groups, each up to 4 columns.',
		needs: 'One cable needle for two groups, two for three.',
		holders: 1,
		caution: 'A pair is a facing stitch and its back stitch: never part them.',
	},
	{
		id: 'facing',
		title: 'The facing layer only',
		when: 'The strand shows on the front only. The back stays straight.',
		applies: 'Two groups, each up to 4 columns.',
		needs: 'Two cable needles: one for the held group, one for the back layer.',
		holders: 2,
		caution:
			'A facing group that passes behind hangs between the layers: behind the back stitches it would lock them together.',
	},
	{
		id: 'back',
		title: 'The back layer only',
		when: 'The strand shows on the back only, and is named by how it looks there.',
		applies: 'Two groups, each up to 4 columns.',
		needs: 'Two cable needles: one for the held group, one for the facing layer.',
		holders: 2,
		caution:
			'A back group that passes before the others hangs between the layers: before the facing stitches it would lock them together.',
	},
];

const WORDS: Vocabulary = {
	...PLAIN,
	yarn: {
		name: 'both yarns',
		front: 'ready to purl the back',
		behind: 'ready to knit the facing',
		way: 'between the needles',
	},
};

/** A whole group, with all that is slipped to it one by one, hangs on the other side. */
const wrongPlace: HandMistake = {
	...MISTAKES['wrong-side'],
	how: 'The held group is on the other side. The cable leans the wrong way, or it locks both layers together.',
	sites: (trace) => {
		const moves = trace.steps.map((s) => s.move);
		const holders = new Set(moves.flatMap((m) => (m.kind === 'hold' ? [m.holder] : [])));
		return [...holders].map((holder) => ({
			at: moves.findIndex((m) => m.kind === 'hold' && m.holder === holder) + 1,
			moves: moves.map((m): Move => {
				if (m.kind !== 'hold') return m;
				const side = m.side === 'front' ? 'back' : 'front';
				return m.holder === holder ? { ...m, side, depth: 'outer' } : { ...m, depth: 'inner' };
			}),
		}));
	},
};

/** Cords are the groups of columns; the layer that does not cross is what they lie on. */
function cordsOfLoops(columns: Crossing, scope: Scope): readonly number[] {
	const groups = groupsOf(scope === 'back' ? turn(columns) : columns);
	return Array.from({ length: 2 * columns.n }, (_, i) => {
		const crosses = scope === 'pairs' || isFacing(i + 1) === (scope === 'facing');
		return crosses ? groups.findIndex((g) => g.includes(columnOf(i + 1))) : -1;
	});
}

export const doubleKnit: Craft = onNeedles({
	id: 'double-knit',
	title: CRAFT_TITLES['double-knit'],
	teaches: ['layers'],
	inSwatch: doubleRows,
	hasOwnColumns: true,
	hasSentence: false,
	speaks: /\bpairs?\b/i,
	// On the pairs of both layers; one layer alone has its own way.
	searches: true,
	holdsAll: true,
	says: 'Two layers, each with its own yarn: facing stitches are knit, back stitches purled, in turn.',
	ways: WAYS,
	nearest: (c) => narrowed(c, MOST_COLUMNS),
	takes: (c, way) => {
		const scope = isScope(way) ? way : 'pairs';
		const grouped = asTwoGroups(c) ?? (scope === 'pairs' ? asThreeGroups(c) : undefined);
		if (!grouped) {
			return fail({
				code: 'not-groups',
				what:
					scope === 'pairs'
						? 'In double-knitting two groups cross, or three with the centre staying.'
						: 'With one layer only, two groups cross: a third would need a third cable needle.',
				todo:
					scope === 'pairs'
						? 'Choose a crossing of two or three groups.'
						: 'Cross both layers as pairs, or two groups.',
			});
		}
		const widest = Math.max(...groupsOf(c).map((g) => g.length));
		if (widest > MOST_COLUMNS) {
			return fail({
				code: 'too-wide',
				what: `A group of ${widest} columns is ${2 * widest} stitches thick.`,
				todo: `Cross ${MOST_COLUMNS} over ${MOST_COLUMNS} columns at most.`,
			});
		}
		const loops = loopsOf(c, scope);
		return ok({
			loops,
			names: Array.from({ length: loops.n }, (_, i) => nameOfLoop(i + 1)),
			cords: cordsOfLoops(c, scope),
			yarns: 2,
			faces: [
				{ title: 'facing layer', crossing: layerOf(loops, true) },
				{ title: 'back layer, from the back', crossing: turn(layerOf(loops, false)) },
			],
			changes: [
				'Each column is a facing stitch, knit with the one yarn, and a back stitch, purled with the other; both yarns move together.',
				{
					pairs: 'Both layers cross as pairs: on the back it leans the same way.',
					facing: 'The layers are parted while the facing one crosses; what passes behind hangs between them.',
					back: 'The layers are parted while the back one crosses; what passes before the others hangs between them.',
				}[scope],
			],
			lost: [
				...(c.work.some((w) => w !== 'k') ? ['Purled background: each layer is knit on its own face.'] : []),
				...(scope === 'pairs' ? ['The two layers hang together where the pairs pass: there is no pocket there.'] : []),
			],
		});
	},
	moves: ({ loops }, c, way) => {
		if (!isScope(way)) {
			return fail({
				code: 'unknown-way',
				what: `There is no way called “${way}”.`,
				todo: `Choose one of: ${WAYS.map((w) => w.title).join(', ')}.`,
			});
		}
		if (way === 'facing' || way === 'back') {
			const moves = crossOneLayer(c, way);
			return moves
				? ok(moves)
				: fail({
						code: 'way-does-not-apply',
						what: 'One layer crosses in two groups only.',
						todo: 'Choose two groups.',
					});
		}
		return planByHand(loops, asThreeGroups(c) && !asTwoGroups(c) ? 'two-holders' : 'off-holder');
	},
	fault: ({ loops }, { outcome }) => {
		// Only one layer crosses when the facing or the back stitches keep their order.
		const scope = [true, false].some((facing) => layerOf(loops, facing).over.length === 0) ? 'facing' : 'pairs';
		const locked = lockedIn(outcome.over, scope);
		if (locked.length === 0) return undefined;
		const pairs = locked.map(([u, l]) => `${nameOfLoop(u)} before ${nameOfLoop(l)}`);
		return {
			sign: 'locked',
			stitches: [...new Set(locked.flat())].sort((a, b) => a - b),
			says: `The layers are locked together: ${pairs.slice(0, 4).join(', ')}${pairs.length > 4 ? ' and more' : ''}`,
		};
	},
	shows: ({ loops }, { outcome }, face) => {
		const facing = face === 'RS';
		return { asked: layerOf(loops, facing), outcome: layerOutcome(outcome, facing) };
	},
	vocabulary: (trace) => ({ ...WORDS, names: trace.start.loops.map((l) => nameOfLoop(l.stitch)) }),
	mistakes: HAND_MISTAKE_IDS.map((id) => (id === 'wrong-side' ? wrongPlace : MISTAKES[id])),
});
