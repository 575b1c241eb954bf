import { aBreath, resting } from './waking';

/**
 * Runs the files of script that the page names at its head, each by itself, in the order in which they are named: each
 * comes after those it stands on. As one they would hold the browser for as long as all of them need; nobody would be
 * heard meanwhile.
 *
 * Once it is done, what the router asks for has run already. A file that could not be fetched is left to it: it knows
 * what to say.
 */
export async function inTurn(): Promise<void> {
	const files = Array.from(document.querySelectorAll<HTMLLinkElement>('link[rel=modulepreload]'), ({ href }) => href);
	const rest = resting();
	for (const file of files) {
		await import(/* @vite-ignore */ file).catch(() => undefined);
		await rest();
	}
	await aBreath();
}
