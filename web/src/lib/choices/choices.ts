/** Choices read from the page's address and from the browser, checked like any other input. */

import { cameraFrom } from '$lib/choices/camera';
import { SCHOOL_IDS, type SchoolId, SCHOOLS, type StatedSchool } from '@pond-loop/core/notation';
import { CRAFT_IDS, CRAFTS, DEMONSTRATIONS, isOwnWay, limitsOf, PLAIN_CRAFT } from '@pond-loop/core/craft';
import { MISTAKE_IDS } from '@pond-loop/core/handling';
import type { StageChoices } from './address';

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
