/** Choices that live in the page's address and in the browser, checked like any other input. */

import { SCHOOL_IDS, SCHOOLS, type SchoolId } from '@pond-loop/core/notation';
import { hand } from '@pond-loop/core/craft';

export interface StageChoices {
	readonly text: string;
	readonly school: SchoolId;
	readonly way: string;
	readonly step: number;
	/** A mistake made on purpose, or none. */
	readonly slip: string | undefined;
}

export const DEFAULT_WAY = hand.ways[0]!.id;

/** The school that a text names, or the one that most patterns in class are written in. */
export const schoolFrom = (value: string | null | undefined): SchoolId =>
	SCHOOL_IDS.find((id) => id === value) ?? 'total-front-back';

/** Reads an address; whatever it says wrongly falls back to the start, never to an error. */
export function choicesFrom(params: URLSearchParams, school: SchoolId): StageChoices {
	const way = params.get('way');
	const slip = params.get('slip');
	const step = Number(params.get('step') ?? 0);
	const stated = params.get('school');
	const read = stated === null ? school : schoolFrom(stated);
	return {
		text: params.get('name') ?? SCHOOLS[read].examples[0]!,
		school: read,
		way: hand.ways.find((w) => w.id === way)?.id ?? DEFAULT_WAY,
		step: Number.isInteger(step) && step >= 0 ? step : 0,
		slip: hand.slips.find((s) => s.id === slip)?.id,
	};
}

export function addressOf({ text, school, way, step, slip }: Partial<StageChoices>): string {
	const params = new URLSearchParams();
	if (text !== undefined) params.set('name', text);
	if (school !== undefined) params.set('school', school);
	if (way !== undefined && way !== DEFAULT_WAY) params.set('way', way);
	if (slip !== undefined) params.set('slip', slip);
	if (step !== undefined && step > 0) params.set('step', String(step));
	return `/crossings?${params.toString()}`;
}

/** The school last chosen, kept in a cookie so that the first view is already read in it. */
export const SCHOOL_COOKIE = 'pond-school';

export const remember = (cookie: string, value: string): void => {
	document.cookie = `${cookie}=${encodeURIComponent(value)}; path=/; max-age=31536000; samesite=lax`;
};
