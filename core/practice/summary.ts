/** What a learner may show their teacher: how often, which kinds, which crossings; no single answer, and no order of people. */

import type { Format } from '../schema/index.ts';

/** An answer as the learner's own browser keeps it. */
export interface Answer {
	/** Milliseconds since 1970. */
	readonly at: number;
	readonly kind: string;
	readonly right: boolean;
	/** The crossing that it was about, by slashes, where it was about one. */
	readonly crossing?: string;
}

export const NICKNAME_MOST = 40;
/** Days that are looked back on. */
export const SUMMARY_DAYS = 28;
const DAY_MS = 24 * 3600_000;
/** Crossings that are told of: those most often answered wrong. */
export const MOST_CROSSINGS = 8;
/** Answers that are counted. */
export const MOST_COUNTED = 10_000;

export const PRACTICE_SUMMARY_FORMAT = {
	name: 'pond-loop/practice-summary',
	version: 1,
	upgrades: {},
} as const satisfies Format;

interface AnswerCount {
	readonly asked: number;
	readonly right: number;
}
export interface PracticeSummary {
	readonly format: typeof PRACTICE_SUMMARY_FORMAT.name;
	readonly version: number;
	/** A first name or a nickname; empty for none. */
	readonly name: string;
	/** Days of the last weeks on which anything was answered. */
	readonly days: number;
	readonly kinds: readonly (AnswerCount & { readonly kind: string })[];
	/** By slashes. */
	readonly crossings: readonly (AnswerCount & { readonly name: string })[];
}

/** How often each was asked, and how often right, in the order in which they first came. Linear in answers. */
function counted(answers: readonly { readonly of: string; readonly right: boolean }[]) {
	const by = new Map<string, AnswerCount>();
	for (const { of, right } of answers) {
		const now = by.get(of) ?? { asked: 0, right: 0 };
		by.set(of, { asked: now.asked + 1, right: now.right + (right ? 1 : 0) });
	}
	return [...by];
}

/** What is shown: of the last four weeks. `now`: milliseconds since 1970. */
export function summaryOf(answers: readonly Answer[], name: string, now: number): PracticeSummary {
	const lately = answers.filter(({ at }) => at > now - SUMMARY_DAYS * DAY_MS && at <= now).slice(-MOST_COUNTED);
	const wrongs = ([, { asked, right }]: readonly [string, AnswerCount]): number => asked - right;
	return {
		format: PRACTICE_SUMMARY_FORMAT.name,
		version: PRACTICE_SUMMARY_FORMAT.version,
		name: name.trim().slice(0, NICKNAME_MOST),
		days: new Set(lately.map(({ at }) => Math.floor((now - at) / DAY_MS))).size,
		kinds: counted(lately.map(({ kind, right }) => ({ of: kind, right }))).map(([kind, n]) => ({ kind, ...n })),
		crossings: counted(
			lately.flatMap(({ crossing, right }) => (crossing === undefined ? [] : [{ of: crossing, right }])),
		)
			.filter((one) => wrongs(one) > 0)
			.sort((a, b) => wrongs(b) - wrongs(a))
			.slice(0, MOST_CROSSINGS)
			.map(([crossing, n]) => ({ name: crossing, ...n })),
	};
}
