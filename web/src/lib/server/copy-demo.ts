/** The demo's lessons, swatches and own crossings, copied into an account of one's own. */

import { readAccountFile } from '@pond-loop/core/document';
import { exportOf } from './accounts';
import { isDemo } from './config';
import { bringBack } from './bring-back';
import { DEMO_TEACHER, type Teacher } from './teachers';

/** Whether there is a demo, and this is not its own account. */
export const hasDemoToCopy = ({ session }: App.Locals): boolean =>
	isDemo() && session !== undefined && session.teacher.id !== DEMO_TEACHER.id;

/** House style, links and earlier versions stay behind. Throws `Full` when there is no room for it. */
export async function copyDemo(teacher: Teacher): Promise<void> {
	let text = '';
	for await (const piece of exportOf(DEMO_TEACHER, new Date())) text += piece;
	const read = readAccountFile(text);
	if ('says' in read) throw new Error(read.says);
	const lessons = read.file.lessons.filter((l) => l.removedAt === null);
	const swatches = read.file.swatches.filter((s) => s.removedAt === null);
	await bringBack(teacher, { ...read.file, lessons, swatches, houseStyle: null, versions: [], shares: [] }, 'mine');
}
