/** Loads the demo teacher and lessons, through the same checks as any other input. Does nothing when they are there. */

import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { firstIssue, LessonSchema } from '../core/schema/index.ts';
import { closeDatabase, transaction } from '../web/src/lib/server/database.ts';
import { insertLesson, listLessons } from '../web/src/lib/server/lessons.ts';
import { DEMO_TEACHER, ensureTeacher, readAccount } from '../web/src/lib/server/teachers.ts';
import { root } from './lib/paths.mjs';

const folder = join(root, 'db', 'demo');

if (await readAccount(DEMO_TEACHER.id)) {
	const lessons = await listLessons(DEMO_TEACHER);
	console.log(`The demo data is there: ${lessons.length} lessons.`);
} else {
	const files = readdirSync(folder)
		.filter((name) => name.endsWith('.json'))
		.sort();
	const lessons = files.map((name) => {
		const checked = LessonSchema.safeParse(JSON.parse(readFileSync(join(folder, name), 'utf8')));
		if (!checked.success) throw new Error(`${name}: ${firstIssue(checked.error)}`);
		return checked.data;
	});
	// All or nothing, so that a failed start does not leave half a class behind.
	await transaction(async (on) => {
		await ensureTeacher(DEMO_TEACHER, on);
		for (const lesson of lessons) await insertLesson(DEMO_TEACHER, lesson, on);
	});
	console.log(`${lessons.length} demo lessons loaded.`);
}
await closeDatabase();
