/** Parts of a lesson that stay as the server wrote them until somebody comes near. */

import { asleep, atHand, dozing } from '$lib/ui/asleep/asleep';
import AddStep from './AddStep.svelte';
import StepCard from './StepCard.svelte';
import StepBar from './StepBar.svelte';

export const addStep = dozing(AddStep);
export const stepCard = dozing(StepCard);
export const stepBar = dozing(StepBar);
export const files = asleep(() => import('./LessonFiles.svelte'));
export const plan = asleep(() => import('./Plan.svelte'));

if (import.meta.env.SSR) await atHand(files, plan);
