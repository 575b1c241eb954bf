/** Choices that live in the page's address and in the browser, checked like any other input. */

import { cameraFrom, type Camera } from '$lib/choices/camera';
import type { HouseStyle } from '@pond-loop/core/schema';
import { SCHOOL_IDS, type SchoolId, SCHOOLS, type StatedSchool } from '@pond-loop/core/notation';
import {
	CRAFT_IDS,
	type CraftId,
	CRAFTS,
	type Demonstration,
	DEMONSTRATIONS,
	isOwnWay,
	limitsOf,
	PLAIN_CRAFT,
} from '@pond-loop/core/craft';
import { MISTAKE_IDS, type MistakeId } from '@pond-loop/core/handling';

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

/** The school that a text names, or the one that most patterns in class are written in. */
export const schoolFrom = (value: string | null | undefined): SchoolId =>
	SCHOOL_IDS.find((id) => id === value) ?? 'total-front-back';

/** The same, where a reader may also leave it open. */
const statedFrom = (value: string): StatedSchool => (value === 'any' ? 'any' : schoolFrom(value));

/** A way that is taught, or a search with its limits. */
const isWay = (id: string): boolean =>
	isOwnWay(id) || CRAFTS.some((c) => c.ways.some((w) => w.id === id)) || limitsOf(id) !== undefined;

/** Reads an address; whatever it says wrongly falls back to the start, never to an error. */
export function choicesFrom(params: URLSearchParams, school: SchoolId): StageChoices {
	const way = params.get('way');
	const beside = params.get('beside');
	const mistake = MISTAKE_IDS.find((id) => id === params.get('mistake'));
	const count = (name: string): number => {
		const value = Number(params.get(name) ?? 0);
		return Number.isInteger(value) && value >= 0 ? value : 0;
	};
	const stated = params.get('school');
	const read = stated === null ? school : statedFrom(stated);
	return {
		own: params.get('own') ?? undefined,
		text: params.get('name') ?? SCHOOLS[read === 'any' ? school : read].examples[0]!,
		school: read,
		craft: CRAFT_IDS.find((id) => id === params.get('craft')) ?? PLAIN_CRAFT,
		way: way !== null && isWay(way) ? way : undefined,
		meaning: count('meaning'),
		step: count('step'),
		mistake,
		site: mistake ? count('site') : 0,
		camera: cameraFrom(params.get('view')),
		hands: DEMONSTRATIONS.find((d) => d === params.get('hands')),
		yarn: (['right', 'left'] as const).find((h) => h === params.get('yarn')),
		beside: beside !== null && isWay(beside) ? beside : undefined,
	};
}

export function addressOf({
	text,
	own,
	school,
	meaning,
	craft,
	way,
	step,
	mistake,
	site,
	camera,
	hands,
	yarn,
	beside,
}: Partial<StageChoices>): string {
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
	return `/stage?${params.toString()}`;
}

/** The school that a visitor chose last, kept in a cookie so that the first view is already read in it. */
export const SCHOOL_COOKIE = 'pond-school';
