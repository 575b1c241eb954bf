import { describe, expect, it } from 'vitest';
import type { Block } from '../block/index.ts';
import { craftOf, DEMONSTRATIONS, PLAIN_CRAFT, PLACES, type CraftId, type Demonstration } from '../craft/index.ts';
import { DEFAULT_HOUSE_STYLE, noteOf, type HouseStyle } from '../schema/index.ts';
import { craftsOf, stepAt, type Step } from '../step/index.ts';
import { demoLessons } from '../test/demo.ts';
import { lessonMarkdown, sectionsOf, type Section } from './index.ts';

/** Every text of a block, those of its pictures and moves included; what a teacher wrote by hand is not ours. */
function textsOf(value: unknown): readonly string[] {
	if (typeof value === 'string') return [value];
	if (Array.isArray(value)) return value.flatMap(textsOf);
	if (typeof value !== 'object' || value === null) return [];
	const block = value as Block;
	switch (block.kind) {
		case 'note':
			return [];
		case 'picture':
			return [...block.facts.flat(), block.draw({ light: 'print' }).label];
		case 'chart':
			return [block.chart({ light: 'print' }).label];
		case 'moves':
			return [block.title, ...Array.from({ length: block.frames }, (_, i) => block.says(i).caption)];
		case 'comparison':
			return block.sides.flatMap(({ title, says, draw, moves }) => [
				title,
				says,
				draw({ light: 'print' }).label,
				...(moves ? Array.from({ length: moves.frames }, (_, i) => moves.says(i).caption) : []),
			]);
		case 'table':
			return block.lines.map((line) => line.join(': '));
		default:
			return Object.entries(value).flatMap(([key, one]) => (key === 'kind' ? [] : textsOf(one)));
	}
}

/** What a lesson says to somebody, section by section. */
const saidIn = (
	sections: readonly Section[],
): readonly { readonly section: Section; readonly texts: readonly string[] }[] =>
	sections.map((section) => ({ section, texts: [section.title ?? '', ...section.blocks().flatMap(textsOf)] }));

const LOOK = /([\d, andto]+?) pass(?:es)? in front of/;
const LEAN = /leaning (left|right)/;
const HELD = /(?:hold the first \S+ (in front|at the back)|hold in (front|back))/i;

/**
 * What contradicts itself in a text: the stitch at the tip (number 1) lies on top exactly when it is held in front, and
 * then the fabric leans left, or right where left hands make it.
 */
function contradictions(text: string, isMirrored: boolean): readonly string[] {
	const [, uppers] = LOOK.exec(text) ?? [];
	const [, lean] = LEAN.exec(text) ?? [];
	const [, hands, sentence] = HELD.exec(text) ?? [];
	const isTipOnTop = uppers === undefined ? undefined : /(^|\D)1(\D|$)/.test(uppers);
	const isHeldInFront = (hands ?? sentence) ? /front/.test((hands ?? sentence)!) : undefined;
	const isLeft = lean === undefined ? undefined : lean === (isMirrored ? 'right' : 'left');
	const told = [isTipOnTop, isHeldInFront, isLeft].filter((one) => one !== undefined);
	return new Set(told).size > 1 ? [text] : [];
}

const isMirrored = (as: Demonstration, crafts: readonly string[]): boolean =>
	as !== 'right' && crafts.every((craft) => craftOf(craft).isHanded);

describe('which stitches lie on top', () => {
	it('is judged by a law that finds each contradiction', () => {
		const right =
			'2 over 2, leaning left: 1 and 2 pass in front of 3 and 4. sl 2 sts to cn and hold in front, k2, k2 from cn';
		expect(contradictions(right, false)).toEqual([]);
		expect(contradictions(right.replace('1 and 2', '3 and 4'), false)).toHaveLength(1);
		expect(contradictions(right.replace('left', 'right'), false)).toHaveLength(1);
		expect(contradictions(right.replace('hold in front', 'hold in back'), false)).toHaveLength(1);
		expect(contradictions(right, true)).toHaveLength(1);
		expect(contradictions(right.replace('left', 'right'), true)).toEqual([]);
	});

	it.each(DEMONSTRATIONS)('is told by the hold, the drawing and every word alike: %s', (as) => {
		const style: HouseStyle = { ...DEFAULT_HOUSE_STYLE, demonstrates: as };
		let seen = 0;
		for (const lesson of demoLessons)
			for (const at of PLACES) {
				const sections = sectionsOf(lesson, style, { words: true, mistakes: true, at });
				const all = lesson.steps.flatMap((step) => craftsOf(stepAt(step, at, style) ?? step, ''));
				for (const { section, texts } of saidIn(sections)) {
					const crafts = section.step ? craftsOf(stepAt(section.step, at, style) ?? section.step, '') : all;
					const facts = texts.filter((t) => LOOK.test(t) || HELD.test(t) || LEAN.test(t));
					// A step's title, what hands do and which pass in front are of one crossing.
					const whole = section.step?.kind === 'crossing' ? [facts.join('. ')] : [];
					for (const text of [...facts, ...whole]) {
						expect(contradictions(text, isMirrored(as, crafts)), `${lesson.title}, ${at}`).toEqual([]);
						seen += 1;
					}
					if (isMirrored(as, crafts))
						expect(
							texts.filter((t) => /(?:left-most|to left needle)/.test(t)),
							`${lesson.title}: ${section.title}`,
						).toEqual([]);
				}
			}
		expect(seen).toBeGreaterThan(500);
	});

	it('is the same in a file', () => {
		for (const as of DEMONSTRATIONS)
			for (const lesson of demoLessons) {
				const file = lessonMarkdown(lesson, { ...DEFAULT_HOUSE_STYLE, demonstrates: as });
				const crafts = lesson.steps.flatMap((step) => craftsOf(step, ''));
				for (const line of file.split('\n')) expect(contradictions(line, isMirrored(as, crafts))).toEqual([]);
			}
	});
});

/** Words of the hands, of the loom and of the machine. */
const OWN: Readonly<Record<string, RegExp>> = {
	hand: /\bcn\b|(?:left|right|cable) needle|between the needles|knitwise|purlwise|needle tip/i,
	loom: /\bpegs?\b|\brake\b/i,
	machine: /\bcarriage\b|\bprongs?\b|transfer tool|\bholding off\b|\bthe bed\b/i,
};
const othersWords = (place: CraftId): readonly RegExp[] =>
	Object.entries(OWN).flatMap(([id, words]) => (id === place ? [] : [words]));

/** Whether a step is of the craft of a place, or plain knitting, so that it is done there in the words of that craft. */
const isDoneAt = (step: Step, place: CraftId, style: HouseStyle): boolean => {
	const crafts = craftsOf(stepAt(step, place, style) ?? step, '');
	return crafts.every((craft) => (craftOf(craft).isHanded ? PLAIN_CRAFT : craft) === place);
};

describe('in a room of needles, a loom and a machine', () => {
	it.each(PLACES)('a sheet holds no other craft’s words: %s', (place) => {
		for (const lesson of demoLessons)
			for (const as of DEMONSTRATIONS) {
				const style: HouseStyle = { ...DEFAULT_HOUSE_STYLE, demonstrates: as };
				// A comparison of crafts speaks of both.
				const steps = lesson.steps.filter((s) => !(s.kind === 'compare' && s.of === 'crafts'));
				const sections = sectionsOf({ ...lesson, steps }, style, { words: true, mistakes: true, at: place });
				const isOther = steps.some((step) => !isDoneAt(step, place, style));
				for (const { section, texts: all } of saidIn(sections)) {
					const texts = all.filter((t) => !t.startsWith('This is worked at'));
					// At the needles, what is made at a tool is looked at with the words of that tool.
					if (place === PLAIN_CRAFT && (section.step ? !isDoneAt(section.step, place, style) : isOther)) continue;
					for (const words of othersWords(place))
						expect(
							texts.filter((t) => words.test(t)),
							`${lesson.title}, ${section.title ?? section.id}`,
						).toEqual([]);
				}
			}
	});

	it.each(['loom', 'machine'] as const)('a swatch of plain knitting has its plan %s', (place) => {
		let plans = 0;
		for (const lesson of demoLessons)
			for (const { step, blocks } of sectionsOf(lesson, DEFAULT_HOUSE_STYLE, {
				words: false,
				mistakes: false,
				at: place,
			})) {
				if (step?.kind !== 'swatch' || (step.swatch.craft ?? PLAIN_CRAFT) !== PLAIN_CRAFT) continue;
				const rows = blocks().flatMap((b) => (b.kind === 'rows' ? [b.rows] : []));
				expect(
					rows.some((all) => all.some((r) => r.label !== undefined)),
					lesson.title,
				).toBe(true);
				plans += 1;
			}
		expect(plans).toBeGreaterThan(3);
	});

	it('one sheet for all shows each tool its own, and says what is worked elsewhere', () => {
		const lesson = demoLessons[0]!;
		const also: readonly CraftId[] = ['hand', 'loom', 'machine'];
		const sections = sectionsOf(lesson, DEFAULT_HOUSE_STYLE, { words: true, mistakes: true, also });
		const headings = saidIn(sections).map(({ texts }) => texts.join('\n'));
		const swatch = headings[sections.findIndex((s) => s.step?.kind === 'swatch')]!;
		expect(swatch).toMatch(/At the loom[^]*pegs[^]*At the machine[^]*carriage/i);
		const twisted = demoLessons.find((l) => l.steps.some((s) => craftsOf(s, '').includes('twisted')))!;
		const step = twisted.steps.find((s) => craftsOf(s, '').includes('twisted'))!;
		const [only] = sectionsOf({ steps: [step] }, DEFAULT_HOUSE_STYLE, { words: false, mistakes: false, at: 'loom' });
		expect(only!.blocks().flatMap(textsOf)).toContain(
			'This is worked at the needles. Watch it, and go on with the next step.',
		);
	});

	it('under a mirrored heading a tool says which way its own leans', () => {
		const step = demoLessons.flatMap((l) => l.steps).find((s) => s.kind === 'crossing' && s.craft === PLAIN_CRAFT)!;
		const style: HouseStyle = { ...DEFAULT_HOUSE_STYLE, demonstrates: 'left-mirrored' };
		const [section] = sectionsOf({ steps: [{ ...step, note: noteOf('') } as Step] }, style, {
			words: false,
			mistakes: false,
			also: ['hand', 'loom'],
		});
		const [, here] = LEAN.exec(section!.title!)!;
		const heading = section!.blocks().find((b) => b.kind === 'heading')!;
		const [, there] = LEAN.exec(heading.kind === 'heading' ? heading.text : '')!;
		expect([here, there].sort()).toEqual(['left', 'right']);
	});
});
