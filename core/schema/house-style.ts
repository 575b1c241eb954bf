/** How one teacher says and shows things; everything that is written or drawn for them follows it. */

import { z } from 'zod';
import { DEMONSTRATIONS, FIBRES, HOLDER_WORKS, isOwnWay } from '../craft/index.ts';
import { HOUSE_STYLE_LIMITS, PREFERRED_WAYS } from './house-style-limits.ts';
import {
	FIRST_PURLS,
	HOLDER_SHAPES,
	LOOM_SHAPES,
	MID_GAUGE,
	PEG_GAUGES,
	TENSIONS,
	TURNED_PURLS,
	USUAL_TENSION,
	WRAP_WAYS,
} from '../handling/index.ts';
import { LENGTH_UNITS, NEEDLE_SYSTEMS, NEEDLES_MM } from '../measure/index.ts';
import { KeptPictureSchema } from './kept-picture.ts';
import { OWN_WAY_LIMITS, OwnWaySchema } from './own-way.ts';
import { anyVersion, versionOf, type Format } from './upgrade.ts';
import { YARN_LIMITS, YarnSchema } from './yarn.ts';
import { ENGLISHES } from '../english/index.ts';
import { GLOSSARY_LIMITS, SCHOOL_IDS } from '../notation/index.ts';
import { thousands } from '../thousands.ts';

const SideWord = (which: string): z.ZodString =>
	z
		.string()
		.trim()
		.min(1, `The ${which} side needs a word. Type one, such as RS or WS.`)
		.max(
			HOUSE_STYLE_LIMITS.sideWords,
			`The word for the ${which} side has at most ${HOUSE_STYLE_LIMITS.sideWords} characters. Shorten it.`,
		);

const MemoryAid = z
	.string()
	.trim()
	.max(
		HOUSE_STYLE_LIMITS.memory,
		`Words to remember it by have at most ${HOUSE_STYLE_LIMITS.memory} characters. Shorten them.`,
	);
/** Two words of water each, that begin with where it is held and which way it leans. */
const MEMORY = {
	right: 'FLow and BRook: held in Front it leans Left, held at the Back it leans Right.',
	left: 'FRog and BLoom: held in Front it leans Right, held at the Back it leans Left.',
};

const { least, most } = HOUSE_STYLE_LIMITS.withoutHolder;

export const HOUSE_STYLE_FORMAT = { name: 'pond-loop/house-style', version: 1, upgrades: {} } as const satisfies Format;

const NowSchema = z.object({
	format: z.literal(HOUSE_STYLE_FORMAT.name),
	version: versionOf(HOUSE_STYLE_FORMAT),
	school: z.enum(SCHOOL_IDS),
	demonstrates: z.enum(DEMONSTRATIONS),
	yarnHand: z.enum(['right', 'left']),
	/** Words as in the UK or the US; as the reader's browser has it when left to that. */
	english: z.enum(['browser', ...ENGLISHES]).default('browser'),
	units: z.enum(LENGTH_UNITS),
	needleSystem: z.enum(NEEDLE_SYSTEMS),
	/** The needles that the class works with, in millimetres. */
	needle: z.number().refine((mm) => NEEDLES_MM.includes(mm), 'That is not a needle size. Choose one from the list.'),
	way: z
		.string()
		.refine((way) => PREFERRED_WAYS.includes(way) || isOwnWay(way), 'There is no such way. Choose one from the list.'),
	withoutHolderUpTo: z
		.number()
		.int()
		.min(least, `Choose between ${least} and ${most} stitches.`)
		.max(most, `Choose between ${least} and ${most} stitches.`),
	holderShape: z.enum(HOLDER_SHAPES),
	holderWork: z.enum(HOLDER_WORKS),
	/** How the first purl after a cord is worked, and what becomes of it in the row after. */
	firstPurl: z.enum(FIRST_PURLS).default('usual'),
	turnedPurl: z.enum(TURNED_PURLS).default('untwist'),
	/** The loom in class: its shape, the way its rows are wrapped, and millimetres from peg to peg. */
	loomShape: z.enum(LOOM_SHAPES).default('round'),
	wrapWay: z.enum(WRAP_WAYS).default('leftwards'),
	pegGauge: z
		.number()
		.refine((mm) => PEG_GAUGES.includes(mm), 'There is no such distance between pegs. Choose one from the list.')
		.default(MID_GAUGE),
	/** The machine in class: the number for its yarn in plain knitting, what that yarn is of, and how its lever rests. */
	bedNumber: z
		.number()
		.int()
		.min(TENSIONS.least, `Choose a number from ${TENSIONS.least} to ${TENSIONS.most}.`)
		.max(TENSIONS.most, `Choose a number from ${TENSIONS.least} to ${TENSIONS.most}.`)
		.default(USUAL_TENSION),
	bedYarn: z.enum(FIBRES).default('wool'),
	bedLever: z.enum(['off', 'on']).default('off'),
	/** The teacher's own names, a line each: `C4F: sl 2 sts to cn …`. What it says overrides every school. */
	glossary: z
		.string()
		.max(
			GLOSSARY_LIMITS.characters,
			`A glossary has at most ${thousands(GLOSSARY_LIMITS.characters)} characters. Keep the lines that you need.`,
		)
		.default(''),
	/** Ways that the teacher made by hand; kept by their own door. */
	ownWays: z
		.array(OwnWaySchema)
		.max(OWN_WAY_LIMITS.many, `You can keep at most ${OWN_WAY_LIMITS.many} ways. Remove one first.`)
		.default([]),
	/** A picture at the head of single pages, that the teacher keeps. */
	logo: KeptPictureSchema.optional(),
	/** The teacher's yarns, with their measured squares. */
	yarns: z
		.array(YarnSchema)
		.max(YARN_LIMITS.many, `You can keep at most ${YARN_LIMITS.many} yarns. Remove one first.`)
		.default([]),
	/** Words by which front and back are told from left and right, for right-handed and for left-handed work; none when empty. */
	memory: z.object({ right: MemoryAid, left: MemoryAid }).default(MEMORY),
	sides: z
		.object({ right: SideWord('right'), wrong: SideWord('wrong') })
		.refine(
			(s) => s.right.toLowerCase() !== s.wrong.toLowerCase(),
			'Both sides have the same word. Give each its own.',
		),
});

export type HouseStyle = z.infer<typeof NowSchema>;
export const HouseStyleSchema = anyVersion(HOUSE_STYLE_FORMAT, NowSchema);

/** What a teacher starts from. */
export const DEFAULT_HOUSE_STYLE: HouseStyle = {
	format: HOUSE_STYLE_FORMAT.name,
	version: HOUSE_STYLE_FORMAT.version,
	school: 'total-front-back',
	demonstrates: 'right',
	yarnHand: 'right',
	english: 'browser',
	units: 'cm',
	needleSystem: 'mm',
	needle: 4.5,
	way: 'holder',
	withoutHolderUpTo: 4,
	holderShape: 'bent',
	holderWork: 'direct',
	firstPurl: 'usual',
	turnedPurl: 'untwist',
	loomShape: 'round',
	wrapWay: 'leftwards',
	pegGauge: MID_GAUGE,
	bedNumber: USUAL_TENSION,
	bedYarn: 'wool',
	bedLever: 'off',
	glossary: '',
	ownWays: [],
	yarns: [],
	memory: MEMORY,
	sides: { right: 'RS', wrong: 'WS' },
};
