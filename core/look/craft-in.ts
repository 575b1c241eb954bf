/** Crafts by their ids, on the tools of a house style. */

import { craftOf, type Craft, type Demonstrated } from '../craft/index.ts';
import { sentenceFor } from '../made/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { withTools } from './look.ts';

/** A craft on the tools of this style's class; the same object for the same tools. */
export const craftIn = (style: HouseStyle, id: string): Craft => withTools(style, craftOf(id));

/** The glossary sentence of a crossing as these hands make it in a craft; `undefined` where the craft or the crossing has none. */
export function sentenceIn(
	id: string,
	{ made, mirrored }: Pick<Demonstrated, 'made' | 'mirrored'>,
): string | undefined {
	const craft = craftOf(id);
	const taken = craft.hasSentence ? craft.takes(made, craft.ways[0]!.id) : undefined;
	return taken?.ok ? sentenceFor(taken.value.loops, mirrored) || undefined : undefined;
}
