import { readTextWith, readGlossary, SCHOOL_IDS } from '@pond-loop/core/notation';
import { canonical, twoGroups } from '@pond-loop/core/crossing';
import { DEFAULT_HOUSE_STYLE } from '@pond-loop/core/schema';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { answer } from './answer';
import { keyOf, type StageQuestion } from './question';

const style = { ...DEFAULT_HOUSE_STYLE, glossary: 'Weir: sl 2 sts to cn and hold in back, k2, k2 from cn' };
const ask = (more: Partial<StageQuestion>): StageQuestion => ({
	text: '',
	own: undefined,
	school: 'slash',
	meaning: 0,
	...more,
});

it('is what the reader says, and comes to a browser as it was said', () => {
	const texts = fc.oneof(
		fc.constantFrom('C4F', '2/2 LC', 'T3B', '2/1/2 RC', 'Weir', 'sl 1 to cn and hold in front, k1, k1 from cn', 'pond'),
		fc.string({ unit: 'grapheme', maxLength: 30 }),
	);
	fc.assert(
		fc.property(texts, fc.constantFrom(...SCHOOL_IDS, 'any' as const), fc.nat(2), (text, school, meaning) => {
			const asked = ask({ text, school, meaning });
			const told = answer(style, asked);
			const read = readTextWith(readGlossary(style.glossary), text, school, meaning);
			expect(told.reading.ok).toBe(read.ok);
			if (told.reading.ok && read.ok) expect(told.reading.crossing).toEqual(read.crossing);
			expect(told.key).toBe(keyOf(style, asked));
			expect(JSON.parse(JSON.stringify(told))).toEqual(told);
		}),
		{ numRuns: 150 },
	);
});

it('tells what settles a name, what was run, and by what name rows read it', () => {
	expect(answer(style, ask({ text: 'weir' }))).toMatchObject({
		settled: { name: 'Weir', own: false },
		rowName: 'C4B',
	});
	expect(answer(style, ask({ text: 'sl 1 to cn and hold in front, k1, k1 from cn' })).sentence).toMatchObject({
		onTools: false,
	});
	const line = canonical(twoGroups({ front: 2, behind: 2, lean: 'left' }));
	expect(answer(style, ask({ text: 'My weir', own: line }))).toMatchObject({ byLine: true, ownName: 'My weir' });
	// A line that is none is read past, and the text counts.
	expect(answer(style, ask({ text: '2/2 LC', own: 'no line' }))).toMatchObject({
		byLine: false,
		reading: { ok: true },
	});
});

it('asks again when the glossary or the house’s school changes, and not for the rest of a style', () => {
	const asked = ask({ text: 'C4F' });
	expect(keyOf({ ...style, yarnHand: 'left' }, asked)).toBe(keyOf(style, asked));
	expect(keyOf({ ...style, glossary: '' }, asked)).not.toBe(keyOf(style, asked));
	expect(keyOf({ ...style, school: 'slash' }, asked)).not.toBe(keyOf({ ...style, school: 'twist' }, asked));
});
