/** Choices that live in the page's address. */

import { type CraftId, type Demonstration, PLAIN_CRAFT } from '@pond-loop/core/craft';
import type { MistakeId } from '@pond-loop/core/handling';
import type { StatedSchool } from '@pond-loop/core/notation';
import type { HouseStyle } from '@pond-loop/core/schema';
import type { Camera } from './camera';

export interface StageChoices {
	readonly text: string;
	/** The line of a crossing that goes by no name; it counts instead of the text. */
	readonly own: string | undefined;
	readonly school: StatedSchool;
	/** In which craft it is made. */
	readonly craft: CraftId;
	/** As the house style says when it is left open. */
	readonly way: string | undefined;
	/** Which of the meanings that a name leaves open; 0 is the usual one. */
	readonly meaning: number;
	readonly step: number;
	/** A mistake made on purpose, or none; and at which of the places where it can be made. */
	readonly mistake: MistakeId | undefined;
	readonly site: number;
	readonly camera: Camera;
	/** Whose hands show it, and which of them holds the yarn; as the house style says when left open. */
	readonly hands: Demonstration | undefined;
	readonly yarn: HouseStyle['yarnHand'] | undefined;
	/** A second way, walked beside the first. */
	readonly beside: string | undefined;
}

export function addressOf(
	{ text, own, school, meaning, craft, way, step, mistake, site, camera, hands, yarn, beside }: Partial<StageChoices>,
	/** How it is worked, or what went wrong with it. */
	path: '/stage' | '/wrong' = '/stage',
): string {
	const params = new URLSearchParams();
	if (text !== undefined) params.set('name', text);
	if (own !== undefined) params.set('own', own);
	if (school !== undefined) params.set('school', school);
	if (meaning !== undefined && meaning > 0) params.set('meaning', String(meaning));
	if (craft !== undefined && craft !== PLAIN_CRAFT) params.set('craft', craft);
	if (way !== undefined) params.set('way', way);
	if (mistake !== undefined) params.set('mistake', mistake);
	if (mistake !== undefined && site !== undefined && site > 0) params.set('site', String(site));
	if (camera !== undefined && camera !== 'front') params.set('view', camera);
	if (hands !== undefined) params.set('hands', hands);
	if (yarn !== undefined) params.set('yarn', yarn);
	if (beside !== undefined) params.set('beside', beside);
	if (step !== undefined && step > 0) params.set('step', String(step));
	return `${path}?${params.toString()}`;
}

/** The school that a visitor chose last, kept in a cookie so that the first view is already read in it. */
export const SCHOOL_COOKIE = 'pond-school';
