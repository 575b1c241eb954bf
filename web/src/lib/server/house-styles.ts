/** The house style of each teacher. A write names the version it was made from, like a lesson's. */

import { DEFAULT_HOUSE_STYLE, type HouseStyle, HouseStyleSchema, type Swatch, type Yarn } from '@pond-loop/core/schema';
import { withKept } from '@pond-loop/core/notation';
import { database, rows, type Queryable } from './database';
import { designsOf } from './designs';
import * as sql from './sql/house-styles';
import type { Teacher } from './teachers';

export interface StoredHouseStyle {
	readonly version: number;
	readonly style: HouseStyle;
}

export async function readHouseStyle(
	teacher: Teacher,
	on: Queryable = database(),
): Promise<StoredHouseStyle | undefined> {
	const [row] = await rows<{ document: unknown; version: number }>(on, sql.READ, [teacher.id]);
	// One that cannot be read is shown as it is elsewhere; here the usual one stands in for it.
	return row && { version: row.version, style: HouseStyleSchema.safeParse(row.document).data ?? DEFAULT_HOUSE_STYLE };
}

/**
 * The style that things are shown in, which knows the teacher's own crossings by their names. The yarn drawer stays
 * behind: it goes with every page, and only a size asks for it.
 */
export async function shownStyle(
	session: { readonly teacher: Teacher; readonly style?: HouseStyle | undefined } | undefined,
): Promise<HouseStyle> {
	const style = session?.style ?? DEFAULT_HOUSE_STYLE;
	if (!session) return style;
	return { ...style, yarns: [], glossary: withKept(style.glossary, await designsOf(session.teacher)) };
}

/** The yarn of a teacher's drawer that a swatch names: what is known of its size hangs on it. */
export const yarnsNamedIn = (
	{ size }: Pick<Swatch, 'size'>,
	session: { readonly style?: HouseStyle | undefined } | undefined,
): readonly Yarn[] => session?.style?.yarns.filter(({ id }) => id === size?.yarn) ?? [];

/** As it is stored, readable or not; null when there is none. */
export async function rawHouseStyle(teacher: Teacher, on: Queryable): Promise<unknown> {
	return (await rows<{ document: unknown }>(on, sql.READ, [teacher.id]))[0]?.document ?? null;
}

export type SaveStyleResult =
	{ readonly kind: 'saved'; readonly version: number } | { readonly kind: 'stale'; readonly current: StoredHouseStyle };

/** Version 0 is the style of a teacher who has none yet. */
export async function saveHouseStyle(teacher: Teacher, version: number, style: HouseStyle): Promise<SaveStyleResult> {
	const [saved] = await rows<{ version: number }>(database(), version === 0 ? sql.FIRST : sql.SAVE, [
		teacher.id,
		style,
		...(version === 0 ? [] : [version]),
	]);
	if (saved) return { kind: 'saved', version: saved.version };
	const current = await readHouseStyle(teacher);
	return { kind: 'stale', current: current ?? { version: 0, style: DEFAULT_HOUSE_STYLE } };
}

/** Changes one yarn of the drawer; false where it is not there any more, or others keep saving. */
export const changeYarn = (teacher: Teacher, id: string, change: (yarn: Yarn) => Yarn): Promise<boolean> =>
	changeHouseStyle(teacher, (style) =>
		style.yarns.some((y) => y.id === id)
			? { ...style, yarns: style.yarns.map((y) => (y.id === id ? change(y) : y)) }
			: undefined,
	);

/** Another window may save the style in between; it is then read again. */
const TRIES = 5;

/**
 * Changes a part of the style and leaves all others as they are stored, whatever pages were shown of it. `change`
 * gives undefined where it does not want to after all; then, or when others keep saving, nothing is changed.
 */
export async function changeHouseStyle(
	teacher: Teacher,
	change: (style: HouseStyle) => HouseStyle | undefined,
): Promise<boolean> {
	for (let i = 0; i < TRIES; i++) {
		const { version, style } = (await readHouseStyle(teacher)) ?? { version: 0, style: DEFAULT_HOUSE_STYLE };
		const changed = change(style);
		if (!changed) return false;
		if ((await saveHouseStyle(teacher, version, changed)).kind === 'saved') return true;
	}
	return false;
}
