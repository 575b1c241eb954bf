import { describe, expect, it } from 'vitest';
import { DEFAULT_HOUSE_STYLE, newSwatch, noteOf } from '../schema/index.ts';
import { idMaker, named } from '../test/made.ts';
import {
	askedBy,
	blocksOf,
	compareStep,
	craftsOf,
	crossingsOf,
	crossingStep,
	isFor,
	isWithoutHolder,
	kindOf,
	KINDS,
	PACES,
	reckoned,
	type Step,
	stepAt,
	stepsAt,
	stepTitle,
	taughtBy,
	whomSaid,
	writtenOn,
} from './index.ts';

const nextId = idMaker();
const crossed = (name: string, way: string, more: object = {}): Step => ({
	...crossingStep(nextId(), { asked: { text: name, school: 'slash' }, crossing: named(name), way }),
	...more,
});
const empty = (kind: Step['kind']): Step => KINDS.find((k) => k.kind === kind)!.empty!(nextId());
const swatch: Step = {
	...{ id: nextId(), kind: 'swatch', note: noteOf('') },
	swatch: newSwatch({
		...{ title: 'Sleeve', castOn: 8, shape: 'flat', school: 'total-front-back' },
		text: 'Row 1: k2, C4F, k2\nRow 2: p8',
	}),
} as Step;

describe('minutes of a step', () => {
	it('2/2 LC with a cable needle: 4 to show, three of 60 s, and two rows of 20 stitches at 12 a minute are 10.5', () => {
		const minutes = (way: string, level: keyof typeof PACES): number =>
			reckoned(crossed('2/2 LC', way), PACES[level], '');
		expect(minutes('off-holder', 'beginner')).toBe(10.5);
		// Without a holder half as long again for who learns it, and less for who can.
		expect(minutes('pinch', 'beginner')).toBe(12);
		expect(minutes('off-holder', 'improver')).toBe(7.5);
		expect(minutes('pinch', 'practised')).toBe(5.5);
		expect(
			[crossed('2/2 LC', 'pinch'), crossed('2/2 LC', 'off-holder')].map((s) => isWithoutHolder(s as never)),
		).toEqual([true, false]);
	});

	it('a swatch: its stitches, the cast-on with them, and its crossings; 24 and one are 3', () => {
		expect(reckoned(swatch, PACES.beginner, '')).toBe(3);
		expect(reckoned(swatch, { ...PACES.beginner, crossing: 90 }, '')).toBe(3.5);
	});

	it('the other kinds have their own', () => {
		const kinds = ['check', 'rest', 'homework', 'note'] as const;
		expect(kinds.map((k) => reckoned(empty(k), PACES.beginner, ''))).toEqual([4, 4, 3, 0]);
		const sides = { asked: { text: '2/2 LC', school: 'slash' }, crossing: named('2/2 LC'), way: 'off-holder' } as const;
		expect(reckoned(compareStep(nextId(), { ...sides, of: 'leans' } as never), PACES.beginner, '')).toBe(6);
		const drill = empty('drill');
		expect(reckoned({ ...drill, many: 5 } as Step, PACES.beginner, '')).toBe(5);
	});
});

describe('what a step teaches and asks', () => {
	it('a first 2/2 teaches the cable needle and the lean, and asks nothing that it does not teach', () => {
		const step = crossed('2/2 LC', 'off-holder');
		expect(taughtBy(step, '')).toEqual(expect.arrayContaining(['holder', 'front-back', 'lean', 'two-over-two']));
		expect(askedBy(step, '')).toEqual([]);
		expect(taughtBy(crossed('2/2 LC', 'pinch'), '')).toEqual(expect.arrayContaining(['loose', 'no-holder']));
		expect(taughtBy(crossed('2/2/2 RC', 'two-holders'), '')).toContain('two-holders');
		// A wide one stands on 2 over 2.
		expect(askedBy(crossed('3/3 LC', 'off-holder'), '')).toEqual(['two-over-two']);
		expect(askedBy(crossed('2/1 RPC', 'off-holder'), '')).toEqual(['rib']);
	});

	it('at a loom nothing is slipped to a cable needle', () => {
		const loom = crossed('2/2 LC', 'parked-inside', { craft: 'loom' });
		expect(taughtBy(loom, '')).not.toContain('holder');
		expect([craftsOf(loom, ''), craftsOf(empty('rest'), '')]).toEqual([['loom'], []]);
		expect(askedBy(loom, '')).toEqual(expect.not.arrayContaining(['holder', 'front-back']));
	});

	it('crossings of steps are told once each', () => {
		const steps = [
			crossed('2/2 LC', 'off-holder'),
			crossed('2/2 LC', 'pinch'),
			crossed('2/2 RC', 'pinch'),
			empty('note'),
		];
		expect(crossingsOf(steps)).toEqual([named('2/2 LC'), named('2/2 RC')]);
	});
});

describe('a step in a room', () => {
	const style = DEFAULT_HOUSE_STYLE;

	it('is done at a tool in the tool’s own way, once for each place, and only for those that it is for', () => {
		const plain = crossed('2/2 LC', 'off-holder');
		const loom = stepAt(plain, 'loom', style)!;
		expect([loom.kind, (loom as { craft?: string }).craft]).toEqual(['crossing', 'loom']);
		expect([stepAt(plain, undefined, style), stepAt(plain, 'hand', style)]).toEqual([plain, plain]);
		// Another craft of the hands is not made at a loom.
		expect(stepAt(crossed('2/2 LC', 'off-holder', { craft: 'twisted' }), 'loom', style)).toBeUndefined();
		const only = crossed('2/2 RC', 'off-holder', { only: ['loom'] });
		const rest = empty('rest');
		const done = stepsAt([plain, only, rest], ['hand', 'loom'], style);
		expect(done.map((s) => [s.id, (s as { craft?: string }).craft])).toEqual([
			...[
				[plain.id, 'hand'],
				[rest.id, undefined],
				[plain.id, 'loom'],
				[only.id, 'loom'],
			],
		]);
		expect([isFor(only, 'hand'), isFor(only, 'loom'), isFor(plain, 'loom')]).toEqual([false, true, true]);
		expect(whomSaid(['hand', 'loom'])).toMatch(/^For those .+ and .+\.$/);
	});

	it('says where it is worked to those who cannot, and shows what was written last', () => {
		const twisted = crossed('2/2 LC', 'off-holder', { craft: 'twisted', note: noteOf('Slowly.') });
		const at = blocksOf(twisted, { style, school: undefined, at: 'loom' });
		expect(at.map((b) => b.kind)).toEqual(['text', 'note']);
		expect(at[0]).toMatchObject({ tone: 'quiet', text: expect.stringMatching(/^This is worked .+ Watch it/) });
		const written = { ...empty('homework'), text: noteOf('Ten rows.') } as Step;
		expect(blocksOf(written, { style, school: undefined })).toEqual([
			{ kind: 'note', note: noteOf('Ten rows.'), aside: false },
		]);
		expect([writtenOn(written), writtenOn(twisted)]).toEqual(['Ten rows.', 'Slowly.']);
		expect(stepTitle(written)).toBe(kindOf(written).title);
		expect(stepTitle(twisted, style)).toMatch(/2 over 2/);
	});
});
