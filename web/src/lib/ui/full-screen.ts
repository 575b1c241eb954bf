/** The whole screen for a part of a page, where a browser has that: an iPhone has not. */

export const canFillScreen = (): boolean => document.fullscreenEnabled;

/** Fills the screen with an element, or gives it back. A browser may refuse it; then nothing happens. */
export async function fillScreen(element: HTMLElement): Promise<void> {
	try {
		if (document.fullscreenElement) await document.exitFullscreen();
		else await element.requestFullscreen();
	} catch {
		// Refused, such as without a press before it.
	}
}
