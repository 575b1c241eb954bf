/** What can be chosen in a house style, in words: for its page, and for telling two versions apart. */

import { hand, ownWayId } from '@pond-loop/core/craft';
import { PEG_GAUGES, TENSIONS } from '@pond-loop/core/handling';
import { needleName, NEEDLES_MM } from '@pond-loop/core/measure';
import { schoolChoice, SCHOOL_IDS, SCHOOLS } from '@pond-loop/core/notation';
import { HOUSE_STYLE_LIMITS, type HouseStyle, PREFERRED_WAYS } from '@pond-loop/core/schema';

export interface StyleOption<T> {
	readonly value: T;
	readonly label: string;
	readonly hint?: string;
}

export type ChoiceKey = Exclude<
	keyof HouseStyle,
	'format' | 'version' | 'sides' | 'glossary' | 'memory' | 'ownWays' | 'yarns' | 'logo'
>;

export interface Choice<K extends ChoiceKey = ChoiceKey> {
	readonly title: string;
	readonly options: (style: HouseStyle) => readonly StyleOption<HouseStyle[K]>[];
}

const { least, most } = HOUSE_STYLE_LIMITS.withoutHolder;

const always =
	<T>(...options: readonly StyleOption<T>[]) =>
	(): readonly StyleOption<T>[] =>
		options;

export const CHOICES: { readonly [K in ChoiceKey]: Choice<K> } = {
	school: {
		title: 'My patterns write',
		options: always(
			...SCHOOL_IDS.map((id) => ({
				value: id,
				label: schoolChoice(id),
				hint: `${SCHOOLS[id].examples.slice(0, 2).join(', ')}. ${SCHOOLS[id].rule}`,
			})),
		),
	},
	demonstrates: {
		title: 'You demonstrate',
		options: always<StyleOption<HouseStyle['demonstrates']>['value']>(
			{ value: 'right', label: 'Right-handed' },
			{ value: 'left-mirrored', label: 'Left-handed, as written', hint: 'The fabric comes out mirrored.' },
			{
				value: 'left-same',
				label: 'Left-handed, same fabric',
				hint: 'Front and back, and the groups’ jobs, are swapped.',
			},
		),
	},
	yarnHand: {
		title: 'The yarn is in your',
		options: always<HouseStyle['yarnHand']>(
			{ value: 'right', label: 'Right hand' },
			{ value: 'left', label: 'Left hand' },
		),
	},
	way: {
		title: 'You cross',
		options: ({ ownWays }) => [
			...PREFERRED_WAYS.map((value) => {
				const way = hand.ways.find((w) => w.id === value);
				return way
					? { value, label: way.title, hint: 'Without a cable needle' }
					: { value, label: 'With a cable needle' };
			}),
			...ownWays.map((own) => ({ value: ownWayId(own), label: own.name, hint: 'A way of your own' })),
		],
	},
	withoutHolderUpTo: {
		title: 'Without a cable needle at most',
		options: always(
			...Array.from({ length: most - least + 1 }, (_, i) => ({ value: least + i, label: `${least + i} stitches` })),
		),
	},
	holderShape: {
		title: 'The cable needle is',
		options: always<HouseStyle['holderShape']>(
			{ value: 'bent', label: 'Bent' },
			{ value: 'straight', label: 'Straight' },
			{ value: 'hook', label: 'A hook' },
		),
	},
	holderWork: {
		title: 'Its stitches are',
		options: always<HouseStyle['holderWork']>(
			{ value: 'direct', label: 'Worked straight off it' },
			{ value: 'returned', label: 'Put back on the needle first' },
		),
	},
	firstPurl: {
		title: 'The first purl after a cable',
		options: always<HouseStyle['firstPurl']>(
			{ value: 'usual', label: 'As any other' },
			{ value: 'short', label: 'The short way, on the right side', hint: 'It closes the gap beside the cable.' },
			{ value: 'short-both', label: 'On both sides', hint: 'On the wrong side it lands in the cable.' },
		),
	},
	turnedPurl: {
		title: 'In the row after, that stitch is',
		options: always<HouseStyle['turnedPurl']>(
			{ value: 'untwist', label: 'Worked through the back loop' },
			{ value: 'leave', label: 'Worked as it sits', hint: 'It stays twisted.' },
		),
	},
	loomShape: {
		title: 'The loom is',
		options: always<HouseStyle['loomShape']>(
			{ value: 'round', label: 'Closed, for the round' },
			{ value: 'rake', label: 'A straight rake', hint: 'It has no pegs across the gap.' },
		),
	},
	wrapWay: {
		title: 'Its rows are wrapped',
		options: always<HouseStyle['wrapWay']>(
			{ value: 'leftwards', label: 'To the left' },
			{ value: 'rightwards', label: 'To the right' },
		),
	},
	pegGauge: {
		title: 'From peg to peg',
		options: always(...PEG_GAUGES.map((value) => ({ value, label: `${value} mm` }))),
	},
	bedNumber: {
		title: 'The machine’s number for its yarn',
		options: always(
			...Array.from({ length: TENSIONS.most - TENSIONS.least + 1 }, (_, i) => ({
				value: TENSIONS.least + i,
				label: String(TENSIONS.least + i),
			})),
		),
	},
	bedYarn: {
		title: 'That yarn is',
		options: always<HouseStyle['bedYarn']>(
			{ value: 'wool', label: 'Wool' },
			{ value: 'synthetic', label: 'Synthetic', hint: 'It gives less than wool.' },
			{ value: 'cotton', label: 'Cotton', hint: 'It breaks before it gives.' },
			{ value: 'linen', label: 'Linen', hint: 'It breaks before it gives.' },
		),
	},
	bedLever: {
		title: 'The holding lever rests',
		options: always<HouseStyle['bedLever']>({ value: 'off', label: 'Off' }, { value: 'on', label: 'On' }),
	},
	english: {
		title: 'Words',
		options: always<HouseStyle['english']>(
			{ value: 'browser', label: 'As my browser' },
			{ value: 'uk', label: 'UK', hint: 'tension, cast off, stocking stitch, colour' },
			{ value: 'us', label: 'US', hint: 'gauge, bind off, stockinette, color' },
		),
	},
	units: {
		title: 'Lengths in',
		options: always<HouseStyle['units']>({ value: 'cm', label: 'Centimetres' }, { value: 'in', label: 'Inches' }),
	},
	needleSystem: {
		title: 'Needle sizes in',
		options: always<HouseStyle['needleSystem']>(
			{ value: 'mm', label: 'Millimetres' },
			{ value: 'us', label: 'US sizes' },
			{ value: 'uk', label: 'UK sizes' },
		),
	},
	needle: {
		title: 'Needles in class',
		options: (style) => NEEDLES_MM.map((value) => ({ value, label: needleName(value, style.needleSystem) })),
	},
};

/** Words for the two sides that classes use; others can be typed. */
export const SIDE_WORDS: readonly HouseStyle['sides'][] = [
	{ right: 'RS', wrong: 'WS' },
	{ right: 'right side', wrong: 'wrong side' },
	{ right: 'show side', wrong: 'inside' },
];

/** A style line by line. */
export function linesOf(style: HouseStyle): string[] {
	const line = <K extends ChoiceKey>(key: K): string => {
		const { title, options } = CHOICES[key];
		return `${title}: ${options(style).find((o) => o.value === style[key])?.label ?? ''}`;
	};
	const own = style.glossary.split('\n').filter((l) => l.trim());
	return [
		...(Object.keys(CHOICES) as ChoiceKey[]).map(line),
		`Sides: ${style.sides.right} and ${style.sides.wrong}`,
		...(['right', 'left'] as const).map((which) => `To remember, ${which}-handed: ${style.memory[which] || 'nothing'}`),
		`Logo: ${style.logo ? 'a picture' : 'none'}`,
		...own.map((l) => `Glossary: ${l}`),
	];
}
