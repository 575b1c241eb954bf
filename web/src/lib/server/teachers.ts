import { database, rows, type Queryable } from './database';
import * as sql from './sql/teachers';

export interface Teacher {
	readonly id: string;
	readonly name: string;
}

/** The one teacher of the demo: has no password, and is entered with one press where the demo runs. */
export const DEMO_TEACHER: Teacher = { id: '5d0c1c5e-6d1f-4a57-9a53-6f0f6e2b7a10', name: 'Marit Quill' };

export interface Account extends Teacher {
	readonly signInName: string | null;
	readonly hasPassword: boolean;
	readonly since: Date;
}

export async function readAccount(id: string, on: Queryable = database()): Promise<Account | undefined> {
	const [row] = await rows<{
		id: string;
		name: string;
		sign_in_name: string | null;
		has_password: boolean;
		created_at: Date;
	}>(on, sql.READ, [id]);
	return (
		row && {
			id: row.id,
			name: row.name,
			signInName: row.sign_in_name,
			hasPassword: row.has_password,
			since: row.created_at,
		}
	);
}

export async function ensureTeacher(teacher: Teacher, on: Queryable = database()): Promise<void> {
	await on.query(sql.INSERT, [teacher.id, teacher.name]);
}

export async function renameTeacher(teacher: Teacher, name: string): Promise<void> {
	await database().query(sql.SET_NAME, [teacher.id, name]);
}

/** Everything that is theirs goes with them. */
export async function deleteTeacher(teacher: Teacher): Promise<void> {
	await database().query(sql.DELETE, [teacher.id]);
}
