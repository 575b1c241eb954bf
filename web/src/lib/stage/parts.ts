/** What stands beside and below the stage: written by the server, and woken up when somebody comes near. */

import { asleep } from '$lib/ui/asleep/asleep';

export const anatomy = asleep(
	() => import('$lib/name/Anatomy.svelte'),
	import.meta.env.SSR ? await import('$lib/name/Anatomy.svelte') : undefined,
);
export const facts = asleep(
	() => import('./Facts.svelte'),
	import.meta.env.SSR ? await import('./Facts.svelte') : undefined,
);
export const hands = asleep(
	() => import('./Hands.svelte'),
	import.meta.env.SSR ? await import('./Hands.svelte') : undefined,
);
export const inCraft = asleep(
	() => import('./InCraft.svelte'),
	import.meta.env.SSR ? await import('./InCraft.svelte') : undefined,
);
export const keepIn = asleep(
	() => import('$lib/lesson/KeepIn.svelte'),
	import.meta.env.SSR ? await import('$lib/lesson/KeepIn.svelte') : undefined,
);
export const meanings = asleep(
	() => import('./NameMeanings.svelte'),
	import.meta.env.SSR ? await import('./NameMeanings.svelte') : undefined,
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
	() => import('./Proof.svelte'),
	import.meta.env.SSR ? await import('./Proof.svelte') : undefined,
);
export const saveAs = asleep(
	() => import('./SaveAs.svelte'),
	import.meta.env.SSR ? await import('./SaveAs.svelte') : undefined,
);
export const sentence = asleep(
	() => import('./Sentence.svelte'),
	import.meta.env.SSR ? await import('./Sentence.svelte') : undefined,
);
export const wayDetails = asleep(
	() => import('./WayDetails.svelte'),
	import.meta.env.SSR ? await import('./WayDetails.svelte') : undefined,
);
export const ways = asleep(
	() => import('./Ways.svelte'),
	import.meta.env.SSR ? await import('./Ways.svelte') : undefined,
);
export const whatHappened = asleep(
	() => import('./WhatHappened.svelte'),
	import.meta.env.SSR ? await import('./WhatHappened.svelte') : undefined,
);
export const whatIf = asleep(
	() => import('./WhatIf.svelte'),
	import.meta.env.SSR ? await import('./WhatIf.svelte') : undefined,
);
export const whatShows = asleep(
	() => import('./WhatShows.svelte'),
	import.meta.env.SSR ? await import('./WhatShows.svelte') : undefined,
);
