/** What is known, as a code that carries it to another phone: packed, with a check sum, short enough to be scanned. */

import { State, type Card } from 'ts-fsrs';
import * as z from 'zod/mini';
import type { Cards } from './schedule';

/** Cards in a code at most, and letters of one: what a scanner still reads. */
const MOST = { cards: 60, letters: 2600 } as const;
const DAY_MS = 24 * 3600_000;

/** Days since 1970 with a part of one; what a card is, in as few figures as it can be reckoned from again. */
const Packed = z
	.array(
		z.tuple([
			z.string().check(z.maxLength(40)),
			z.number(),
			z.number(),
			z.number(),
			z.number(),
			z.enum(State),
			z.int().check(z.gte(0)),
			z.int().check(z.gte(0)),
			z.int().check(z.gte(0)),
		]),
	)
	.check(z.maxLength(MOST.cards));

const short = (n: number, digits: number): number => Number(n.toFixed(digits));
const day = (at: Date | string | number): number => short(new Date(at).getTime() / DAY_MS, 4);

async function piped(
	bytes: Uint8Array<ArrayBuffer>,
	through: CompressionStream | DecompressionStream,
): Promise<Uint8Array> {
	const out = new Blob([bytes]).stream().pipeThrough(through);
	return new Uint8Array(await new Response(out).arrayBuffer());
}

/** Letters, digits, `-` and `_` only. */
export async function packed(cards: Cards): Promise<string> {
	const rows = Object.entries(cards)
		.slice(0, MOST.cards)
		.map(([id, c]) => [
			id,
			day(c.due),
			day(c.last_review ?? c.due),
			short(c.stability, 3),
			short(c.difficulty, 2),
			c.state,
			c.reps,
			c.lapses,
			c.learning_steps,
		]);
	const bytes = await piped(new TextEncoder().encode(JSON.stringify(rows)), new CompressionStream('deflate'));
	return btoa(String.fromCharCode(...bytes))
		.replaceAll('+', '-')
		.replaceAll('/', '_')
		.replaceAll('=', '');
}

/** Undefined where it is no such code, or was copied wrongly: it carries a check sum. */
export async function unpacked(code: string): Promise<Cards | undefined> {
	if (code.length > MOST.letters) return undefined;
	try {
		const letters = atob(code.trim().replaceAll('-', '+').replaceAll('_', '/'));
		const bytes = await piped(
			Uint8Array.from(letters, (l) => l.charCodeAt(0)),
			new DecompressionStream('deflate'),
		);
		const read = Packed.safeParse(JSON.parse(new TextDecoder().decode(bytes)));
		if (!read.success) return undefined;
		return Object.fromEntries(
			read.data.map(([id, due, last, stability, difficulty, state, reps, lapses, learning_steps]): [string, Card] => [
				id,
				{
					due: new Date(due * DAY_MS),
					last_review: new Date(last * DAY_MS),
					stability,
					difficulty,
					elapsed_days: 0,
					scheduled_days: Math.max(0, Math.round(due - last)),
					state,
					reps,
					lapses,
					learning_steps,
				},
			]),
		);
	} catch {
		return undefined;
	}
}

/** Both together: of each kind the card that was answered later. */
export function joinedCards(here: Cards, there: Cards): Cards {
	const at = (card: Card | undefined): number => new Date(card?.last_review ?? 0).getTime();
	const ids = new Set([...Object.keys(here), ...Object.keys(there)]);
	return Object.fromEntries([...ids].map((id) => [id, at(here[id]) >= at(there[id]) ? here[id]! : there[id]!]));
}
