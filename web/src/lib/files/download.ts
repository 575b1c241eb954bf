/** Files that the browser made itself, handed to its downloads. */

import { fileStem } from './name';

export const fileName = (title: string, ending: string): string => `${fileStem(title, 'pond-loop')}.${ending}`;

export function download(name: string, blob: Blob): void {
	const link = document.createElement('a');
	link.href = URL.createObjectURL(blob);
	link.download = name;
	link.click();
	// The download has been handed over by then.
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
