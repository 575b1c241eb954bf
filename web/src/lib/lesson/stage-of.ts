import { canonical, equal } from '@pond-loop/core/crossing';
import { memoize } from '@pond-loop/core/memoize';
import { readGlossary, readTextWith } from '@pond-loop/core/notation';
import type { CrossingStep } from '@pond-loop/core/step';
import type { StageChoices } from '$lib/choices/address';

const none = readGlossary('');

/** The stage as a step keeps it; its crossing by name where that means just this, else by its line. */
export function stageOf({ asked, crossing, craft, way, view }: CrossingStep): Partial<StageChoices> {
	return {
		...named({ asked, crossing }),
		craft,
		way,
		...(view?.camera ? { camera: view.camera } : {}),
		...(view?.hands ? { hands: view.hands } : {}),
		...(view?.yarn ? { yarn: view.yarn } : {}),
		...(view?.mistake ? { mistake: view.mistake, site: view.site ?? 0 } : {}),
	};
}

const named = memoize(
	300,
	({ asked, crossing }: Pick<CrossingStep, 'asked' | 'crossing'>) =>
		`${asked.school} ${canonical(crossing)} ${asked.text}`,
	({ asked, crossing }): Partial<StageChoices> => {
		const read = readTextWith(none, asked.text, asked.school);
		if (read.ok && equal(read.crossing, crossing)) return { text: asked.text, school: asked.school };
		const meaning = read.ok ? read.meanings.findIndex((m) => equal(m.crossing, crossing)) : -1;
		return meaning > 0
			? { text: asked.text, school: asked.school, meaning }
			: { text: asked.text, school: asked.school, own: canonical(crossing) };
	},
);
