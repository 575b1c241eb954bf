import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { type Class, newClass, type Person } from '@pond-loop/core/class';
import { DEMONSTRATIONS, PLACES, PLAIN_CRAFT } from '@pond-loop/core/craft';
import { type Lesson, LessonSchema, TEMPLATES } from '@pond-loop/core/lesson';
import { DEFAULT_HOUSE_STYLE, newSwatch, noteOf, NoteSchema, SwatchSchema } from '@pond-loop/core/schema';
import type { Step } from '@pond-loop/core/step';
import { toSvg } from '@pond-loop/core/drawing';
import jsQR from 'jsqr';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { codeDrawing } from '$lib/picture/code';
import { HandoutSchema, handoutOf, inEnglishAll, PrintSchema, setPdf, swatchHandoutOf } from './handout';
import { onePageTask, pagesIn } from './one-page';
import { failureOf } from '../failures';
import { drawDocuments, NotSet, setDocuments } from './setter';
import { unsetIn } from './signs';

interface Node {
	readonly role: string;
	readonly alt?: string;
	readonly children?: readonly Node[];
}

/** A PDF as a reader that is not ours understands it: its tags, its texts, and how far down each page goes. */
async function opened(bytes: Uint8Array) {
	const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
	const pdf = await getDocument({ data: bytes.slice(), useSystemFonts: false, verbosity: 0 }).promise;
	const nodes: Node[] = [];
	const visit = (node: Node): void => {
		nodes.push(node);
		for (const child of node.children ?? []) visit(child);
	};
	const pages: { text: string; lowest: number; height: number }[] = [];
	for (let i = 1; i <= pdf.numPages; i++) {
		const page = await pdf.getPage(i);
		visit((await page.getStructTree()) as unknown as Node);
		const { items } = await page.getTextContent();
		const words = items.flatMap((item) => ('str' in item && item.str.trim() ? [item] : []));
		// The foot of the page is not what fills it.
		const tops = words.map((w) => w.transform[5] as number).filter((y) => y > 52);
		pages.push({ text: words.map((w) => w.str).join(' '), lowest: Math.min(...tops), height: page.view[3]! });
	}
	const { info } = (await pdf.getMetadata()) as { info: { Title?: string; Language?: string } };
	return { pages, nodes, info, mark: await pdf.getMarkInfo(), outline: await pdf.getOutline() };
}

/** Headings that are more than one level below the one before them. */
function headingJumps(nodes: readonly Node[]): readonly string[] {
	const levels = nodes.flatMap(({ role }) => (/^H\d$/.test(role) ? [Number(role.slice(1))] : []));
	return levels.flatMap((level, i) => (level > (levels[i - 1] ?? 0) + 1 ? [`${levels[i - 1] ?? 0} to ${level}`] : []));
}

/** Every handout of the demo in every printing takes minutes. */
const isLong = process.env['POND_LOOP_LONG'] === 'yes';

const print = async (lesson: Lesson, query: Record<string, string> = {}): ReturnType<typeof opened> =>
	opened(await setPdf(await handoutOf(lesson, DEFAULT_HOUSE_STYLE, HandoutSchema.parse(query))));
const template = (id: string): Lesson => TEMPLATES.find((t) => t.id === id)!.make(randomUUID, 'total-front-back');

describe('a handout', () => {
	it('is tagged: its language, title, headings and bookmarks, and words for every picture', async () => {
		const lesson = template('first');
		const { nodes, info, mark, outline } = await print(lesson);
		expect([info.Title, info.Language, mark?.Marked]).toEqual(['First cable', 'en', true]);
		const roles = (role: string): number => nodes.filter((n) => n.role === role).length;
		expect(roles('H1')).toBe(1);
		// Each step but notes, and what stands at the end.
		expect(roles('H2')).toBe(lesson.steps.length + 2);
		const figures = nodes.filter((n) => n.role === 'Figure');
		expect(figures.length).toBeGreaterThan(10);
		expect(figures.filter((f) => !f.alt)).toEqual([]);
		expect(outline.length).toBeGreaterThan(0);
	});

	it('fills its pages: only the last one may end in its upper two thirds', async () => {
		for (const { id } of TEMPLATES) {
			for (const query of [{}, { paper: 'LETTER' }]) {
				const { pages } = await print(template(id), query);
				const ends = pages.slice(0, -1).map((p) => Math.round(100 * (1 - p.lowest / p.height)));
				expect([id, ends.filter((filled) => filled < 66)]).toEqual([id, []]);
			}
		}
	});

	it('has the rows of a swatch in another language beside the English ones, where one is asked for', async () => {
		const text = 'Row 1: p2, k4, p2\nRow 2: k2, p4, k2\nRow 3: p2, 2/2 LC, p2\nRow 4: k2, p4, k2';
		const swatch = newSwatch({ title: 'Lantern band', castOn: 8, shape: 'flat', school: 'slash', text });
		const step: Step = { id: randomUUID(), kind: 'swatch', swatch, note: noteOf('') };
		const lesson = { ...template('first'), steps: [step] };
		const words = async (query: Record<string, string>) =>
			(await print(lesson, query)).pages.map((p) => p.text).join(' ');
		const said = await words({ beside: 'sv' });
		expect(said).toContain('Rows in Swedish');
		expect(said).toContain('Varv 3 (rs): 2 am, korsa 4 m åt vänster, 2 am');
		expect(said).toContain('2/2 LC');
		expect(await words({ beside: 'xx' })).not.toContain('Rows in');
	});

	it('sets what was typed as text, in any of the letters it has, and tells what it has none for', async () => {
		const title = '#evil[*x*] $1$ \\panic(1) Ľubić Šárka Ğül Ωμέγα Вечер ערב';
		const step = { id: randomUUID(), kind: 'note', text: noteOf('#import "x" <b> @ref //') } as const;
		const { pages, info } = await print({ ...template('first'), title, steps: [step] });
		expect(info.Title).toBe(title);
		for (const words of ['#evil[*x*] $1$', 'Ľubić', 'Ωμέγα', 'Вечер']) expect(pages[0]!.text).toContain(words);
		expect(pages[0]!.text).toContain('#import "x" <b> @ref //');
		expect(unsetIn(title)).toEqual([]);
		expect(unsetIn('wool 🧶 毛\u202e')).toEqual(['🧶', '毛']);
	});

	it('sets pictures with their words and links that can be followed, and says a picture that is gone', async () => {
		const jpeg = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#2a7f8e' } })
			.jpeg()
			.toBuffer();
		const picture = { id: randomUUID(), width: 80, height: 60 };
		const step: Step = { id: randomUUID(), kind: 'picture', picture, alt: 'A sleeve, pinned out', note: noteOf('') };
		const gone: Step = { ...step, id: randomUUID(), picture: { ...picture, id: randomUUID() }, alt: 'Taken away' };
		const text = NoteSchema.parse({
			type: 'doc',
			content: [
				{
					type: 'paragraph',
					content: [
						{ type: 'text', text: 'the hall', marks: [{ type: 'link', attrs: { href: 'https://pond.example/' } }] },
					],
				},
			],
		});
		const lesson = { ...template('first'), steps: [step, gone, { id: randomUUID(), kind: 'note', text } as const] };
		const photos = new Map([[picture.id, { jpeg }]]);
		const document = await handoutOf(lesson, DEFAULT_HOUSE_STYLE, HandoutSchema.parse({}), photos);
		const { nodes, pages } = await opened(await setPdf(document, photos));
		expect(nodes.filter((n) => n.role === 'Figure').map((n) => n.alt)).toEqual(['A sleeve, pinned out']);
		expect(nodes.some((n) => n.role === 'Link')).toBe(true);
		expect(pages[0]!.text).toContain('Picture: Taken away');
		// The next handout does not have its pictures: it is refused in words, and the one after that is complete.
		const error: unknown = await setPdf(document).catch((cause: unknown) => cause);
		expect(error).toBeInstanceOf(NotSet);
		expect(failureOf(error)).toMatchObject({ status: 413, message: expect.stringMatching(/Print fewer steps/) });
		expect((await setPdf(document, photos)).length).toBeGreaterThan(1000);
	});

	it('prints large with its charts enlarged, and a single swatch on one page', async () => {
		const lesson = template('first');
		expect((await print(lesson, { large: 'yes' })).pages.length).toBeGreaterThan((await print(lesson)).pages.length);
		const swatch = lesson.steps.find((s) => s.kind === 'swatch')!.swatch;
		const { pages, nodes } = await opened(
			await setPdf(await swatchHandoutOf(swatch, DEFAULT_HOUSE_STYLE, PrintSchema.parse({}))),
		);
		expect(pages.length).toBe(1);
		for (const words of ['Rows finished:', 'C4F', 'Row 9: k3, p3, C4F, p3, k3'])
			expect(pages[0]!.text).toContain(words);
		expect(nodes.filter((n) => n.role === 'Figure').length).toBeGreaterThan(0);
	});

	it('is set for every swatch and lesson of the demo, in each craft, in any hands and at any place', async () => {
		const folder = new URL('../../../../../db/demo/', import.meta.url);
		const documents = (of: URL): readonly unknown[] =>
			readdirSync(of)
				.filter((name) => name.endsWith('.json'))
				.map((name) => JSON.parse(readFileSync(new URL(name, of), 'utf8')) as unknown);
		const swatches = documents(new URL('swatches/', folder)).map((swatch) => SwatchSchema.parse(swatch));
		const lessons = documents(folder).map((lesson) => LessonSchema.parse(lesson));
		const printings = DEMONSTRATIONS.flatMap((hands) =>
			(['A4', 'LETTER'] as const).flatMap((paper) => ['no', 'yes'].map((large) => ({ hands, paper, large }))),
		);
		/** One printing of each in the short run, each in turn; all of them in the long one. */
		const some = <T>(all: readonly T[], nth: number): readonly T[] => (isLong ? all : [all[nth % all.length]!]);
		expect(new Set(swatches.map((s) => s.craft ?? PLAIN_CRAFT)).size).toBe(7);
		for (const [i, swatch] of swatches.entries())
			for (const print of some(printings, i)) {
				const { mark, nodes } = await opened(
					await setPdf(await swatchHandoutOf(swatch, DEFAULT_HOUSE_STYLE, PrintSchema.parse(print))),
				);
				expect([swatch.title, mark?.Marked, headingJumps(nodes)]).toEqual([swatch.title, true, []]);
			}
		for (const [i, lesson] of lessons.entries())
			for (const at of some(PLACES, i))
				for (const print of some(printings, i)) {
					const asked = HandoutSchema.parse({ ...print, at });
					const { mark, nodes } = await opened(await setPdf(await handoutOf(lesson, DEFAULT_HOUSE_STYLE, asked)));
					expect([lesson.title, at, mark?.Marked, headingJumps(nodes)]).toEqual([lesson.title, at, true, []]);
				}
	});

	it('ends with a code for its link that a phone reads, and with the link itself', async () => {
		const address = `https://pond.example/shared/${'a-B_9'.repeat(8)}xyz`;
		const drawing = codeDrawing(address);
		const { data, info } = await sharp(Buffer.from(toSvg(drawing)))
			.resize(480)
			.ensureAlpha()
			.raw()
			.toBuffer({ resolveWithObject: true });
		expect(jsQR(new Uint8ClampedArray(data), info.width, info.height)?.data).toBe(address);
		const document = await handoutOf(template('first'), DEFAULT_HOUSE_STYLE, HandoutSchema.parse({}), new Map(), [
			{ title: 'Read it', says: 'On a phone.', address },
		]);
		const { pages, nodes } = await opened(await setPdf(document));
		expect(pages.at(-1)!.text.replaceAll(' ', '')).toContain(address);
		expect(nodes.some((n) => n.alt === `A code to scan: ${address}`)).toBe(true);
	});
});

describe('a handout of one page', () => {
	const folder = new URL('../../../../../db/demo/', import.meta.url);
	const lessons = readdirSync(folder)
		.filter((name) => name.endsWith('.json'))
		.map((name) => LessonSchema.parse(JSON.parse(readFileSync(new URL(name, folder), 'utf8'))));
	const task = (lesson: Lesson, query: Record<string, string>, of?: Class) =>
		onePageTask(lesson, DEFAULT_HOUSE_STYLE, HandoutSchema.parse(query), [], { of });

	const person = (name: string, more: Partial<Person> = {}): Person => ({
		id: randomUUID(),
		name,
		hands: 'right',
		at: PLAIN_CRAFT,
		...more,
	});

	it('has one page for each cable, two in large print, tagged, drawn as it is set', async () => {
		for (const [i, lesson] of lessons.entries()) {
			if (!isLong && i % 5 !== 0) continue;
			for (const [query, most] of [
				[{}, 1],
				[{ large: 'yes', paper: 'LETTER' }, 2],
				[{ hands: 'left-same', colour: 'yes' }, 1],
			] as const) {
				const asked = await task(lesson, query);
				const cables = (asked.documents[0] as { pages: readonly unknown[] }).pages.length;
				expect(cables).toBeGreaterThan(0);
				const { pages, mark, nodes } = await opened(await setDocuments(asked));
				expect(pages.length, `${lesson.title} ${JSON.stringify(query)}`).toBeLessThanOrEqual(cables * most);
				expect([mark?.Marked, headingJumps(nodes)]).toEqual([true, []]);
				if (i === 0) expect(pagesIn(await drawDocuments(asked))).toBe(pages.length);
			}
		}
	});

	it('is given to each of a class by name, in their hands, at their tool, in their print', async () => {
		const people = [
			person('Ada'),
			person('Bruno', { hands: 'left' }),
			person('Cleo', { at: 'loom' }),
			person('Dora', { large: true }),
			person('Emil', { hands: 'left-as-right' }),
			person('Gone', { left: true }),
		];
		const asked = await task(lessons[0]!, { steps: '4' }, { ...newClass('Thursday'), people });
		// Ada and Emil get the same.
		expect(asked.documents).toHaveLength(4);
		const { pages } = await opened(await setDocuments(asked));
		const heads = pages.map(({ text }) => text.replace(/ +/g, ' ').slice(0, 90));
		expect(heads.filter((head) => head.startsWith('First rope')).map((head) => head.slice(31))).toEqual([
			expect.stringMatching(/^right-handed Ada C4F/),
			expect.stringMatching(/^left-handed, the same fabric Bruno C4F/),
			expect.stringMatching(/^at the pegs Cleo C4F/),
			expect.stringMatching(/^right-handed Dora C4F/),
			expect.stringMatching(/^right-handed Emil C4F/),
		]);
	});

	it('has rows once more in the language of whoever has one', async () => {
		const people = [person('Ada'), person('Bodil', { language: 'da' }), person('Emil')];
		const asked = await task(lessons[0]!, { steps: '3.4' }, { ...newClass('Thursday'), people });
		expect(asked.copies).toEqual([
			{ of: 0, name: 'Ada' },
			{ of: 1, name: 'Bodil' },
			{ of: 0, name: 'Emil' },
		]);
		const { pages } = await opened(await setDocuments(asked));
		const danish = pages.map(({ text }) => text.includes('kryds 4 m mod venstre'));
		expect(danish.filter(Boolean)).toHaveLength(1);
		expect(pages[danish.indexOf(true)]!.text).toContain('Bodil');
	});

	it('has the teacher’s logo at its head, and the words of their English but not in what they wrote', async () => {
		const id = randomUUID();
		const jpeg = await sharp({ create: { width: 40, height: 20, channels: 3, background: '#24556b' } })
			.jpeg()
			.toBuffer();
		const own = lessons[0]!.steps.map((step) =>
			step.kind === 'crossing' ? { ...step, note: noteOf('Grey, in two colours.') } : step,
		);
		const asked = await onePageTask(
			{ ...lessons[0]!, steps: own },
			{ ...DEFAULT_HOUSE_STYLE, logo: { id, width: 40, height: 20 } },
			HandoutSchema.parse({ english: 'us' }),
			[],
			{ photos: new Map([[id, { jpeg }]]) },
		);
		const { pages, nodes } = await opened(await setDocuments(asked));
		expect(nodes.filter((n) => n.alt === 'Logo')).toHaveLength(pages.length);
		expect(pages[0]!.text).toContain('Grey, in two colours.');
		expect(inEnglishAll({ kind: 'text', text: 'two colours' }, 'us')).toEqual({ kind: 'text', text: 'two colors' });
	});

	it('is made for each in the room, as many as there are', async () => {
		const lesson = {
			...lessons[0]!,
			plan: { ...lessons[0]!.plan, learners: 6, room: { left: 2, large: 0, otherYarn: 0, at: {} } },
		};
		const { copies, documents } = await task(lesson, { room: 'yes' });
		expect([copies.length, documents.length]).toEqual([6, 2]);
		const full = { ...lesson, plan: { ...lesson.plan, learners: 50 } };
		expect((await task(full, { room: 'yes' })).copies).toHaveLength(2);
	});

	it('is made for everybody of a class of 60, in two files', async () => {
		const people = Array.from({ length: 60 }, (_, i) => person(`Learner ${i + 1}`));
		const of = { ...newClass('Thursday'), people: [person('Gone', { left: true }), ...people] };
		const first = await task(lessons[0]!, {}, of);
		const rest = await task(lessons[0]!, { from: '40' }, of);
		const named = (given: readonly Person[]) => given.map(({ name }) => ({ of: 0, name }));
		expect(first.copies).toEqual(named(people.slice(0, 40)));
		expect(rest.copies).toEqual(named(people.slice(40)));
	});
});
