/** Whether a trace made the crossing that was asked for, point by point. */

import type { Crossing, Passing } from '../crossing/index.ts';
import { pairKey, shortNumbers } from '../crossing/index.ts';
import type { AnyTrace } from './trace.ts';

export interface ProofCheck {
	readonly id: 'order' | 'over' | 'work' | 'whole' | 'layers';
	readonly ok: boolean;
	/** What was found, in words; when not ok, what was wanted as well. */
	readonly says: string;
}

export interface Proof {
	readonly ok: boolean;
	readonly checks: readonly ProofCheck[];
}

/** Compares what the hands made with what was asked for. Looks only at the trace's outcome. */
export function prove(asked: Crossing, trace: AnyTrace): Proof {
	const checks = [checkOrder(asked, trace), checkOver(asked, trace), checkWork(asked, trace), checkWhole(asked, trace)];
	return { ok: checks.every((c) => c.ok), checks };
}

function checkOrder(asked: Crossing, { outcome }: AnyTrace): ProofCheck {
	const ok = outcome.order.length === asked.n && outcome.order.every((s, i) => s === asked.order[i]);
	const found = outcome.order.length > 0 ? shortNumbers(outcome.order) : 'nothing worked';
	return { id: 'order', ok, says: ok ? `Order ${found}` : `Order ${found}, not ${shortNumbers(asked.order)}` };
}

function checkOver(asked: Crossing, { outcome }: AnyTrace): ProofCheck {
	const wanted = new Map(asked.over.map((pair) => [pairKey(...pair), pair]));
	const found = new Map(outcome.over.map((pair) => [pairKey(...pair), pair]));
	const tangled = outcome.tangled.length > 0;
	const wrong = outcome.over.filter(([u, l]) => wanted.get(pairKey(u, l))?.[0] !== u);
	const missing = asked.over.filter((pair) => !found.has(pairKey(...pair)));
	if (tangled) {
		const pairs = outcome.tangled.map(([a, b]) => `${a} and ${b}`).join('; ');
		return { id: 'over', ok: false, says: `Wound round each other: ${pairs}` };
	}
	if (outcome.level.length > 0) {
		const pairs = outcome.level.map(([a, b]) => `${a} and ${b}`).join('; ');
		return { id: 'over', ok: false, says: `Changed order with neither on top: ${pairs}` };
	}
	if (wrong.length > 0) {
		return { id: 'over', ok: false, says: `${sayOver(wrong)}, and that is the wrong way round` };
	}
	if (missing.length > 0) return { id: 'over', ok: false, says: `Never crossed: ${sayOver(missing)}` };
	return { id: 'over', ok: true, says: asked.over.length > 0 ? sayOver(asked.over) : 'Nothing crosses' };
}

/** "1, 2 lie over 3, 4" when whole groups do, else pair by pair. */
function sayOver(over: readonly Passing[]): string {
	const uppers = [...new Set(over.map(([u]) => u))].sort((a, b) => a - b);
	const lowers = [...new Set(over.map(([, l]) => l))].sort((a, b) => a - b);
	if (uppers.length * lowers.length === over.length) {
		return `${shortNumbers(uppers, ', ')} ${uppers.length === 1 ? 'lies' : 'lie'} over ${shortNumbers(lowers, ', ')}`;
	}
	return over.map(([u, l]) => `${u} over ${l}`).join('; ');
}

function checkWork(asked: Crossing, { outcome }: AnyTrace): ProofCheck {
	// A twist that was not asked for is a turned stitch, and told as one below.
	const off = asked.work.flatMap((w, i) => {
		const made = outcome.work[i + 1];
		return made !== undefined && made[0] !== w[0] ? [i + 1] : [];
	});
	const says =
		off.length === 0
			? 'Each stitch knit or purled as asked'
			: `Knit and purl changed places in ${shortNumbers(off, ', ')}`;
	return { id: 'work', ok: off.length === 0, says };
}

function checkWhole(asked: Crossing, { outcome, stopped }: AnyTrace): ProofCheck {
	const faults: string[] = [];
	if (stopped) faults.push(`move ${stopped.at + 1} cannot be done: ${stopped.problem.what}`);
	const turned = asked.work.flatMap((w, i) => {
		const made = outcome.work[i + 1];
		return made !== undefined && made[0] === w[0] && made !== w ? [i + 1] : [];
	});
	if (turned.length > 0) faults.push(`${shortNumbers(turned, ', ')} turned`);
	if (outcome.split.length > 0) faults.push(`${shortNumbers(outcome.split, ', ')} split`);
	if (outcome.turned.length > 0) faults.push(`${shortNumbers(outcome.turned, ', ')} sitting turned`);
	for (const { side, across } of outcome.bars) {
		faults.push(`a bar across ${shortNumbers(across, ', ')} ${side === 'front' ? 'in front' : 'at the back'}`);
	}
	if (outcome.kept.length > 0) faults.push(`the old loop of ${shortNumbers(outcome.kept, ', ')} still on the needle`);
	if (outcome.hung.length > 0) faults.push(`${shortNumbers(outcome.hung, ', ')} hanging up`);
	if (outcome.loose.length > 0) faults.push(`${shortNumbers(outcome.loose, ', ')} hanging loose`);
	const waiting = outcome.unworked.filter((s) => !outcome.loose.includes(s));
	if (waiting.length > 0) faults.push(`${shortNumbers(waiting, ', ')} never worked`);
	const made = outcome.order.length + outcome.unworked.length;
	if (made < asked.n) faults.push(`${asked.n - made} lost`);
	const extra = outcome.extraLoops + Math.max(0, made - asked.n);
	if (extra > 0) faults.push(`${extra} too many`);
	const ok = faults.length === 0;
	return { id: 'whole', ok, says: ok ? 'No stitch turned, lost or added' : `Not whole: ${faults.join('; ')}` };
}
