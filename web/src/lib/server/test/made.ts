/** Teachers that tests start from. */

import { randomUUID } from 'node:crypto';
import { signUp, type NewAccount } from '../accounts';
import type { Teacher } from '../teachers';

export const PASSWORD = 'seven wet mittens';

export const account = (more: Partial<NewAccount> = {}): NewAccount => ({
	name: 'Ines Alder',
	signInName: `ines-${randomUUID()}`,
	password: PASSWORD,
	...more,
});

/** All pieces of something that is given out as it is read. */
export async function whole(pieces: AsyncIterable<string>): Promise<string> {
	let text = '';
	for await (const piece of pieces) text += piece;
	return text;
}

export async function newTeacher(
	more: Partial<NewAccount> = {},
): Promise<{ teacher: Teacher; signInName: string; codes: string[] }> {
	const asked = account(more);
	const made = await signUp(asked);
	if (!made) throw new Error('the name is taken');
	return { ...made, signInName: asked.signInName };
}
