/** One crossing made one way: everything a page shows about it, from one run. */

import type { Crossing } from '../crossing/index.ts';
import { again, prove, runOn, siteAt, tally, type AnyTrace, type Proof, type Tally } from '../handling/index.ts';
import { ok, type Result } from '../result.ts';
import type { Craft, Deviation, Taken } from './craft.ts';
import { namedIn } from './named-in.ts';

export interface Performance {
	readonly trace: AnyTrace;
	readonly proof: Proof;
	readonly tally: Tally;
	/** What the crossing is to the craft, its loops first of all. */
	readonly taken: Taken;
	/** What the way declares that it makes instead; the proof holds against that. */
	readonly deviation?: Deviation;
}

/** A mistake made on purpose, at the first place where it can be made or at a later one. */
export interface MistakeAt {
	readonly id: string;
	readonly site: number;
}

/** Plans, runs and proves; with a mistake, proves what it made against what was asked. */
export function perform(craft: Craft, crossing: Crossing, way: string, mistake?: MistakeAt): Result<Performance> {
	const taken = craft.takes(crossing, way);
	if (!taken.ok) return taken;
	const planned = craft.plan(taken.value, crossing, way);
	if (!planned.ok) return planned;
	const start = craft.start(taken.value, crossing, way);
	const right = runOn(craft.on, planned.value, start);
	const made = craft.mistakes.find((m) => m.id === mistake?.id);
	const site = made && siteAt(made, right, mistake?.site ?? 0);
	const trace = site ? again(right, site.moves) : right;
	const deviation = craft.deviation(crossing, way);
	const plain = byName(prove(deviation?.makes ?? taken.value.loops, trace), taken.value.names);
	const fault = craft.fault?.(taken.value, trace);
	const proof = fault
		? { ok: false, checks: [...plain.checks, { id: 'layers' as const, ok: false, says: fault.says }] }
		: plain;
	return ok({ trace, proof, tally: tally(trace), taken: taken.value, ...(deviation ? { deviation } : {}) });
}

/** The same proof with its loops called by their names. */
function byName(proof: Proof, names: readonly string[] | undefined): Proof {
	if (!names) return proof;
	const checks = proof.checks.map((c) => (c.id === 'whole' ? c : { ...c, says: namedIn(c.says, names) }));
	return { ...proof, checks };
}
