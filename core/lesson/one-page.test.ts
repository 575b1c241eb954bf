import { describe, expect, it } from 'vitest';
import { languageOf } from '../language/index.ts';
import { DEFAULT_HOUSE_STYLE, noteOf } from '../schema/index.ts';
import { demoLessons } from '../test/demo.ts';
import { cablesShown, onePagesOf } from './index.ts';

const [first, pennant] = demoLessons as [(typeof demoLessons)[0], (typeof demoLessons)[0]];
const pages = (options = {}, lesson = first) => onePagesOf(lesson, DEFAULT_HOUSE_STYLE, options);

describe('single pages of a lesson', () => {
	it('have their rows and the name of the cable once more in a learner’s language, for their hands', () => {
		const danish = languageOf('da');
		const [, rope] = pages({ beside: danish });
		expect(rope!.beside).toBe('kryds 4 m mod venstre');
		expect(rope!.rows!.rows.map((r) => r.beside)).toEqual([
			'3 r, 3 vr, 4 r, 3 vr, 3 r',
			'6 r, 4 vr, 6 r',
			'3 r, 3 vr, kryds 4 m mod venstre, 3 vr, 3 r',
			'6 r, 4 vr, 6 r',
		]);
		const [, left] = pages({ beside: danish, hands: 'left-mirrored' });
		expect(left!.beside).toBe('kryds 4 m mod højre');
		expect(pages()[1]!.beside).toBeUndefined();
	});

	it('has one for each cable, with its moves, the rows of one repeat, a mend and what to check', () => {
		const [small, rope] = pages();
		expect(pages().map((page) => page.name)).toEqual(['1/1 LC', 'C4F']);
		expect(small!.rows).toBeUndefined();
		expect(rope).toMatchObject({
			who: 'right-handed',
			inHands: undefined,
			title: '2 over 2, leaning left',
			says: ['1 and 2 pass in front of 3 and 4.', 'Hold the first 2 in front.', '4 stitches, all knit.'],
			sentence: 'sl 2 sts to cn and hold in front, k2, k2 from cn',
			checks: ['It leans left', '16 stitches after every row', 'Cross once in 4 rows'],
			fault: { title: 'If it leans the other way', how: 'Held at the back instead of in front.' },
		});
		// Two stitches knit one after the other are one picture.
		expect(rope!.moves.map((m) => m.says)).toEqual([
			'Slip stitches 1 and 2 purlwise to the cable needle and hold in front.',
			'Knit stitches 3 and 4, behind the two on the cable needle; pull the first one snug.',
			'Knit stitches 1 and 2 straight off the cable needle.',
		]);
		expect(rope!.rows).toEqual({
			title: 'First rope, a square to keep',
			says: 'Cast on 16, flat; work rows 7 to 10, 4 times in all.',
			times: 4,
			rows: [
				{ number: 7, side: 'RS', text: 'k3, p3, k4, p3, k3', isCrossed: false },
				{
					number: 8,
					side: 'WS',
					text: 'k3, knit the knits and purl the purls to last 3 sts, k3',
					isCrossed: false,
				},
				{ number: 9, side: 'RS', text: 'k3, p3, C4F, p3, k3', isCrossed: true },
				{ number: 10, side: 'WS', text: 'as row 8', isCrossed: false },
			],
		});
		expect(rope!.words.map(([short]) => short)).toEqual(['cn', 'k', 'p', 'RS', 'sl', 'sts', 'WS']);
	});

	it('tells left hands the same fabric in their moves, and its name in the pattern and in the hands', () => {
		const [, rope] = pages({ hands: 'left-same' });
		expect(rope).toMatchObject({
			who: 'left-handed, the same fabric',
			name: 'C4F',
			inHands: 'C4B in your hands',
			title: '2 over 2, leaning left',
			fault: { how: 'Held in front instead of at the back.' },
		});
		expect(rope!.moves[0]!.says).toContain('hold at the back');
		expect(rope!.rows!.rows[2]!.text).toContain('C4B');
		const [, mirrored] = pages({ hands: 'left-mirrored' });
		expect(mirrored).toMatchObject({ inHands: undefined, title: '2 over 2, leaning right' });
	});

	it('is for a loom where somebody works at one, loop by loop', () => {
		const [, rope] = pages({ at: 'loom' });
		expect([rope!.who, rope!.moves.length]).toEqual(['at the pegs', 13]);
		expect(rope!.rows!.says).toBe('Cast on 16, flat; work rows 6 to 9, 4 times in all.');
	});

	it('says the yarn hand where it is not the usual one', () => {
		expect(pages({ yarn: 'left' })[1]!.who).toBe('right-handed, yarn in the left hand');
	});

	it('takes the steps that are wanted, each cable once, and no mistake on purpose', () => {
		const at = first.steps.findIndex((s) => s.kind === 'crossing' && s.asked.text === 'C4F');
		expect(pages({ steps: new Set([at + 1]) }).map(({ name, rows }) => [name, rows])).toEqual([['C4F', undefined]]);
		const rope = first.steps[at]!;
		const twice = { ...first, steps: [rope, { ...rope, id: crypto.randomUUID() }] };
		expect(pages({}, twice)).toHaveLength(1);
		const wrong = { ...rope, view: { mistake: 'wrong-side' } } as typeof rope;
		expect(pages({}, { ...first, steps: [wrong] })).toEqual([]);
	});

	it('prints rows once, and says on which page', () => {
		const all = pages({}, pennant);
		expect(all.map(({ name, rows, rowsOn }) => [name, rows?.title, rowsOn])).toEqual([
			['C4F', undefined, undefined],
			['2/1 LPC', 'Bolster, a cable that travels', undefined],
			['2/1 RPC', undefined, 2],
		]);
	});

	it('takes the cables of the rows where no step shows one; none without rows either', () => {
		const rowsOnly = { ...first, steps: first.steps.filter((s) => s.kind === 'swatch') };
		expect(pages({}, rowsOnly).map(({ name, note }) => [name, note])).toEqual([['C4F', undefined]]);
		expect(pages({}, { ...first, steps: [] })).toEqual([]);
	});

	it('counts the rows between crossings round the repeat, and says nothing where they differ', () => {
		const pageOf = (rows: string, castOn = 4) => {
			const [swatch] = first.steps.filter((s) => s.kind === 'swatch');
			const own = {
				...swatch!,
				swatch: {
					format: 'pond-loop/swatch',
					version: 2,
					title: 'S',
					castOn,
					shape: 'round',
					school: 'slash',
					text: rows,
				},
			};
			return pages({}, { ...first, steps: [own as never] })[0]!;
		};
		const of = (rows: string): readonly string[] => pageOf(rows).checks;
		const rowsIn = (rows: string) => pageOf(rows).rows!.rows;
		const even = 'Rnd 1: 2/2 LC\nRnds 2-4: k4\nRnd 5: 2/2 LC\nRnds 6-8: k4\nrep rnds 1-8 twice more';
		expect(of(even)).toEqual(['It leans left', '4 stitches after every row', 'Cross every 4th row']);
		const uneven = 'Rnd 1: 2/2 LC\nRnds 2-4: k4\nRnd 5: 2/2 LC\nRnds 6-10: k4\nrep rnds 1-10 twice more';
		expect(of(uneven)).toEqual(['It leans left', '4 stitches after every row']);
		expect(of('Rnd 1: 2/2 LC\nRnd 2: k4\nRnd 3: 2/2 LC\nRnd 4: k4\nrep rnds 1-4 twice more')).toContain(
			'Cross every second row',
		);
		expect(of('Rnd 1: k4\nRnd 2: 2/2 LC\nRnd 3: k4')).toContain('Cross once in 3 rows');
		// What is short is said again; what is long refers to the row before.
		expect(rowsIn('Rnd 1: k4\nRnd 2: 2/2 LC\nRnd 3: k4').map((row) => row.text)).toEqual(['k4', '2/2 LC', 'k4']);
	});

	it('lists its cables, each with all its steps', () => {
		const [rope] = first.steps.filter((s) => s.kind === 'crossing' && s.asked.text === 'C4F');
		const twice = { ...first, steps: [...first.steps, { ...rope!, id: crypto.randomUUID() }] };
		expect(cablesShown(twice, DEFAULT_HOUSE_STYLE)).toEqual([
			{ title: '1/1 LC', steps: [3] },
			{ title: 'C4F', steps: [4, 7, twice.steps.length] },
		]);
	});

	it('carries what the teacher wrote on the step', () => {
		const [step] = first.steps.filter((s) => s.kind === 'crossing');
		const own = { ...step!, note: noteOf('Slowly.') } as typeof step & object;
		expect(pages({}, { ...first, steps: [own] })[0]!.note).toEqual(noteOf('Slowly.'));
	});
});
