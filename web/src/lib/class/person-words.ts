/** Words for what a class is told in tables and lists. */

import type { Handed, Person } from '@pond-loop/core/class';
import { placeName, PLAIN_CRAFT } from '@pond-loop/core/craft';
import { LANGUAGE_TITLES } from '@pond-loop/core/language';

export const HANDED_WORDS: Readonly<Record<Handed, string>> = {
	right: 'right-handed',
	left: 'left-handed',
	'left-as-right': 'left-handed, knits right-handed',
};

/** `left-handed, at the loom`: what sets somebody apart; empty for most. */
export const apart = ({ hands, at, yarnHand, large, language, avoids = [], left }: Person): string =>
	[
		...(left ? ['left the class'] : []),
		...(hands === 'right' ? [] : [HANDED_WORDS[hands]]),
		...(at === PLAIN_CRAFT ? [] : [placeName(at)]),
		...(yarnHand ? [`yarn in the ${yarnHand} hand`] : []),
		...(large ? ['large print'] : []),
		...(language ? [`rows in ${LANGUAGE_TITLES[language]} too`] : []),
		...(avoids.length > 0 ? [`no ${avoids.join(', no ')}`] : []),
	].join(', ');

/** Minutes and seconds: `1:07`. */
export const clock = (seconds: number): string =>
	`${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
