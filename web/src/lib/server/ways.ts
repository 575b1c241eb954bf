/** Ways of a teacher's own, kept in the house style, whose other parts they leave as they are. */

import { randomUUID } from 'node:crypto';
import { DEFAULT_HOUSE_STYLE, OWN_WAY_LIMITS, type StoredWay } from '@pond-loop/core/schema';
import { readHouseStyle, saveHouseStyle } from './house-styles';
import type { Teacher } from './teachers';

/** Another window may save the style in between; it is then read again. */
const TRIES = 5;

/** The way as it is kept, or why it is not. */
export async function keepWay(
	teacher: Teacher,
	way: Omit<StoredWay, 'id'>,
): Promise<{ readonly id: string } | { readonly says: string }> {
	const id = randomUUID();
	for (let i = 0; i < TRIES; i++) {
		const { version, style } = (await readHouseStyle(teacher)) ?? { version: 0, style: DEFAULT_HOUSE_STYLE };
		if (style.ownWays.length >= OWN_WAY_LIMITS.many) break;
		const ownWays = [...style.ownWays, { id, ...way }];
		if ((await saveHouseStyle(teacher, version, { ...style, ownWays })).kind === 'saved') return { id };
	}
	return { says: `At most ${OWN_WAY_LIMITS.many} ways of your own are kept. Remove one in the house style first.` };
}
