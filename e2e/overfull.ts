/** A teacher whose lists and titles are as full as they may be, in words that break nowhere; and one who has nothing. */

import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { APIRequestContext } from '@playwright/test';
import { eveningFor, newClass, goalOf, type Press } from '../core/class/index.ts';
import { emptyLesson, LESSON_LIMITS, type Lesson } from '../core/lesson/index.ts';
import { newDoor, type PracticeSummary } from '../core/practice/index.ts';
import { newSwatch } from '../core/schema/index.ts';
import { root } from '../scripts/lib/paths.mjs';
import { crossingNamed, expect } from './support.ts';

/** One word, as long as is allowed. */
const word = (most: number): string => 'Reedmacewaterlily'.repeat(Math.ceil(most / 17)).slice(0, most);
const GOALS = ['holder', 'front-back', 'lean', 'two-over-two', 'both-leans', 'names', 'rows', 'rope'] as const;
const PEOPLE = 30;
const SENT = 24;

/** Every kind of step that the demo has, and all that are written by hand, with words that break nowhere. */
function longLesson(): Lesson {
	const folder = join(root, 'db', 'demo');
	const steps = readdirSync(folder)
		.filter((f) => f.endsWith('.json'))
		.flatMap((f) => (JSON.parse(readFileSync(join(folder, f), 'utf8')) as Lesson).steps);
	const told = { text: word(300), note: word(300) };
	const long = steps.map((s) => ({
		...s,
		id: randomUUID(),
		...('text' in s ? { text: told.text } : {}),
		...('note' in s ? { note: told.note } : {}),
		...(s.kind === 'swatch' ? { swatch: { ...s.swatch, title: word(100) } } : {}),
	}));
	const more = [
		{ id: randomUUID(), kind: 'note', text: told.text },
		{ id: randomUUID(), kind: 'picture', alt: word(300), note: told.note },
		{
			id: randomUUID(),
			kind: 'drill',
			school: 'slash',
			kinds: [],
			crossings: [crossingNamed('6/6 LC'), crossingNamed('2/1 RPC')],
			many: 12,
			seed: 7,
			note: told.note,
		},
	];
	// Each kind once or twice is as good as ten times.
	const seen = new Map<string, number>();
	const few = [...long, ...more].filter((s) => {
		const times = (seen.get(s.kind) ?? 0) + 1;
		seen.set(s.kind, times);
		return times <= 3;
	});
	return { ...emptyLesson(word(LESSON_LIMITS.title)), steps: few as Lesson['steps'] };
}

export interface Filled {
	/** Addresses of all that hangs on what this teacher has. */
	readonly places: readonly string[];
	/** Those that are open to who has the link. */
	readonly byLink: readonly string[];
}

/** Fills the account of whoever is signed in. */
export async function fillUp(request: APIRequestContext, address: string): Promise<Filled> {
	const ask = async <T>(method: 'post' | 'put', path: string, data: unknown): Promise<T> => {
		const answer = await request[method](address + path, { data, headers: { origin: address } });
		expect([path, answer.status(), answer.ok() ? '' : await answer.text()]).toEqual([path, answer.status(), '']);
		return (await answer.json()) as T;
	};
	const lesson = longLesson();
	const made = await ask<{ id: string; version: number }>('post', '/api/lessons', { title: lesson.title });
	await ask('put', `/api/lessons/${made.id}`, { version: made.version, lesson });
	const swatch = await ask<{ id: string }>('post', '/api/swatches', {
		swatch: newSwatch({
			title: word(100),
			castOn: 120,
			shape: 'flat',
			school: 'slash',
			text: 'Rows 1-40: (p2, 3/3 LC, p2, k2) 10 times',
		}),
	});
	await ask('put', '/api/designs', { id: randomUUID(), name: word(40), crossing: crossingNamed('6/6 LC') });
	const people = Array.from({ length: PEOPLE }, (_, i) => ({
		id: randomUUID(),
		name: `${word(36)}${i}`,
		hands: (['right', 'left'] as const)[i % 2]!,
		at: (['hand', 'loom', 'machine'] as const)[i % 3]!,
		yarnHand: 'left' as const,
		large: true as const,
		avoids: ['wool', 'cotton'] as const,
	}));
	const of = { ...newClass(word(100)), place: word(100), people };
	const evenings = ['2026-10-08', '2026-11-05'].map((day) => {
		const press = (did: Press['did'], i = 0): Press => ({
			id: randomUUID(),
			at: `${day}T19:00:${String(i).padStart(2, '0')}.000Z`,
			did,
		});
		return {
			id: randomUUID(),
			evening: { ...eveningFor({ level: 'beginner' }, day, '', { id: made.id, lesson }), goals: GOALS.map(goalOf) },
			presses: [
				...people.flatMap((p, i) =>
					GOALS.map((goal, k) =>
						press({ kind: 'goal', goal, person: p.id, outcome: (['alone', 'help', 'not'] as const)[(i + k) % 3]! }),
					),
				),
				press({ kind: 'wrong', mistake: 'wrong-side', person: people[0]!.id, mended: word(300) }),
				press({ kind: 'note', text: word(600) }),
				press({ kind: 'lap', of: 'crossing', many: 1, seconds: 40, person: people[0]!.id }),
				press({ kind: 'measure', person: people[1]!.id, what: word(40), widthCm: 12.4, lengthCm: 9 }),
			],
		};
	});
	const { id: klass } = await ask<{ id: string }>('post', '/api/classes/file', { class: of, evenings });
	const { token: read } = await ask<{ token: string }>('put', `/api/lessons/${made.id}/share`, {});
	const byLink = [`/shared/${read}`];
	for (const at of [`lessons/${made.id}`, `classes/${klass}`]) {
		const { token } = await ask<{ token: string }>('put', `/api/doors/${at}`, newDoor('slash'));
		byLink.push(`/practice/${token}`);
		for (let i = 0; i < SENT; i++) {
			const summary: PracticeSummary = {
				format: 'pond-loop/practice-summary',
				version: 1,
				name: `${word(36)}${i}`,
				days: 12,
				kinds: [{ kind: 'lean-of-name', asked: 40, right: i }],
				crossings: [{ name: word(60), asked: 9, right: 1 }],
			};
			await ask('post', `/practice/${token}/sent`, { learner: randomUUID(), summary });
		}
	}
	return {
		byLink,
		places: [
			'/',
			'/lessons',
			'/swatches',
			'/crossings',
			'/classes',
			`/lessons/${made.id}`,
			...['print', 'kit', 'show', 'show?notes'].map((part) => `/lessons/${made.id}/${part}`),
			`/swatches/${swatch.id}`,
			...['needles', 'size', 'turn', 'beside'].map((part) => `/swatches/${swatch.id}/${part}`),
			`/classes/${klass}`,
			...['learnt', 'print'].map((part) => `/classes/${klass}/${part}`),
			`/evenings/${evenings[1]!.id}`,
			`/doors/lessons/${made.id}`,
			`/doors/classes/${klass}`,
			'/practice?with=6%2F6%20LC,5%2F4%20RC&school=slash',
			'/style',
			'/yarns',
			'/account',
			'/nowhere',
		],
	};
}

/** Documents with nothing in them. */
export async function withNothing(request: APIRequestContext, address: string): Promise<readonly string[]> {
	const ask = async (path: string, data: unknown): Promise<string> => {
		const answer = await request.post(address + path, { data, headers: { origin: address } });
		expect([path, answer.ok()]).toEqual([path, true]);
		return ((await answer.json()) as { id: string }).id;
	};
	const lesson = await ask('/api/lessons', { title: 'L' });
	const swatch = await ask('/api/swatches', {
		swatch: newSwatch({ title: 'S', castOn: 2, shape: 'flat', school: 'slash', text: '' }),
	});
	const klass = await ask('/api/classes', { title: 'C' });
	const evening = randomUUID();
	await ask(`/api/classes/${klass}/evenings`, { id: evening, day: '2026-11-05' });
	return [
		'/',
		'/lessons',
		'/swatches',
		'/classes',
		`/lessons/${lesson}`,
		...['print', 'kit', 'show', 'show?notes'].map((part) => `/lessons/${lesson}/${part}`),
		`/swatches/${swatch}`,
		...['needles', 'size', 'turn', 'beside'].map((part) => `/swatches/${swatch}/${part}`),
		`/classes/${klass}`,
		...['learnt', 'print'].map((part) => `/classes/${klass}/${part}`),
		`/evenings/${evening}`,
		`/doors/lessons/${lesson}`,
		`/doors/classes/${klass}`,
		'/yarns',
	];
}
