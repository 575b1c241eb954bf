/** What stands beside and below the stage: written by the server, and woken up when somebody comes near. */

import Stage from '$lib/stage/Stage.svelte';
import { fetchedLater, loadForServer, hydratedLater } from '$lib/ui/lazy/lazy-part';

export const anatomy = fetchedLater(() => import('$lib/name/Anatomy.svelte'));
export const facts = fetchedLater(() => import('$lib/stage/Facts.svelte'));
export const hands = fetchedLater(() => import('$lib/stage/Hands.svelte'));
export const inCraft = fetchedLater(() => import('$lib/stage/InCraft.svelte'));
export const keepIn = fetchedLater(() => import('$lib/lesson/KeepIn.svelte'));
export const meanings = fetchedLater(() => import('$lib/stage/NameMeanings.svelte'));
export const notRead = fetchedLater(() => import('$lib/name/NotRead.svelte'));
export const askSchool = fetchedLater(() => import('$lib/name/AskSchool.svelte'));
export const proof = fetchedLater(() => import('$lib/stage/Proof.svelte'));
export const saveAs = fetchedLater(() => import('$lib/stage/SaveAs.svelte'));
export const sentence = fetchedLater(() => import('$lib/stage/Sentence.svelte'));
export const wayDetails = fetchedLater(() => import('$lib/stage/WayDetails.svelte'));
export const ways = fetchedLater(() => import('./WaysToKeep.svelte'));
export const whatHappened = fetchedLater(() => import('$lib/stage/WhatHappened.svelte'));
export const whatIf = fetchedLater(() => import('$lib/stage/WhatIf.svelte'));
export const whatShows = fetchedLater(() => import('$lib/stage/WhatShows.svelte'));

/** Its script comes with the page; it is hydrated in a task of its own. */
export const stage = hydratedLater(Stage);

if (import.meta.env.SSR)
	await loadForServer(
		anatomy,
		facts,
		hands,
		inCraft,
		keepIn,
		meanings,
		notRead,
		askSchool,
		proof,
		saveAs,
		sentence,
		wayDetails,
		ways,
		whatHappened,
		whatIf,
		whatShows,
	);
