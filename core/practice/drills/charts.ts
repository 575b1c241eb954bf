/** Questions about charts: which words a row is, how it is worked, where a gap opens. */

import { canonical, mirror, type Crossing } from '../../crossing/index.ts';
import { demonstrated } from '../../craft/index.ts';
import { memoize } from '../../memoize/index.ts';
import { nameIn } from '../../notation/index.ts';
import { checked, gapsOf, type SwatchText } from '../../swatch/index.ts';
import type { Chance } from '../chance.ts';
import { asNamed, inStrands, isLeft, namedIn, twoGrouped } from '../crossings.ts';
import { drill, type Deck, type Option, type Verdict } from '../question.ts';

/**
 * A cord between purls, set up in two rows and crossed in the third, as these hands make it; so many purls are worked before
 * it and after it on the right side.
 */
interface CordDrill {
	readonly school: Deck['school'];
	readonly crossing: Crossing;
	/** Left hands make it: they begin at the left edge. */
	readonly mirrored: boolean;
	readonly first: number;
	readonly last: number;
}
/** The row of the crossing, from 1. */
const ROW = 3;
const EDGES = [1, 2, 3, 4] as const;

const edgeOf = ({ mirrored }: Pick<CordDrill, 'mirrored'>): 'right' | 'left' => (mirrored ? 'left' : 'right');
/** The row as right hands read it: it is worked and drawn from that. */
const rowOf = ({ school, crossing, first, last }: CordDrill): string | undefined => {
	const named = namedIn({ school, crossings: [] }, crossing);
	return named && `p${first}, ${named.name}, p${last}`;
};
/** The same as these hands read it: names by look tell left ones what the fabric shows. */
const rowSaid = (cord: CordDrill): string => {
	const { school, crossing, mirrored, first, last } = cord;
	const name = nameIn(school, crossing, mirrored) ?? nameIn('slash', crossing, mirrored);
	return `p${first}, ${name}, p${last}`;
};
const fabricOf = ({ crossing, mirrored }: CordDrill): Crossing => demonstrated(crossing, mirrored).fabric;
function swatchOf(cord: CordDrill): SwatchText | undefined {
	const row = rowOf(cord);
	const { crossing, first, last } = cord;
	const { n } = crossing;
	return row === undefined
		? undefined
		: {
				castOn: first + n + last,
				shape: 'flat',
				school: cord.school,
				text: `Row 1: p${first}, k${n}, p${last}\nRow 2: k${last}, p${n}, k${first}\nRow 3: ${row}\nRow 4: k${last}, p${n}, k${first}`,
			};
}
const keyOf = ({ school, crossing, first, last }: CordDrill): string =>
	`${school} ${first} ${last} ${canonical(crossing)}`;
/** What a row comes to, however it is written: its crossing and its faces. Empty where it cannot be worked. */
const worked = memoize(2000, keyOf, (cord): string => {
	const swatch = swatchOf(cord);
	const row = swatch && checked(swatch, '').worked.rows[ROW - 1];
	if (!row?.ok) return '';
	const { stitches, crossings } = row;
	return JSON.stringify([stitches.map((s) => s.face), crossings.map((c) => canonical(c.crossing))]);
});
function cordIn(deck: Deck, by: Chance): CordDrill | undefined {
	const all = twoGrouped(deck);
	if (all.length === 0) return undefined;
	const { made, mirrored } = asNamed(by.of(all), deck);
	const cord = { school: deck.school, crossing: made, mirrored, first: by.of(EDGES), last: by.of(EDGES) };
	return worked(cord) === '' ? undefined : cord;
}

interface Read {
	readonly cord: CordDrill;
	readonly among: readonly CordDrill[];
}
export const rowOfChart = drill<Read>({
	id: 'row-of-chart',
	title: 'Read a row of the chart',
	skill: 'chart',
	make: (deck, by) => {
		const cord = cordIn(deck, by);
		if (!cord) return undefined;
		const { first, last, crossing } = cord;
		const other = mirror(crossing);
		const near: readonly CordDrill[] = [
			{ ...cord, crossing: other },
			{ ...cord, first: last, last: first },
			{ ...cord, crossing: other, first: last, last: first },
			{ ...cord, first: first + 1 },
			{ ...cord, last: last + 1 },
		];
		const apart = [...new Map(near.map((c) => [worked(c), c]))]
			.filter(([is]) => is !== '' && is !== worked(cord))
			.map(([, c]) => c);
		if (apart.length < 2) return undefined;
		return { cord, among: by.mixed([cord, ...apart.slice(0, 3)]) };
	},
	question: ({ cord, among }) => ({
		asks: `Row ${ROW} is worked on the right side${cord.mirrored ? ', left-handed' : ''}. Which words are it?`,
		shows: {
			kind: 'chart',
			swatch: swatchOf(cord)!,
			row: ROW,
			mirrored: cord.mirrored,
			says: `Row ${ROW} from the ${edgeOf(cord)}: ${cord.first} purl; ${cord.crossing.n} that cross; ${cord.last} purl. ${inStrands(cord.crossing, 'RS', edgeOf(cord))}`,
		},
		options: among.map((c, i): Option => ({ id: String(i), label: rowSaid(c) })),
	}),
	judge: ({ cord, among }, [given = '']) => {
		const chosen = among[Number(given)];
		const right = chosen !== undefined && worked(chosen) === worked(cord);
		return {
			right,
			says: `It is ${rowSaid(cord)}: ${cord.mirrored ? 'left hands read right-side rows from the left' : 'right-side rows are read from the right'}.`,
			asked: fabricOf(cord),
			...(chosen && !right && chosen.crossing !== cord.crossing ? { given: fabricOf(chosen) } : {}),
		};
	},
});

interface Edge {
	/** At which the hands that are asked about begin a right-side row. */
	readonly begins: 'right' | 'left';
	readonly shape: SwatchText['shape'];
	readonly row: number;
}
/** Which side faces the knitter in a row of two that repeat, as the model works them. */
const sideIn = ({ shape, row }: Edge): 'RS' | 'WS' =>
	checked({ castOn: 4, shape, school: 'slash', text: shape === 'round' ? 'Rnds 1-2: k4' : 'Rows 1-2: k4' }, '').worked
		.rows[(row - 1) % 2]!.side;

export const edgeOfRow = drill<Edge>({
	id: 'edge-of-row',
	title: 'From which edge?',
	skill: 'sides',
	isOfHands: true,
	make: (deck, by) => ({
		begins: isLeft(deck) ? 'left' : 'right',
		shape: by.of(['flat', 'flat', 'round'] as const),
		row: 1 + by.below(24),
	}),
	question: ({ begins, shape, row }) => ({
		asks:
			shape === 'flat'
				? `A chart is worked flat${begins === 'left' ? ', left-handed' : ''}, and row 1 is a right-side row. How is row ${row} worked?`
				: `A chart is worked in the round${begins === 'left' ? ', left-handed' : ''}. How is round ${row} worked?`,
		options: [
			{ id: 'RS', label: `From the ${begins} edge, as the chart looks` },
			{ id: 'WS', label: `From the ${begins === 'left' ? 'right' : 'left'} edge, purled where the chart looks knit` },
		],
	}),
	judge: (edge, [given = '']): Verdict => {
		const side = sideIn(edge);
		const why =
			edge.shape === 'round'
				? 'In the round the right side always faces you.'
				: side === 'RS'
					? 'It is a right-side row.'
					: 'It is a wrong-side row: you come from the other edge, and see the back.';
		return { right: given === side, says: why };
	},
});

/** The stitch after which a row is looked at, as it is worked: from 1. */
const gapsIn = memoize(400, keyOf, (cord): readonly number[] => {
	const { worked: of, cords } = checked(swatchOf(cord)!, '');
	const all = gapsOf(of, cords).filter((g) => g.row === ROW - 1);
	return all.map((g) => g.column + 1);
});
/** Undefined where there is more than one, or none. */
const gapIn = (cord: CordDrill): number | undefined => (gapsIn(cord).length === 1 ? gapsIn(cord)[0] : undefined);
export const whereItGapes = drill<CordDrill>({
	id: 'where-it-gapes',
	title: 'Where does it gape?',
	skill: 'gap',
	isOfHands: true,
	make: (deck, by) => {
		const cord = cordIn(deck, by);
		return cord && gapIn(cord) !== undefined ? cord : undefined;
	},
	question: (cord) => {
		const { first, crossing, last } = cord;
		const all = first + crossing.n + last;
		const gap = gapIn(cord)!;
		const near = [gap - 1, first, gap + 1, 1, all, first + 1].filter((n) => n >= 1 && n <= all && n !== gap);
		const places = [gap, ...new Set(near)].slice(0, 4);
		return {
			asks: `Worked on the right side${cord.mirrored ? ', left-handed' : ''}: before which stitch must the yarn be drawn snug, as a gap opens there?`,
			shows: { kind: 'lines', lines: [rowSaid(cord)] },
			options: places.sort((a, b) => a - b).map((n) => ({ id: String(n), label: `Stitch ${n} of ${all}` })),
		};
	},
	judge: (cord, [given = '']) => ({
		right: Number(given) === gapIn(cord),
		says: `Stitch ${gapIn(cord)!}, the first purl after the cable: a purl takes more yarn than a knit, and the first one after a knit most.`,
		asked: fabricOf(cord),
	}),
});
