import { randomUUID } from 'node:crypto';
import { eveningFor } from '@pond-loop/core/class';
import { twoGroups } from '@pond-loop/core/crossing';
import { DEFAULT_HOUSE_STYLE, newSwatch, type Swatch } from '@pond-loop/core/schema';
import { type Export, ExportSchema } from '@pond-loop/core/document';
import { afterAll, describe, expect, it } from 'vitest';
import { exportOf, hasPassword, signIn, signUp } from './accounts';
import { putPicture } from './pictures';
import { beginEvening, createClass, erasePerson, pressed, saveClass } from './classes';
import { closeDatabase, database, rows } from './database';
import { makeKnown } from './known-browsers';
import { saveDesign } from './designs';
import { saveHouseStyle } from './house-styles';
import { createLesson, removeLesson } from './lessons';
import { countSignIn } from './limits';
import { hashPassword, isPassword, TooBusy } from './passwords';
import { hashed } from './secrets';
import { startSession } from './sessions';
import { newDoor, summaryOf } from '@pond-loop/core/practice';
import { openDoor, sendSummary } from './practice-doors';
import { shareLesson } from './shares';
import { createSwatch, savePlace, saveSwatch } from './swatches';
import { deleteTeacher, ensureTeacher, readAccount, type Teacher } from './teachers';
import { account, newTeacher, PASSWORD, whole } from './test/made';

afterAll(closeDatabase);

/** Every table of the database that hangs on a teacher: a new one is in the list by itself. */
const SWATCH: Swatch = newSwatch({
	title: 'Lantern, first try',
	castOn: 4,
	shape: 'flat',
	school: 'slash',
	text: 'k4',
});

const tablesOfTeachers = async (): Promise<string[]> =>
	(
		await rows<{ name: string }>(
			database(),
			`SELECT table_name AS name FROM information_schema.columns WHERE column_name = 'teacher_id' AND table_schema = 'public'`,
			[],
		)
	).map((r) => r.name);

const everythingStored = async (): Promise<string> => {
	const tables = [...(await tablesOfTeachers()), 'teachers', 'rate_limits'];
	const found = await Promise.all(tables.map((t) => rows(database(), `SELECT t::text FROM ${t} t`, [])));
	return JSON.stringify(found);
};

describe('signing up and in', () => {
	it('stores the password as argon2id only, and no secret as it is', async () => {
		const { teacher, signInName, codes } = await newTeacher();
		const token = await startSession(teacher, 'Firefox on Linux');
		await countSignIn('203.0.113.9', signInName);
		const [row] = await rows<{ password_hash: string }>(
			database(),
			'SELECT password_hash FROM teachers WHERE id = $1',
			[teacher.id],
		);
		expect(row?.password_hash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
		const stored = await everythingStored();
		for (const secret of [PASSWORD, token, ...codes]) expect(stored.includes(secret)).toBe(false);
		expect(stored.includes(hashed(token).toString('hex'))).toBe(true);
	});

	it('lets in with the right password only, and says nothing of who is there', async () => {
		const { teacher, signInName } = await newTeacher();
		expect(await signIn(signInName, PASSWORD)).toEqual(teacher);
		expect(await signIn(signInName, `${PASSWORD} `)).toBeUndefined();
		expect(await signIn('nobody-of-that-name', PASSWORD)).toBeUndefined();
		// A teacher without a password, as the demo's, is not entered by any.
		const bare = { id: randomUUID(), name: 'No lock' };
		await ensureTeacher(bare);
		expect(await hasPassword(bare, '')).toBe(false);
		expect(await isPassword('nobody signs in with this', undefined)).toBe(false);
	});

	it('gives a name to one of many who ask for it at once', async () => {
		const asked = account();
		const made = await Promise.all(Array.from({ length: 6 }, () => signUp(asked)));
		expect(made.filter(Boolean).length).toBe(1);
	});

	it('hashes off the event loop, so that everything else goes on meanwhile', async () => {
		let turns = 0;
		let hashing = true;
		const count = (): void => {
			turns += 1;
			if (hashing) setImmediate(count);
		};
		setImmediate(count);
		await Promise.all(Array.from({ length: 8 }, () => hashPassword(PASSWORD)));
		hashing = false;
		// On the loop itself, eight hashes would leave it no more than a turn or two each.
		expect(turns).toBeGreaterThan(100);
	});

	it('turns away more passwords at once than can be checked, and takes them again afterwards', async () => {
		const all = await Promise.allSettled(Array.from({ length: 130 }, () => hashPassword(PASSWORD)));
		const away = all.flatMap((r) => (r.status === 'rejected' ? [r.reason as unknown] : []));
		expect(away.length).toBeGreaterThan(0);
		expect(away.every((e) => e instanceof TooBusy)).toBe(true);
		expect(await isPassword(PASSWORD, await hashPassword(PASSWORD))).toBe(true);
	});
});

describe('leaving', () => {
	it('takes everything along that is in the database, removed lessons too, and nothing of another’s', async () => {
		const { teacher, signInName } = await newTeacher();
		const other = await newTeacher({ name: 'Tobe Marsh' });
		await createLesson(other.teacher, 'Theirs');
		const kept = await createLesson(teacher, 'Kept');
		const gone = await createLesson(teacher, 'In the drawer');
		await removeLesson(teacher, gone.id);
		await saveHouseStyle(teacher, 0, DEFAULT_HOUSE_STYLE);
		await startSession(teacher, 'Firefox on Linux');
		const design = { id: randomUUID(), name: 'Sedge', crossing: twoGroups({ front: 2, behind: 2, lean: 'right' }) };
		await saveDesign(teacher, design);
		const swatch = (await createSwatch(teacher, SWATCH))!;
		await saveSwatch(teacher, swatch.id, 1, { ...SWATCH, title: 'Lantern, second try' });
		await savePlace(teacher, swatch.id, 4);
		const picture = { id: randomUUID(), width: 1, height: 1, jpeg: Buffer.from('as it is kept') };
		await putPicture(teacher, picture);
		const token = await shareLesson(teacher, kept.id);
		const door = await openDoor(teacher, 'lessons', kept.id, newDoor('slash'));
		await sendSummary(door!, randomUUID(), summaryOf([], 'heron', 0));
		const raw = JSON.parse(await whole(exportOf(teacher, new Date('2026-11-24T10:00:00Z')))) as Export;
		const all = ExportSchema.parse(raw);
		expect(raw).toEqual(all);
		expect(all.lessons.map((l) => [l.id, l.lesson.title, l.removedAt !== null])).toEqual([
			[kept.id, 'Kept', false],
			[gone.id, 'In the drawer', true],
		]);
		expect(all.designs).toEqual([design]);
		expect(all.swatches.map((s) => [s.id, s.swatch.title, s.place])).toEqual([[swatch.id, 'Lantern, second try', 4]]);
		expect(all.pictures).toEqual([{ id: picture.id, jpeg: picture.jpeg.toString('base64') }]);
		expect(all.shares.map((s) => [s.lesson, s.token])).toEqual([[kept.id, token]]);
		expect(all.practice).toMatchObject([{ lesson: kept.id, token: door, sent: [{ summary: { name: 'heron' } }] }]);
		expect(all.versions.map((v) => [v.of, v.version, v.document])).toEqual([[swatch.id, 1, SWATCH]]);
		expect([all.teacher.signInName, all.houseStyle, all.sessions.length, all.recoveryCodesLeft]).toEqual([
			signInName,
			DEFAULT_HOUSE_STYLE,
			1,
			10,
		]);
		// Each table of a teacher's is in the file; a new one must be put there, or named here with its reason.
		expect((await tablesOfTeachers()).sort()).toEqual([
			'classes',
			'designs',
			// Ids of people who were erased, and nothing else: they are in no file, so that they stay erased.
			'erased_people',
			// With their classes.
			'evenings',
			'house_styles',
			// Hashes of tokens by which a browser is known: they let somebody try, so they are in no file.
			'known_browsers',
			'lessons',
			'pictures',
			'practice_doors',
			// With their doors.
			'practice_sent',
			// With their evenings.
			'presses',
			'recovery_codes',
			'sessions',
			'shares',
			'swatches',
			'versions',
		]);
	});

	it('deletes the teacher from every table, and leaves the others whole', async () => {
		const { teacher } = await newTeacher();
		const other = await newTeacher();
		for (const t of [teacher, other.teacher]) {
			const lesson = await createLesson(t, 'One');
			await shareLesson(t, lesson.id);
			await sendSummary(
				(await openDoor(t, 'lessons', lesson.id, newDoor('slash')))!,
				randomUUID(),
				summaryOf([], '', 0),
			);
			await saveHouseStyle(t, 0, DEFAULT_HOUSE_STYLE);
			await startSession(t, 'Here');
			const of = (await createClass(t, 'Thursday'))!;
			const oda = { id: randomUUID(), name: 'Oda', hands: 'right', at: 'hand' } as const;
			await saveClass(t, of.id, of.version, { ...of.class, people: [oda] });
			const evening = randomUUID();
			await beginEvening(t, of.id, evening, eveningFor(of.class, '2026-11-05', ''));
			await erasePerson(t, of.id, oda.id);
			const note = { kind: 'note', text: 'A lamp' } as const;
			await pressed(t, evening, [{ id: randomUUID(), at: new Date().toISOString(), did: note }], 0);
			await putPicture(t, { id: randomUUID(), width: 1, height: 1, jpeg: Buffer.from('j') });
			await makeKnown({ cookies: { set: () => undefined } as never, url: new URL('https://pond.example/') }, t);
			const { id } = (await createSwatch(t, SWATCH))!;
			await saveSwatch(t, id, 1, SWATCH);
			await saveDesign(t, {
				id: randomUUID(),
				name: 'Reed braid',
				crossing: twoGroups({ front: 1, behind: 1, lean: 'left' }),
			});
		}
		await deleteTeacher(teacher);
		expect(await readAccount(teacher.id)).toBeUndefined();
		for (const table of await tablesOfTeachers()) {
			const count = async (t: Teacher): Promise<number> =>
				(await rows(database(), `SELECT 1 FROM ${table} WHERE teacher_id = $1`, [t.id])).length;
			expect([table, await count(teacher)]).toEqual([table, 0]);
			expect(await count(other.teacher)).toBeGreaterThan(0);
		}
	});
});
