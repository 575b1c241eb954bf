/** Whether a password can be guessed: measured as guessing programs go about it, with lists of what is common. */

import type { ZxcvbnFactory } from '@zxcvbn-ts/core';

/** Of five, from 0. Source: the library's scale; 3 is “safely unguessable” where hashes are slow. */
const LEAST = 3;

let made: Promise<ZxcvbnFactory> | undefined;

// The lists are large: they are read when the first password is chosen.
async function meter(): Promise<ZxcvbnFactory> {
	const [{ ZxcvbnFactory: Factory }, common, english] = await Promise.all([
		import('@zxcvbn-ts/core'),
		import('@zxcvbn-ts/language-common'),
		import('@zxcvbn-ts/language-en'),
	]);
	return new Factory({
		dictionary: { ...common.dictionary, ...english.dictionary },
		graphs: common.adjacencyGraphs,
		translations: english.translations,
	});
}

/** What is wrong with a password that is too easy, in words; undefined when it is good enough. `own`: names that others know. */
export async function weakness(password: string, own: readonly string[]): Promise<string | undefined> {
	const { score, feedback } = (await (made ??= meter())).check(password, own.filter(Boolean));
	if (score >= LEAST) return undefined;
	const why = feedback.warning ? ` ${feedback.warning}` : '';
	return `That is guessed too soon.${why} A few words that have nothing to do with each other are easy to keep and hard to guess.`;
}
