import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { browserName } from './browser-name';
import { isAway } from './database';
import { isForeign, isOpen, placeAfter } from './guard';
import { keepToken } from './session-cookie';

const after = (to: string): string => placeAfter(new URL(`https://pond.example/sign-in?to=${encodeURIComponent(to)}`));

describe('the place after signing in', () => {
	it('is where one wanted to go, and never another site', () => {
		expect(after('/lessons/x?y=1')).toBe('/lessons/x?y=1');
		expect(placeAfter(new URL('https://pond.example/sign-in'))).toBe('/');
		for (const to of [
			'https://else.example/x',
			'//else.example',
			'/\\else.example',
			'javascript:alert(1)',
			'data:text/html,x',
			'\t//else.example',
			'/.//else.example',
			'/..//else.example/x',
			'/./\\else.example',
			'/%2e//else.example',
		]) {
			expect(after(to)).toBe('/');
		}
		fc.assert(
			fc.property(fc.oneof(fc.string(), fc.webUrl()), (to) => {
				const place = after(to);
				expect(new URL(place, 'https://pond.example').origin).toBe('https://pond.example');
				expect(place).toMatch(/^\/(?![/\\])/);
			}),
		);
	});
});

describe('a request', () => {
	const from = (method: string, headers: Record<string, string>): boolean =>
		isForeign({
			request: new Request('https://pond.example/x', { method, headers }),
			url: new URL('https://pond.example/x'),
		});

	it('that writes must come from a page of this very site', () => {
		expect(from('POST', { origin: 'https://pond.example' })).toBe(false);
		expect(from('POST', { 'sec-fetch-site': 'same-origin' })).toBe(false);
		for (const origin of ['https://else.example', 'http://pond.example', 'https://pond.example:8443', 'null', '']) {
			expect(from('DELETE', { origin })).toBe(true);
		}
		expect(from('PUT', { 'sec-fetch-site': 'same-site' })).toBe(true);
		// Reading does nothing, and programs that are no browsers say neither.
		expect(from('GET', { origin: 'https://else.example' })).toBe(false);
		expect(from('POST', {})).toBe(false);
	});

	it('finds every route closed that nobody opened', () => {
		expect(['/', '/sign-in', null].map((id) => isOpen(id))).toEqual([true, true, true]);
		expect(['/lessons', '/style', '/sign-in/more', '/something/new'].map((id) => isOpen(id))).toEqual([
			false,
			false,
			false,
			false,
		]);
	});
});

describe('a database that is away', () => {
	const coded = (code: string): Error => Object.assign(new Error('x'), { code });

	it('is told from a query that is wrong', () => {
		for (const code of ['57P01', '57P03', '08006', '53300', 'ECONNREFUSED', 'ECONNRESET']) {
			expect(isAway(coded(code))).toBe(true);
		}
		expect(isAway(new Error('Connection terminated unexpectedly'))).toBe(true);
		expect(isAway(new Error('Client has encountered a connection error and is not queryable'))).toBe(true);
		expect(isAway(new AggregateError([coded('ECONNREFUSED')]))).toBe(true);
		for (const wrong of [coded('23505'), coded('42P01'), new Error('a bug'), 'text', undefined]) {
			expect(isAway(wrong)).toBe(false);
		}
	});
});

describe('the name of a browser', () => {
	it('is short words, whatever the browser calls itself', () => {
		expect(browserName('Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0')).toBe(
			'Firefox on Linux',
		);
		expect([browserName(null), browserName(''), browserName('x'.repeat(9999))]).toEqual(
			Array(3).fill('An unknown browser'),
		);
		fc.assert(
			fc.property(fc.string({ maxLength: 500 }), (agent) => {
				expect(browserName(agent).length).toBeLessThanOrEqual(60);
			}),
		);
	});
});

describe('the cookie of a session', () => {
	const kept = (address: string): unknown[] => {
		const set: unknown[] = [];
		const cookies = { set: (...all: unknown[]) => set.push(...all) };
		keepToken({ cookies: cookies as never, url: new URL(address) }, 'token');
		return set;
	};

	it('is kept from scripts and other sites, and over HTTPS bound to this host', () => {
		const always = { path: '/', httpOnly: true, sameSite: 'lax' };
		expect(kept('https://pond.example/x')).toEqual([
			'__Host-pond-session',
			'token',
			expect.objectContaining({ ...always, secure: true }),
		]);
		expect(kept('http://127.0.0.1:4600/')).toEqual([
			'pond-session',
			'token',
			expect.objectContaining({ ...always, secure: false }),
		]);
	});
});
