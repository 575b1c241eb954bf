import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { ExportSchema } from '../core/document/index.ts';
import { noteOf } from '../core/schema/index.ts';
import {
	expect,
	expectAccessible,
	newLesson,
	newTeacher,
	nobody,
	PASSWORD,
	saved,
	test,
	waitsUntilAwake,
} from './support.ts';

test.use({ storageState: nobody });

const field = (page: Page, label: string): ReturnType<Page['getByLabel']> => page.getByLabel(label, { exact: true });
const press = (page: Page, name: string): Promise<void> => page.getByRole('button', { name, exact: true }).click();

const tonight = (page: Page): ReturnType<Page['getByRole']> => page.getByRole('heading', { level: 1, name: 'Home' });

async function signInAs(page: Page, signInName: string, password: string): Promise<void> {
	await page.goto('/sign-in');
	await field(page, 'Sign-in name').fill(signInName);
	await field(page, 'Password').fill(password);
	await press(page, 'Sign in');
}

test('signing up, by keyboard, gives the codes once and leads on; then out, and in again to where one wanted to go', async ({
	page,
}) => {
	const signInName = `ines-${Date.now()}`;
	await page.goto('/sign-up');
	await field(page, 'Your name').fill('Ines Alder');
	await page.keyboard.press('Tab');
	await page.keyboard.type(`  ${signInName.toUpperCase()} `);
	await page.keyboard.press('Tab');
	await page.keyboard.type('short');
	await page.keyboard.press('Enter');
	await expect(page.getByText('A password has at least 10 characters')).toBeVisible();
	await expect(field(page, 'Your name')).toHaveValue('Ines Alder');
	await expectAccessible(page);
	await field(page, 'Password').fill(PASSWORD);
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Welcome. Save these codes');
	await expect(page.getByTestId('codes').getByRole('listitem')).toHaveCount(10);
	await expect(page.getByRole('link', { name: 'Ines Alder' })).toBeVisible();
	await expectAccessible(page);
	const kept = page.waitForEvent('download');
	await press(page, 'Save as a file');
	const file = readFileSync(await (await kept).path(), 'utf8');
	expect(file).toContain(await page.getByTestId('codes').getByRole('listitem').first().innerText());
	await page.getByRole('link', { name: /Go to Settings/ }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Settings');
	const path = await newLesson(page, 'My own');
	await page.getByRole('link', { name: 'Ines Alder' }).click();
	await press(page, 'Sign out');
	await expect(page.getByRole('link', { name: 'Sign up' })).toBeVisible();
	// Going back shows nothing of what was there.
	await page.goto(path);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in');
	await field(page, 'Sign-in name').fill(signInName);
	await field(page, 'Password').fill('not this one at all');
	await press(page, 'Sign in');
	await expect(page.getByText('do not belong together')).toBeVisible();
	await expect(field(page, 'Sign-in name')).toHaveValue(signInName);
	await expect(field(page, 'Password')).toHaveValue('');
	await field(page, 'Password').fill(PASSWORD);
	await press(page, 'Sign in');
	await expect(page.getByLabel('Title of the lesson')).toHaveValue('My own');
});

test('a sign-in name that is taken or impossible is said at its field', async ({ page, request }) => {
	const { signInName } = await newTeacher(request);
	await page.goto('/sign-up');
	await field(page, 'Your name').fill('Second');
	await field(page, 'Sign-in name').fill(signInName.toUpperCase());
	await field(page, 'Password').fill(PASSWORD);
	await press(page, 'Sign up');
	await expect(page.getByText('Somebody has that sign-in name')).toBeVisible();
	// What was right need not be typed again.
	await expect(field(page, 'Password')).toHaveValue(PASSWORD);
	for (const [wrong, says] of [
		['two words', /letters and figures/],
		['<b>x</b>', /letters and figures/],
		['ab', /at least 3/],
		['a'.repeat(81), /at most 80/],
	] as const) {
		await field(page, 'Sign-in name').fill(wrong);
		// Two answers in a row say the same: the second is waited for, not the first seen again.
		const answer = page.waitForResponse((r) => r.request().method() === 'POST');
		await press(page, 'Sign up');
		await answer;
		await expect(page.getByRole('alert')).toContainText(says);
	}
	await field(page, 'Sign-in name').fill('long-enough-to-be-one');
	await field(page, 'Password').fill('Long-Enough-To-Be-One');
	await press(page, 'Sign up');
	await expect(page.getByRole('alert')).toContainText('The password is the sign-in name');
});

test('a forgotten password: one code sets a new one, once, and everybody else is signed out', async ({
	page,
	request,
}) => {
	const { signInName, codes } = await newTeacher(request);
	const recover = async (code: string): Promise<void> => {
		await page.goto('/recover');
		await field(page, 'Sign-in name').fill(signInName);
		await field(page, 'Recovery code').fill(code);
		await field(page, 'New password').fill('a brand new password');
		await press(page, 'Set it and sign in');
	};
	await recover('AAAAA-AAAAA-AAAAA-AAAAA');
	await expect(page.getByText('do not belong together')).toBeVisible();
	await expectAccessible(page);
	// As somebody copies it from paper.
	await recover(codes[3]!.toLowerCase().replaceAll('-', ' '));
	await expect(page.getByText('9 recovery codes are left')).toBeVisible();
	expect((await request.get('/lessons', { maxRedirects: 0 })).status()).toBe(303);
	await press(page, 'Sign out');
	await recover(codes[3]!);
	await expect(page.getByText('or the code was used')).toBeVisible();
	await signInAs(page, signInName, PASSWORD);
	await expect(page.getByText('do not belong together')).toBeVisible();
	await signInAs(page, signInName, 'a brand new password');
	await expect(tonight(page)).toBeVisible();
});

test('the account: name, password, new codes, and sessions that are listed and ended', async ({
	page,
	browser,
	request,
}) => {
	const { signInName, codes } = await newTeacher(request);
	await signInAs(page, signInName, PASSWORD);
	const other = await (await browser.newContext({ storageState: nobody })).newPage();
	waitsUntilAwake(other);
	await signInAs(other, signInName, PASSWORD);
	await expect(tonight(other)).toBeVisible();
	await page.getByRole('link', { name: 'Ines Alder' }).click();
	await expectAccessible(page);
	await field(page, 'Your name, as your class knows you').fill('Ines <i>Alder</i> & Co');
	await press(page, 'Save');
	await expect(page.getByRole('link', { name: 'Ines <i>Alder</i> & Co' })).toBeVisible();
	const ends = page.getByRole('button', { name: 'Sign out there' });
	await expect(ends).toHaveCount(2);
	await ends.first().click();
	await expect(ends).toHaveCount(1);
	await press(page, 'Sign out everywhere else');
	await expect(ends).toHaveCount(0);
	await other.goto('/lessons');
	await expect(other.getByRole('heading', { level: 1 })).toHaveText('Sign in');

	await signInAs(other, signInName, PASSWORD);
	await expect(tonight(other)).toBeVisible();
	await field(page, 'Current password').fill('wrong, wrong, wrong');
	await field(page, 'New password').fill('eight dry mittens');
	await press(page, 'Change the password');
	await expect(page.getByText('That is not your password')).toBeVisible();
	await field(page, 'Current password').fill(PASSWORD);
	await field(page, 'New password').fill('eight dry mittens');
	await press(page, 'Change the password');
	await expect(page.getByText('The password is changed')).toBeVisible();
	await other.reload();
	await other.goto('/lessons');
	await expect(other.getByRole('heading', { level: 1 })).toHaveText('Sign in');
	await field(page, 'Your password, for new codes').fill('eight dry mittens');
	await press(page, 'Make new codes');
	const renewed = page.getByTestId('codes').getByRole('listitem');
	await expect(renewed).toHaveCount(10);
	expect(codes).not.toContain(await renewed.first().innerText());
	await other.context().close();
});

test('all of it is taken along in one file without secrets, and the account goes with everything in it', async ({
	page,
	request,
}) => {
	const { signInName } = await newTeacher(request);
	await signInAs(page, signInName, PASSWORD);
	await expect(tonight(page)).toBeVisible();
	await newLesson(page, 'Kept on paper');
	await page.getByRole('button', { name: 'Add a note' }).click();
	await page.getByLabel('Note', { exact: true }).fill('Bring the hooks');
	await expect(saved(page)).toBeVisible();
	await page.goto('/account');
	const coming = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Download my data' }).click();
	const text = readFileSync(await (await coming).path(), 'utf8');
	const all = ExportSchema.parse(JSON.parse(text));
	expect(all.teacher).toMatchObject({ name: 'Ines Alder', signInName });
	expect(all.lessons.map((l) => l.lesson.title)).toEqual(['Kept on paper']);
	expect(all.lessons[0]?.lesson.steps).toMatchObject([{ kind: 'note', text: noteOf('Bring the hooks') }]);
	expect(text).not.toMatch(/argon2|token|hash/i);
	await field(page, 'Your password, to be sure').fill('not it, not it');
	await press(page, 'Delete my account');
	await expect(page.getByText('That is not your password')).toBeVisible();
	await field(page, 'Your password, to be sure').fill(PASSWORD);
	await press(page, 'Delete my account');
	await expect(page.getByText('Your account and everything in it are deleted')).toBeVisible();
	await signInAs(page, signInName, PASSWORD);
	await expect(page.getByText('do not belong together')).toBeVisible();
	// In another account the file is looked into first, and then brought back.
	await newTeacher(page.request);
	await page.goto('/account');
	await page.getByText('Restore from a file').click();
	const bring = page.getByLabel('Choose the file with your data');
	await bring.setInputFiles({ name: 'rows.json', mimeType: 'application/json', buffer: Buffer.from('Row 1: k4') });
	await expect(page.getByText('That file is not JSON')).toBeVisible();
	await bring.setInputFiles({ name: 'mine.json', mimeType: 'application/json', buffer: Buffer.from(text) });
	await expect(page.getByTestId('brought')).toContainText('New: brought back (1)');
	await expect(page.getByTestId('brought')).toContainText('Kept on paper, lesson');
	await expectAccessible(page);
	await press(page, 'Bring it back');
	await expect(page.getByText('1 thing is here again.')).toBeVisible();
	await bring.setInputFiles({ name: 'mine.json', mimeType: 'application/json', buffer: Buffer.from(text) });
	await expect(page.getByTestId('brought')).toContainText('The same: nothing to do (1)');
	await page.goto('/lessons');
	await expect(page.getByRole('link', { name: 'Kept on paper' })).toBeVisible();
});

test('the demo is entered with one press, from the first page and from a page that asked who is there', async ({
	page,
}) => {
	await page.goto('/');
	await press(page, 'Enter the demo class');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Home');
	await page.getByRole('link', { name: 'Marit Quill' }).click();
	await expect(page.getByText('You can’t delete the demo account')).toBeVisible();
	await press(page, 'Sign out');
	await expect(page.getByRole('link', { name: 'Sign in' }).first()).toBeVisible();
	await page.goto('/lessons?from=here');
	await expect(page).toHaveURL(/\/sign-in\?to=%2Flessons%3Ffrom%3Dhere/);
	await press(page, 'Enter the demo class');
	await expect(page).toHaveURL(/\/lessons\?from=here$/);
	// Nobody is sent to another site by a link to this one.
	for (const to of [
		'https://elsewhere.example/',
		'//elsewhere.example',
		'/\\elsewhere.example',
		'javascript:alert(1)',
	]) {
		await page.goto(`/sign-in?to=${encodeURIComponent(to)}`);
		await press(page, 'Enter the demo class');
		await expect(page.getByRole('link', { name: 'Marit Quill' })).toBeVisible();
		expect(new URL(page.url()).origin).toBe(new URL(test.info().project.use.baseURL!).origin);
	}
});

test('without a script: sign up, and what was asked for opens', async ({ browser }) => {
	const context = await browser.newContext({ javaScriptEnabled: false, storageState: nobody });
	const page = await context.newPage();
	await page.goto('/sign-up');
	await field(page, 'Your name').fill('Tobe Marsh');
	await field(page, 'Sign-in name').fill(`tobe-${Date.now()}`);
	await field(page, 'Password').fill(PASSWORD);
	await press(page, 'Sign up');
	await expect(page.getByTestId('codes').getByRole('listitem')).toHaveCount(10);
	await page.goto('/lessons');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lessons');
	await context.close();
});
