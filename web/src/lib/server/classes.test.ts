import { randomUUID } from 'node:crypto';
import {
	eveningFor,
	newClass,
	wentBy,
	type Did,
	type Person,
	type PiecePress,
	type Press,
} from '@pond-loop/core/class';
import { emptyLesson } from '@pond-loop/core/lesson';
import { newDoor, summaryOf } from '@pond-loop/core/practice';
import { readAccountFile } from '@pond-loop/core/document';
import sharp from 'sharp';
import { afterAll, describe, expect, it } from 'vitest';
import { exportOf } from './accounts';
import { bringBack, lookInto } from './bring-back';
import {
	beginEvening,
	createClass,
	erasePerson,
	factsOf,
	heldOf,
	learntOf,
	listClasses,
	pressed,
	readClass,
	readEvening,
	removeClass,
	removeEvening,
	saveClass,
	type News,
	type StoredClass,
} from './classes';
import { closeDatabase, database } from './database';
import { insertLesson } from './lessons';
import { keepPicture, readPicture } from './pictures';
import { openDoor, sendSummary, sentTo } from './practice-doors';
import { DROP_UNNAMED } from './sql/pictures';
import type { Teacher } from './teachers';
import { newTeacher, whole } from './test/made';
import { mendRaw, readRaw } from './unread';

afterAll(closeDatabase);

const person = (name: string): Person => ({ id: randomUUID(), name, hands: 'right', at: 'hand' });
const press = (did: Did): Press => ({ id: randomUUID(), at: new Date().toISOString(), did });
const can = (who: Person, outcome: 'alone' | 'help'): Press =>
	press({ kind: 'goal', goal: 'lean', person: who.id, outcome });

async function keptPicture(teacher: Teacher): Promise<PiecePress['picture']> {
	const kept = await keepPicture(
		teacher,
		await sharp({ create: { width: 30, height: 20, channels: 3, background: '#c08552' } })
			.jpeg()
			.toBuffer(),
	);
	if ('says' in kept) throw new Error(kept.says);
	return kept;
}

async function classOf(teacher: Teacher, people: readonly Person[]): Promise<StoredClass & { evening: string }> {
	const made = (await createClass(teacher, 'Thursday'))!;
	await saveClass(teacher, made.id, 1, { ...newClass('Thursday'), people: [...people] });
	const evening = randomUUID();
	await beginEvening(teacher, made.id, evening, eveningFor(made.class, '2026-11-05', ''));
	return { ...(await readClass(teacher, made.id))!, evening };
}
const fileOf = async (teacher: Teacher): ReturnType<typeof readAccountFileOf> =>
	readAccountFileOf(await whole(exportOf(teacher, new Date())));
async function readAccountFileOf(text: string) {
	const read = readAccountFile(text);
	if (!('file' in read)) throw new Error(read.says);
	return read.file;
}

describe('a class', () => {
	it('is its teacher’s alone, by every door', async () => {
		const [{ teacher }, { teacher: other }] = [await newTeacher(), await newTeacher()];
		const oda = person('Oda');
		const of = await classOf(teacher, [oda]);
		expect(await listClasses(other)).toEqual([]);
		expect(await readClass(other, of.id)).toBeUndefined();
		expect((await saveClass(other, of.id, of.version, of.class)).kind).toBe('missing');
		expect(await beginEvening(other, of.id, randomUUID(), eveningFor(of.class, '2026-11-05', ''))).toBe('missing');
		expect(await beginEvening(other, of.id, of.evening, eveningFor(of.class, '2026-11-05', ''))).toBe('missing');
		expect(await readEvening(other, of.evening)).toBeUndefined();
		expect(await pressed(other, of.evening, [can(oda, 'alone')], 0)).toBeUndefined();
		expect(await factsOf(other, of.id, oda.id)).toBeUndefined();
		expect(await erasePerson(other, of.id, oda.id)).toBe(false);
		expect(await removeClass(other, of.id)).toBe(false);
		expect((await heldOf(teacher, of.id))[0]!.presses).toEqual([]);
	});

	it('saved from two windows is refused the second time, with what stands there', async () => {
		const { teacher } = await newTeacher();
		const of = await classOf(teacher, []);
		expect((await saveClass(teacher, of.id, of.version, { ...of.class, title: 'A' })).kind).toBe('saved');
		expect(await saveClass(teacher, of.id, of.version, { ...of.class, title: 'B' })).toMatchObject({
			kind: 'stale',
			current: { class: { title: 'A' } },
		});
	});
});

describe('a session’s log', () => {
	it('takes each press once from however many devices, and tells each what the others pressed', async () => {
		const { teacher } = await newTeacher();
		const people = [person('Oda'), person('Rike')];
		const of = await classOf(teacher, people);
		const devices = [0, 1, 2].map(() =>
			Array.from({ length: 20 }, (_, i) => can(people[i % 2]!, i % 3 ? 'alone' : 'help')),
		);
		// Sent at once, and again as if the answer had not been heard.
		await Promise.all(
			devices.flatMap((own) =>
				[own.slice(0, 10), own, own.slice(5)].map((some) => pressed(teacher, of.evening, some, 0)),
			),
		);
		const { presses } = (await heldOf(teacher, of.id))[0]!;
		expect(presses.map((p) => p.id).sort()).toEqual(
			devices
				.flat()
				.map((p) => p.id)
				.sort(),
		);
		const first = (await pressed(teacher, of.evening, [], 0)) as News;
		const late = can(people[0]!, 'help');
		const news = (await pressed(teacher, of.evening, [late], first.seq)) as News;
		expect(news.presses).toEqual([late]);
		// A device whose clock is years ahead: its press is of now.
		const ahead = { ...can(people[1]!, 'help'), at: '2099-01-01T19:00:00.000Z' };
		const dated = ((await pressed(teacher, of.evening, [ahead], news.seq)) as News).presses[0]!;
		expect(Math.abs(Date.parse(dated.at) - Date.now())).toBeLessThan(60_000);
		expect(
			wentBy(
				presses,
				people.map((p) => p.id),
			).outcomes.get('lean')?.size,
		).toBe(2);
	});

	it('ends where it is full, and says so', async () => {
		const { teacher } = await newTeacher();
		const of = await classOf(teacher, []);
		for (let i = 0; i < 10; i++)
			await pressed(
				teacher,
				of.evening,
				Array.from({ length: 500 }, () => press({ kind: 'here', here: true })),
				0,
			);
		expect(await pressed(teacher, of.evening, [press({ kind: 'here', here: true })], 0)).toBe('full');
	});
});

describe('what is stored of a class and cannot be read', () => {
	it('is told with its reason, is in nothing that is estimated, and hides nothing else', async () => {
		const { teacher } = await newTeacher();
		const oda = person('Oda');
		const { id, evening } = await classOf(teacher, [oda]);
		const other = randomUUID();
		await beginEvening(teacher, id, other, eveningFor(newClass('Thursday'), '2026-11-12', ''));
		const [seen, spoilt] = [can(oda, 'alone'), can(oda, 'help')];
		await pressed(teacher, evening, [seen, spoilt], 0);
		await database().query(`UPDATE presses SET did = '{"kind":"hum"}' WHERE id = $1`, [spoilt.id]);
		await database().query(`UPDATE evenings SET document = '{"title":7}' WHERE id = $1`, [other]);
		const { learnt, unread } = await learntOf(teacher, (await readClass(teacher, id))!);
		expect(learnt.evenings).toEqual([{ day: '2026-11-05' }]);
		expect(learnt.goals.find((g) => g.id === 'lean')!.people.get(oda.id)).toMatchObject({ last: 'alone', times: 1 });
		expect(unread.map(({ what, id: of, text }) => [what, of, text])).toEqual([
			['evening', other, '{"title":7}'],
			['entry', evening, '{"kind":"hum"}'],
		]);
		for (const { why } of unread) expect(why).toMatch(/\w/);
		// Reading the evening alone throws too, and its stored text can be corrected.
		await expect(readEvening(teacher, other)).rejects.toMatchObject({ of: { kind: 'evenings', id: other } });
		expect(await readRaw(teacher, 'evenings', other)).toMatchObject({ noun: 'evening', why: expect.any(String) });
		const text = JSON.stringify(eveningFor(newClass('Thursday'), '2026-11-12', ''));
		expect(await mendRaw(teacher, 'evenings', other, 1, text)).toBeUndefined();
		expect((await readEvening(teacher, other))!.evening.day).toBe('2026-11-12');
		await database().query(`UPDATE classes SET document = '{}' WHERE id = $1`, [id]);
		await expect(readClass(teacher, id)).rejects.toMatchObject({ of: { kind: 'classes', id } });
		expect((await listClasses(teacher)).map((c) => [c.id, c.class])).toEqual([[id, undefined]]);
		const { version } = (await readRaw(teacher, 'classes', id))!;
		expect(await mendRaw(teacher, 'classes', id, version, JSON.stringify(newClass('Mended')))).toBeUndefined();
		expect((await readClass(teacher, id))!.class.title).toBe('Mended');
	});
});

describe('somebody who is erased', () => {
	it('is gone from class, log and file, and comes back by no old page and no old file', async () => {
		const { teacher } = await newTeacher();
		const [oda, rike] = [person('Oda'), person('Rike')];
		const of = await classOf(teacher, [oda, rike]);
		const picture = await keptPicture(teacher);
		await pressed(
			teacher,
			of.evening,
			[
				can(oda, 'help'),
				can(rike, 'alone'),
				press({ kind: 'piece', person: oda.id, picture, what: 'A rope' }),
				press({ kind: 'note', text: 'Rike mended what Oda dropped, ODA’s and Odalind’s.' }),
			],
			0,
		);
		expect(await factsOf(teacher, of.id, oda.id)).toMatchObject({
			person: { name: 'Oda' },
			evenings: [{ day: '2026-11-05' }, { day: '2026-11-05' }],
			pieces: [{ what: 'A rope', jpeg: (await readPicture(teacher, picture.id))!.jpeg.toString('base64') }],
		});
		expect((await learntOf(teacher, of)).learnt.goals[0]!.people.has(oda.id)).toBe(true);
		const before = await fileOf(teacher);
		expect(await erasePerson(teacher, of.id, oda.id)).toBe(true);
		const after = await whole(exportOf(teacher, new Date()));
		expect(after).not.toContain(oda.id);
		expect(after).toContain('Rike mended what somebody dropped, somebody’s and Odalind’s.');
		expect(await readPicture(teacher, picture.id)).toBeUndefined();
		// A page that was open still holds them, and a device that was offline still sends.
		const now = (await readClass(teacher, of.id))!;
		await saveClass(teacher, of.id, now.version, of.class);
		await pressed(teacher, of.evening, [can(oda, 'alone')], 0);
		expect(await lookInto(teacher, before)).toMatchObject([{ kind: 'class', standing: 'same' }]);
		await bringBack(teacher, before, 'file');
		expect((await readClass(teacher, of.id))!.class.people.map((p) => p.name)).toEqual(['Rike']);
		expect(JSON.stringify(await heldOf(teacher, of.id))).not.toContain(oda.id);
		expect(await readPicture(teacher, picture.id)).toBeUndefined();
		expect(await whole(exportOf(teacher, new Date()))).not.toMatch(/\bOda\b/i);
		// What was learnt of them before is forgotten, too.
		const { learnt } = await learntOf(teacher, (await readClass(teacher, of.id))!);
		expect(learnt.goals.every((g) => !g.people.has(oda.id))).toBe(true);
	});
});

describe('names of somebody who is erased', () => {
	it('go from titles, places and notes, however they are written, and from what was sent under the first name', async () => {
		const { teacher } = await newTeacher();
		const { id: lesson } = await insertLesson(teacher, emptyLesson('Ropes'));
		const wren = person('Wren \\ "W" Sedge');
		const of = await classOf(teacher, [wren, person('Rike')]);
		const evening = { ...eveningFor({ level: 'beginner' }, '2026-11-12', ''), title: 'Wren’s session', lesson };
		expect(await beginEvening(teacher, of.id, randomUUID(), evening)).toBe('begun');
		const stored = (await readClass(teacher, of.id))!;
		await saveClass(teacher, of.id, stored.version, { ...stored.class, title: 'Wren and others', place: 'At Wren’s' });
		await pressed(teacher, of.evening, [press({ kind: 'note', text: `Asked Wren \\ "W" Sedge, and Wren knew.` })], 0);
		const summary = summaryOf([{ at: 1, kind: 'from-behind', right: true, crossing: '2/2 LC' }], 'wren', 2);
		const sent = async (kind: 'lessons' | 'classes', id: string): Promise<number> =>
			(await sentTo(teacher, kind, id)).length;
		for (const [kind, id] of [
			['lessons', lesson],
			['classes', of.id],
		] as const) {
			const token = (await openDoor(teacher, kind, id, newDoor('slash')))!;
			expect(await sendSummary(token, randomUUID(), summary)).toBe('sent');
		}
		expect([await sent('lessons', lesson), await sent('classes', of.id)]).toEqual([1, 1]);
		expect(await erasePerson(teacher, of.id, wren.id)).toBe(true);
		expect([await sent('lessons', lesson), await sent('classes', of.id)]).toEqual([0, 0]);
		const now = (await readClass(teacher, of.id))!.class;
		expect([now.title, now.place]).toEqual(['somebody and others', 'At somebody’s']);
		expect(await whole(exportOf(teacher, new Date()))).not.toMatch(/wren|sedge/i);
	});
});

describe('a class in the file of an account', () => {
	it('comes back whole into an empty account, is then the same, and its sessions are joined and never lost', async () => {
		const { teacher } = await newTeacher();
		const oda = person('Oda');
		const of = await classOf(teacher, [oda]);
		const piece = press({ kind: 'piece', person: oda.id, picture: await keptPicture(teacher), what: '' });
		await pressed(teacher, of.evening, [can(oda, 'help'), piece], 0);
		const file = await fileOf(teacher);
		const { teacher: fresh } = await newTeacher();
		expect(await bringBack(fresh, file, 'mine')).toMatchObject([{ kind: 'class', standing: 'new' }]);
		const [mine] = await listClasses(fresh);
		const [came, was] = [(await heldOf(fresh, mine!.id))[0]!, (await heldOf(teacher, of.id))[0]!];
		// Pictures that another account has under their ids get ones of their own.
		const [{ picture }] = (await learntOf(fresh, (await readClass(fresh, mine!.id))!)).learnt.pieces as unknown as [
			PiecePress,
		];
		expect(await readPicture(fresh, picture.id)).toMatchObject({ width: 30, height: 20 });
		const alike = (p: Press): Press => (p.did.kind === 'piece' ? { ...p, did: { ...p.did, picture } } : p);
		expect(came.presses).toEqual(was.presses.map(alike));
		await pressed(teacher, of.evening, [can(oda, 'alone')], 0);
		expect(await lookInto(teacher, file)).toMatchObject([{ standing: 'differs' }]);
		await bringBack(teacher, file, 'file');
		expect((await heldOf(teacher, of.id))[0]!.presses).toHaveLength(3);
	});
});

describe('a picture of a piece', () => {
	it('stays while something tells of it, and goes with its session', async () => {
		const { teacher } = await newTeacher();
		const of = await classOf(teacher, []);
		const [kept, undone] = [await keptPicture(teacher), await keptPicture(teacher)];
		const [one, other] = [kept, undone].map((picture) => press({ kind: 'piece', picture, what: '' }));
		await pressed(teacher, of.evening, [one!, other!, press({ kind: 'undo', press: other!.id })], 0);
		await database().query("UPDATE pictures SET created_at = now() - interval '2 days'");
		await database().query(DROP_UNNAMED, [teacher.id]);
		expect(await readPicture(teacher, kept.id)).toBeDefined();
		expect(await readPicture(teacher, undone.id)).toBeUndefined();
		expect(await removeEvening(teacher, of.evening)).toBe(true);
		expect(await readPicture(teacher, kept.id)).toBeUndefined();
	});
});
