import type { SchoolId } from '@pond-loop/core/notation';
import type { HouseStyle } from '@pond-loop/core/schema';
import { invalidate } from '$app/navigation';
import { SCHOOL_COOKIE } from '$lib/choices/address';
import { DONE } from '$lib/save/answers';
import { send } from '$lib/save/send';
import { HOUSE_STYLE } from '$lib/style/depends';
import { remember } from '$lib/ui/cookies';

interface Known {
	readonly style: HouseStyle;
	/** Whether they chose one before; else even the usual one is kept. */
	readonly isSchoolChosen: boolean;
	/** Nobody is signed in when there is none. */
	readonly teacher?: unknown;
}

/**
 * Keeps the school that somebody chose for a name that schools read differently: in the teacher's house
 * style, or in a visitor's browser. Quiet when it does not work: the choice still holds for this page.
 */
export async function rememberSchool(school: SchoolId, { style, isSchoolChosen, teacher }: Known): Promise<void> {
	if (style.school === school && isSchoolChosen) return;
	if (!teacher) {
		remember(SCHOOL_COOKIE, school);
		await invalidate(HOUSE_STYLE);
		return;
	}
	const answer = await send('PATCH', '/api/house-style', { school }, DONE);
	if (answer.kind === 'ok') await invalidate(HOUSE_STYLE);
}
