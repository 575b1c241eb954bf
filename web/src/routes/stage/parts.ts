/** What stands beside and below the stage: written by the server, and woken up when somebody comes near. */

import Stage from '$lib/stage/Stage.svelte';
import { asleep, dozing } from '$lib/ui/asleep/asleep';

export const anatomy = asleep(
	() => import('$lib/name/Anatomy.svelte'),
	import.meta.env.SSR ? await import('$lib/name/Anatomy.svelte') : undefined,
);
export const facts = asleep(
	() => import('$lib/stage/Facts.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/Facts.svelte') : undefined,
);
export const hands = asleep(
	() => import('$lib/stage/Hands.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/Hands.svelte') : undefined,
);
export const inCraft = asleep(
	() => import('$lib/stage/InCraft.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/InCraft.svelte') : undefined,
);
export const keepIn = asleep(
	() => import('$lib/lesson/KeepIn.svelte'),
	import.meta.env.SSR ? await import('$lib/lesson/KeepIn.svelte') : undefined,
);
export const meanings = asleep(
	() => import('$lib/stage/NameMeanings.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/NameMeanings.svelte') : undefined,
);
export const notRead = asleep(
	() => import('$lib/name/NotRead.svelte'),
	import.meta.env.SSR ? await import('$lib/name/NotRead.svelte') : undefined,
);
export const otherReadings = asleep(
	() => import('$lib/name/OtherReadings.svelte'),
	import.meta.env.SSR ? await import('$lib/name/OtherReadings.svelte') : undefined,
);
export const proof = asleep(
	() => import('$lib/stage/Proof.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/Proof.svelte') : undefined,
);
export const saveAs = asleep(
	() => import('$lib/stage/SaveAs.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/SaveAs.svelte') : undefined,
);
export const sentence = asleep(
	() => import('$lib/stage/Sentence.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/Sentence.svelte') : undefined,
);
export const wayDetails = asleep(
	() => import('$lib/stage/WayDetails.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/WayDetails.svelte') : undefined,
);
export const ways = asleep(
	() => import('./WaysToKeep.svelte'),
	import.meta.env.SSR ? await import('./WaysToKeep.svelte') : undefined,
);
export const whatHappened = asleep(
	() => import('$lib/stage/WhatHappened.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/WhatHappened.svelte') : undefined,
);
export const whatIf = asleep(
	() => import('$lib/stage/WhatIf.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/WhatIf.svelte') : undefined,
);
export const whatShows = asleep(
	() => import('$lib/stage/WhatShows.svelte'),
	import.meta.env.SSR ? await import('$lib/stage/WhatShows.svelte') : undefined,
);

/** The stage itself comes with the page, but wakes in a breath of its own. */
export const stage = dozing(Stage);
