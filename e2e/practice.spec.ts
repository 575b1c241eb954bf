/** Practice on a phone: asked, answered, judged with a reason, kept in the browser, and without a network. */

import { randomUUID } from 'node:crypto';
import type { Browser, BrowserContext, Page } from '@playwright/test';
import { readName, wordsFor } from '../core/notation/index.ts';
import { ask, DRILLS, newDoor, summaryOf } from '../core/practice/index.ts';
import { crossingStep } from '../core/step/index.ts';
import { expect, expectAccessible, home, newTeacher, nobody, test, waitsUntilAwake } from './support.ts';

test.use({ storageState: nobody, viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'allow' });

test('a sitting begins with new kinds, says what a wrong answer makes, and goes on offline and after a reload', async ({
	page,
	context,
}) => {
	await page.goto('/practice?with=2%2F2%20LC&school=total-front-back');
	const practice = page.getByTestId('practice');
	await expect(practice.getByRole('heading', { level: 2 })).toContainText('C4F');
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
	await expectAccessible(page);
	await practice.getByRole('button', { name: 'To the left' }).tap();
	await expect(page.getByTestId('verdict')).toContainText('Right');
	await expect(page.getByTestId('score')).toHaveText('1 of 1');
	await practice.getByRole('button', { name: 'Next' }).tap();
	await practice.getByRole('button', { name: 'At the back' }).tap();
	await expect(page.getByTestId('verdict')).toContainText(/Not quite|Right, elsewhere/);
	await expect(page.getByTestId('verdict')).toContainText('Hold the first 2 in front; it leans left.');
	await expectAccessible(page);
	// The browser keeps the page, and what is due.
	await expect(async () => {
		await page.reload();
		expect(await page.evaluate(() => Boolean(navigator.serviceWorker.controller))).toBe(true);
	}).toPass();
	await page.reload();
	await context.setOffline(true);
	await page.reload();
	await expect(practice.getByRole('heading', { level: 2 })).toBeVisible();
	// What was right just now is not asked again at once.
	await expect(practice.getByText(DRILLS[0]!.title, { exact: true })).toHaveCount(0);
	await practice.getByText('What we store').tap();
	await practice.getByRole('button', { name: 'Forget it' }).tap();
	await page.reload();
	await expect(practice.getByText(DRILLS[0]!.title, { exact: true })).toBeVisible();
	await context.setOffline(false);
	// Nothing that is asked of a picture is written in the page's own text.
	expect(ask(DRILLS[0]!, { school: 'slash', crossings: [] }, 1)).toBeUndefined();
});

const TITLES = { lean: DRILLS[0]!.title, hold: DRILLS[1]!.title, count: DRILLS[2]!.title } as const;

/** A teacher’s page, with a lesson of two crossings. */
async function teacherWith(browser: Browser): Promise<{ teacher: Page; lesson: string }> {
	const context = await browser.newContext({ storageState: nobody, viewport: { width: 820, height: 1180 } });
	const teacher = await context.newPage();
	waitsUntilAwake(teacher);
	await newTeacher(teacher.request, { name: 'Runa Sedge' });
	const steps = ['2/2 LC', '3/3 RC'].map((text) => {
		const read = readName(text, 'slash');
		if (!read.ok) throw new Error(text);
		return crossingStep(randomUUID(), { asked: { text, school: 'slash' }, crossing: read.crossing, way: 'off-holder' });
	});
	const made = await teacher.request.post('/api/lessons', { data: { title: 'Lanterns', steps: steps.slice(0, 1) } });
	const { id } = (await made.json()) as { id: string };
	expect((await teacher.request.post(`/api/lessons/${id}/steps`, { data: { step: steps[1] } })).ok()).toBe(true);
	return { teacher, lesson: id };
}
async function doorOf(
	browser: Browser,
	kinds: readonly string[],
): Promise<{ teacher: Page; lesson: string; path: string }> {
	const { teacher, lesson } = await teacherWith(browser);
	const opened = await teacher.request.put(`/api/doors/lessons/${lesson}`, { data: { ...newDoor('slash'), kinds } });
	return { teacher, lesson, path: `/practice/${((await opened.json()) as { token: string }).token}` };
}
const THREE = DRILLS.slice(0, 3).map((d) => d.id);

/** Which of the three kinds is asked, and its right answer and a wrong one, by the model. */
async function asked(page: Page): Promise<{ kind: string; right: string; wrong: string }> {
	const practice = page.getByTestId('practice');
	const heading = practice.getByRole('heading', { level: 2 }).first();
	await expect(heading).toContainText('2/2 LC / 2/2 RC');
	const [name = ''] = /^\S+ \S+/.exec((await heading.textContent())!.trim()) ?? [];
	const read = readName(name, 'slash');
	if (!read.ok) throw new Error(name);
	const { lean, hold, heldCount } = wordsFor(read.crossing);
	const title = (await practice.locator('section p').first().textContent())!.trim();
	if (title === TITLES.lean)
		return lean === 'left'
			? { kind: title, right: 'To the left', wrong: 'To the right' }
			: { kind: title, right: 'To the right', wrong: 'To the left' };
	if (title === TITLES.hold)
		return hold === 'front'
			? { kind: title, right: 'In front', wrong: 'At the back' }
			: { kind: title, right: 'At the back', wrong: 'In front' };
	const others = await practice.getByRole('group', { name: 'Answers' }).getByRole('button').allTextContents();
	const wrong = others.map((o) => o.trim().split(/\s+/)[0]!).find((o) => o !== String(heldCount))!;
	return { kind: title, right: String(heldCount), wrong };
}
async function answer(page: Page, isRight: boolean): Promise<string> {
	const { kind, right, wrong } = await asked(page);
	await page
		.getByRole('group', { name: 'Answers' })
		.getByRole('button', { name: isRight ? right : wrong })
		.tap();
	await expect(page.getByTestId('verdict')).toContainText(isRight ? 'Right' : /Not quite|Right, elsewhere/);
	return kind;
}
const next = (page: Page): Promise<void> => page.getByRole('button', { name: 'Next' }).tap();

async function learner(browser: Browser): Promise<{ context: BrowserContext; page: Page }> {
	const context = await browser.newContext({
		storageState: nobody,
		viewport: { width: 390, height: 844 },
		hasTouch: true,
		serviceWorkers: 'allow',
	});
	const page = await context.newPage();
	waitsUntilAwake(page);
	return { context, page };
}

test('a teacher opens the door; a learner’s first five minutes are shown when they say so, and erased when they say so', async ({
	browser,
}) => {
	const { teacher, lesson } = await teacherWith(browser);
	await teacher.goto(`/lessons/${lesson}`);
	await teacher.getByRole('link', { name: 'Let the class practise' }).click();
	await teacher.getByRole('button', { name: 'Turn on' }).click();
	await expect(teacher.getByRole('img', { name: /^A code to scan: / })).toBeVisible();
	await teacher.getByText(`All ${DRILLS.length} kinds of question`).click();
	for (const { title } of DRILLS.slice(3)) await teacher.getByRole('checkbox', { name: title, exact: true }).uncheck();
	await expect(teacher.getByText(`3 of ${DRILLS.length} kinds of question`)).toBeVisible();
	await teacher.getByRole('checkbox', { name: '2/2 LC / 2/2 RC' }).check();
	await teacher.getByRole('checkbox', { name: 'C4F / C4B' }).uncheck();
	await expect(teacher.getByRole('status')).toContainText('Kept.');
	await expectAccessible(teacher);
	const address = await teacher.getByLabel('Scan it, or send the link').inputValue();
	await teacher.goto(`/lessons/${lesson}/print?all`);
	await expect(teacher.getByText(address)).toBeVisible();

	const { page } = await learner(browser);
	await page.clock.install({ time: new Date('2026-11-02T18:00:00Z') });
	await page.goto(address);
	const shown = page.getByTestId('show-teacher');
	await shown.getByRole('button', { name: 'Show Runa Sedge how it goes' }).tap();
	await expect(shown).toContainText('Nothing to send yet');
	for (let i = 0; i < 6; i++) {
		await answer(page, i !== 1 && i !== 4);
		if (i < 5) await next(page);
	}
	await page.clock.fastForward('05:00');
	await next(page);
	await expect(page.getByRole('heading', { name: 'Enough for today' })).toBeVisible();
	await shown.getByRole('button', { name: 'Show Runa Sedge how it goes' }).tap();
	await expect(shown.getByRole('heading', { name: 'What Runa Sedge would see' })).toBeVisible();
	await expect(shown).toContainText('Practised on one day of the last 28.');
	// Nothing is sent before it is said.
	await teacher.goto(`/doors/lessons/${lesson}`);
	await expect(teacher.getByTestId('hard')).toContainText('No results yet.');
	await shown.getByLabel('A first name or a nickname').fill('grey heron');
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
	await expectAccessible(page);
	await shown.getByRole('button', { name: 'Send this' }).tap();
	await expect(shown).toContainText(/Runa Sedge sees your results up to (2 November|November 2)\./);
	await teacher.reload();
	await expect(teacher.getByTestId('sent')).toContainText('grey heron');
	await teacher.getByTestId('sent').getByText('grey heron').first().click();
	await expect(teacher.getByTestId('sent')).toContainText(/Most often missed: [23]\/[23] [LR]C/);
	await shown.getByRole('button', { name: 'Erase what I sent' }).tap();
	await expect(shown).toContainText('no longer has your results');
	await teacher.reload();
	await expect(teacher.getByTestId('sent')).toHaveCount(0);
	// What somebody else fills it with goes at once, and a new link leaves the old one leading nowhere.
	for (const name of ['one', 'two']) {
		const data = { learner: randomUUID(), summary: summaryOf([], name, 0) };
		expect((await page.request.post(`${address}/sent`, { data, headers: { origin: home } })).ok()).toBe(true);
	}
	await teacher.reload();
	await teacher.getByRole('button', { name: 'Erase all results' }).click();
	await expect(teacher.getByText('All 2 will be erased. You can’t undo this.')).toBeVisible();
	await teacher.getByRole('button', { name: 'Erase all', exact: true }).click();
	await expect(teacher.getByTestId('sent')).toHaveCount(0);
	await teacher.getByRole('button', { name: 'New link' }).click();
	await teacher.getByRole('button', { name: 'Make a new link' }).click();
	await expect(teacher.getByLabel('Scan it, or send the link')).not.toHaveValue(address);
	expect((await page.request.get(address)).status()).toBe(404);
	await page.goto(await teacher.getByLabel('Scan it, or send the link').inputValue());
	await teacher.getByRole('button', { name: 'Turn off' }).click();
	await expect(teacher.getByRole('heading', { name: 'Practice is off' })).toBeVisible();
	await page.reload();
	await expect(page.getByText('This practice is closed just now.')).toBeVisible();
});

test('over a week what went wrong comes again first and most; what is known goes to another phone by a code', async ({
	browser,
}) => {
	const { path } = await doorOf(browser, THREE);
	const { page } = await learner(browser);
	await page.clock.install({ time: new Date('2026-11-02T18:00:00Z') });
	await page.goto(path);
	const times: Record<string, number> = { [TITLES.lean]: 0, [TITLES.hold]: 0, [TITLES.count]: 0 };
	for (let day = 0; day < 7; day++) {
		if (day > 0) {
			await page.clock.fastForward('24:00:00');
			await page.reload();
		}
		for (let i = 0; i < 4; i++) {
			const { kind } = await asked(page);
			// Which side it is held at stays hard for half a week.
			await answer(page, kind !== TITLES.hold || day > 3);
			times[kind]! += 1;
			if (i < 3) await next(page);
		}
	}
	expect(times[TITLES.hold]).toBeGreaterThan(times[TITLES.lean]!);
	expect(times[TITLES.hold]).toBeGreaterThan(times[TITLES.count]!);
	expect(times[TITLES.lean]).toBeGreaterThan(1);
	await page.getByText('Move to another phone').tap();
	await page.getByRole('button', { name: 'Show what this phone knows, as a code' }).tap();
	const code = (await page.getByTestId('code').textContent())!;
	await page.clock.fastForward('12:00:00');
	await page.reload();
	const due = (await asked(page)).kind;

	const other = await learner(browser);
	await other.page.clock.install({ time: new Date('2026-11-09T06:00:00Z') });
	await other.page.goto(`${path}#carry=${code}`);
	await other.page.getByRole('button', { name: 'Take them' }).tap();
	await expect(other.page.getByText('Done. This phone has')).toBeVisible();
	expect((await asked(other.page)).kind).toBe(due);
	expect(other.page.url()).not.toContain('carry');
	await other.page.getByText('Move to another phone').tap();
	await other.page.getByLabel('A code from the other phone').fill(`${code.slice(0, 20)}${code.slice(21)}`);
	await other.page.getByRole('button', { name: 'Read it', exact: true }).tap();
	await expect(other.page.getByRole('alert')).toContainText('part of it is missing');
});

test('with the network cut nothing answered is lost; what is shown goes out when it is back; a new version is taken when it is pressed', async ({
	browser,
}) => {
	const { teacher, lesson, path } = await doorOf(browser, THREE);
	const { context, page } = await learner(browser);
	await page.goto(path);
	const shown = page.getByTestId('show-teacher');
	await answer(page, true);
	await shown.getByRole('button', { name: 'Show Runa Sedge how it goes' }).tap();
	await shown.getByRole('checkbox').check();
	await shown.getByRole('button', { name: 'Send this' }).tap();
	await expect(shown).toContainText('and gets them after each practice');
	await expect(async () => {
		await page.reload();
		expect(await page.evaluate(() => Boolean(navigator.serviceWorker.controller))).toBe(true);
	}).toPass();
	await page.reload();
	for (let i = 0; i < 3; i++) {
		await context.setOffline(i > 0);
		await answer(page, true);
		// As soon as it is judged the page goes, as if the phone were put away.
		if (i > 0) await page.reload();
		else await next(page);
	}
	await shown.getByRole('button', { name: 'Send again' }).tap();
	await expect(shown.locator('td').first()).toBeVisible();
	const rights = await shown.locator('td').allTextContents();
	expect(rights.reduce((sum, r) => sum + Number(/ of (\d+)/.exec(r)![1]), 0)).toBe(4);
	await shown.getByRole('button', { name: 'Send this' }).tap();
	await expect(shown.getByRole('alert')).toContainText('It is sent when that is over.');
	await context.setOffline(false);
	await expect(shown.getByRole('alert')).toHaveCount(0);
	await expect(async () => {
		await teacher.goto(`/doors/lessons/${lesson}`);
		const cells = await teacher.getByTestId('hard').locator('td:nth-child(2)').allTextContents();
		expect(cells.reduce((sum, r) => sum + Number(/ of (\d+)/.exec(r)![1]), 0)).toBe(4);
	}).toPass();

	// The same app under another address is a new version to a browser.
	await page.evaluate(() =>
		navigator.serviceWorker.register('/service-worker.js?next', { scope: '/', type: 'module' }),
	);
	await page.getByRole('button', { name: /new version/i }).tap();
	await expect(async () => {
		expect(await page.evaluate(() => navigator.serviceWorker.controller?.scriptURL)).toContain('?next');
	}).toPass();
	await expect(shown).toContainText('Runa Sedge sees your results');
	const made = await teacher.request.put(`/api/lessons/${lesson}/share`);
	const read = `/shared/${((await made.json()) as { token: string }).token}`;
	await context.setOffline(true);
	await page.reload();
	await expect(page.getByTestId('practice').getByRole('heading', { level: 2 }).first()).toBeVisible();
	await context.setOffline(false);
	// The lesson behind its link is in the pocket as well, until it is withdrawn.
	// A network that is only just back may fail the first request.
	await expect(async () => {
		await page.goto(read);
	}).toPass();
	await expect(page.getByRole('heading', { level: 1, name: 'Lanterns' })).toBeVisible();
	await context.setOffline(true);
	await page.reload();
	await expect(page.getByRole('heading', { level: 1, name: 'Lanterns' })).toBeVisible();
	await context.setOffline(false);
	await teacher.request.delete(`/api/lessons/${lesson}/share`);
	await page.reload();
	await expect(page.getByText('This link leads nowhere.')).toBeVisible();
	await context.setOffline(true);
	await page.reload();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('No network');
});

test('a class answers questions together on show; on paper their answers stand upside down at the foot', async ({
	browser,
}) => {
	const { teacher, lesson } = await teacherWith(browser);
	await teacher.goto(`/lessons/${lesson}`);
	await teacher.getByRole('button', { name: 'Practice together' }).click();
	await expect(teacher.getByText('About C4F, C6B')).toBeVisible();
	await expect(teacher.getByText('saved', { exact: true })).toBeVisible();
	await expectAccessible(teacher);
	await teacher.goto(`/lessons/${lesson}/print?all`);
	const asked = teacher.getByTestId('questions').locator('> li');
	await expect(asked).toHaveCount(5);
	const first = await asked.first().locator('p').first().textContent();
	await teacher.emulateMedia({ media: 'print' });
	const answers = (await teacher.getByText(/^Answers: /).textContent())!;
	expect(answers).toMatch(/^Answers: (\d [A-H](, )?){5}$/);
	await teacher.emulateMedia({ media: 'screen' });
	await teacher.goto(`/lessons/${lesson}/show`);
	const room = teacher.getByTestId('room-questions');
	for (let i = 0; i < 5 && (await room.count()) === 0; i++) await teacher.keyboard.press('PageDown');
	await expect(room).toContainText(first!.trim());
	await room.getByRole('button', { name: 'Show the answer' }).click();
	const letter = /1 ([A-H])/.exec(answers)![1]!;
	await expect(room.getByText(`${letter}.`, { exact: true })).toBeVisible();
	await room.getByRole('button', { name: 'Next question' }).click();
	await expect(room).toContainText('2 of 5');
	await expectAccessible(teacher);
	// The window with notes stands at the same question, and knows its answer before the room does.
	const notes = await teacher.context().newPage();
	await notes.goto(`/lessons/${lesson}/show?notes`);
	await expect(notes.getByTestId('said-now')).toContainText('2 of 5');
	await expect(notes.getByTestId('said-now')).toContainText(`Not told yet: ${/2 ([A-H])/.exec(answers)![1]!}.`);
	await teacher.keyboard.press('ArrowRight');
	await teacher.keyboard.press('ArrowRight');
	await expect(notes.getByTestId('said-now')).toContainText('3 of 5');
	await teacher.reload();
	await expect(room).toContainText('3 of 5');
});
