import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CRAFTS, craftOf, perform, signsIn, type CraftId } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import { everyTwoGroups } from '../test/arbitraries.ts';
import { named } from '../test/made.ts';
import { causesOf, looksIn, SEEN, type Cause, type Piece, type SeenId } from './index.ts';

function piece(
	made: Crossing,
	{ id = 'hand' as CraftId, rows = 2, name }: { id?: CraftId; rows?: number; name?: string } = {},
): Piece {
	const craft = craftOf(id);
	const way = craft.ways.find((w) => perform(craft, made, w.id).ok)!.id;
	const right = perform(craft, made, way);
	if (!right.ok) throw new Error('not worked');
	return {
		craft,
		made,
		way,
		right: right.value,
		rows,
		...(name === undefined ? {} : { name: { text: name, school: 'total-front-back' as const } }),
	};
}
const titles = (causes: readonly Cause[]): string[] => causes.map((c) => c.title);

describe('a C4F that came out wrong', () => {
	const c4f = piece(named('2/2 LC'), { name: 'C4F' });

	it('leaning the other way was held wrong, misread, or worked left-handed; twelve stitches are worked again after two rows', () => {
		const causes = causesOf('leans-wrong', c4f);
		expect(titles(causes)).toEqual([
			'Held at the back instead of in front',
			'C4F read as C4B',
			'A left-hander following it as written',
		]);
		expect(causes[0]!.fix).toEqual([
			'Put a safety pin through the 4 stitches above.',
			'Drop only these 4, down to the crossing: 2 rows.',
			'Cross them again, the first group in front.',
			'Work them up with a crochet hook, row by row.',
		]);
		expect([0, 1, 7].map((rows) => causesOf('leans-wrong', { ...c4f, rows })[0]!.cost)).toEqual([4, 8, 32]);
		expect(causesOf('leans-wrong', { ...c4f, rows: 7 })[0]!.fix.at(-1)).toContain('duplicate stitch');
	});

	it('on a machine is worked up with a latch tool', () => {
		const bed = piece(named('1/1 RC'), { id: 'machine' });
		const seen = looksIn(bed.craft, bed.right.taken, bed.right.trace);
		const fix = seen.flatMap((id) => causesOf(id, bed)).flatMap((c) => c.fix);
		expect(seen).toContain('one-too-few');
		expect(fix).toContain('Work them up with a latch tool, row by row.');
		expect(fix.join(' ')).not.toContain('crochet hook');
	});

	it('with a bump may have been crossed on a wrong-side row, which does not change its lean', () => {
		const ws = causesOf('bump', c4f).find((c) => c.title === 'Crossed on a wrong-side row')!;
		const signs = signsIn(c4f.craft, c4f.right.taken, ws.trace!, c4f.right.taken.loops).map((s) => s.id);
		expect(signs).toContain('bump');
		expect(signs).not.toContain('leans-wrong');
	});

	it('too tight, or with stitches over, may be another pattern’s C4F', () => {
		expect(titles(causesOf('tight', c4f))).toContain('C4F means 8 stitches in some patterns');
		expect(titles(causesOf('one-too-many', c4f))).toContain('C4F means 8 stitches in some patterns');
	});

	it('uneven, or ending early, was crossed in another row, or not at all; each is worked', () => {
		const causes = causesOf('uneven', c4f);
		expect(causes.map(({ title, cost }) => [title, cost])).toEqual([
			// 4 stitches over the 13 rows from row 7 to 19; two rows more where it was crossed in another.
			['Crossing forgotten', 52],
			['Crossed two rows late', 60],
			['Crossed two rows early', 60],
		]);
		const crossedIn = (of: 'meant' | 'yours', nth: number): number[] =>
			causes[nth]!.rows![of].rows.flatMap((row) => (row.crossings.length > 0 ? [row.number] : []));
		expect([crossedIn('meant', 0), crossedIn('yours', 0)]).toEqual([
			[3, 7, 11, 15],
			[3, 11, 15],
		]);
		expect([crossedIn('yours', 1), crossedIn('yours', 2)]).toEqual([
			[3, 9, 11, 15],
			[3, 5, 11, 15],
		]);
		// What travels, and what is no rope, has no twists to be uneven.
		expect(causesOf('uneven', piece(named('2/1 LPC')))).toEqual([]);
		expect(looksIn(c4f.craft, c4f.right.taken, c4f.right.trace)).toContain('uneven');
	});

	it('has a cause, a mend and its cost for each thing that is seen, two rows later', () => {
		const of = (seen: SeenId) =>
			causesOf(seen, piece(named('2/2 LC'))).map(({ title, fix, cost, alsoShows }) => [
				title,
				fix.at(-1),
				cost,
				alsoShows.map((s) => s.id).join(),
			]);
		// A stitch and the two above it are 3; all four of them with their rows 12.
		const drop = (to: string) => `Drop that stitch${to}, and work it up with a crochet hook`;
		expect(of('bump')).toEqual([
			['Knit and purl mixed up', `${drop('')} from the other side.`, 3, ''],
			['Crossed on a wrong-side row', `${drop('')} from the other side.`, 12, ''],
		]);
		expect(of('twisted')).toEqual([
			['Worked through the wrong leg', `${drop(' down to the twist')}.`, 3, ''],
			['Slipped knitwise', `${drop(' down to the twist')}.`, 6, ''],
		]);
		expect(of('one-too-few')).toEqual([
			['A dropped stitch', 'Find the dropped stitch, and work it up with a crochet hook.', 3, 'ladder'],
		]);
		expect(of('one-too-many').map(([title, , cost]) => [title, cost])).toEqual([
			['Yarn round the cable needle', 2],
			['Yarn not moved', 2],
		]);
		expect(of('kink').map(([title, , cost]) => [title, cost])).toEqual([
			['Worked from the wrong end of the cable needle', 12],
		]);
		expect(of('hole').map(([title, , cost]) => [title, cost])).toEqual([
			['Normal right after a crossing', undefined],
			['First purl after the cable is loose', undefined],
			['Yarn round the cable needle', 1],
		]);
	});

	it('is seen at once, or only after the rows above it are dropped', () => {
		const fix = (rows?: number) => {
			const { rows: _, ...known } = c4f;
			return causesOf('leans-wrong', rows === undefined ? known : { ...c4f, rows })[0]!.fix.slice(1);
		};
		const again = 'Cross them again, the first group in front.';
		const up = 'Work them up with a crochet hook, row by row.';
		const leave = 'Or leave it, and duplicate stitch over it when the piece is done.';
		expect(fix(0)).toEqual(['Undo only these 4 stitches.', again]);
		expect(fix(1)).toEqual(['Drop only these 4, down to the crossing: 1 row.', again, up]);
		expect(fix(6)).toEqual(['Drop only these 4, down to the crossing: 6 rows.', again, up]);
		expect(fix(7).at(-1)).toBe(leave);
		expect(fix()).toEqual(['Drop only these 4, down to the crossing.', again, up, leave]);
	});

	it('too tight: a wide crossing is called so, a small one usual; a machine has no cable needle to change', () => {
		const first = (made: Piece) => causesOf('tight', made)[0]!;
		expect([first(c4f).title, first(piece(named('4/4 LC'))).title]).toEqual([
			'Usually easy in wool',
			'A wide crossing: tight in wool',
		]);
		expect(first(c4f).how).toBe(
			'A strand goes 2 stitches sideways. Cotton and linen give less, and so does tight work.',
		);
		expect(first(c4f).fix).toEqual([
			'Work the row before it a little looser.',
			'Use a thinner cable needle, and keep it close to the needles.',
			'Knit more rows between crossings.',
			'Slip the held stitches back to the needle before you knit them.',
		]);
		const loosen = ['Work the row before it a little looser.', 'Knit more rows between crossings.'];
		expect(first(piece(named('1/1 RC'), { id: 'machine' })).fix).toEqual(loosen);
		expect(first(piece(named('1/1 RC'), { id: 'loom' })).fix).toEqual(loosen);
	});

	it('offers on pegs nothing that only needles do, and no reading of a name that is not there', () => {
		const loom = piece(named('2/2 LC'), { id: 'loom' });
		expect(titles(causesOf('leans-wrong', loom))).not.toContain('A left-hander following it as written');
		expect(titles(causesOf('leans-wrong', piece(named('2/2 LC'))))).toEqual([
			'Held at the back instead of in front',
			'A left-hander following it as written',
		]);
		expect(titles(causesOf('smooth', piece(named('2/1 LPC'))))[0]).toBe('Knit and purl mixed up');
	});

	it('with a hole beside it is most often as it should be', () => {
		expect(titles(causesOf('hole', c4f))[0]).toBe('Normal right after a crossing');
	});

	it('held at the back, was held in front instead', () => {
		expect(titles(causesOf('leans-wrong', piece(named('2/2 RC'), { name: 'C4B' }))).slice(0, 2)).toEqual([
			'Held in front instead of at the back',
			'C4B read as C4F',
		]);
	});
});

it('gives a cause with a fix for all that can be seen, in every craft, and each outcome shows what was seen', () => {
	const crossings = [...everyTwoGroups(2)].map((t) => t.crossing);
	fc.assert(
		fc.property(fc.constantFrom(...crossings), fc.constantFrom(...CRAFTS), (c, craft) => {
			if (!craft.ways.some((w) => perform(craft, c, w.id).ok)) return;
			const made = piece(c, { id: craft.id as CraftId });
			const looks = looksIn(craft, made.right.taken, made.right.trace);
			expect(looks).toEqual(SEEN.map(([id]) => id).filter((id) => looks.includes(id)));
			for (const seen of looks) {
				const causes = causesOf(seen, made);
				expect([craft.id, seen, causes.length > 0]).toEqual([craft.id, seen, true]);
				for (const { trace, fix } of causes) {
					expect(fix.length).toBeGreaterThan(0);
					if (!trace || seen === 'hole' || seen === 'tight') continue;
					expect(signsIn(craft, made.right.taken, trace, made.right.taken.loops).map((s) => s.id)).toContain(seen);
				}
			}
		}),
		{ numRuns: 60 },
	);
});
