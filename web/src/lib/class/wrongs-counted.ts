import type { Person, Went } from '@pond-loop/core/class';

export const namesById = (people: readonly Person[]): ReadonlyMap<string, string> =>
	new Map(people.map((p) => [p.id, p.name]));

/** What went wrong in a session: each mistake once, with how often, whose it was and how it was mended. */
export const wrongsCounted = (wrongs: Went['wrongs'], nameOf: ReadonlyMap<string, string>) =>
	[...new Set(wrongs.map((w) => w.mistake))].map((mistake) => {
		const all = wrongs.filter((w) => w.mistake === mistake);
		return {
			mistake,
			times: all.length,
			names: [...new Set(all.flatMap((w) => (w.person ? (nameOf.get(w.person) ?? []) : [])))],
			mended: all.flatMap((w) => w.mended ?? []),
		};
	});
