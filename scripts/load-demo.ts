/** Loads the demo teacher with lessons, swatches, classes and an open door to practice, through the same checks as any other input. Does nothing when they are there. */

import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { DEFAULT_HOUSE_STYLE, firstIssue, SwatchSchema, YarnSchema } from '../core/schema/index.ts';
import { ClassFileSchema } from '../core/class/index.ts';
import { LessonSchema } from '../core/lesson/index.ts';
import { PracticeDoorSchema, PracticeSummarySchema } from '../core/practice/index.ts';
import { closeDatabase, transaction } from '../web/src/lib/server/database.ts';
import { putClass, listClasses } from '../web/src/lib/server/classes.ts';
import { readHouseStyle, saveHouseStyle } from '../web/src/lib/server/house-styles.ts';
import { insertLesson } from '../web/src/lib/server/lessons.ts';
import { doorOf, openDoor, sendSummary } from '../web/src/lib/server/practice-doors.ts';
import { createSwatch, placesOf } from '../web/src/lib/server/swatches.ts';
import { DEMO_TEACHER, ensureTeacher, readAccount } from '../web/src/lib/server/teachers.ts';
import { PiecesFile, withDemoPieces } from './demo-pieces.ts';
import { root } from './lib/paths.mjs';

const folder = join(root, 'db', 'demo');

/** Every file of a folder, in the order of names, each checked like any other input. */
function filesIn<T>(from: string, schema: z.ZodType<T>): T[] {
	const files = readdirSync(from)
		.filter((name) => name.endsWith('.json'))
		.sort();
	return files.map((name) => {
		const checked = schema.safeParse(JSON.parse(readFileSync(join(from, name), 'utf8')));
		if (!checked.success) throw new Error(`${name}: ${firstIssue(checked.error)}`);
		return checked.data;
	});
}

/** Practice of a class: the lessons of its evenings by their days, its door, and what was shown. */
const PracticeFile = z.object({
	class: z.string(),
	lessons: z.record(z.string(), z.string()),
	door: PracticeDoorSchema,
	sent: z.array(PracticeSummarySchema),
});
const pieces = filesIn(join(folder, 'pieces'), PiecesFile);
const practice = filesIn(join(folder, 'practice'), PracticeFile);

const isThere = Boolean(await readAccount(DEMO_TEACHER.id));
// Data of an earlier version has no swatches yet.
const wanted = {
	lessons: isThere ? [] : filesIn(folder, LessonSchema),
	classes:
		isThere && (await listClasses(DEMO_TEACHER)).length > 0 ? [] : filesIn(join(folder, 'classes'), ClassFileSchema),
	swatches: isThere && (await placesOf(DEMO_TEACHER)).size > 0 ? [] : filesIn(join(folder, 'swatches'), SwatchSchema),
};
// All or nothing, so that a failed start does not leave half a class behind.
await transaction(async (on) => {
	await ensureTeacher(DEMO_TEACHER, on);
	const lessons = new Map<string, string>();
	for (const lesson of wanted.lessons) lessons.set(lesson.title, (await insertLesson(DEMO_TEACHER, lesson, on)).id);
	for (const file of wanted.classes.reverse()) {
		const had = practice.find((p) => p.class === file.class.title)?.lessons ?? {};
		const evenings = file.evenings.map((e) => {
			const lesson = lessons.get(had[e.evening.day] ?? '');
			return lesson === undefined ? e : { ...e, evening: { ...e.evening, lesson } };
		});
		const own = pieces.find((p) => p.class === file.class.title);
		const whole = { ...file, evenings };
		const swatches = filesIn(join(folder, 'swatches'), SwatchSchema);
		await putClass(DEMO_TEACHER, own ? await withDemoPieces(DEMO_TEACHER, whole, own, swatches, on) : whole, on);
	}
	// The last one made is the first in the list.
	for (const swatch of wanted.swatches.reverse()) await createSwatch(DEMO_TEACHER, swatch, on);
});
// A door that somebody closed stays closed.
for (const { id, class: of } of await listClasses(DEMO_TEACHER)) {
	const own = practice.find((p) => p.class === of?.title);
	if (!own || (await doorOf(DEMO_TEACHER, 'classes', id))) continue;
	const token = (await openDoor(DEMO_TEACHER, 'classes', id, own.door))!;
	for (const summary of own.sent) await sendSummary(token, randomUUID(), summary);
}
// A style that somebody changed stays as it is.
if (!(await readHouseStyle(DEMO_TEACHER))) {
	const [yarns = []] = filesIn(join(folder, 'yarns'), z.array(YarnSchema));
	await saveHouseStyle(DEMO_TEACHER, 0, { ...DEFAULT_HOUSE_STYLE, yarns });
}
const loaded = wanted.lessons.length + wanted.swatches.length + wanted.classes.length > 0;
console.log(
	loaded
		? `${wanted.lessons.length} demo lessons, ${wanted.swatches.length} swatches and ${wanted.classes.length} classes loaded.`
		: 'The demo data is there.',
);
await closeDatabase();
