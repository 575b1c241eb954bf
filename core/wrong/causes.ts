/** Likely causes of what one sees: mistakes of the hands, and the usual ones that are none. Each is run on the simulator. */

import { diagnoseIn, difficulty, perform, signsIn } from '../craft/index.ts';
import { mirror, turn, type Crossing } from '../crossing/index.ts';
import { isTight } from '../fabric/index.ts';
import { mendsFor, type Sign, type SignId } from '../handling/index.ts';
import { readName, SCHOOL_IDS, SCHOOLS, stitches } from '../notation/index.ts';
import type { Cause, Piece } from './cause.ts';
import { unevenCauses } from './in-rows.ts';
import type { SeenId } from './seen.ts';
import { capital } from '../capital.ts';

/** Causes of what is seen, the most likely first; none where nothing gives it. */
export function causesOf(seen: SeenId, piece: Piece): readonly Cause[] {
	if (seen === 'uneven') return unevenCauses(piece.fabric ?? piece.made);
	if (seen === 'hole') return holes(piece);
	if (seen === 'tight') return [...tight(piece), ...otherHouses(piece)];
	const { craft, right, made } = piece;
	const byHand = slips(piece, seen).map(({ mistake, trace, signs }): Cause => {
		const title = mistake.id === 'wrong-side' && craft.isHanded ? heldWrong(made) : capital(mistake.title);
		return { title, how: mistake.how, trace, ...fixed(piece, seen, signs) };
	});
	// With the fewest other signs first: these would have been seen as well.
	byHand.sort((a, b) => a.alsoShows.length - b.alsoShows.length);
	const others = (craft.isHanded ? besides(seen, piece) : []).flatMap(({ title, how, crossing }): Cause[] => {
		const done = perform(craft, crossing, piece.way);
		if (!done.ok) return [];
		const signs = signsIn(craft, right.taken, done.value.trace, right.taken.loops);
		if (!signs.some((s) => s.id === seen)) return [];
		return [{ title, how, trace: done.value.trace, ...fixed(piece, seen, signs) }];
	});
	const extra = seen === 'one-too-many' || seen === 'one-too-few' || seen === 'unfinished' ? otherHouses(piece) : [];
	return [...byHand.slice(0, 1), ...others, ...byHand.slice(1), ...extra];
}

/** The single mistakes of hands by which `seen` comes about, with what else they show. */
const slips = ({ craft, right }: Piece, seen: SignId) =>
	diagnoseIn(craft, right.taken, right.trace, [seen])
		.filter((likely) => likely.misses.length === 0 && likely.mistakes.length === 1)
		.map(({ mistakes: [id], ...made }) => ({ ...made, mistake: craft.mistakes.find((m) => m.id === id)! }));

const firstInFront = (made: Crossing): boolean => made.over.some(([upper]) => upper === 1);

/** Which side the first group went to, and should have gone to. */
function heldWrong(made: Crossing): string {
	return firstInFront(made) ? 'Held at the back instead of in front' : 'Held in front instead of at the back';
}

function fixed(
	{ craft, made, rows }: Piece,
	seen: SeenId,
	signs: readonly Sign[],
): Pick<Cause, 'alsoShows' | 'fix' | 'cost'> {
	const these = signs.filter((s) => s.id === seen);
	const [mend] = mendsFor(made, these.length > 0 ? these : signs, { rows: rows ?? 0, hook: craft.hook });
	const alsoShows = signs.filter((s) => s.id !== seen);
	if (seen === 'leans-wrong')
		return { alsoShows, fix: recross(made, rows, craft.hook ?? 'crochet hook'), cost: made.n * ((rows ?? 0) + 1) };
	return { alsoShows, fix: mend ? mend.what.split(/(?<=\.) /) : [], ...(mend ? { cost: mend.cost } : {}) };
}

function recross(made: Crossing, rows: number | undefined, hook: string): readonly string[] {
	return [
		`Put a safety pin through the ${made.n} stitches above.`,
		rows === 0
			? `Undo only these ${made.n} stitches.`
			: `Drop only these ${made.n}, down to the crossing${rows === undefined ? '' : `: ${rows === 1 ? '1 row' : `${rows} rows`}`}.`,
		`Cross them again, the first group ${firstInFront(made) ? 'in front' : 'at the back'}.`,
		...(rows === 0 ? [] : [`Work them up with a ${hook}, row by row.`]),
		...(rows === undefined || rows > 6 ? ['Or leave it, and duplicate stitch over it when the piece is done.'] : []),
	];
}

/** What else gives this, without a slip of the hands. */
function besides(
	seen: SeenId,
	{ made, name }: Piece,
): readonly { readonly title: string; readonly how: string; readonly crossing: Crossing }[] {
	if (seen === 'bump' || seen === 'smooth')
		return [
			{
				title: 'Crossed on a wrong-side row',
				how: 'The same moves on a WS row show their purl side on the RS. The lean stays the same.',
				crossing: turn(made),
			},
		];
	if (seen !== 'leans-wrong') return [];
	const swapped = name && otherLetter(name.text);
	const misread = swapped === undefined ? undefined : readName(swapped, name!.school);
	return [
		...(misread?.ok
			? [
					{
						title: `${name!.text} read as ${swapped}`,
						how: 'One letter decides: F is held in front and leans left, B is held at the back and leans right.',
						crossing: misread.crossing,
					},
				]
			: []),
		{
			title: 'A left-hander following it as written',
			how: 'Worked from the other end of the row, the same words make the mirror image.',
			crossing: mirror(made),
		},
	];
}

/** A name with its deciding letter exchanged: `C4F` for `C4B`, `2/2 LC` for `2/2 RC`. */
function otherLetter(name: string): string | undefined {
	const other: Readonly<Record<string, string>> = { F: 'B', B: 'F', L: 'R', R: 'L' };
	const at = name.search(/[FBLR](?=[A-Z]*$)/);
	return at < 0 ? undefined : `${name.slice(0, at)}${other[name[at]!]!}${name.slice(at + 1)}`;
}

/** The same name, where other patterns mean more or fewer stitches by it. */
function otherHouses({ name, made }: Piece): readonly Cause[] {
	if (!name) return [];
	const met = new Set([made.n]);
	return SCHOOL_IDS.flatMap((id): Cause[] => {
		const read = readName(name.text, id);
		if (id === name.school || !read.ok || met.has(read.crossing.n)) return [];
		met.add(read.crossing.n);
		return [
			{
				title: `${name.text} means ${read.crossing.n} stitches in some patterns`,
				how: `Patterns that write ${SCHOOLS[id].title} cross ${stitches(read.crossing.n)} there, not ${made.n}. Check the list of abbreviations, and count the stitches of the row.`,
				alsoShows: [],
				fix: [
					'Undo the row.',
					`Cross ${stitches(made.n)} if your pattern means that; else choose its abbreviations in Settings.`,
				],
				cost: made.n,
			},
		];
	});
}

function holes(piece: Piece): readonly Cause[] {
	// A loop of yarn that came over the needle leaves a hole in the next row.
	const [over] = slips(piece, 'one-too-many');
	return [
		{
			title: 'Normal right after a crossing',
			how: 'The stitches are pulled sideways, so there is a gap beside them. It closes in the next row or two.',
			alsoShows: [],
			fix: ['Knit on for two rows, then look again.'],
		},
		{
			title: 'First purl after the cable is loose',
			how: 'A purl takes more yarn than a knit stitch, most of all the first one after the cable.',
			alsoShows: [],
			fix: [
				'Pull the first purl snug.',
				'Wrap it the short way (the other way round the needle), and work it through its back loop next row.',
			],
		},
		...(over
			? [
					{
						title: capital(over.mistake.title),
						how: over.mistake.how,
						trace: over.trace,
						alsoShows: over.signs,
						fix: ['Drop the extra loop on the next row.'],
						cost: 1,
					},
				]
			: []),
	];
}

function tight({ craft, made, way, right }: Piece): readonly Cause[] {
	const { verdict, because } = difficulty(made, craft.isHanded ? { way } : {});
	const usesHolder = right.trace.steps.some(({ move }) => move.kind === 'hold');
	const less = 'Cotton and linen give less';
	return [
		{
			title: isTight(verdict) ? `A wide crossing: ${verdict} in wool` : `Usually ${verdict} in wool`,
			how: `${capital(because.join('; '))}. ${isTight(verdict) ? less : `${less}, and so does tight work`}.`,
			alsoShows: [],
			fix: [
				'Work the row before it a little looser.',
				...(usesHolder ? ['Use a thinner cable needle, and keep it close to the needles.'] : []),
				'Knit more rows between crossings.',
				...(usesHolder ? ['Slip the held stitches back to the needle before you knit them.'] : []),
				...(craft.isHanded && !usesHolder ? ['Use a cable needle.'] : []),
			],
		},
	];
}
