/** What a device stores of one teacher's classes, and its deletion when another teacher signs in or a person is erased. */

import { z } from 'zod';
import { keptHere, keptInTab } from '$lib/ui/kept-here';
import { forgetMeant } from './begun-here';

const RUNNING = 'pond-running-';

const NAMES = 'pond-names-';
/** Under what names stand that were typed for a class and not added yet. */
export const keyOfNames = (classId: string): string => NAMES + classId;

const RunningSchema = z.object({ id: z.uuid(), title: z.string(), day: z.iso.date() });
export type Running = z.infer<typeof RunningSchema>;

/** The evening that was opened last of a class: found again from the class, without a network too. */
export const keepRunning = (classId: string, running: Running): void =>
	void keptHere.set(RUNNING + classId, JSON.stringify(running));
export const forgetRunning = (classId: string): void => keptHere.remove(RUNNING + classId);

/** Undefined where none was opened here, or not on this day. */
export function runningOf(classId: string, today: string): Running | undefined {
	try {
		const read = RunningSchema.safeParse(JSON.parse(keptHere.get(RUNNING + classId) ?? 'null'));
		return read.success && read.data.day === today ? read.data : undefined;
	} catch {
		return undefined;
	}
}

/** Pages that the service worker keeps. */
const forgetPages = (): void => navigator.serviceWorker?.controller?.postMessage('forget-pages');

/** Nothing of a class can be opened from this device any more; what was pressed and not sent yet stays for its teacher. */
export async function forgetClassesHere(): Promise<void> {
	forgetPages();
	for (const key of keptHere.keys()) if (key.startsWith(RUNNING)) keptHere.remove(key);
	for (const key of keptInTab.keys()) if (key.startsWith(NAMES)) keptInTab.remove(key);
	await forgetMeant().catch(() => undefined);
}
