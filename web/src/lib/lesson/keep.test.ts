import { addStep, emptyLesson, type Lesson, rename } from '@pond-loop/core/lesson';
import { noteOf, uncleanAt } from '@pond-loop/core/schema';
import type { Step } from '@pond-loop/core/step';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepLesson } from './keep';
import type { Autosave } from '$lib/save/autosave.svelte';

const ID = '11111111-1111-4111-8111-111111111111';
const note = (text: string): Step => ({ id: crypto.randomUUID(), kind: 'note', text: noteOf(text) });

/** A server in a few lines: it keeps one lesson by version, and can be told to be down or slow. */
class FakeServer {
	version = 3;
	lesson: Lesson;
	down = false;
	signedOut = false;
	slow = 0;
	/** Saves, but its answer gets lost. */
	deaf = false;
	saves: string[] = [];

	constructor(lesson: Lesson) {
		this.lesson = lesson;
	}

	readonly fetch = async (_path: string, { body }: { body: string }): Promise<Response> => {
		const sent = JSON.parse(body) as { version: number; lesson: Lesson };
		if (this.slow > 0) await new Promise((resolve) => setTimeout(resolve, this.slow));
		if (this.down) throw new TypeError('failed to fetch');
		if (this.signedOut) return Response.json({ message: 'signed out' }, { status: 401 });
		if (sent.version !== this.version) {
			return Response.json(
				{ message: 'stale', current: { version: this.version, lesson: this.lesson } },
				{ status: 409 },
			);
		}
		this.version += 1;
		this.lesson = sent.lesson;
		this.saves.push(sent.lesson.title);
		if (this.deaf) throw new TypeError('failed to fetch');
		return Response.json({ version: this.version });
	};
}

const start = emptyLesson('First');
let server: FakeServer;
let save: Autosave<Lesson>;
const stored = new Map<string, string>();
/** What outlives the tab. */
const lasting = new Map<string, string>();
const storage = (map: Map<string, string>): Partial<Storage> => ({
	getItem: (key) => map.get(key) ?? null,
	setItem: (key, value) => void map.set(key, value),
	removeItem: (key) => void map.delete(key),
});

const open = (): Autosave<Lesson> => keepLesson({ id: ID, version: server.version, lesson: server.lesson });
const after = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);

beforeEach(() => {
	vi.useFakeTimers();
	stored.clear();
	server = new FakeServer(start);
	vi.stubGlobal('fetch', server.fetch);
	lasting.clear();
	vi.stubGlobal('sessionStorage', storage(stored));
	vi.stubGlobal('localStorage', storage(lasting));
	vi.stubGlobal('navigator', { onLine: true });
	save = open();
});
afterEach(() => {
	save.dispose();
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

describe('an open lesson', () => {
	it('is saved once the typing rests, and says so only when the server has it', async () => {
		for (const title of ['F', 'Fi', 'Fin']) {
			save.change(rename(save.value, title), 'title');
			await after(100);
		}
		expect(save.state.kind).toBe('saving');
		expect(server.saves).toEqual([]);
		await after(500);
		expect(server.saves).toEqual(['Fin']);
		expect(save.state.kind).toBe('saved');
		expect([stored.size, lasting.size]).toEqual([0, 0]);
	});

	it('keeps what is typed while a save is on its way, and sends it next with the right version', async () => {
		server.slow = 300;
		save.change(rename(start, 'One'));
		await after(500);
		save.change(rename(start, 'Two'));
		await after(2000);
		expect(server.saves).toEqual(['One', 'Two']);
		expect(save.state.kind).toBe('saved');
	});

	it('waits longer and longer for a server that is down, loses nothing, and saves when it is back', async () => {
		server.down = true;
		save.change(rename(start, 'Through the ice'));
		await after(600);
		expect(save.state.kind).toBe('waiting');
		expect(JSON.parse([...stored.values()][0]!).value.title).toBe('Through the ice');
		await after(60_000);
		expect(save.state.kind).toBe('waiting');
		server.down = false;
		await after(15_000);
		expect(save.state.kind).toBe('saved');
		expect(server.saves).toEqual(['Through the ice']);
	});

	it('says that one is signed out, keeps what is typed, and sends it as soon as one is signed in again', async () => {
		server.signedOut = true;
		save.change(rename(start, 'Still here'));
		await after(600);
		expect(save.state.kind).toBe('signed-out');
		expect(stored.size).toBe(1);
		server.signedOut = false;
		save.hurry();
		await after(10);
		expect([save.state.kind, server.saves]).toEqual(['saved', ['Still here']]);
	});

	it('takes a save whose answer was lost for saved, and not for a quarrel', async () => {
		server.deaf = true;
		save.change(rename(start, 'Heard'));
		await after(600);
		expect(save.state.kind).toBe('waiting');
		server.deaf = false;
		await after(2000);
		expect(save.state.kind).toBe('saved');
		expect(server.saves).toEqual(['Heard']);
	});

	it('does not send what is over a limit, says why, and sends it once it is mended', async () => {
		save.change(addStep(start, note('x'.repeat(5000))));
		await after(600);
		expect(save.state).toMatchObject({ kind: 'refused', message: expect.stringContaining('Step 1') });
		expect(server.saves).toEqual([]);
		expect(stored.size).toBe(1);
		save.change(addStep(start, note('short')));
		await after(600);
		expect(save.state.kind).toBe('saved');
	});

	it('tells a sign that nobody sees and no database keeps, and takes it out when asked', async () => {
		save.change(rename(start, 'Reed\u0000bed'));
		await after(600);
		expect(save.state).toMatchObject({ kind: 'refused', unclean: true, message: expect.stringContaining('sign 5') });
		expect(server.saves).toEqual([]);
		save.clean();
		await after(600);
		expect([server.saves, uncleanAt(save.value.title)]).toEqual([['Reedbed'], undefined]);
	});

	it.each([
		['silent', () => (server.down = true)],
		['offline', () => [(server.down = true), vi.stubGlobal('navigator', { onLine: false })]],
		['trouble', () => vi.stubGlobal('fetch', async () => Response.json({ message: 'x' }, { status: 503 }))],
		['busy', () => vi.stubGlobal('fetch', async () => Response.json({ message: 'x' }, { status: 429 }))],
	])('says why it waits: %s', async (why, happens) => {
		happens();
		save.change(rename(start, 'Waiting'));
		await after(600);
		expect(save.state).toEqual({ kind: 'waiting', why });
		expect(save.unsaved).toBe(true);
	});

	it('is sent at once when the page is left', async () => {
		save.change(rename(start, 'Leaving'));
		expect(save.unsent).toBe(true);
		await save.flush();
		expect(server.saves).toEqual(['Leaving']);
		expect(save.unsent).toBe(false);
	});

	it('undoes and does again through the server', async () => {
		save.change(rename(start, 'Changed'));
		await after(600);
		save.undo();
		await after(600);
		save.redo();
		await after(600);
		expect(server.saves).toEqual(['Changed', 'First', 'Changed']);
		expect([save.canUndo, save.canRedo]).toEqual([true, false]);
	});
});

describe('an open lesson that was changed elsewhere', () => {
	const elsewhere = (): void => {
		server.version += 1;
		server.lesson = rename(start, 'Theirs');
	};

	beforeEach(async () => {
		elsewhere();
		save.change(rename(start, 'Mine'));
		await after(600);
	});

	it('shows both and sends nothing more until one is chosen', async () => {
		expect(save.state).toMatchObject({ kind: 'stale', theirs: { value: { title: 'Theirs' } } });
		save.change(rename(start, 'Mine, longer'));
		await after(5000);
		expect(server.lesson.title).toBe('Theirs');
		expect(save.value.title).toBe('Mine, longer');
	});

	it('keeps mine over theirs, with theirs one undo away', async () => {
		save.keepMine();
		await after(600);
		expect([server.lesson.title, save.state.kind]).toEqual(['Mine', 'saved']);
		save.undo();
		expect(save.value.title).toBe('Theirs');
	});

	it('takes theirs over mine, with mine one undo away', async () => {
		save.takeTheirs();
		await after(600);
		expect([server.lesson.title, save.value.title, save.state.kind]).toEqual(['Theirs', 'Theirs', 'saved']);
		save.undo();
		await after(600);
		expect(server.lesson.title).toBe('Mine');
	});
});

describe('after a reload', () => {
	it('what was unsent comes back and is sent', async () => {
		server.down = true;
		save.change(rename(start, 'Unsent'));
		await after(600);
		save.dispose();
		server.down = false;
		save = open();
		save.recover();
		expect(save.value.title).toBe('Unsent');
		await after(600);
		expect(server.saves).toEqual(['Unsent']);
	});

	it('what was unsent is not put over somebody’s newer version without asking', async () => {
		server.down = true;
		save.change(rename(start, 'Unsent'));
		await after(600);
		save.dispose();
		server.down = false;
		server.version += 1;
		server.lesson = rename(start, 'Newer');
		save = open();
		save.recover();
		await after(5000);
		expect(save.state).toMatchObject({ kind: 'stale', theirs: { value: { title: 'Newer' } } });
		expect(server.saves).toEqual([]);
	});

	it('a draft over its limits comes back whole, with what is wrong, and is kept until it is mended', async () => {
		const long = { ...start, title: '', steps: [{ ...note('x'), minutes: 300 } as Step, note('and one more')] };
		save.change(long);
		await after(600);
		expect(save.state.kind).toBe('refused');
		save.dispose();
		save = open();
		save.recover();
		expect(save.value).toEqual(long);
		await after(600);
		expect([save.state.kind, stored.size]).toEqual(['refused', 1]);
		save.change({ ...long, title: 'Mended', steps: [note('x')] });
		await after(600);
		expect([server.saves, stored.size]).toEqual([['Mended'], 0]);
	});

	it('what was unsent when its tab was closed is found by the next one', async () => {
		server.down = true;
		save.change(rename(start, 'In a closed tab'));
		await after(600);
		save.dispose();
		stored.clear();
		server.down = false;
		save = open();
		save.recover();
		await after(600);
		expect([server.saves, lasting.size]).toEqual([['In a closed tab'], 0]);
	});

	it('a draft that cannot be read is never thrown away: it stands there as text', () => {
		for (const text of ['{', '{"version":3}', JSON.stringify({ version: 3, value: { kind: 'of another age' } })]) {
			stored.set(`pond-draft-${ID}`, text);
			save.recover();
			expect([save.value.title, save.state.kind, save.spare]).toEqual(['First', 'saved', text]);
			save = open();
			save.recover();
			expect(save.spare).toBe(text);
			save.dropSpare();
			expect([save.spare, stored.size, lasting.size]).toEqual([undefined, 0, 0]);
		}
		stored.set(`pond-draft-${ID}`, JSON.stringify({ version: 3, value: start }));
		save.recover();
		expect([save.spare, stored.size]).toEqual([undefined, 0]);
	});

	it('a closed lesson sends nothing behind the back of the one that is open', async () => {
		save.change(rename(start, 'Old'));
		save.dispose();
		await after(60_000);
		expect(server.saves).toEqual([]);
	});
});
