import { yieldToMain, yieldRegularly } from './hydration';

/**
 * Evaluates the scripts that the page preloads one by one, each after its imports (`script-order.js` puts them in that
 * order at build). Evaluated by the router they would be one task of several hundred milliseconds on a phone. A script
 * that cannot be fetched is left to the router, which shows the error.
 */
export async function loadScriptsInOrder(): Promise<void> {
	const files = Array.from(document.querySelectorAll<HTMLLinkElement>('link[rel=modulepreload]'), ({ href }) => href);
	const yieldOften = yieldRegularly();
	for (const file of files) {
		await import(/* @vite-ignore */ file).catch(() => undefined);
		await yieldOften();
	}
	await yieldToMain();
}
