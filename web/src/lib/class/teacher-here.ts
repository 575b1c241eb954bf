/** Who is signed in at this device. Small, as every page asks it: what it forgets is brought only when there is something to forget. */

import { keptHere } from '$lib/ui/kept-here';

const TEACHER = 'pond-teacher';

/** To be told with every page who is signed in: what another one left here is forgotten. */
export function teacherHere(id: string | undefined): void {
	const before = keptHere.get(TEACHER);
	if (before === (id ?? null)) return;
	if (before !== null) {
		// Until it is forgotten the other teacher is remembered, so that it is tried again with the next page.
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
