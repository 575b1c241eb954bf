import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../test/arbitraries.ts';
import {
	changedGroup,
	crossingOfDraft,
	type Draft,
	draftOf,
	FIRST_DRAFT,
	flipped,
	ordered,
	placed,
	twoGroups,
	withGroup,
	withoutGroup,
} from './index.ts';

describe('a design', () => {
	it('of a crossing is that crossing, in its widest groups', () => {
		fc.assert(
			fc.property(anyCrossing(), (c) => {
				expect(crossingOfDraft(draftOf(c))).toEqual({ ok: true, value: c });
			}),
		);
		expect(draftOf(twoGroups({ front: 3, behind: 2, lean: 'left', behindWork: 'p' })).groups).toEqual([
			{ size: 3, work: 'k' },
			{ size: 2, work: 'p' },
		]);
	});

	it('stays a crossing whatever is done to it', () => {
		const change = fc.constantFrom<(d: Draft, a: number, b: number) => Draft>(
			(d, a, b) => placed(d, 1 + (a % d.groups.length), b % (d.groups.length + 1)),
			(d, a, b) => flipped(d, 1 + (a % d.groups.length), 1 + (b % d.groups.length)),
			(d, a, b) => changedGroup(d, 1 + (a % d.groups.length), { size: 1 + (b % 4) }),
			(d) => withGroup(d),
			(d, a) => (d.groups.length > 1 ? withoutGroup(d, 1 + (a % d.groups.length)) : d),
		);
		fc.assert(
			fc.property(fc.array(fc.tuple(change, fc.nat(20), fc.nat(20)), { maxLength: 9 }), (changes) => {
				const draft = changes.reduce((d, [of, a, b]) => of(d, a, b), FIRST_DRAFT);
				expect(crossingOfDraft(draft).ok).toBe(true);
			}),
		);
	});

	it('keeps who lies over whom when groups are moved and come back', () => {
		const turned = flipped(FIRST_DRAFT, 1, 2);
		expect(turned.over).toEqual([[2, 1]]);
		const three = placed(withGroup(turned), 3, 0);
		expect(three.order).toEqual([3, 2, 1]);
		expect(three.over).toContainEqual([2, 1]);
		expect(ordered(three, [1, 2, 3]).over).toEqual([]);
	});

	it('is refused with the reason when it grows too wide', () => {
		const wide = crossingOfDraft(changedGroup(FIRST_DRAFT, 1, { size: 59 }));
		expect(wide.ok ? '' : wide.problems[0]!.what).toBe('It has 61 stitches.');
	});
});
