/** A loom: loops on pegs, the knit side towards the worker, crossed by parking one group. */

import { asThreeGroups, reachOf } from '../../crossing/index.ts';
import { large, LOOM, LOOM_MISTAKES, loomState, type LoomSet, type LoomTrace } from '../../handling/index.ts';
import { ok } from '../../result.ts';
import { memoize } from '../../memoize/index.ts';
import { LOOM_BY_HAND } from './by-hand.ts';
import type { Craft } from '../craft.ts';
import { CRAFT_TITLES } from '../titles.ts';
import { loomRows } from './in-swatch.ts';
import { isTwisted, nearestOfTwo, noSuchWay, otherFace, twoGroupsUpTo } from '../two-groups-only.ts';
import { pegNames } from './names.ts';
import { groupsOnPegs, parkedGroup, planOnLoom } from './plan.ts';
import { LOOM_WAYS, MOST_ON_PEGS, type LoomWay } from './ways.ts';
import { loomWords } from './loom-words.ts';

export { crossOnPegs, type OnPegs } from './cross.ts';
export { pegNames, type PegNames } from './names.ts';
export { MOST_ON_PEGS } from './ways.ts';

const wayOf = (id: string): LoomWay | undefined => LOOM_WAYS.find((w) => w.id === id);

/** Whether a way on pegs holds its group outside, where it will lie on top. */
const isParkedOutside = (id: string): boolean => wayOf(id)?.where.side === 'outside';

/** A loom as it stands before the teacher: its shape, its gauge and the way its rows are wrapped. */
export const loomLike = (set: LoomSet = {}): Craft => ({
	id: 'loom',
	title: CRAFT_TITLES.loom,
	place: 'At the pegs',
	tool: ['stitch holder', 'stitch holders'],
	teaches: ['pegs'],
	kit: ({ columns }) => [
		{ what: `Loom of at least ${columns} pegs`, each: 1 },
		{ what: 'Pick', each: 1, because: 'pointed: handed out and counted back' },
		{ what: 'Safety pin, large, or a short stitch holder', each: 1, because: 'for the loops that are parked' },
	],
	withTools: (tools) => loomFor({ shape: tools.loomShape, direction: tools.wrapWay, gauge: tools.pegGauge }),
	keepsTo: (id) => `parks its loops ${isParkedOutside(id) ? 'outside' : 'inside'}`,
	inSwatch: loomRows,
	says: 'Loops on pegs, the knit side towards you. The group nearer to you is on top.',
	hasSentence: false,
	speaks: /\bpegs?\b|^(?:\d+ )?(?:left|right) over\b/i,
	isHanded: false,
	ways: LOOM_WAYS.map(({ where: _where, after: _after, ...way }) => way),
	nearest: (c) => nearestOfTwo(c, MOST_ON_PEGS),
	takes: (c, id) => {
		const loops = twoGroupsUpTo(c, {
			most: MOST_ON_PEGS,
			third:
				'On pegs you park one group and move one past it. A centre stays where it is. There is no room for more groups.',
			centreStays: true,
			wide: (widest) => `A loop cannot reach past ${widest} pegs: there is no slack left.`,
		});
		if (!loops.ok) return loops;
		const way = wayOf(id) ?? LOOM_WAYS[0]!;
		const names = pegNames(c, way);
		const span = reachOf(c);
		const lies = asThreeGroups(c)?.lies;
		const { gauge } = loomState(c.n, set);
		const parked = parkedGroup(loops.value, way);
		const groups = groupsOnPegs(loops.value)!;
		const waits = (parked === 'right' ? groups.tip : groups.far).length;
		return ok({
			loops: loops.value,
			does: `${way.where.side === 'outside' ? 'hold' : 'park'} ${waits} ${way.where.side}`,
			faces: [{ title: 'knit side, towards you', crossing: loops.value }, otherFace('the other side', loops.value)],
			changes: [
				...(names
					? [
							names.onTop === names.movedFirst
								? `“${names.onTop}”, whether it is named by what lies on top or by what is moved first.`
								: `Named by the group on top: “${names.onTop}”. Named by the group moved first: “${names.movedFirst}”.`,
						]
					: []),
				`Loops are moved one by one, up to ${span} ${span === 1 ? 'peg' : 'pegs'} or ${span * gauge} mm; each goes all round its new peg.`,
				...(lies
					? [
							`The centre stays on its ${groups.centre === 1 ? 'peg' : 'pegs'}, and lies ${lies === 'between' ? 'between the others' : 'behind both'}.`,
						]
					: []),
				'Do all crossings of a project the same way: all parked inside, or all held outside.',
			],
			lost: isTwisted(c) ? ['Twists: a flat wrap makes open stitches.'] : [],
		});
	},
	fault: (_, trace: LoomTrace) => {
		const still = large(trace.steps.at(-1)?.state ?? trace.start);
		return still.length === 0
			? undefined
			: {
					sign: 'large',
					stitches: still,
					says: `${still.length === 1 ? 'Loop' : 'Loops'} ${still.join(', ')} pulled large, the neighbours tight`,
				};
	},
	on: LOOM,
	start: ({ loops }) => loomState(loops.n, set),
	plan: ({ loops }, _, id) => {
		const way = wayOf(id);
		if (!way)
			return noSuchWay(
				id,
				LOOM_WAYS.map((w) => w.title),
			);
		const { shape, direction } = loomState(loops.n, set);
		if (way.where.side === 'across' && shape === 'rake') {
			return noSuchWay(
				id,
				LOOM_WAYS.filter((w) => w.where.side !== 'across').map((w) => w.title),
			);
		}
		return planOnLoom(loops, way, direction);
	},
	deviation: () => undefined,
	words: (trace: LoomTrace, step) => loomWords(trace, step),
	byHand: LOOM_BY_HAND,
	mistakes: LOOM_MISTAKES,
});

/** The same craft for the same loom. */
const loomFor = memoize(
	40,
	(set: LoomSet) => JSON.stringify(set),
	(set): Craft => loomLike(set),
);

export const loom: Craft = loomLike();
