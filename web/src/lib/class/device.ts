/** What a device keeps of one teacher's classes, and how it is forgotten when somebody else is at it, or somebody is erased. */

import { z } from 'zod';
import { keptHere } from '$lib/ui/kept-here';
import { forgetMeant } from './begun-here';

const TEACHER = 'pond-teacher';
const RUNNING = 'pond-running-';

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
	await forgetMeant().catch(() => undefined);
}

/** To be told with every page who is signed in: what another one left here is forgotten. */
export function teacherHere(id: string | undefined): void {
	const before = keptHere.get(TEACHER);
	if (before === (id ?? null)) return;
	if (before !== null) void forgetClassesHere();
	if (id === undefined) keptHere.remove(TEACHER);
	else keptHere.set(TEACHER, id);
}
