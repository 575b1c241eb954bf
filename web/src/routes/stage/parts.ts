/** What stands beside and below the stage: written by the server, and woken up when somebody comes near. */

import Stage from '$lib/stage/Stage.svelte';
import { asleep, atHand, dozing } from '$lib/ui/asleep/asleep';

export const anatomy = asleep(() => import('$lib/name/Anatomy.svelte'));
export const facts = asleep(() => import('$lib/stage/Facts.svelte'));
export const hands = asleep(() => import('$lib/stage/Hands.svelte'));
export const inCraft = asleep(() => import('$lib/stage/InCraft.svelte'));
export const keepIn = asleep(() => import('$lib/lesson/KeepIn.svelte'));
export const meanings = asleep(() => import('$lib/stage/NameMeanings.svelte'));
export const notRead = asleep(() => import('$lib/name/NotRead.svelte'));
export const askSchool = asleep(() => import('$lib/name/AskSchool.svelte'));
export const proof = asleep(() => import('$lib/stage/Proof.svelte'));
export const saveAs = asleep(() => import('$lib/stage/SaveAs.svelte'));
export const sentence = asleep(() => import('$lib/stage/Sentence.svelte'));
export const wayDetails = asleep(() => import('$lib/stage/WayDetails.svelte'));
export const ways = asleep(() => import('./WaysToKeep.svelte'));
export const whatHappened = asleep(() => import('$lib/stage/WhatHappened.svelte'));
export const whatIf = asleep(() => import('$lib/stage/WhatIf.svelte'));
export const whatShows = asleep(() => import('$lib/stage/WhatShows.svelte'));

/** The stage itself comes with the page, but wakes in a breath of its own. */
export const stage = dozing(Stage);

if (import.meta.env.SSR)
	await atHand(
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
