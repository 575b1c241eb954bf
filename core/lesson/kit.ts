/** What has to be brought: for each learner, and for the class with some to spare. */

import { craftOf, PLAIN_CRAFT, TOOLS, type Craft, type KitNeed } from '../craft/index.ts';
import { ballsFor, gramsOf } from '../fabric/index.ts';
import { needleName } from '../measure/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { isFor, kindOf, type StepKit } from '../step/index.ts';
import { gaugeSaid, loopIn, materialOf, type Material } from '../swatch/index.ts';
import { placesOf, sheetKind, sheetsFor, workingIn } from './room.ts';
import type { Lesson } from './schema.ts';

export interface KitItem {
	readonly what: string;
	/** For one learner; 0 for what the class shares. */
	readonly each: number;
	readonly unit: string;
	/** For all, with some to spare. */
	readonly all: number;
	/** Where the number comes from, when it is not plain. */
	readonly because?: string;
}

/** Of ten things one more is brought: assumed. */
const SPARE = 0.1;
/** What is knitted where nothing is told of a yarn. */
const ANY = materialOf();
/** Yarn for tails, and for trying again, as a factor: assumed. */
const AGAIN = 1.6;
const TAILS_CM = 40;
/** A learner tries a crossing on a strip of so many stitches and rows: assumed. */
const STRIP = { stitches: 20, rows: 16 };

/** Loops that are knitted of one yarn: how many, and centimetres of yarn in them. */
interface Knitted {
	readonly material: Material;
	readonly loops: number;
	readonly cm: number;
}

/** What one place knits, by yarn: of those that are named, and of any. */
function knittedBy(kits: readonly StepKit[]): ReadonlyMap<string, Knitted> {
	const all = new Map<string, Knitted>();
	const add = (loops: number, material: Material): void => {
		const key = material.yarn?.id ?? '';
		const { loops: before = 0, cm = 0 } = all.get(key) ?? {};
		if (loops > 0) all.set(key, { material, loops: before + loops, cm: cm + loops * loopIn(material) });
	};
	for (const { loops = 0, material = ANY } of kits) add(loops, material);
	const tried = kits.filter((k) => k.isTried).length;
	if (tried > 0) add(STRIP.stitches * STRIP.rows * Math.ceil(tried / 2), ANY);
	return all;
}

/** Metres of yarn for what is knitted, tried again and all. */
const metresFor = (cm: number): number => Math.ceil((cm * AGAIN + TAILS_CM) / 100);

/** What a band says of so many metres, where it was told. */
function weightOf(metres: number, { metresIn100g, ballGrams }: Material, learners: number): string {
	if (metresIn100g === undefined) return '';
	const grams = gramsOf(metres, metresIn100g);
	if (ballGrams === undefined) return `; ${Math.ceil(grams)} g each`;
	const { forEach, woundForAll } = ballsFor(grams, ballGrams, learners);
	return `; ${Math.ceil(grams)} g each: ${forEach === 1 ? 'a ball' : `${forEach} balls`} each, or ${woundForAll} wound off for all`;
}

export function kitFor(
	lesson: Lesson,
	style: Pick<HouseStyle, 'needle' | 'needleSystem' | 'holderShape' | 'demonstrates' | 'yarnHand' | 'glossary'>,
): readonly KitItem[] {
	const { learners } = lesson.plan;
	const byHand = workingIn(lesson.plan, PLAIN_CRAFT);
	const spare = (each: number, people: number): number =>
		people === 0 ? 0 : each * people + Math.max(1, Math.ceil(each * people * SPARE));
	const items: KitItem[] = [];
	const put = (what: string, each: number, unit = '', because?: string, people = learners): void => {
		if (people > 0) items.push({ what, each, unit, all: spare(each, people), ...(because ? { because } : {}) });
	};
	const shared = (what: string, all: number, because?: string): void => {
		items.push({ what, each: 0, unit: '', all, ...(because ? { because } : {}) });
	};

	const kits = lesson.steps.flatMap((s) => kindOf(s).kit?.(s, style.glossary) ?? []);
	const most = (of: (kit: StepKit) => number | undefined): number => Math.max(0, ...kits.map((k) => of(k) ?? 0));
	/** Of each yarn, what the busiest knit: steps for others are not theirs. */
	const knitted = new Map<string, Knitted>();
	for (const place of placesOf(lesson.plan)) {
		const own = lesson.steps.filter((s) => isFor(s, place)).flatMap((s) => kindOf(s).kit?.(s, style.glossary) ?? []);
		for (const [key, one] of knittedBy(own)) if (one.cm > (knitted.get(key)?.cm ?? 0)) knitted.set(key, one);
	}
	const isKnitted = knitted.size > 0;
	const columns = new Map<Craft, number>();
	for (const { craft: id, columns: wide } of kits.flatMap((k) => k.crafts ?? [])) {
		const craft = craftOf(id);
		columns.set(craft, Math.max(columns.get(craft) ?? STRIP.stitches, wide));
	}
	// Who works at a tool makes there what others make by hand.
	for (const place of TOOLS.map(craftOf)) {
		if (lesson.plan.room && isKnitted && !columns.has(place)) columns.set(place, STRIP.stitches);
	}
	/** Where rows name two yarns, each of them is about half of it. */
	const yarns = Math.max(
		1,
		most((k) => k.yarns),
	);
	if (isKnitted) {
		for (const { material, loops, cm } of knitted.values())
			for (const colour of yarns > 1 ? [' A', ' B'] : ['']) {
				const metres = metresFor(cm / yarns);
				const basis = `${gaugeSaid(material)}${material.from === 'assumed' ? ' (assumed)' : ''}`;
				const fibre = material.fibre ?? 'wool';
				const kept = Math.min(learners, lesson.plan.room?.avoids?.[fibre] ?? 0);
				const others = learners - kept;
				put(
					`${material.yarn?.name ?? 'Smooth, round, pale yarn in wool'}${colour}`,
					metres,
					'm',
					`${loops} loops at ${basis}, half as much again, and tails${weightOf(metres, material, others)}`,
					others,
				);
				put(
					`Smooth, round, pale yarn without ${fibre}${colour}`,
					metres,
					'm',
					`for those who avoid ${fibre}: read the ball band, and ask before you hand it round`,
					kept,
				);
			}
		if ([...columns.keys()].some((c) => c.isHanded))
			put(`Needles, ${needleName(style.needle, style.needleSystem)}`, 1, 'pair', undefined, byHand);
	}
	/** Each once, however many steps need it. */
	const needs = (all: readonly (KitNeed & { readonly people?: number })[]): void => {
		for (const need of new Map(all.map((n) => [n.what, n])).values()) {
			if ('each' in need) put(need.what, need.each, need.unit, need.because, need.people);
			else shared(need.what, need.shared, need.because);
		}
	};
	needs(
		[...columns].flatMap(([craft, wide]) => {
			const people = workingIn(lesson.plan, craft.id);
			return people === 0 ? [] : craft.kit({ learners: people, columns: wide }).map((need) => ({ ...need, people }));
		}),
	);
	const holders = most((k) => k.holders);
	if (holders > 0) {
		put(
			holders === 1 ? `Cable needle, ${style.holderShape}` : `Cable needles, ${style.holderShape}`,
			holders,
			'',
			'no thicker than the needles',
			byHand,
		);
		shared('Cable needles of other shapes to try', Math.max(3, Math.ceil(learners / 3)));
	}
	const markers = most((k) => k.markers);
	if (markers > 0) put('Ring markers', markers, '', 'one at each side of every cable', byHand);
	needs(kits.flatMap((k) => k.things?.(learners) ?? []));
	if (lesson.steps.length > 0) {
		shared('Scissors', Math.ceil(learners / 3));
		if (!lesson.plan.room) put('Sheet of this lesson', 1);
		else
			for (const sheet of sheetsFor(lesson.plan, style))
				shared(`Sheets of this lesson, ${sheetKind(sheet, style)}`, sheet.many);
	}
	return items;
}

/** As a table: what, for each, unit, for all, why. */
export const kitTable = (items: readonly KitItem[]): readonly (readonly string[])[] => [
	['what', 'each', 'unit', 'all', 'because'],
	...items.map((i) => [i.what, i.each ? String(i.each) : 'shared', i.unit, String(i.all), i.because ?? '']),
];

/** A number with its unit, as it is said: `1 pair`, `9 pairs`, `29 m`. */
export const amount = (many: number, unit: string): string =>
	unit === 'pair' && many !== 1 ? `${many} pairs` : `${many} ${unit}`.trim();
