/** Kinds of question that were chosen. None is all of them, those that come later too. */

import type { Drill } from './question.ts';

export const chosenAmong = (all: readonly Drill[], kinds: readonly string[]): readonly Drill[] =>
	kinds.length === 0 ? all : all.filter((d) => kinds.includes(d.id));

/** As they are kept. */
export const keptKinds = (all: readonly Drill[], chosen: readonly string[]): string[] =>
	chosen.length === all.length ? [] : [...chosen];
