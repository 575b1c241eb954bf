import { database, rows, type Queryable } from './database';
import * as sql from './sql/teachers';

export interface Teacher {
	readonly id: string;
	readonly name: string;
}

/** The one teacher who is there before anybody can sign up. */
export const DEMO_TEACHER: Teacher = { id: '5d0c1c5e-6d1f-4a57-9a53-6f0f6e2b7a10', name: 'Marit Quill' };

export async function readTeacher(id: string): Promise<Teacher | undefined> {
	return (await rows<{ id: string; name: string }>(database(), sql.READ, [id]))[0];
}

export async function ensureTeacher(teacher: Teacher, on: Queryable = database()): Promise<void> {
	await on.query(sql.INSERT, [teacher.id, teacher.name]);
}
