/** Names that loom knitters use: "left over right", with counts or without. They say two things. */

import { twoGroups, type Crossing } from '../crossing/index.ts';
import type { Meaning } from './schools.ts';

const PEG_NAME = /^(?:(\d{1,2})\s+)?(left|right)\s+over\s+(?:(\d{1,2})\s+)?(left|right)$/i;

/** The most loops that are read on either side; a loom takes fewer. */
const MOST = 30;

/**
 * Both meanings of such a name: what lies on top, which most mean; and what is moved first, which with the
 * other group held outside ends underneath. `undefined` when the text is no such name.
 */
export function readPegName(text: string): readonly Meaning[] | undefined {
	const said = PEG_NAME.exec(text.trim());
	if (!said) return undefined;
	const [, first = '1', side, second = first, other] = said;
	const [upper, lower] = [Number(first), Number(second)];
	const isLeft = side!.toLowerCase() === 'left';
	if (other!.toLowerCase() === side!.toLowerCase() || [upper, lower].some((n) => n < 1 || n > MOST)) return undefined;
	// From the left and on top it leans right.
	const onTop = (front: number, behind: number, fromLeft: boolean): Crossing =>
		twoGroups({ front, behind, lean: fromLeft ? 'right' : 'left' });
	return [
		{ crossing: onTop(upper, lower, isLeft), differs: 'named by what lies on top' },
		{
			crossing: onTop(lower, upper, !isLeft),
			differs: 'named by what is moved first, with the other group held outside',
		},
	];
}
