/**
 * One evening of a class: what was meant for it, and what was pressed while it went on.
 *
 * An evening is a log of presses, appended and never overwritten. What it says does not hang on the order in which
 * presses come in: joined from several devices they are put in the order of their times, and of their ids where those
 * are the same.
 */

import { z } from 'zod';
import { anyVersion, type Format, KeptPictureSchema, versionOf } from '../schema/index.ts';
import { SKILLS, type SkillId } from '../skill/index.ts';
import { MISTAKE_IDS } from '../handling/index.ts';

export const EVENING_LIMITS = {
	title: 120,
	steps: 200,
	goals: 12,
	note: 600,
	what: 120,
	presses: 5000,
	atOnce: 500,
} as const;

export const EVENING_FORMAT = { name: 'pond-loop/evening', version: 1, upgrades: {} } as const satisfies Format;

export const GoalSchema = z.object({
	/** A skill, or the teacher's own words under an id. */
	id: z.string().min(1).max(60),
	title: z
		.string()
		.trim()
		.min(1, 'A goal needs a title. Type at least one letter.')
		.max(120, 'A goal has at most 120 characters. Shorten it.'),
});
export type Goal = z.infer<typeof GoalSchema>;

const NowSchema = z.object({
	format: z.literal(EVENING_FORMAT.name),
	version: versionOf(EVENING_FORMAT),
	/** Local: `2026-11-24`. */
	day: z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'Write the date like 2026-11-24.'),
	title: z.string().trim().min(1, 'A session needs a title.').max(EVENING_LIMITS.title),
	/** The lesson that it was, where it was one. */
	lesson: z.uuid().optional(),
	steps: z
		.array(z.object({ id: z.uuid(), title: z.string().max(200), minutes: z.number().min(0).max(600) }))
		.max(EVENING_LIMITS.steps),
	goals: z
		.array(GoalSchema)
		.max(EVENING_LIMITS.goals, `A session has at most ${EVENING_LIMITS.goals} goals. Leave some out.`),
});
export type Evening = z.infer<typeof NowSchema>;
export const EveningSchema = anyVersion(EVENING_FORMAT, NowSchema);

export const OUTCOMES = ['alone', 'help', 'not'] as const;
export type Outcome = (typeof OUTCOMES)[number];
export const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
	alone: 'on their own',
	help: 'with help',
	not: 'not yet',
};

const person = z.uuid();
const centimetres = z.number().positive().max(200);
const DidSchema = z.discriminatedUnion('kind', [
	/** Somebody is here or not; everybody, where nobody is named. */
	z.object({ kind: z.literal('here'), person: person.optional(), here: z.boolean() }),
	z.object({ kind: z.literal('step'), step: z.uuid(), does: z.enum(['start', 'stop']) }),
	/** What somebody can; everybody here, where nobody is named. `unseen` takes it back: not seen is no outcome. */
	z.object({
		kind: z.literal('goal'),
		goal: z.string().min(1).max(60),
		person: person.optional(),
		outcome: z.enum([...OUTCOMES, 'unseen']),
	}),
	/** What went wrong, and how it was mended. */
	z.object({
		kind: z.literal('wrong'),
		mistake: z.enum(MISTAKE_IDS),
		person: person.optional(),
		mended: z.string().max(EVENING_LIMITS.note).optional(),
	}),
	/** A lap of the stopwatch: so many crossings or stitches in so many seconds. */
	z.object({
		kind: z.literal('lap'),
		person: person.optional(),
		of: z.enum(['crossing', 'stitches']),
		many: z.number().int().min(1).max(10_000),
		seconds: z.number().positive().max(7200),
		/** What was crossed, as it is said. */
		what: z.string().max(60).optional(),
	}),
	/** A square of somebody's: in which state, how wide, how long. */
	z.object({
		kind: z.literal('measure'),
		person: person.optional(),
		what: z.string().max(60),
		widthCm: centimetres,
		lengthCm: centimetres,
	}),
	/** A picture of a piece, kept where pictures are; `what` it shows, for who cannot see it. */
	z.object({
		kind: z.literal('piece'),
		person: person.optional(),
		picture: KeptPictureSchema,
		what: z.string().max(EVENING_LIMITS.what),
	}),
	z.object({ kind: z.literal('note'), person: person.optional(), text: z.string().min(1).max(EVENING_LIMITS.note) }),
	/** Another press, taken back. */
	z.object({ kind: z.literal('undo'), press: z.uuid() }),
]);
export type Did = z.infer<typeof DidSchema>;

/** Whom it is about; nobody by name when undefined. */
export const personIn = (did: Did): string | undefined => ('person' in did ? did.person : undefined);

export const PressSchema = z.object({
	id: z.uuid(),
	/** When it was pressed, by the clock of its device: `2026-11-24T19:04:12.000Z`. */
	at: z.iso.datetime(),
	did: DidSchema,
});
export type Press = z.infer<typeof PressSchema>;

export const PressesSchema = z.object({
	presses: z
		.array(PressSchema)
		.max(EVENING_LIMITS.atOnce, `At most ${EVENING_LIMITS.atOnce} presses are sent at once. Send the rest afterwards.`),
});

/** Presses joined: each once, in the order in which they were made, without those that were taken back. */
export function joined(...logs: readonly (readonly Press[])[]): readonly Press[] {
	const byId = new Map<string, Press>();
	for (const press of logs.flat()) byId.set(press.id, press);
	const undone = new Set([...byId.values()].flatMap(({ did }) => (did.kind === 'undo' ? [did.press] : [])));
	return [...byId.values()]
		.filter((p) => !undone.has(p.id) && p.did.kind !== 'undo')
		.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1));
}

/** Presses joined, without those about somebody who is not among `people`: nobody else is told of. */
export function joinedAbout(presses: readonly Press[], people: ReadonlySet<string>): readonly Press[] {
	return joined(presses).filter(({ did }) => {
		const whom = personIn(did);
		return whom === undefined || people.has(whom);
	});
}

export interface StepTime {
	readonly minutes: number;
	/** Begun and not ended: since when. */
	readonly since?: string;
}

export type PiecePress = Extract<Did, { kind: 'piece' }> & { readonly press: string };

export interface Went {
	/** Who was said to be here, or not. */
	readonly here: ReadonlyMap<string, boolean>;
	/** Who is here: whoever was said to be, or, where nobody was, all who are not missing. */
	readonly present: ReadonlySet<string>;
	/** By goal, then by person: only who was seen. */
	readonly outcomes: ReadonlyMap<string, ReadonlyMap<string, Outcome>>;
	readonly steps: ReadonlyMap<string, StepTime>;
	readonly wrongs: readonly (Extract<Did, { kind: 'wrong' }> & { readonly press: string })[];
	readonly laps: readonly (Extract<Did, { kind: 'lap' }> & { readonly press: string; readonly at: string })[];
	readonly measures: readonly (Extract<Did, { kind: 'measure' }> & { readonly press: string })[];
	readonly pieces: readonly PiecePress[];
	readonly notes: readonly (Extract<Did, { kind: 'note' }> & { readonly press: string })[];
}

/** How an evening went. `people`: ids of those who come; nobody else is told of. Linear in presses, but for their order. */
export function wentBy(presses: readonly Press[], people: readonly string[]): Went {
	const ours = joinedAbout(presses, new Set(people));
	const here = new Map<string, boolean>();
	const own = new Map<string, Map<string, Outcome | 'unseen'>>();
	const all = new Map<string, Outcome | 'unseen'>();
	const spans = new Map<string, { ms: number; since?: string }>();
	const wrongs: Went['wrongs'][number][] = [];
	const laps: Went['laps'][number][] = [];
	const measures: Went['measures'][number][] = [];
	const pieces: PiecePress[] = [];
	const notes: Went['notes'][number][] = [];
	for (const { id, at, did } of ours) {
		if (did.kind === 'here') for (const p of did.person ? [did.person] : people) here.set(p, did.here);
		else if (did.kind === 'goal') {
			if (did.person === undefined) all.set(did.goal, did.outcome);
			else own.set(did.goal, (own.get(did.goal) ?? new Map()).set(did.person, did.outcome));
		} else if (did.kind === 'step') {
			const span = spans.get(did.step) ?? { ms: 0 };
			if (did.does === 'start') spans.set(did.step, { ...span, since: span.since ?? at });
			else if (span.since !== undefined)
				spans.set(did.step, { ms: span.ms + Math.max(0, Date.parse(at) - Date.parse(span.since)) });
		} else if (did.kind === 'wrong') wrongs.push({ ...did, press: id });
		else if (did.kind === 'lap') laps.push({ ...did, press: id, at });
		else if (did.kind === 'measure') measures.push({ ...did, press: id });
		else if (did.kind === 'piece') pieces.push({ ...did, press: id });
		else if (did.kind === 'note') notes.push({ ...did, press: id });
	}
	const anybody = [...here.values()].some(Boolean);
	const present = new Set(people.filter((p) => here.get(p) ?? !anybody));
	const outcomes = new Map<string, Map<string, Outcome>>();
	for (const goal of new Set([...all.keys(), ...own.keys()])) {
		const seen = new Map<string, Outcome>();
		for (const p of people) {
			// What was pressed for one goes before what was pressed for all, whenever; all are those who are here.
			const one = own.get(goal)?.get(p) ?? (present.has(p) ? all.get(goal) : undefined);
			if (one !== undefined && one !== 'unseen') seen.set(p, one);
		}
		if (seen.size > 0) outcomes.set(goal, seen);
	}
	const steps = new Map(
		[...spans].map(([step, { ms, since }]): [string, StepTime] => [
			step,
			{ minutes: ms / 60_000, ...(since === undefined ? {} : { since }) },
		]),
	);
	return { here, present, outcomes, steps, wrongs, laps, measures, pieces, notes };
}

/** Goals of skills, as an evening has them. */
export const goalOf = (skill: SkillId): Goal => ({ id: skill, title: SKILLS.get(skill)!.title });
