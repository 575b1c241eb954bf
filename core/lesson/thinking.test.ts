import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	DEFAULT_HOUSE_STYLE,
	isBlank,
	newSwatch,
	noteOf,
	NoteSchema,
	type Swatch,
	textOf,
	type Yarn,
} from '../schema/index.ts';
import {
	commonMistakes,
	duplicateStep,
	emptyLesson,
	filled,
	goalsOf,
	kitFor,
	type KitItem,
	kitTable,
	type Lesson,
	lessonMarkdown,
	lessonPage,
	LessonSchema,
	minutesOf,
	placeOf,
	remarksOn,
	reorder,
	sectionsOf,
	setMinutes,
	setPlan,
	sheetsFor,
	sheetsSaid,
	shownStep,
	TEMPLATES,
	timeline,
	workingIn,
} from './index.ts';
import { askedBy, blocksOf, PACES, reckoned, stepTitle, type Step } from '../step/index.ts';
import { idMaker, named } from '../test/made.ts';
import { BROUGHT, skillOf, SKILLS, withNeeds } from '../skill/index.ts';

const nextId = idMaker();
const show = (name: string, more: { way?: string } = {}): Step => ({
	...shownStep(nextId(), named(name)),
	...more,
});
const lessonOf = (...steps: Step[]): Lesson => ({ ...emptyLesson('A session'), steps });
const rest = (): Step => ({ id: nextId(), kind: 'rest', note: noteOf('') });
const keys = (lesson: Lesson): string[] => remarksOn(lesson, '').map((r) => r.key.split(' ').slice(0, 2).join(' '));

describe('skills', () => {
	it('are more than 25, stand on each other without a circle, and begin with what everybody brings', () => {
		expect(SKILLS.size).toBeGreaterThanOrEqual(25);
		for (const { id, needs } of SKILLS.values()) {
			for (const need of needs) expect(SKILLS.has(need)).toBe(true);
			expect(withNeeds(id).at(-1)).toBe(id);
			expect(withNeeds(id).filter((s) => s === id).length).toBe(1);
		}
		for (const id of BROUGHT) expect(withNeeds(id).every((s) => BROUGHT.includes(s))).toBe(true);
	});

	it('are told from what a step shows', () => {
		const skills = ['1/1 LC', '2/2 RC', '2/1 LPC', '2/1 LC', '3/3 LC', '5/5 LC', '2/1/2 LC', '1/1 LC tbl'].map((n) =>
			skillOf(named(n)),
		);
		expect(skills).toEqual([
			'one-over-one',
			'two-over-two',
			'travelling',
			'uneven',
			'wide',
			'very-wide',
			'three-groups',
			'tbl',
		]);
		expect(askedBy(show('1/1 LC'), '')).toEqual([]);
		expect(askedBy(show('3/3 LC'), '')).toEqual(['two-over-two']);
		expect(askedBy(show('1/2 RC'), '')).toEqual([]);
	});
});

describe('time', () => {
	it('comes from stitches, crossings, way and level, unless the teacher sets it', () => {
		const step = show('2/2 LC');
		const levels = (['beginner', 'improver', 'practised'] as const).map((level) => reckoned(step, PACES[level], ''));
		expect(levels).toEqual([...levels].sort((a, b) => b - a));
		// Without a holder: half as much again for beginners, a fifth less for the practised.
		const bare = { ...step, way: 'pinch' } as Step;
		expect(reckoned(bare, PACES.beginner, '')).toBe(levels[0]! + 1.5);
		expect(reckoned(bare, PACES.practised, '')).toBeLessThanOrEqual(levels[2]!);
		const set = setMinutes(lessonOf(step), step.id, 17);
		expect(minutesOf(set.steps[0]!, set.plan, '')).toBe(17);
		expect(setMinutes(set, step.id, undefined).steps[0]).not.toHaveProperty('minutes');
	});

	it('adds up along the lesson, and says where the class is over', () => {
		const lesson = setPlan(lessonOf(show('1/1 LC'), rest(), show('2/2 LC')), { minutes: 20 });
		const { starts, total, over } = timeline(lesson.steps, lesson.plan, '');
		expect(starts[0]).toBe(0);
		expect(total).toBe(starts[2]! + minutesOf(lesson.steps[2]!, lesson.plan, ''));
		expect(over).toBe(2);
	});
});

describe('remarks', () => {
	it('say what was not taught, what rises too fast, and what is shown one way round; each offer mends its own', () => {
		const lesson = lessonOf(show('1/1 LC'), rest(), show('5/5 LC'));
		expect(keys(lesson)).toEqual(['not-taught wide', expect.stringMatching(/^rises /), 'one-way 1/1']);
		for (const remark of remarksOn(lesson, '')) {
			if (!remark.fix) continue;
			const mended = remark.fix.apply(lesson, nextId());
			expect(LessonSchema.parse(mended)).toEqual(mended);
			expect(remarksOn(mended, '').map((r) => r.key)).not.toContain(remark.key);
		}
		const quiet = setPlan(lesson, { dismissed: remarksOn(lesson, '').map((r) => r.key) });
		expect(remarksOn(quiet, '')).toEqual([]);
	});

	it('look for rests, names in two senses, swatches that do not work out, and the end of the class', () => {
		const long = lessonOf(...Array.from({ length: 6 }, () => show('2/2 LC')));
		expect(keys(long).some((k) => k.startsWith('rest '))).toBe(true);
		const c4f: Step = { ...shownStep(nextId(), named('2/2 LC')), asked: { text: 'C4F', school: 'total-front-back' } };
		expect(keys(lessonOf(c4f))).toContain('senses C4F');
		const swatch = newSwatch({
			title: 'A',
			castOn: 5,
			shape: 'flat',
			school: 'slash',
			text: 'k4',
		});
		expect(
			keys(lessonOf({ id: nextId(), kind: 'swatch', swatch, note: noteOf('') })).some((k) => k.startsWith('swatch ')),
		).toBe(true);
		expect(keys(setPlan(long, { minutes: 10 }))).toContain('too-long');
	});
});

describe('advice', () => {
	it('asks only for what comes before, believes what a class can do, and leaves a lesson short', () => {
		expect(keys(lessonOf(show('2/1/2 LC'), show('2/2 LC'))).filter((k) => k.includes('two-over-two'))).toHaveLength(1);
		expect(keys(lessonOf(show('3/3 LC'), show('2/1/2 LC'), show('2/2 LC'))).filter((k) => /taught/.test(k))).toEqual([
			'not-taught two-over-two',
		]);
		const wide = lessonOf(show('4/4 LC'));
		const [first] = remarksOn(wide, '');
		expect([first!.skill, first!.weight]).toEqual([
			'two-over-two',
			Math.max(...remarksOn(wide, '').map((r) => r.weight)),
		]);
		const known = setPlan(wide, { known: ['two-over-two'] });
		expect(LessonSchema.parse(known)).toEqual(known);
		expect(keys(known).filter((k) => /taught/.test(k))).toEqual([]);
		// Each first offer taken, one after the other.
		let lesson = wide;
		for (let i = 0; i < 10; i++) {
			const fix = remarksOn(lesson, '').find((r) => r.fix)?.fix;
			if (fix) lesson = fix.apply(lesson, nextId());
		}
		expect(remarksOn(lesson, '').filter((r) => r.fix)).toEqual([]);
		expect(lesson.steps.length).toBeLessThanOrEqual(5);
		expect(timeline(lesson.steps, lesson.plan, '').total).toBeLessThanOrEqual(45);
		// A rope that leans one way is meant to.
		const swatch = newSwatch({
			title: 'A',
			castOn: 4,
			shape: 'flat',
			school: 'slash',
			text: 'Row 1: 2/2 LC\nRow 2: p4',
		});
		const rope: Step = { id: nextId(), kind: 'swatch', swatch, note: noteOf('') };
		expect(keys(lessonOf(show('2/2 LC'), rope))).not.toContain('one-way 2/2');
		expect(keys(lessonOf(show('2/2 LC')))).toContain('one-way 2/2');
	});
});

describe('who’s coming', () => {
	it('decides what is brought and which sheets, and is refused where more are counted than come', () => {
		const steps = [
			show('2/2 LC'),
			...(['loom', 'machine'] as const).map(
				(craft) => ({ ...show('1/1 RC'), craft, way: craft === 'loom' ? 'parked-inside' : 'two-tools' }) as Step,
			),
		];
		const room = { at: { loom: 1, machine: 1 }, left: 2, large: 1, otherYarn: 1 };
		const lesson = setPlan(lessonOf(...steps), { learners: 8, room });
		expect(LessonSchema.parse(lesson)).toEqual(lesson);
		const all = (what: RegExp): number | undefined =>
			kitFor(lesson, DEFAULT_HOUSE_STYLE).find((i) => what.test(i.what))?.all;
		expect([
			all(/^Needles/),
			all(/^Cable needle,/),
			all(/^Loom/),
			all(/^Single bed/),
			all(/^Sets of transfer tools/),
		]).toEqual([7, 7, 2, 1, 2]);
		expect(all(/^Sheets of this lesson, left-handed/)).toBe(2);
		const sheets = sheetsFor(lesson.plan, DEFAULT_HOUSE_STYLE);
		expect(sheetsSaid(sheets, DEFAULT_HOUSE_STYLE)).toBe(
			'2 right-handed, 2 left-handed, 1 in large print, 1 with the yarn in the left hand, 1 at the pegs, 1 at the machine',
		);
		expect(sheetsFor({ learners: 8 }, DEFAULT_HOUSE_STYLE)).toEqual([
			{ hands: 'right', large: false, at: 'hand', yarn: 'right', many: 8 },
		]);
		expect(sheetsFor(lesson.plan, { ...DEFAULT_HOUSE_STYLE, demonstrates: 'left-mirrored' })[1]!.hands).toBe(
			'left-mirrored',
		);
		expect(workingIn(lesson.plan, 'brioche')).toBe(6);
		const empty = setPlan(lesson, { room: { at: {}, left: 0, large: 0, otherYarn: 0 } });
		expect(kitFor(empty, DEFAULT_HOUSE_STYLE).some((i) => /Loom|bed/.test(i.what))).toBe(false);
		const tooMany = LessonSchema.safeParse(setPlan(lesson, { room: { ...room, left: 6 } }));
		expect(tooMany.error?.issues[0]?.message).toContain(
			'More people are left-handed, at tools, or have large print than are coming',
		);
	});

	it('packs each of two yarns', () => {
		const swatch = newSwatch({
			title: 'A',
			castOn: 4,
			shape: 'flat',
			school: 'slash',
			text: 'Row 1 (A): k4\nRow 2 (B): p4',
		});
		const kit = kitFor(lessonOf({ id: nextId(), kind: 'swatch', swatch, note: noteOf('') }), DEFAULT_HOUSE_STYLE);
		expect(kit.map((i) => i.what).filter((w) => /yarn/.test(w))).toEqual([
			'Smooth, round, pale yarn in wool A',
			'Smooth, round, pale yarn in wool B',
		]);
	});
});

describe('a swatch that is written in the teacher’s own names', () => {
	const glossary = 'Heron: sl 2 sts to cn and hold in front, k2, k2 from cn';
	const written = (name: string): Lesson =>
		lessonOf({
			id: 'a swatch',
			kind: 'swatch',
			swatch: newSwatch({
				title: 'Pennant',
				castOn: 8,
				shape: 'flat',
				school: 'slash',
				text: `Row 1: k2, ${name}, k2\nRow 2: p8\nrep rows 1-2 9 times`,
			}),
			note: noteOf(''),
		});
	/** All that is thought of a lesson. */
	const thought = (lesson: Lesson, own: string): unknown => {
		const style = { ...DEFAULT_HOUSE_STYLE, glossary: own };
		return {
			minutes: minutesOf(lesson.steps[0]!, lesson.plan, own),
			time: timeline(lesson.steps, lesson.plan, own),
			kit: kitFor(lesson, style),
			asks: askedBy(lesson.steps[0]!, own),
			remarks: remarksOn(lesson, own).map((r) => [r.key, r.says]),
			goals: goalsOf(lesson, own),
			bring: lessonMarkdown(lesson, style).split('## 1')[0],
		};
	};
	it('takes as long, needs as much and teaches the same as in names that everybody has', () => {
		expect(thought(written('Heron'), glossary)).toEqual(thought(written('2/2 LC'), glossary));
		expect(thought(written('Heron'), '')).not.toEqual(thought(written('2/2 LC'), ''));
		expect(remarksOn(written('Heron'), '').map((r) => r.key)).toContain('swatch a swatch');
	});
});

describe('a room where not everybody works in the same place', () => {
	const room = { at: { loom: 1, machine: 1 }, left: 0, large: 0, otherYarn: 0 };
	const planned = (...steps: Step[]): Lesson => setPlan(lessonOf(...steps), { learners: 8, room });

	it('sees a plain crossing in each place at the same step, and hears where it cannot be made', () => {
		const step = show('2/2 LC');
		const shown = { style: DEFAULT_HOUSE_STYLE };
		const crafts = (blocks: ReturnType<typeof blocksOf>): string[] =>
			blocks.flatMap((b) => (b.kind === 'moves' ? [b.craft.id] : []));
		expect(crafts(blocksOf(step, { ...shown, also: ['hand', 'loom', 'machine'] }))).toEqual([
			'hand',
			'loom',
			'machine',
		]);
		expect(crafts(blocksOf(step, { ...shown, at: 'machine', also: ['hand', 'loom'] }))).toEqual(['machine']);
		expect(
			crafts(blocksOf({ ...step, only: ['hand', 'loom'] }, { ...shown, also: ['hand', 'loom', 'machine'] })),
		).toEqual(['hand', 'loom']);
		const wide = blocksOf(show('4/4 LC'), { ...shown, at: 'machine' });
		expect(crafts(wide)).toEqual([]);
		expect(wide.some((b) => b.kind === 'text' && /3 prongs at most/.test(b.text))).toBe(true);
	});

	it('gives steps for some beside steps for others, on their sheets alone, and says when nobody is there', () => {
		const timed = (minutes: number, only?: Step['only']): Step => ({ ...show('2/2 LC'), minutes, only }) as Step;
		const lesson = planned(timed(10), timed(20, ['hand']), timed(5, ['loom']), timed(5, ['loom', 'machine']), timed(4));
		const { starts, total } = timeline(lesson.steps, lesson.plan, '');
		expect([starts, total]).toEqual([[0, 10, 10, 15, 30], 34]);
		expect(LessonSchema.parse(lesson)).toEqual(lesson);
		const sheet = (at: 'hand' | 'loom' | 'machine'): (number | undefined)[] =>
			sectionsOf(lesson, DEFAULT_HOUSE_STYLE, { words: false, mistakes: false, at }).flatMap((s) => s.number ?? []);
		expect([sheet('hand'), sheet('loom'), sheet('machine')]).toEqual([
			[1, 2, 5],
			[1, 3, 4, 5],
			[1, 4, 5],
		]);
		expect(lessonMarkdown(lesson, DEFAULT_HOUSE_STYLE)).toContain('For those at the pegs and at the machine.');
		const alone = setPlan(lesson, { room: { ...room, at: {} } });
		const nobody = remarksOn(alone, '').find((r) => r.key.startsWith('nobody'))!;
		expect(nobody.says).toContain('nobody in the room is');
		expect(nobody.fix!.apply(alone, '').steps[2]!.only).toBeUndefined();
	});

	it('is offered what comes before in the craft of the step, and warned of what goes wrong there', () => {
		const machine = { ...show('2/2 LC'), craft: 'machine', way: 'two-tools' } as Step;
		const lesson = lessonOf(machine);
		const offered = remarksOn(lesson, '')
			.find((r) => r.fix)!
			.fix!.apply(lesson, nextId());
		expect(offered.steps.map((s) => stepTitle(s))).toHaveLength(2);
		expect(offered.steps.every((s) => 'craft' in s && s.craft === 'machine')).toBe(true);
		const titles = commonMistakes([machine], DEFAULT_HOUSE_STYLE).map((m) => m.title);
		expect(titles).toContain('The other group put down first');
		expect(titles.join()).not.toMatch(/knitwise|yarn left/i);
	});
});

describe('any lesson at all', () => {
	it('from before there was a plan is read with the usual one', () => {
		const { plan, ...old } = lessonOf(show('2/2 LC'));
		expect(LessonSchema.parse(old).plan).toEqual(plan);
		expect(LessonSchema.safeParse({ ...old, plan: { ...plan, dates: ['tomorrow'] } }).success).toBe(false);
		expect(LessonSchema.safeParse({ ...old, plan: { ...plan, minutes: 5 } }).success).toBe(false);
	});
});

describe('templates', () => {
	it('are whole lessons that can be given as they are', () => {
		for (const template of TEMPLATES) {
			const lesson = template.make(nextId, 'total-front-back');
			expect(LessonSchema.parse(JSON.parse(JSON.stringify(lesson)))).toEqual(lesson);
			expect(lesson.steps.length).toBeGreaterThanOrEqual(6);
			// Nothing in them asks for what was not taught, and hands get their rest.
			expect([template.id, keys(lesson).filter((k) => /^(not-taught|swatch|rest)/.test(k))]).toEqual([template.id, []]);
		}
	});
});

describe('what to bring', () => {
	it('is counted for each learner and for all, with some to spare', () => {
		const lesson = TEMPLATES[0]!.make(nextId, 'slash');
		const items = kitFor(setPlan(lesson, { learners: 10 }), DEFAULT_HOUSE_STYLE);
		const holder = items.find((i) => i.what.startsWith('Cable needle, '))!;
		expect([holder.each, holder.all]).toEqual([1, 11]);
		expect(items.find((i) => i.what === 'Ring markers')?.each).toBe(2);
		expect(kitTable(items).length).toBe(items.length + 1);
		expect(kitFor(lessonOf(), DEFAULT_HOUSE_STYLE)).toEqual([]);
		// Munden's law: four times the stitches in a square is half the loop. A yarn that is named is brought by its name.
		const knitting = newSwatch({ title: 'Sleeve', castOn: 60, shape: 'flat', school: 'any', text: 'Rows 1-40: k60' });
		const yarnIn = (size: Swatch['size']): KitItem =>
			kitFor(
				setPlan(lessonOf({ id: nextId(), kind: 'swatch', note: noteOf(''), swatch: { ...knitting, size } }), {
					learners: 6,
				}),
				DEFAULT_HOUSE_STYLE,
			)[0]!;
		const gauge = { stitches: 40, rows: 56, of: 'plain', state: 'off' } as const;
		const tarn: Yarn = { id: 'y', name: 'Tarn wool', fibre: 'wool', metresIn100g: 200, ballGrams: 50, squares: [] };
		expect((yarnIn({ gauge }).each / yarnIn(undefined).each).toFixed(1)).toBe('0.5');
		expect(yarnIn({ gauge, yarn: 'y', from: tarn })).toMatchObject({
			what: 'Tarn wool',
			unit: 'm',
			because: expect.stringMatching(
				/^2460 loops at 40 stitches, 56 rows in 10 cm.*a ball each, or \d wound off for all$/,
			),
		});
	});
});

describe('a lesson at the loom or the machine', () => {
	const at = (craft: 'loom' | 'machine', name: string, way: string): Step => ({ ...show(name), craft, way }) as Step;

	it('brings pegs or prongs instead of needles, and asks for no holding in front or at the back', () => {
		const kit = (...steps: Step[]): string =>
			kitFor(lessonOf(...steps), DEFAULT_HOUSE_STYLE)
				.map((i) => i.what)
				.join('; ');
		const [pegs, bed] = [at('loom', '1/1 RC', 'parked-inside'), at('machine', '1/1 RC', 'two-tools')];
		expect(kit(pegs)).toMatch(/Loom of at least 20 pegs; Pick/);
		expect(kit(bed)).toMatch(/Single bed.*transfer tools.*Latch tool/);
		for (const step of [pegs, bed]) {
			expect(kit(step)).not.toMatch(/Needles|Cable needle/);
			expect(askedBy(step, '')).toEqual(['knit']);
		}
		expect(kit(pegs, show('2/2 LC'))).toMatch(/Needles.*Loom.*Cable needle/);
	});

	it('keeps one order of parking, unless it compares the two', () => {
		const [inside, outside] = [at('loom', '2/2 RC', 'parked-inside'), at('loom', '2/2 RC', 'held-outside')];
		expect(keys(lessonOf(inside, inside))).not.toContain(`two-orders ${inside.id}`);
		const mixed = lessonOf(inside, outside);
		const remark = remarksOn(mixed, '').find((r) => r.key.startsWith('two-orders'))!;
		expect(remark.says).toBe('Step 2 parks its loops outside, and step 1 parks its loops inside.');
		const mended = remark.fix!.apply(mixed, nextId());
		expect(mended.steps.map((s) => 'way' in s && s.way)).toEqual(['parked-inside', 'parked-inside']);
		const compared = { ...inside, id: nextId(), kind: 'compare', of: 'ways' } as Step;
		expect(remarksOn(lessonOf(inside, compared, outside), '').some((r) => r.key.startsWith('two-orders'))).toBe(false);
	});
});

describe('steps', () => {
	it('are put in any order without one being lost or doubled', () => {
		const lesson = lessonOf(show('1/1 LC'), rest(), show('2/2 LC'));
		const ids = lesson.steps.map((s) => s.id);
		fc.assert(
			fc.property(fc.shuffledSubarray(ids), (order) => {
				const next = reorder(lesson, order);
				expect(next.steps.map((s) => s.id).sort()).toEqual([...ids].sort());
			}),
		);
		const twice = duplicateStep(lesson, ids[0]!, nextId());
		expect([twice.steps.length, twice.steps[1]]).toEqual([4, { ...lesson.steps[0], id: twice.steps[1]!.id }]);
	});

	it('are written as Markdown in which nothing that was typed becomes markup', () => {
		const hostile = '<script>alert(1)</script> [x](javascript:y) `code` \u202e🧶';
		const text = lessonMarkdown(
			lessonOf({ id: nextId(), kind: 'opening', text: noteOf(hostile) }, show('2/2 LC')),
			DEFAULT_HOUSE_STYLE,
		);
		expect(text).not.toMatch(/(?<!\\)<script|(?<!\\)\[x\]/);
		expect(text).toContain('2 over 2, leaning left');
		const marked = {
			type: 'doc' as const,
			content: [
				{
					type: 'paragraph' as const,
					content: [
						{ type: 'text' as const, text: 'a *b* ', marks: [{ type: 'bold' as const }] },
						{ type: 'text' as const, text: 'c' },
					],
				},
			],
		};
		expect(lessonMarkdown(lessonOf({ id: nextId(), kind: 'note', text: marked }), DEFAULT_HOUSE_STYLE)).toContain(
			'> **a \\*b\\*** c',
		);
	});

	it('carry links that lead to pages and to mail, and to nothing that a browser would run', () => {
		const linked = (href: string): unknown => ({
			type: 'doc',
			content: [
				{
					type: 'paragraph',
					content: [{ type: 'text', text: 'the <hall>', marks: [{ type: 'link', attrs: { href } }, { type: 'bold' }] }],
				},
			],
		});
		const href = 'https://pond.example/a?b="c"&d=<e>';
		const note = NoteSchema.parse(linked(href));
		const lesson = lessonOf({ id: nextId(), kind: 'note', text: note });
		expect(lessonMarkdown(lesson, DEFAULT_HOUSE_STYLE)).toContain(
			'[**the \\<hall\\>**](<https://pond.example/a?b="c"&d=%3Ce%3E>)',
		);
		expect(lessonPage(lesson, DEFAULT_HOUSE_STYLE)).toContain(
			'<b><a href="https://pond.example/a?b=&quot;c&quot;&amp;d=&lt;e&gt;" rel="noopener noreferrer">the &lt;hall&gt;</a></b>',
		);
		for (const bad of ['javascript:alert(1)', 'data:text/html,x', '//x', 'https://a b', ' https://x'])
			expect(NoteSchema.safeParse(linked(bad)).success, bad).toBe(false);
	});

	it('begin with what they teach and what they need, told from themselves', () => {
		const rope = { ...emptyLesson('Rope'), steps: [show('2/2 LC'), show('3/3 LC')] };
		const begin = (kind: 'opening' | 'materials') =>
			filled({ id: nextId(), kind, text: noteOf('') }, rope, DEFAULT_HOUSE_STYLE);
		expect(textOf(begin('opening').text)).toMatch(/^By the end of the session:\n- .*Crossing 3 over 3 and 4 over 4/s);
		expect(textOf(begin('materials').text)).toMatch(/^To lay out:\n- Smooth, round.* m each.*- Scissors: \d+ for all/s);
		expect(placeOf(begin('materials'), { steps: [begin('opening'), ...rope.steps] })).toBe(1);
		const nothing = filled(
			{ id: nextId(), kind: 'opening', text: noteOf('') },
			emptyLesson('New'),
			DEFAULT_HOUSE_STYLE,
		);
		expect(isBlank(nothing.text)).toBe(true);
	});

	it('show pictures with their words, written into a page that needs no server', () => {
		const picture = { id: nextId(), width: 8, height: 6 };
		const step: Step = { id: nextId(), kind: 'picture', picture, alt: 'A sleeve "pinned"', note: noteOf('') };
		const lesson = lessonOf(step, { ...step, id: nextId(), alt: ' ' });
		expect(keys(lesson)).toContain(`alt ${lesson.steps[1]!.id}`);
		expect(keys(lesson)).not.toContain(`alt ${lesson.steps[0]!.id}`);
		const page = lessonPage(lesson, DEFAULT_HOUSE_STYLE, new Map([[picture.id, 'data:image/jpeg;base64,AAAA']]));
		expect(page).toContain(
			'<img src="data:image/jpeg;base64,AAAA" alt="A sleeve &quot;pinned&quot;" width="8" height="6">',
		);
		expect(lessonPage(lesson, DEFAULT_HOUSE_STYLE)).not.toContain('<img');
		expect(lessonMarkdown(lesson, DEFAULT_HOUSE_STYLE)).toContain('*Picture: A sleeve "pinned"*');
	});
});
