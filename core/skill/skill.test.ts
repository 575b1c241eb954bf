import { describe, expect, it } from 'vitest';
import { twoGroups } from '../crossing/index.ts';
import { named, turnedRound } from '../test/made.ts';
import { BROUGHT, broughtBy, isSkillAt, LEVELS, neededFor, skillOf, SKILLS, withNeeds } from './index.ts';

describe('skills', () => {
	it('stand on skills that are in the table, and none on itself', () => {
		for (const { id, needs } of SKILLS.values()) {
			for (const need of needs) expect(SKILLS.has(need)).toBe(true);
			expect(withNeeds(id).filter((s) => s === id)).toEqual([id]);
			expect(withNeeds(id).at(-1)).toBe(id);
		}
	});

	it('front and back of a cable needle stand on slipping, which stands on telling knit from purl', () => {
		expect(withNeeds('front-back')).toEqual([
			...['cast-on', 'knit', 'purl', 'read-needle', 'slip-purlwise', 'holder', 'front-back'],
		]);
		expect(neededFor(['front-back', 'lean', 'rib'], new Set(['front-back']))).toEqual(['holder', 'read-needle']);
	});

	it('are brought by a level with all that they stand on, and by a higher one too', () => {
		const levels = LEVELS.map((level) => new Set(broughtBy(level)));
		for (const brought of levels)
			for (const id of brought) for (const need of withNeeds(id)) expect([id, brought.has(need)]).toEqual([id, true]);
		expect(levels.map((l) => l.size)).toEqual([BROUGHT.length, BROUGHT.length + 7, BROUGHT.length + 14]);
		expect([...levels[0]!].every((id) => levels[1]!.has(id)) && [...levels[1]!].every((id) => levels[2]!.has(id))).toBe(
			true,
		);
	});

	it('each crossing is an example of one', () => {
		const of = (name: string): string => skillOf(named(name));
		expect(
			['1/1 RC', '2/2 LC', '3/3 RC', '4/4 LC', '5/5 LC', '2/1 RC', '1/3 LC', '2/1 RPC', '1/1 LPC'].map(of),
		).toEqual([
			...['one-over-one', 'two-over-two', 'wide', 'wide', 'very-wide', 'uneven', 'uneven', 'travelling', 'travelling'],
		]);
		expect(skillOf(turnedRound)).toBe('three-groups');
		expect(skillOf(twoGroups({ front: 1, behind: 1, lean: 'left', frontWork: 'ktbl' }))).toBe('tbl');
		expect(skillOf(twoGroups({ front: 2, behind: 2, lean: 'left', frontWork: 'p', behindWork: 'p' }))).toBe(
			'two-over-two',
		);
	});

	it('are practised where they can be: a cable needle by hands, pegs at a loom, a bed at a machine', () => {
		const at = (id: Parameters<typeof isSkillAt>[0]): boolean[] => [
			isSkillAt(id, 'hand', true),
			isSkillAt(id, 'loom', false),
			isSkillAt(id, 'machine', false),
		];
		expect([at('lean'), at('holder'), at('pegs'), at('bed')]).toEqual([
			[true, true, true],
			[true, false, false],
			[false, true, false],
			[false, false, true],
		]);
	});
});
