/** A machine's single bed: the purl side towards the worker, and the group put down first on top of the knit side. */

import { asTwoGroups, type Crossing } from '../../crossing/index.ts';
import {
	BED,
	BED_MISTAKES,
	bedState,
	strainAt,
	TENSIONS,
	USUAL_TENSION,
	type BedState,
	type BedTrace,
} from '../../handling/index.ts';
import { ok } from '../../result.ts';
import { memoize } from '../../memoize/index.ts';
import { BED_BY_HAND } from './by-hand.ts';
import type { Craft } from '../craft.ts';
import { CRAFT_TITLES } from '../titles.ts';
import { machineRows } from './in-swatch.ts';
import { isBrittle, isTight, strainVerdict, type Fibre } from '../../fabric/index.ts';
import { difficulty } from '../hand/difficulty.ts';
import { isTwisted, nearestOfTwo, noSuchWay, otherFace, twoGroupsUpTo } from '../two-groups-only.ts';
import { LEAST_ROWS, looserBy, planOnBed, ROPE_ROWS } from './plan.ts';
import { MACHINE_WAYS, MOST_ON_BED } from './ways.ts';
import { bedWords } from './machine-words.ts';

export { BED_NEEDLES, bedNeedleName } from './bed-plan.ts';
export { crossOnBed, type OnBed } from './cross.ts';
export { MOST_ON_BED } from './ways.ts';

export interface MachineSet {
	/** The number for this yarn in plain knitting. */
	readonly tension?: number;
	/** What the yarn is of; cotton and linen break before they give. */
	readonly fibre?: Fibre;
	/** Whether the lever stands on hold before the crossing. */
	readonly holding?: boolean;
}

/** The bed before the first move; how far it is pulled is the same number as by hand. */
const bedFor = (loops: Crossing, { tension, fibre, holding }: Required<MachineSet>): BedState =>
	bedState(loops.n, {
		strain: difficulty(loops, { fibre }).strain,
		brittle: isBrittle(fibre),
		tension,
		holding,
	});

/** What is said of a crossing that goes, but is pulled tight: what is looser, and how to help it. */
function tightOn(loops: Crossing, id: string, { tension, fibre }: Required<MachineSet>): readonly string[] {
	const way = MACHINE_WAYS.find((w) => w.id === id);
	const set = bedFor(loops, { tension, fibre, holding: false });
	if (!way) return [];
	const looser = looserBy(loops, way, tension);
	if (!isTight(strainVerdict(strainAt({ ...set, tension: tension + looser })))) return [];
	const easier = MACHINE_WAYS.find((w) => looserBy(loops, w, tension) > looser);
	return [
		`It goes in ${fibre}, but tight: push the needles fully forward and take the carriage slowly. ${
			easier
				? `“${easier.title}” goes easier; so do more rows before it, or fewer stitches.`
				: tension + looser === TENSIONS.most
					? `The dial ends at ${TENSIONS.most}: for a looser cable use thinner yarn, more rows before it, or fewer stitches.`
					: 'More rows before it, or fewer stitches, make it looser.'
		}`,
	];
}

/** A single bed as it stands before the teacher. */
export const machineLike = ({ tension = USUAL_TENSION, fibre = 'wool', holding = false }: MachineSet = {}): Craft => ({
	id: 'machine',
	title: CRAFT_TITLES.machine,
	place: 'At the machine',
	tool: ['transfer tool', 'transfer tools'],
	hook: 'latch tool',
	teaches: ['bed'],
	kit: ({ learners }) => [
		{
			what: 'Single bed with carriage and weights',
			shared: Math.max(1, Math.ceil(learners / 3)),
			because: 'taken in turns; set up before class',
		},
		{
			what: 'Sets of transfer tools of 1, 2 and 3 prongs',
			shared: 2 * Math.max(1, Math.ceil(learners / 3)),
			because: 'two at each bed: both groups are lifted at once',
		},
		{
			what: 'Latch tools',
			shared: Math.max(1, Math.ceil(learners / 3)),
			because: 'one at each bed; sharp: handed out and counted back',
		},
	],
	withTools: (tools) =>
		machineFor({ tension: tools.bedNumber, fibre: tools.bedYarn, holding: tools.bedLever === 'on' }),
	inSwatch: machineRows,
	says: 'A single bed, the purl side towards you. The group you put down first is on top on the knit side.',
	hasSentence: false,
	speaks: /\bprongs?\b/i,
	isHanded: false,
	// What gives little is eased first.
	ways: [...MACHINE_WAYS]
		.sort((a, b) => (isBrittle(fibre) ? Number(b.eased ?? false) - Number(a.eased ?? false) : 0))
		.map(({ looser: _looser, eased: _eased, raised: _raised, ...way }) => way),
	nearest: (c) => nearestOfTwo(c, MOST_ON_BED),
	takes: (c, way) => {
		const loops = twoGroupsUpTo(c, {
			most: MOST_ON_BED,
			third: 'You hold one transfer tool in each hand, so there is none for a third group.',
			wide: (widest) => `Transfer tools have 3 prongs at most, and a group here has ${widest} loops.`,
		});
		if (!loops.ok) return loops;
		return ok({
			loops: loops.value,
			// The group at the tip is the worker's left one.
			does: `${asTwoGroups(loops.value)?.lean === 'right' ? 'right' : 'left'} group down first`,
			faces: [otherFace('purl side, towards you', loops.value), { title: 'knit side', crossing: loops.value }],
			changes: [
				...tightOn(loops.value, way, { tension, fibre, holding }),
				'You see the purl side while you knit. The cable shows on the other side.',
				`At least ${LEAST_ROWS} rows to the next crossing, ${ROPE_ROWS} in a rope; 2 to 4 needles between crossings in one row.`,
				...(loops.value.work.includes('p')
					? ['Purl stitches are knitted, let down and latched up the other way.']
					: []),
			],
			lost: isTwisted(c) ? ['Twists: the carriage knits open stitches.'] : [],
		});
	},
	on: BED,
	start: ({ loops }) => bedFor(loops, { tension, fibre, holding }),
	plan: ({ loops }, _, id) => {
		const way = MACHINE_WAYS.find((w) => w.id === id);
		if (!way) {
			return noSuchWay(
				id,
				MACHINE_WAYS.map((w) => w.title),
			);
		}
		return planOnBed(loops, way, { tension, holding });
	},
	deviation: () => undefined,
	words: (trace: BedTrace, step) => bedWords(trace, step),
	byHand: BED_BY_HAND,
	mistakes: BED_MISTAKES,
});

/** The same craft for the same bed. */
const machineFor = memoize(
	40,
	(set: MachineSet) => JSON.stringify(set),
	(set): Craft => machineLike(set),
);

export const machine: Craft = machineLike();
