/** Reading aloud by the browser's own voice, where it has one. */

export const canSpeak = (): boolean => 'speechSynthesis' in globalThis;

/** Ends what was being said. */
export function speak(text: string): void {
	speechSynthesis.cancel();
	const said = new SpeechSynthesisUtterance(text);
	said.lang = 'en';
	said.rate = 0.95;
	speechSynthesis.speak(said);
}
export function hush(): void {
	if (canSpeak()) speechSynthesis.cancel();
}
