import type { SubmitFunction } from '@sveltejs/kit';

/** For forms of a single button: a failure is said in the page instead of taking its place. `done` once it was done. */
export const keepPage =
	(say: (words: string | undefined) => void, done: () => void = () => undefined): SubmitFunction =>
	() =>
	async ({ result, update }) => {
		if (result.type !== 'error') {
			say(undefined);
			if (result.type !== 'failure') done();
			return update();
		}
		const words: unknown = result.error instanceof Error ? undefined : result.error?.message;
		say(typeof words === 'string' ? words : 'The server did not answer. Nothing was changed; try again in a moment.');
	};
