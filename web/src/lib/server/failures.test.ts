import { expect, it } from 'vitest';
import { failureOf } from './failures';

it('says of a full disk that nothing was saved, and of what cannot be stored why', () => {
	const ofCode = (code: string) => failureOf(Object.assign(new Error('secret'), { code }));
	expect(ofCode('53100')).toMatchObject({ status: 507, message: expect.stringMatching(/no room left.*not saved/) });
	expect(ofCode('22021')).toMatchObject({
		status: 400,
		message: expect.stringMatching(/a sign that cannot be stored/),
	});
	expect(ofCode('42601').status).toBe(500);
	for (const code of ['53100', '22021', '42601']) expect(ofCode(code).message).not.toMatch('secret');
});
