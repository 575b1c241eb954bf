import { describe, expect, it } from 'vitest';
import { asTwoGroups, equal, twoGroups } from '../crossing/index.ts';
import { drawAbove, drawStage } from '../drawing/index.ts';
import { everyTwoGroups } from '../test/arbitraries.ts';
import { named, traceOf } from '../test/made.ts';
import { type CraftId, craftOf, CRAFTS, foundId, perform, type Performance, waysFor, whatShows } from './index.ts';

function taken(id: CraftId, name: string, way: string): Performance {
	const done = perform(craftOf(id), named(name), way);
	if (!done.ok) throw new Error(done.problems[0]!.what);
	return done.value;
}

describe('every craft', () => {
	it('offers, for what it does not take, a nearest crossing that it does, with the same lean', () => {
		for (const craft of CRAFTS) {
			for (const { crossing: c } of everyTwoGroups(6)) {
				if (waysFor(craft, c).length > 0) continue;
				const near = craft.nearest(c);
				expect(near && waysFor(craft, near).length > 0, craft.id).toBe(true);
				const lean = near && (asTwoGroups(near)?.lean ?? asTwoGroups(c)!.lean);
				expect(lean).toBe(asTwoGroups(c)!.lean);
			}
		}
	});

	it('says of each mistake what shows and what mends it, by the names that its loops have', () => {
		const told = new Set<string>();
		for (const craft of CRAFTS) {
			for (const name of ['1/1 LC', '2/1 LPC', craft.isHanded ? '2/2 RC' : '3/3 RC']) {
				for (const { id: way } of waysFor(craft, named(name))) {
					for (const { id } of craft.mistakes) {
						const done = perform(craft, named(name), way, { id, site: 0 });
						if (!done.ok) continue;
						const { shows, mend } = whatShows(craft, done.value);
						// Where it changes nothing there is nothing to mend.
						expect([craft.id, id, mend !== undefined]).toEqual([craft.id, id, shows !== '']);
						if (!mend) continue;
						told.add(`${craft.id} ${id}`);
						expect(`${shows}. ${mend.what}`).not.toMatch(/undefined|NaN|\[object/);
						// Numbers that stand by themselves are counts; loops with names go by those.
						const other = shows.replace(/\d+ loops on the needle where there were \d+/g, '');
						if (done.value.taken.names) expect(other).not.toMatch(/(?<![a-z\d])\d/);
					}
				}
			}
		}
		expect(told).toEqual(new Set(CRAFTS.flatMap((c) => c.mistakes.map(({ id }) => `${c.id} ${id}`))));
	});

	it('calls loops by their own names, in captions, in the proof and on the stage, from every side', () => {
		const { trace, proof, taken: what } = taken('double-knit', '1/1 RC', 'pairs');
		const words = trace.steps.map((_, i) => craftOf('double-knit').words(trace, i + 1).caption);
		expect(words).toEqual([
			'Slip stitches f1 and b1 purlwise to the cable needle and hold at the back.',
			'Knit stitch f2, in front of the two on the cable needle; pull it snug.',
			'Bring both yarns forward between the needles, ready to purl the back.',
			'Purl stitch b2, in front of the two on the cable needle.',
			'Take both yarns to the back between the needles, ready to knit the facing.',
			'Knit stitch f1 straight off the cable needle.',
			'Bring both yarns forward between the needles, ready to purl the back.',
			'Purl stitch b1 straight off the cable needle.',
		]);
		expect(proof.checks[0]!.says).toBe('Order f2 b2 f1 b1');
		const options = { light: 'day', names: what.names!, cords: what.cords! } as const;
		for (const drawing of [
			drawStage(what.loops, trace, 2, options),
			drawStage(what.loops, trace, 2, { ...options, from: 'behind' }),
			drawAbove(what.loops, trace, 2, options),
		]) {
			const tags = drawing.shapes.flatMap((s) => (s.kind === 'text' && s.role === 'tag' ? [s.text] : []));
			expect(tags.sort()).toEqual(['b1', 'b2', 'f1', 'f2']);
		}
		expect(drawStage(what.loops, trace, 0, options).label).toContain('f1, b1, f2, b2 on the left needle');
	});

	it('draws twisted columns, long stitches and units each in their own way', () => {
		const rows = (id: CraftId): string[] => {
			const { trace, taken: what } = taken(id, '2/2 LC', 'off-holder');
			const told = { light: 'day', ...(what.below ? { below: what.below } : {}) } as const;
			const { shapes } = drawStage(named('2/2 LC'), trace, 0, told);
			return shapes.flatMap((s) => (s.kind === 'path' && s.role === 'fabric' && s.d ? [s.d] : []));
		};
		const [plain, twisted, long, units] = (['hand', 'twisted', 'slipped', 'brioche'] as const).map(rows);
		expect(new Set([plain, twisted, long, units].map((r) => r!.join())).size).toBe(4);
		// One long stitch stands for three of each column on top; a unit has two strands more for each stitch.
		expect(long!.length).toBeLessThan(plain!.length);
		expect(units!.length).toBeGreaterThan(plain!.length);
		expect(twisted!.length).toBe(plain!.length);
	});

	it('searches on its own loops, in brioche with none of them loose', () => {
		for (const id of ['twisted', 'slipped', 'brioche'] as const) {
			const loose = taken(id, '2/2 RC', foundId({ holders: 2, loose: 4, least: 'tools' }));
			expect([loose.proof.ok, loose.tally.mostLoose > 0], id).toEqual([true, id !== 'brioche']);
			const best = taken(id, '2/2 RC', 'found');
			const taught = craftOf(id)
				.ways.filter((w) => w.id !== 'found')
				.flatMap((w) => {
					const done = perform(craftOf(id), named('2/2 RC'), w.id);
					return done.ok ? [done.value.tally.moves] : [];
				});
			expect(best.tally.moves).toBeLessThanOrEqual(Math.min(...taught));
		}
		expect(taken('double-knit', '2/2 RC', 'found').proof.ok).toBe(true);
		expect(perform(craftOf('double-knit'), named('2/2 RC'), 'pinch').ok).toBe(false);
	});

	it('leaves plain knitting as it was: what it takes is the crossing itself', () => {
		const c = twoGroups({ front: 2, behind: 1, lean: 'left', behindWork: 'p' });
		const what = craftOf('hand').takes(c, 'off-holder');
		expect(what.ok && [equal(what.value.loops, c), what.value.changes, what.value.lost]).toEqual([true, [], []]);
		expect(traceOf(c, 'off-holder')).toEqual(traceOf(c, 'off-holder', craftOf('slipped')));
	});
});
