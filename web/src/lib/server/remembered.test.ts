import { expect, it } from 'vitest';
import { madeOnce } from './remembered';

const NONCE = 'aGVyb25zaW5yZWVkcw==';

const page = (status = 200): Response =>
	new Response(`<script nonce="${NONCE}">1</script>`, {
		status,
		headers: { 'content-type': 'text/html', 'content-security-policy': `script-src 'self' 'nonce-${NONCE}'` },
	});

/** As many at once as a class has phones. */
async function asked(key: string, make: () => Promise<Response>): Promise<{ made: number; answers: string[] }> {
	let made = 0;
	const each = Array.from({ length: 30 }, async () => {
		const answer = await madeOnce(key, () => {
			made += 1;
			return new Promise((done) => setTimeout(done, 5)).then(make);
		});
		const numbers = /'nonce-([^']+)'/.exec(answer.headers.get('content-security-policy') ?? '');
		const text = await answer.text();
		// The script is named by the number that the policy lets in.
		if (answer.status === 200) expect(text).toContain(numbers![1]);
		return `${answer.status} ${numbers![1]}`;
	});
	return { answers: await Promise.all(each), made };
}

it('makes a page that thirty ask for at once one time, each with a number of its own', async () => {
	const { made, answers } = await asked('a page', () => Promise.resolve(page()));
	expect(made).toBe(1);
	expect(new Set(answers).size).toBe(30);
});

it('gives everybody their own answer of what is not kept, and of what failed', async () => {
	const { made } = await asked('a closed door', () => Promise.resolve(page(403)));
	expect(made).toBe(30);
	let first = true;
	const failing = await Promise.allSettled(
		[1, 2].map(() =>
			madeOnce('a page that fails once', () => {
				const fails = first;
				first = false;
				return fails ? Promise.reject(new Error('away')) : Promise.resolve(page());
			}),
		),
	);
	expect(failing.map((f) => f.status)).toEqual(['rejected', 'fulfilled']);
});
