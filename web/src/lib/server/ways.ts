/** Ways of a teacher's own, kept in the house style, whose other parts they leave as they are. */

import { randomUUID } from 'node:crypto';
import { OWN_WAY_LIMITS, type StoredWay } from '@pond-loop/core/schema';
import { changeHouseStyle } from './house-styles';
import type { Teacher } from './teachers';

/** The way as it is kept, or why it is not. */
export async function keepWay(
	teacher: Teacher,
	way: Omit<StoredWay, 'id'>,
): Promise<{ readonly id: string } | { readonly says: string }> {
	const id = randomUUID();
	const kept = await changeHouseStyle(teacher, (style) =>
		style.ownWays.length >= OWN_WAY_LIMITS.many ? undefined : { ...style, ownWays: [...style.ownWays, { id, ...way }] },
	);
	return kept
		? { id }
		: { says: `At most ${OWN_WAY_LIMITS.many} ways of your own are kept. Remove one in Settings first.` };
}
