/** Parts of a lesson that stay as the server wrote them until somebody comes near. */

import { fetchedLater, loadForServer, hydratedLater } from '$lib/ui/lazy/lazy-part';
import AddStep from './AddStep.svelte';
import StepCard from './StepCard.svelte';
import StepBar from './StepBar.svelte';

export const addStep = hydratedLater(AddStep);
export const stepCard = hydratedLater(StepCard);
export const stepBar = hydratedLater(StepBar);
export const files = fetchedLater(() => import('./LessonFiles.svelte'));
export const plan = fetchedLater(() => import('./Plan.svelte'));

if (import.meta.env.SSR) await loadForServer(files, plan);
