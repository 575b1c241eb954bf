import { describe, expect, it } from 'vitest';
import { hand, waysFor } from '../../craft/index.ts';
import { type Crossing, threeGroups, twoGroups, type TwoGroupSpec } from '../../crossing/index.ts';
import { everyTwoGroups } from '../../test/arbitraries.ts';
import { traceOf } from '../../test/made.ts';
import {
	diagnose,
	HAND_MISTAKE_IDS,
	type HandMistakeId,
	mendsFor,
	MISTAKES,
	prove,
	type Sign,
	signsOf,
	simulate,
	sitesOf,
	type Trace,
} from '../index.ts';

const left: TwoGroupSpec = { front: 2, behind: 2, lean: 'left' };
const purled: TwoGroupSpec = { front: 2, behind: 1, lean: 'left', behindWork: 'p' };
const right: TwoGroupSpec = { front: 2, behind: 2, lean: 'right' };

const made = (c: Crossing, way: string, id: HandMistakeId, nth = 0): Trace => {
	const trace = traceOf(c, way);
	const site = sitesOf(MISTAKES[id], trace)[nth];
	if (!site) throw new Error(`${id} cannot happen there`);
	return simulate(site.moves, trace.start);
};
const shown = (c: Crossing, trace: Trace): string[] => signsOf(c, trace.outcome).map((s) => s.id);
const after = (spec: TwoGroupSpec, way: string, id: HandMistakeId, nth = 0): readonly Sign[] => {
	const c = twoGroups(spec);
	return signsOf(c, made(c, way, id, nth).outcome);
};

describe('a mistake of the hands', () => {
	it('is none when none is made: every way of every crossing shows no sign', () => {
		for (const { crossing: c } of everyTwoGroups(3)) {
			for (const way of waysFor(hand, c)) {
				const asked = hand.deviation(c, way.id)?.makes ?? c;
				expect(signsOf(asked, traceOf(c, way.id).outcome), way.id).toEqual([]);
			}
		}
	});

	it('can be made in every place that it names, changes what comes out there, and shows at least one sign', () => {
		for (const spec of [left, purled, right]) {
			const c = twoGroups(spec);
			for (const way of waysFor(hand, c)) {
				const trace = traceOf(c, way.id);
				for (const id of HAND_MISTAKE_IDS) {
					const sites = sitesOf(MISTAKES[id], trace);
					for (const { at, moves } of sites) {
						const wrong = simulate(moves, trace.start);
						expect(wrong.stopped).toBeUndefined();
						expect(at).toBeGreaterThanOrEqual(1);
						expect(signsOf(c, wrong.outcome).length, `${way.id} ${id} at ${at}`).toBeGreaterThan(0);
						expect(prove(c, wrong).ok).toBe(false);
					}
				}
			}
		}
	});

	it.each<[HandMistakeId, TwoGroupSpec, string, string[]]>([
		['wrong-side', left, 'off-holder', ['leans-wrong']],
		['wrong-side', left, 'pinch', ['leans-wrong']],
		['wrong-side', left, 'slip-swap', ['leans-wrong']],
		['wrong-side', { ...left, front: 1, behind: 1 }, 'drop-front', ['leans-wrong']],
		['wrong-side', { ...right, front: 1, behind: 1 }, 'second-first', ['leans-wrong']],
		['knitwise', left, 'off-holder', ['twisted']],
		['wrong-leg', left, 'returned', ['twisted']],
		['yarn-left', left, 'off-holder', ['one-too-many']],
		['yarn-left', purled, 'off-holder', ['one-too-many']],
		['yarn-round', left, 'off-holder', ['one-too-many']],
		['yarn-outside', right, 'off-holder', ['bar']],
		['yarn-outside', purled, 'off-holder', ['bar']],
		['wrong-order', left, 'off-holder', ['kink']],
		['lost', left, 'pinch', ['ladder', 'one-too-few']],
		['split', left, 'off-holder', ['split']],
		['wrong-work', left, 'off-holder', ['bump']],
		['wrong-work', purled, 'off-holder', ['smooth']],
	])('%s in %j, %s: %j', (id, spec, way, signs) => {
		expect(after(spec, way, id).map((s) => s.id)).toEqual(signs);
	});

	it('shows on the faces where it can be seen, in words for each', () => {
		const faces = (signs: readonly Sign[]): unknown => signs.map((s) => [s.id, s.faces]);
		// A strand behind a back holder is seen from behind only, before a front holder from the front only.
		expect(faces(after(right, 'off-holder', 'yarn-outside'))).toEqual([['bar', ['WS']]]);
		expect(faces(after(purled, 'off-holder', 'yarn-outside'))).toEqual([['bar', ['RS']]]);
		expect(faces(after(left, 'off-holder', 'wrong-side'))).toEqual([['leans-wrong', ['RS', 'WS']]]);
		expect(faces(after(left, 'off-holder', 'wrong-leg'))).toEqual([['twisted', ['RS']]]);
		// The third stitch worked is the purl; its twist sits on the wrong side.
		expect(faces(after({ ...purled, lean: 'right' }, 'off-holder', 'wrong-leg', 2))).toEqual([['twisted', ['WS']]]);
		expect(faces(after(left, 'off-holder', 'wrong-order'))).toEqual([['kink', ['RS']]]);
		const [bump] = after(left, 'off-holder', 'wrong-work');
		expect(bump?.says).toEqual({ RS: 'a purl bump in the cable at 3', WS: 'a smooth knit stitch at 3' });
	});

	it('does not happen where it cannot', () => {
		const sites = (id: HandMistakeId, spec: TwoGroupSpec, way: string): number =>
			sitesOf(MISTAKES[id], traceOf(twoGroups(spec), way)).length;
		// Knit with a holder in front, the yarn never comes near its outside; without one there is none.
		expect(sites('yarn-outside', left, 'off-holder')).toBe(0);
		expect(sites('yarn-round', left, 'pinch')).toBe(0);
		expect(sites('wrong-order', left, 'returned')).toBe(0);
		expect(sites('lost', { ...right, front: 1, behind: 1 }, 'second-first')).toBe(0);
	});

	it('made together with another shows the signs of both', () => {
		const c = twoGroups(left);
		const first = made(c, 'off-holder', 'wrong-side');
		const second = sitesOf(MISTAKES['wrong-leg'], first)[0]!;
		expect(shown(c, simulate(second.moves, first.start))).toEqual(['leans-wrong', 'twisted']);
	});

	it('in three groups tells which of them lean wrong', () => {
		const c = threeGroups({ sizes: [2, 1, 2], lean: 'left', lies: 'between' });
		if (!c.ok) throw new Error('no crossing');
		const trace = made(c.value, 'centre-returned', 'wrong-side');
		expect(signsOf(c.value, trace.outcome)[0]).toMatchObject({ id: 'leans-wrong', stitches: [1, 2, 3, 4, 5] });
	});
});

describe('the mend', () => {
	const c = twoGroups(left);
	const costs = (id: HandMistakeId, rows: number, width?: number): number[] =>
		mendsFor(c, after(left, 'off-holder', id), { rows, ...(width ? { width } : {}) }).map((m) => m.cost);

	it('costs stitches times rows, the less the sooner', () => {
		expect([0, 1, 4].map((rows) => costs('wrong-side', rows))).toEqual([[4], [8], [20]]);
		expect([0, 1, 4].map((rows) => costs('wrong-leg', rows))).toEqual([[1], [2], [5]]);
		expect(costs('wrong-order', 3, 20)).toEqual([64]);
		for (const id of HAND_MISTAKE_IDS) {
			if (sitesOf(MISTAKES[id], traceOf(c, 'off-holder')).length === 0) continue;
			const grows = [0, 1, 2, 5].map((rows) => costs(id, rows)[0]!);
			expect(grows).toEqual([...grows].sort((a, b) => a - b));
		}
	});
});

describe('what happened here', () => {
	const c = twoGroups(purled);
	const trace = traceOf(c, 'off-holder');

	it('names mistakes that give just what was seen, each run to prove it', () => {
		for (const id of HAND_MISTAKE_IDS) {
			const site = sitesOf(MISTAKES[id], trace)[0];
			if (!site) continue;
			const seen = shown(c, simulate(site.moves, trace.start)) as Parameters<typeof diagnose>[2];
			const likely = diagnose(c, trace, seen);
			expect(likely.some((l) => l.mistakes.includes(id) && l.misses.length === 0)).toBe(true);
			for (const l of likely) {
				const again = simulate(
					l.trace.steps.map((s) => s.move),
					l.trace.start,
				);
				const signs = signsOf(c, again.outcome).map((s) => s.id);
				expect(signs).toEqual(l.signs.map((s) => s.id));
				expect(l.explains.every((s) => signs.includes(s))).toBe(true);
			}
		}
	});

	it('puts what explains most first, then what the way is most exposed to', () => {
		const twisted = diagnose(c, trace, ['twisted']);
		expect(twisted[0]!.mistakes).toEqual(['wrong-leg']);
		expect(twisted.map((l) => l.mistakes[0])).toContain('knitwise');
		expect(twisted[0]!.exposure).toBeGreaterThan(twisted.find((l) => l.mistakes[0] === 'knitwise')!.exposure);
		const many = diagnose(c, trace, ['one-too-many']);
		expect(many.map((l) => l.mistakes[0])).toEqual(expect.arrayContaining(['yarn-left', 'yarn-round']));
	});

	it('tries two together when no single one explains all', () => {
		const [first] = diagnose(c, trace, ['leans-wrong', 'bump']);
		expect([first!.mistakes, first!.misses]).toEqual([['wrong-side', 'wrong-work'], []]);
	});

	it('has nothing to say when nothing is seen', () => {
		expect(diagnose(c, trace, [])).toEqual([]);
		expect(diagnose(c, trace, ['wound'])).toEqual([]);
	});
});
