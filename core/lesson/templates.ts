/** Lessons to begin from. */

import { twoGroups, type Crossing } from '../crossing/index.ts';
import { readName, type SchoolId, writtenIn } from '../notation/index.ts';
import { PLAIN_CRAFT } from '../craft/index.ts';
import { newSwatch, noteOf } from '../schema/index.ts';
import type { Level } from '../skill/index.ts';
import { crossingStep, type CompareStep, type CrossingStep, type Step, type TextStep } from '../step/index.ts';
import { DEFAULT_PLAN, type Lesson } from './schema.ts';
import { practiceSwatch, type PracticeWanted } from '../swatch/index.ts';
import { emptyLesson } from './edit.ts';

export interface Template {
	readonly id: string;
	readonly title: string;
	readonly says: string;
	/** `nextId` gives each step its own id. */
	readonly make: (nextId: () => string, school: SchoolId) => Lesson;
}

/** A rest between, in words for the class. */
export const restStep = (id: string): Step => ({
	id,
	kind: 'rest',
	note: noteOf('Needles down, shake out the hands, look at something far away.'),
});

/** Writes steps of one lesson in few words. */
class StepWriter {
	readonly steps: Step[] = [];
	readonly #nextId: () => string;
	readonly #school: SchoolId;

	constructor(nextId: () => string, school: SchoolId) {
		this.#nextId = nextId;
		this.#school = school;
	}

	text(kind: TextStep['kind'], text: string): this {
		this.steps.push({ id: this.#nextId(), kind, text: noteOf(text) });
		return this;
	}

	#asked(crossing: Crossing): CrossingStep['asked'] {
		return writtenIn(this.#school, crossing)!;
	}

	show(
		crossing: Crossing,
		note: string,
		more: { way?: string; mistake?: NonNullable<CrossingStep['view']>['mistake'] } = {},
	): this {
		const { way = 'off-holder', mistake } = more;
		const step = crossingStep(this.#nextId(), {
			asked: this.#asked(crossing),
			crossing,
			way,
			...(mistake ? { view: { mistake } } : {}),
		});
		this.steps.push({ ...step, note: noteOf(note) });
		return this;
	}

	compare(
		of: CompareStep['of'],
		crossing: Crossing,
		note: string,
		more: { way?: string; other?: string; asked?: CrossingStep['asked'] } = {},
	): this {
		const { way = 'off-holder', other, asked = this.#asked(crossing) } = more;
		this.steps.push({
			id: this.#nextId(),
			kind: 'compare',
			of,
			craft: PLAIN_CRAFT,
			asked,
			crossing,
			way,
			...(other ? { other } : {}),
			note: noteOf(note),
		});
		return this;
	}

	swatch(title: string, wanted: Partial<PracticeWanted> & Pick<PracticeWanted, 'cords'>, note: string): this {
		const all: PracticeWanted = { border: 3, ground: 3, repeats: 2, shape: 'flat', school: this.#school, ...wanted };
		const { castOn, text } = practiceSwatch(all);
		const swatch = newSwatch({ title, castOn, shape: all.shape, school: this.#school, text });
		this.steps.push({ id: this.#nextId(), kind: 'swatch', swatch, note: noteOf(note) });
		return this;
	}

	check(...checks: Extract<Step, { kind: 'check' }>['checks']): this {
		this.steps.push({ id: this.#nextId(), kind: 'check', checks, note: noteOf('') });
		return this;
	}

	rest(): this {
		this.steps.push(restStep(this.#nextId()));
		return this;
	}

	finish(...parts: Extract<Step, { kind: 'finish' }>['parts']): this {
		this.steps.push({ id: this.#nextId(), kind: 'finish', parts, note: noteOf('') });
		return this;
	}
}

const cross = (front: number, behind: number, lean: 'left' | 'right', purl = false): Crossing =>
	twoGroups({ front, behind, lean, ...(purl ? { behindWork: 'p' as const } : {}) });

function named(text: string): Crossing {
	const read = readName(text, 'slash');
	if (!read.ok) throw new Error(read.problems[0]!.what);
	return read.crossing;
}

const template = (
	id: string,
	title: string,
	says: string,
	level: Level,
	write: (w: StepWriter) => StepWriter,
): Template => ({
	id,
	title,
	says,
	make: (nextId, school) => ({
		...emptyLesson(title),
		plan: { ...DEFAULT_PLAN, level },
		steps: write(new StepWriter(nextId, school)).steps,
	}),
});

export const TEMPLATES: readonly Template[] = [
	template('first', 'First cable', 'One crossing, both leans, and a square to keep.', 'beginner', (w) =>
		w
			.text('opening', 'Today everybody crosses stitches, and sees that they do not run.')
			.show(cross(1, 1, 'left'), 'Slowly, twice. Say what the hands do, then what it looks like.')
			.show(cross(2, 2, 'left'), 'Three of the same in one row, for the hands’ memory.')
			.compare('leans', cross(2, 2, 'left'), 'Hold in front, it leans left; hold at the back, it leans right.')
			.rest()
			.swatch(
				'A square to keep',
				{ cords: [{ kind: 'rope', group: 2, lean: 'left' }], repeats: 2 },
				'Count after the first crossing row.',
			)
			.check('count', 'lean')
			.text('homework', 'Knit the square to its end. Bring it, mistakes and all.'),
	),
	template('no-holder', 'Without a cable needle', 'On a scrap, loops left hanging on purpose.', 'improver', (w) =>
		w
			.text('opening', 'A loop that hangs is not lost. We let some hang and look at them.')
			.show(cross(2, 2, 'right'), 'With a cable needle once more, so that all know what comes out.')
			.compare('ways', cross(2, 2, 'right'), 'Count moves, do not argue.', { way: 'off-holder', other: 'pinch' })
			.show(cross(2, 2, 'right'), 'On a scrap, in wool that grips. Pinch at the base.', { way: 'pinch' })
			.rest()
			.show(cross(2, 2, 'left'), 'The other hand’s turn.', { way: 'slip-swap' })
			.check('count', 'mount')
			.text('discussion', 'Who is quicker with, who without? Both are right.')
			.text('homework', 'Ten crossings each way on a scrap.'),
	),
	template('travelling', 'A cable that travels', 'Over purl background, there and back.', 'improver', (w) =>
		w
			.text('opening', 'The strand wanders, the background stays: the stitch behind is purled.')
			.show(cross(2, 2, 'left'), 'To warm the hands.')
			.show(cross(2, 1, 'left', true), 'Yarn forward before the first loop is touched.')
			.show(cross(2, 1, 'right', true), 'Back again.')
			.rest()
			.swatch(
				'A cable that travels',
				{ cords: [{ kind: 'zigzag', group: 2, steps: 4 }], repeats: 1 },
				'Each right-side row moves it by one.',
			)
			.check('count', 'gap')
			.text('homework', 'One more zigzag.'),
	),
	template('plait', 'A plait', 'Left and right in turn, and where am I.', 'improver', (w) =>
		w
			.text('opening', 'Three strands, two crossings, and never lost again.')
			.show(cross(2, 2, 'right'), 'The right two strands.')
			.show(cross(2, 2, 'left'), 'The left two strands.')
			.rest()
			.swatch(
				'A plait',
				{ cords: [{ kind: 'plait', group: 2 }], repeats: 2 },
				'Find the cable that crossed last, and count rows above it.',
			)
			.check('lean', 'count')
			.rest()
			.show(cross(2, 2, 'left'), 'Held on the wrong side: what shows, and how it is mended.', { mistake: 'wrong-side' })
			.text('homework', 'Finish the plait.'),
	),
	template('three-groups', 'Three groups', 'The centre stays, between or behind.', 'improver', (w) =>
		w
			.text('opening', 'The outer groups change places. Where does the middle go?')
			.show(cross(2, 2, 'left'), 'Two groups first.')
			.compare('leans', cross(2, 2, 'left'), 'Both leans, to be sure.')
			.show(cross(3, 3, 'left'), 'Wider: it pulls. Breathe.')
			.rest()
			.show(named('2/1/2 LC'), 'One cable needle, the centre goes back: it lies between.', { way: 'centre-returned' })
			.show(named('2/1/2 LC, centre behind'), 'Two cable needles: the centre lies behind both.', { way: 'two-holders' })
			.check('count', 'lean')
			.text('homework', 'One of each, and write down which is which.'),
	),
	template('names', 'Reading any pattern’s names', 'Abbreviations, traps and the glossary.', 'improver', (w) =>
		w
			.text('opening', 'The same name can mean two crossings. Today nobody guesses.')
			.show(cross(2, 2, 'left'), 'Say what is seen: 2 over 2, leaning left.')
			.compare(
				'readings',
				cross(2, 2, 'left'),
				'C4F: four stitches, or eight. Look into the glossary of the pattern.',
				{ asked: { text: 'C4F', school: 'total-front-back' } },
			)
			.text('discussion', 'Bring a pattern: which abbreviations does it use, and how do you know?')
			.rest()
			.show(cross(2, 1, 'right', true), 'T3B and 2/1 RPC are this one.')
			.check('lean')
			.text('homework', 'Write the glossary sentence for one name of your own pattern.'),
	),
	template('mending', 'Mending', 'Mistakes on purpose, and how they are put right.', 'improver', (w) =>
		w
			.text('opening', 'Today every mistake is made on purpose.')
			.show(cross(2, 2, 'left'), 'As it should be.')
			.show(cross(2, 2, 'left'), 'Held on the wrong side. Who sees it from the other side of the table?', {
				mistake: 'wrong-side',
			})
			.rest()
			.show(cross(2, 2, 'left'), 'The trailing leg: a tight stitch, crossed at its foot.', { mistake: 'wrong-leg' })
			.text('discussion', 'When is it worth mending, and when is it left?')
			.check('mount', 'lean')
			.text('homework', 'Drop one strand down four rows and work it up with a crochet hook.'),
	),
];
