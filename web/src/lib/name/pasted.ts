/** Lines that are pasted into a field of one line: there they would run together, and they are no name. */
export function pastedLines(event: ClipboardEvent, take: (text: string) => void): void {
	const pasted = event.clipboardData?.getData('text/plain').trim() ?? '';
	if (!pasted.includes('\n')) return;
	event.preventDefault();
	take(pasted);
}
