/** What a kind of step has to choose besides its note; undefined where it has nothing. */

import type { HouseStyle } from '@pond-loop/core/schema';
import type { Step, StepKind, StepOf } from '@pond-loop/core/step';
import type { Component } from 'svelte';
import EditCheck from './edit/EditCheck.svelte';
import EditCompare from './edit/EditCompare.svelte';
import EditCrossing from './edit/EditCrossing.svelte';
import EditDrill from './edit/EditDrill.svelte';
import EditFinish from './edit/EditFinish.svelte';
import EditPicture from './edit/EditPicture.svelte';
import EditSwatch from './edit/EditSwatch.svelte';

export interface EditorProps<S> {
	readonly step: S;
	readonly style: HouseStyle;
	readonly change: (fields: Partial<S>) => void;
}

const OWN: { readonly [K in StepKind]: Component<EditorProps<StepOf<K>>> | undefined } = {
	opening: undefined,
	materials: undefined,
	crossing: EditCrossing,
	compare: EditCompare,
	swatch: EditSwatch,
	picture: EditPicture,
	check: EditCheck,
	drill: EditDrill,
	discussion: undefined,
	rest: undefined,
	finish: EditFinish,
	homework: undefined,
	note: undefined,
};

/** Each is only given steps of its own kind. */
export const EDITORS = OWN as { readonly [K in StepKind]: Component<EditorProps<Step>> | undefined };
