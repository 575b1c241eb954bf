/** Everything that somebody may look for by an everyday word, and where it is. */

import { capital, EVERYDAY_WORDS } from '@pond-loop/core/notation';
import { SEEN } from '@pond-loop/core/wrong';
import MiniSearch from 'minisearch';
import { addressOf } from '$lib/choices/address';

export interface AppPlace {
	readonly id: string;
	readonly title: string;
	/** What is there, in a few words. */
	readonly says: string;
	readonly href: string;
	/** Other words for it, in UK and US English. */
	readonly words: string;
}

const cable = (text: string, more: Parameters<typeof addressOf>[0] = {}): string =>
	addressOf({ text, school: 'total-front-back', ...more });
const inCraft = (craft: NonNullable<Parameters<typeof addressOf>[0]['craft']>): string =>
	addressOf({ text: '2/2 LC', school: 'slash', craft });

const PLACES: readonly Omit<AppPlace, 'id'>[] = [
	{
		title: 'Work a cable with a cable needle',
		says: 'Move by move',
		href: cable('C4F', { way: 'off-holder' }),
		words: 'cn cable needle cable pin hold in front hold in back how to demonstration video animation',
	},
	{
		title: 'Work a cable without a cable needle',
		says: 'Pinch, or slip and swap',
		href: cable('C6B', { way: 'pinch' }),
		words: 'no cable needle without cn needleless pinch lost needle',
	},
	{
		title: 'Try it yourself',
		says: 'Move the stitches with your own hands',
		href: `${cable('C4F').replace('/stage', '/stage/own')}`,
		words: 'work it live own hands drag practise stitches interactive',
	},
	{
		title: 'All cables',
		says: 'Search by name, lean or number of stitches',
		href: '/crossings',
		words: 'collection library dictionary list rope twist cross crossings names',
	},
	{
		title: 'Find a cable by its chart symbol',
		says: 'From a printed chart',
		href: '/crossings?symbol',
		words: 'chart symbol key legend diagram',
	},
	{
		title: 'Design your own crossing',
		says: 'Drag strands over each other',
		href: '/crossings/design',
		words: 'own crossing invent custom knot unusual draw',
	},
	{
		title: 'One cable in every craft',
		says: 'Side by side',
		href: '/crossings/crafts?name=2%2F2+LC',
		words: 'compare crafts loom machine brioche comparison',
	},
	{
		title: 'Cables on a loom',
		says: 'Pegs and pins',
		href: inCraft('loom'),
		words: 'loom peg pegs knitting board plan of pegs',
	},
	{
		title: 'Cables on a knitting machine',
		says: 'Transfer tools',
		href: inCraft('machine'),
		words: 'machine bed transfer tool carriage latch',
	},
	{
		title: 'Cables in brioche',
		says: 'Units that stay together',
		href: inCraft('brioche'),
		words: 'brioche brk yarn over rib fisherman',
	},
	{
		title: 'Cables in double knitting',
		says: 'Two layers',
		href: inCraft('double-knit'),
		words: 'double knitting double-knit two layers reversible two colours two colors',
	},
	{
		title: 'Twisted-stitch cables',
		says: 'Through the back loop',
		href: inCraft('twisted'),
		words: 'twisted stitch bavarian tbl through the back loop',
	},
	{
		title: 'Slipped-stitch cables',
		says: 'Long stitches',
		href: inCraft('slipped'),
		words: 'slipped stitch mosaic slip colour color',
	},
	{
		title: 'A cable in 3D',
		says: 'Turn it and look from every side',
		href: '/stage/turn?name=C4F',
		words: '3d three dimensional rotate model yarn',
	},
	{
		title: 'Make a practice swatch',
		says: 'Rope, plait, honeycomb, diamond and more',
		href: '/swatches/new',
		words: 'plait braid honeycomb diamond zigzag travelling traveling cable rope maker generator sampler panel',
	},
	{
		title: 'Type or paste a pattern',
		says: 'Rows are checked and charted',
		href: '/swatches/new?rows',
		words: 'pattern rows chart check stitch count import paste type written instructions',
	},
	{
		title: 'Your swatches',
		says: 'Pattern, preview, row by row',
		href: '/swatches',
		words: 'swatch samples patterns chart saved',
	},
	{
		title: 'Knit it row by row',
		says: 'Row counter, and where you are',
		href: '/swatches',
		words: 'row counter where am i lost my place count rows needles knit along follow',
	},
	{
		title: 'Preview and size',
		says: 'How wide and how long it will be',
		href: '/swatches',
		words: 'how wide how long width length size measure preview how much yarn grams balls cast on',
	},
	{
		title: 'My yarns',
		says: 'Tension squares and how far the yarn goes',
		href: '/yarns',
		words: 'yarn wool cotton tension gauge square swatch stash ball skein grams metres meters yards',
	},
	{
		title: 'Lessons',
		says: 'Plan a class step by step',
		href: '/lessons',
		words: 'lesson plan class teach course template workshop steps',
	},
	{
		title: 'Print a handout',
		says: 'Open a lesson, then Handout',
		href: '/lessons',
		words: 'handout print paper pdf sheet large print one page',
	},
	{
		title: 'Materials list',
		says: 'Materials list',
		href: '/lessons',
		words: 'materials bring kit needles supplies shopping',
	},
	{
		title: 'Present a lesson',
		says: 'Large, on a projector',
		href: '/lessons',
		words: 'present projector screen full screen slides show',
	},
	{
		title: 'Share a lesson',
		says: 'A link that learners open on their phone',
		href: '/lessons',
		words: 'share link phone qr students learners send',
	},
	{
		title: 'Classes',
		says: 'Who’s coming, sessions, who can do what',
		href: '/classes',
		words: 'class students learners pupils attendance register session log group room left-handers',
	},
	{
		title: 'Progress',
		says: 'What your class can do, and the next lesson',
		href: '/classes',
		words: 'progress report next lesson assessment skills who can',
	},
	{
		title: 'Practice',
		says: 'Five minutes of questions',
		href: '/practice',
		words: 'homework practice quiz questions learn exercises drill test',
	},
	{
		title: 'Left-handed',
		says: 'Choose your hands in Settings',
		href: '/style#style-hands',
		words: 'left-handed left handed lefty mirror hands yarn hand continental english',
	},
	{
		title: 'Abbreviations',
		says: 'C4F or 2/2 LC, and your own glossary',
		href: '/style#style-names',
		words: 'abbreviations names c4f c4b c4l c4r glossary key terms my pattern writes',
	},
	{
		title: 'Centimetres or inches',
		says: 'Units and needle sizes',
		href: '/style#style-sizes',
		words: 'units inches centimetres centimeters metric us needle size uk mm',
	},
	{
		title: 'Settings',
		says: 'Abbreviations, hands, tools',
		href: '/style',
		words: 'settings preferences options house style defaults',
	},
	{
		title: 'Your account',
		says: 'Password, download my data, delete',
		href: '/account',
		words: 'account password sign out email download data export backup delete',
	},
	{
		title: 'Save a film or a picture',
		says: 'Open a cable, then Moves and speed',
		href: cable('C4F'),
		words: 'film video gif picture image svg png download save export animation',
	},
	{
		title: 'Without internet',
		says: 'What works offline: pages you opened, sessions, practice',
		href: '/classes',
		words: 'offline no internet wifi connection network',
	},
	{
		title: 'What went wrong?',
		says: 'From what you see to the fix',
		href: '/wrong',
		words: 'mistake error wrong fix mend repair help problem',
	},
	{
		title: 'Words in other languages',
		says: 'German, French, Dutch, Danish, Norwegian, Swedish, Spanish, Italian, Japanese',
		href: '/words/languages',
		words:
			'language translate translation foreign german deutsch french français francais dutch nederlands danish dansk norwegian norsk swedish svenska spanish español espanol italian italiano japanese 日本語 abbreviations',
	},
	{
		title: 'Words used',
		says: 'RS, WS, cn, tbl and more',
		href: '/words',
		words: 'glossary words terms dictionary meaning what does mean',
	},
];

/** Other words for what is seen in a piece. */
const SEEN_WORDS: Readonly<Partial<Record<string, string>>> = {
	'leans-wrong': 'my cable leans the wrong way wrong direction crossed wrong miscrossed',
	hole: 'hole gap ladder beside the cable loose',
	bump: 'purl bump wrong side row',
	uneven: 'cable ends early too long too short forgot crossing wrong row crossed late missed a cable row uneven',
	tight: 'tight hard to knit stiff pulling puckers',
	'one-too-many': 'extra stitch too many stitches count off yarn over accidental',
	twisted: 'twisted stitch crossed leg wrong leg',
	'one-too-few': 'missing stitch too few stitches lost',
	ladder: 'dropped stitch run ladder slipped off',
	bar: 'float strand across yarn in front',
	kink: 'wrong order mixed up',
	split: 'split yarn half',
};

const ALL: readonly AppPlace[] = [
	...PLACES.map((p, i) => ({ ...p, id: `p${i}` })),
	...SEEN.map(([id, says]) => ({
		id: `w-${id}`,
		title: capital(says),
		says: 'What went wrong, and how to fix it',
		href: `/wrong?seen=${id}`,
		words: SEEN_WORDS[id] ?? '',
	})),
	...EVERYDAY_WORDS.map(({ word, also, means }) => ({
		id: `e-${word}`,
		title: word,
		says: means,
		href: `/words#${encodeURIComponent(word)}`,
		words: also.join(' '),
	})),
];

const STOP = new Set('a an the my is of to in on for it i do how what does and or with'.split(' '));
const BY_ID = new Map(ALL.map((p) => [p.id, p]));
const search = new MiniSearch<AppPlace>({
	fields: ['title', 'words', 'says'],
	processTerm: (term) => {
		const lower = term.toLowerCase();
		return STOP.has(lower) ? null : lower;
	},
	searchOptions: {
		boost: { title: 2, words: 1.5 },
		prefix: (term) => term.length > 2,
		fuzzy: (term) => (term.length > 3 ? 0.25 : false),
	},
});
search.addAll(ALL);

/** Places for what was typed, the best first; all words of it first, then any of them. None when nothing is near. */
export function placesFor(text: string, most = 6): readonly AppPlace[] {
	// “Without” says more than any other word of it.
	const typed = text.replace(/\bno (cable )?needle\b/i, 'without cable needle');
	const all = search.search(typed, { combineWith: 'AND' });
	const found = all.length > 0 ? all : search.search(typed);
	return found.slice(0, most).flatMap((hit) => BY_ID.get(String(hit.id)) ?? []);
}
