/** What shows of a procedure in a craft: the signs of its loops, by their names, and what the craft adds. */

import {
	bothFaces,
	diagnose,
	mendsFor,
	signsOf,
	type AnyTrace,
	type Likely,
	type Mend,
	type Sign,
	type SignId,
} from '../handling/index.ts';
import type { Craft, Taken } from './craft.ts';
import { namedIn } from './named-in.ts';

/** Signs that tell counts; there a number is no loop. */
const COUNTS: readonly SignId[] = ['one-too-many', 'one-too-few'];

function called(sign: Sign, names: readonly string[] | undefined): Sign {
	if (!names || COUNTS.includes(sign.id)) return sign;
	const says = Object.fromEntries(Object.entries(sign.says).map(([face, text]) => [face, namedIn(text, names)]));
	return { ...sign, says };
}

/** Everything about a procedure that is not as taken, in the order in which it strikes the eye. */
export function signsIn(craft: Craft, taken: Taken, trace: AnyTrace, asked = taken.loops): readonly Sign[] {
	const fault = craft.fault?.(taken, trace);
	return [
		...(fault ? [bothFaces(fault.sign, fault.stitches, fault.says)] : []),
		...signsOf(asked, trace.outcome).map((s) => called(s, taken.names)),
	];
}

/** What is seen, in words; what shows on the wrong side alone is said with its side. */
export const signSaid = ({ says }: Sign): string => says.RS ?? `on the wrong side ${says.WS}`;

/** What shows of a performance that went wrong, and what mends the first of it; empty where nothing shows. */
export function whatShows(
	craft: Craft,
	{ taken, trace }: { readonly taken: Taken; readonly trace: AnyTrace },
): { readonly shows: string; readonly mend: Mend | undefined } {
	const signs = signsIn(craft, taken, trace);
	return {
		shows: signs.map(signSaid).join('; '),
		mend: mendsFor(taken.loops, signs, { rows: 0, hook: craft.hook })[0],
	};
}

/** From what is seen back to what was likely done, with the mistakes of a craft. */
export const diagnoseIn = (
	craft: Craft,
	taken: Taken,
	right: AnyTrace,
	seen: readonly SignId[],
	asked = taken.loops,
): readonly Likely[] =>
	diagnose(asked, right, seen, {
		mistakes: craft.mistakes,
		signs: (trace) => signsIn(craft, taken, trace, asked),
	});
