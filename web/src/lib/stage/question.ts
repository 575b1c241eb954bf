/** What is asked by a text on the stage, and what stands for it. */

import type { NameNotRead, NameRead } from '@pond-loop/core/notation';
import type { HouseStyle } from '@pond-loop/core/schema';
import type { StageChoices } from '$lib/choices/address';

export type StageQuestion = Pick<StageChoices, 'text' | 'own' | 'school' | 'meaning'>;

export interface StageAnswer {
	/** What was asked, and by whose words; the same for the same. */
	readonly key: string;
	readonly reading: NameRead | NameNotRead;
	/** A crossing that came without a name, by its line. */
	readonly byLine: boolean;
	/** The line of a glossary that settles it, or that of a crossing kept under this name. */
	readonly settled?: { readonly name: string; readonly sentence: string; readonly own: boolean };
	/** It was run as a sentence, with what was read past in it; or read as said at a loom or a bed. */
	readonly sentence?: { readonly text: string; readonly past: readonly string[]; readonly onTools: boolean };
	/** The name under which it is kept, where it is not the one that everybody has for it. */
	readonly ownName?: string;
	/** A name by which rows read it; none for what no name says in a row. */
	readonly rowName?: string;
}

/** Which question a style's owner asks. */
export const keyOf = ({ glossary, school: house }: HouseStyle, { text, own, school, meaning }: StageQuestion): string =>
	JSON.stringify([text, own ?? null, school, meaning, house, glossary]);
