import { describe, expect, it } from 'vitest';
import { placesOf, sheetsFor, sheetsSaid, viewSaid, viewsFor, workingIn, type Plan } from './index.ts';

const style = { demonstrates: 'right', yarnHand: 'right' } as const;
const room = { at: { loom: 1, machine: 2 }, left: 2, large: 1, otherYarn: 1 };
const plan: Pick<Plan, 'learners' | 'room'> = { learners: 12, room };
const unknown: Pick<Plan, 'learners' | 'room'> = { learners: 6, room: undefined };

describe('a room of twelve: one at a loom, two at machines, two left-handed, one in large print, one with the other yarn hand', () => {
	it('has nine who knit by hand', () => {
		expect((['hand', 'twisted', 'loom', 'machine'] as const).map((craft) => workingIn(plan, craft))).toEqual([
			9, 9, 1, 2,
		]);
		expect((['hand', 'loom'] as const).map((craft) => workingIn(unknown, craft))).toEqual([6, 6]);
		expect(workingIn({ learners: 3, room: { ...room, at: {} } }, 'loom')).toBe(0);
	});

	it('needs twelve sheets of six kinds: five right-handed, two left-handed, and one of each other', () => {
		const sheets = sheetsFor(plan, style);
		expect(sheetsSaid(sheets, style)).toBe(
			'5 right-handed, 2 left-handed, 1 in large print, 1 with the yarn in the left hand, 1 at the pegs, 2 at the machine',
		);
		expect(sheets.reduce((sum, s) => sum + s.many, 0)).toBe(12);
		expect(sheets.map(({ hands, large, at, yarn }) => [hands, large, at, yarn])).toEqual([
			['right', false, 'hand', 'right'],
			['left-same', false, 'hand', 'right'],
			['right', true, 'hand', 'right'],
			['right', false, 'hand', 'left'],
			['right', false, 'loom', 'right'],
			['right', false, 'machine', 'right'],
		]);
		// Left-handed ones follow the style, where it shows left hands; the other yarn hand is the other than its own.
		const left = sheetsFor(plan, { demonstrates: 'left-mirrored', yarnHand: 'left' });
		expect([left[1]!.hands, left[3]!.yarn, left[0]!.yarn]).toEqual(['left-mirrored', 'right', 'left']);
		expect(sheetsFor(unknown, style)).toEqual([{ hands: 'right', large: false, at: 'hand', yarn: 'right', many: 6 }]);
	});

	it('is shown by hand, left-handed, at the loom and at the machine, each once, the style’s own hands first', () => {
		const views = viewsFor(plan, style);
		expect(views).toEqual([
			{ hands: 'right', at: 'hand' },
			{ hands: 'left-same', at: 'hand' },
			{ hands: 'right', at: 'loom' },
			{ hands: 'right', at: 'machine' },
		]);
		expect(new Set(views.map((v) => viewSaid(v, views))).size).toBe(4);
		expect(viewsFor(plan, { ...style, demonstrates: 'left-same' })[0]).toEqual({ hands: 'left-same', at: 'hand' });
		expect(viewsFor(unknown, style)).toEqual([{ hands: 'right', at: 'hand' }]);
		const loomOnly = { learners: 2, room: { at: { loom: 2 }, left: 0, large: 0, otherYarn: 0 } };
		expect([viewsFor(loomOnly, style), placesOf(loomOnly), placesOf(plan), placesOf(unknown)]).toEqual([
			[{ hands: 'right', at: 'loom' }],
			['loom'],
			['hand', 'loom', 'machine'],
			['hand'],
		]);
		const one = [{ hands: 'right', at: 'loom' }] as const;
		expect(viewSaid(one[0], one)).toMatch(/^[A-Z]/);
	});
});
