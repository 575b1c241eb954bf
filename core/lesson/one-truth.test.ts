import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Block } from '../block/index.ts';
import { craftOf, DEMONSTRATIONS, type Demonstration } from '../craft/index.ts';
import { canonical, equal, mirror, type Crossing } from '../crossing/index.ts';
import { craftIn, sentenceIn, shownIn } from '../look/index.ts';
import {
	readGlossary,
	readRows,
	readSentence,
	SCHOOLS,
	WRITTEN_SCHOOLS,
	wordsFor,
	type SchoolId,
} from '../notation/index.ts';
import { DEFAULT_HOUSE_STYLE, type HouseStyle, type Swatch } from '../schema/index.ts';
import { kindOf } from '../step/index.ts';
import { checked, mirrorWorked, workRows, type Worked } from '../swatch/index.ts';
import { LessonSchema, sectionsOf, type Lesson } from './index.ts';

const folder = new URL('../../db/demo/', import.meta.url);
const lessons: readonly Lesson[] = readdirSync(folder)
	.filter((name) => name.endsWith('.json'))
	.map((name) => LessonSchema.parse(JSON.parse(readFileSync(new URL(name, folder), 'utf8'))));

const isLeft = (as: Demonstration, craft: string): boolean => as !== 'right' && craftOf(craft).isHanded;

/** What hands make by rows as they stand on paper, crossing by crossing: names by look tell left hands the mirror image. */
function followed(text: string, swatch: Swatch, as: Demonstration, school: SchoolId | undefined): readonly string[] {
	const { glossary } = DEFAULT_HOUSE_STYLE;
	const rows = readRows(text, {
		school: school ?? swatch.school,
		among: swatch.schools,
		glossary: readGlossary(glossary),
	});
	const worked = workRows(rows, swatch);
	const left = isLeft(as, worked.craft);
	expect(
		worked.problems.filter((p) => p.weight === 'error').map((p) => p.what),
		text,
	).toEqual([]);
	return made(worked, (c) =>
		left && c.by !== 'glossary' && SCHOOLS[c.by].by === 'look' ? mirror(c.asWorked) : c.asWorked,
	);
}

/** A sentence for left hands as right hands read it. */
const turnedWords = (sentence: string): string =>
	sentence.replace(/left|right/g, (word) => (word === 'left' ? 'right' : 'left'));

type Made = Worked['rows'][number]['crossings'][number];
const made = (worked: Worked, of: (c: Made) => Crossing): readonly string[] =>
	worked.rows.map((row) =>
		[
			row.number,
			row.side,
			row.stitches.length,
			...row.crossings.map((c) => `${c.at} ${canonical(plain(worked, of(c)))}`),
		].join(' '),
	);

/** Where columns are worked as the craft has them, a name tells only which of them cross. */
const plain = ({ craft }: Worked, c: Crossing): Crossing =>
	craftOf(craft).hasOwnColumns ? { ...c, work: c.work.map(() => 'k' as const) } : c;

const of = <K extends Block['kind']>(blocks: readonly Block[], kind: K): readonly Extract<Block, { kind: K }>[] =>
	blocks.filter((b) => b.kind === kind) as Extract<Block, { kind: K }>[];

describe('whatever a lesson is shown as', () => {
	const cases = DEMONSTRATIONS.flatMap((as) => [undefined, ...WRITTEN_SCHOOLS].map((school) => [as, school] as const));

	it.each(cases)('names, rows, leans and moves agree with the model: %s hands, names of %s', (as, school) => {
		const style: HouseStyle = { ...DEFAULT_HOUSE_STYLE, demonstrates: as };
		let seen = 0;
		for (const lesson of lessons) {
			for (const section of sectionsOf(lesson, style, { words: true, mistakes: false, school })) {
				const blocks = section.blocks();
				const { step } = section;
				const swatch = step && kindOf(step).swatch?.(step);
				if (swatch) {
					const { worked } = checked(swatch, '');
					const patterns = of(blocks, 'rows').find((b) => b.rows.every((r) => r.label === undefined));
					const text = patterns!.rows.map((r) => (r.isRemark ? `# ${r.text}` : r.text)).join('\n');
					const same = isLeft(as, worked.craft) && as === 'left-same';
					expect(followed(text, swatch, as, school), `${lesson.title}: ${text}`).toEqual(
						made(same ? mirrorWorked(worked) : worked, (c) => c.asWorked),
					);
					seen += worked.rows.length;
				}
				if (step?.kind === 'crossing') {
					const craft = craftIn(style, step.craft);
					const shown = shownIn(style, step.crossing, craft);
					expect(section.title).toContain(wordsFor(shown.fabric).title);
					for (const { facts, names } of of(blocks, 'picture'))
						for (const [title, written] of facts.slice(0, names)) {
							if (title !== 'Written') continue;
							const known = Object.values(SCHOOLS).filter((s) => !school || s.id === school);
							const all = known.flatMap((s) => s.write(s.by === 'look' ? shown.fabric : shown.made) ?? []);
							expect(written.split(' · ')).toEqual([...new Set(all)]);
							seen += all.length;
						}
					for (const { trace, taken } of of(blocks, 'moves'))
						if (!step.view?.mistake)
							expect(trace.outcome.order, section.title).toEqual(
								(craft.deviation(shown.made, step.way)?.makes ?? taken.loops).order,
							);
					const told = of(blocks, 'text').find((b) => b.tone === 'sentence')?.text;
					expect(told).toBe(sentenceIn(step.craft, shown));
				}
				// Each name among the words used looks as it says, made by the sentence beside it.
				if (section.id === 'words')
					for (const [term, says] of of(blocks, 'table')[0]!.lines) {
						const [, title, sentence] = /^(.* (?:left|right)(?:, [a-z ]+)?), .*\. (sl .*)$/.exec(says) ?? [];
						const run =
							sentence === undefined ? undefined : readSentence(as === 'right' ? sentence : turnedWords(sentence));
						if (!run?.ok) continue;
						const made = run.value[0]!.crossing;
						const looks = [made, mirror(made)].map((c) => wordsFor(c).title);
						expect(looks[as === 'right' ? 0 : 1], `${term}: ${says}`).toBe(title);
						const known =
							school && SCHOOLS[school].write(as !== 'right' && SCHOOLS[school].by === 'look' ? mirror(made) : made);
						// How a craft works the stitches is no part of the name.
						if (known !== undefined) expect(term.replace(' tbl', '')).toBe(known.replace(' tbl', ''));
						seen += 1;
					}
			}
		}
		expect(seen).toBeGreaterThan(300);
	});
});

describe('rows in left hands', () => {
	it('give the image of the fabric, or the fabric itself, and mirroring twice gives it back', () => {
		for (const name of readdirSync(new URL('swatches/', folder))) {
			const { swatch } = JSON.parse(readFileSync(new URL(`swatches/${name}`, folder), 'utf8')) as { swatch?: Swatch };
			if (!swatch) continue;
			const { worked } = checked(swatch, '');
			expect(mirrorWorked(mirrorWorked(worked))).toEqual(worked);
			for (const [i, row] of mirrorWorked(worked).rows.entries())
				expect(
					row.crossings.every((c, k) => equal(mirror(c.crossing), worked.rows[i]!.crossings.at(-1 - k)!.crossing)),
				).toBe(true);
		}
	});
});
