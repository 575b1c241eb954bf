/** Who is signed in at this device. Small, as every page loads it: the deletion is loaded only when there is something to delete. */

import { keptHere } from '$lib/ui/kept-here';

const TEACHER = 'pond-teacher';

/** Called with every page and who is signed in: what another teacher left here is deleted. */
export function teacherHere(id: string | undefined): void {
	const before = keptHere.get(TEACHER);
	if (before === (id ?? null)) return;
	if (before !== null) {
		// The other teacher's id stays stored until that is done, so that the next page tries it again.
		void import('./device').then(async ({ forgetClassesHere }) => {
			await forgetClassesHere();
			remember(id);
		});
	} else remember(id);
}

function remember(id: string | undefined): void {
	if (id === undefined) keptHere.remove(TEACHER);
	else keptHere.set(TEACHER, id);
}
