/** A step in a room where not everybody works in the same place. */

import { craftOf, placeName, PLAIN_CRAFT, type CraftId } from '../craft/index.ts';
import { shownIn, wayIn, craftIn } from '../look/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import type { Crossing } from '../crossing/index.ts';
import type { ViewSchema } from './any.ts';
import type { z } from 'zod';

/** What a step that shows a crossing has. */
interface MadeStep {
	readonly craft: CraftId;
	readonly crossing: Crossing;
	readonly way: string;
	readonly view?: z.infer<typeof ViewSchema> | undefined;
	readonly only?: readonly CraftId[] | undefined;
}

/** Whether a step is for who works at a place: for everybody, where nobody is named. */
export const isFor = (step: { readonly only?: readonly CraftId[] | undefined }, place: CraftId): boolean =>
	step.only?.includes(place) ?? true;

/** `For those at the needles and at the loom.` */
export const whomSaid = (only: readonly CraftId[]): string => `For those ${only.map(placeName).join(' and ')}.`;

/** A plain crossing as it is made at a tool, in the tool's own way; undefined where it is of another craft, which is worked elsewhere. */
export function madeAt<S extends MadeStep>(step: S, place: CraftId, style: HouseStyle): S | undefined {
	if (place === PLAIN_CRAFT || step.craft === place) return step;
	if (step.craft !== PLAIN_CRAFT) return undefined;
	const craft = craftIn(style, place);
	const { mistake, site, ...view } = step.view ?? {};
	const isKnown = mistake !== undefined && craftOf(place).mistakes.some((m) => m.id === mistake);
	return {
		...step,
		craft: place,
		way: wayIn(style, shownIn(style, step.crossing, craft).made, undefined, craft),
		...(step.view ? { view: isKnown ? { ...view, mistake, site } : view } : {}),
	};
}

/** The places at which a plain crossing is made otherwise than by hand. */
export const placesBeside = (step: MadeStep, places: readonly CraftId[] = []): readonly CraftId[] =>
	step.craft === PLAIN_CRAFT ? places.filter((place) => place !== PLAIN_CRAFT && isFor(step, place)) : [];
