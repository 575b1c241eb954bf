/** Which skill a crossing practises. */

import { asTwoGroups, type Crossing } from '../crossing/index.ts';
import type { SkillId } from './table.ts';

/** The skill that a crossing is an example of. */
export function skillOf(c: Crossing): SkillId {
	const groups = asTwoGroups(c);
	if (!groups) return 'three-groups';
	const widest = Math.max(groups.tip.length, groups.far.length);
	if (c.work.some((w) => w.endsWith('tbl'))) return 'tbl';
	if (c.work.some((w) => w === 'p') && c.work.some((w) => w === 'k')) return 'travelling';
	if (widest === 1) return 'one-over-one';
	if (groups.tip.length !== groups.far.length) return 'uneven';
	if (widest === 2) return 'two-over-two';
	return widest <= 4 ? 'wide' : 'very-wide';
}
