import { craftOf, demonstrate, hand, type Craft } from '@pond-loop/core/craft';
import { twoGroups } from '@pond-loop/core/crossing';
import type { AnyMove } from '@pond-loop/core/handling';
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from '@pond-loop/core/schema';
import { describe, expect, it } from 'vitest';
import { HandsModel } from './hands-model.svelte';
import { targetAt } from './target-at';

const left22 = twoGroups({ front: 2, behind: 2, lean: 'left' });
function modelOf(crossing = left22, demonstrates: HouseStyle['demonstrates'] = 'right', craft: Craft = hand) {
	let done: readonly AnyMove[] = [];
	const style = { ...DEFAULT_HOUSE_STYLE, demonstrates };
	const shown = demonstrate(crossing, demonstrates);
	return new HandsModel(() => ({ shown, craft, style, begun: 'loops', done, change: (moves) => (done = moves) }));
}
/** Does what is offered in these words. */
function say(model: HandsModel, words: string): void {
	const offer = [...model.taking, ...model.besides].find((o) => model.says(o) === words);
	expect(
		offer,
		`${words}, of ${[...model.taking, ...model.besides].map((o) => model.says(o)).join('; ')}`,
	).toBeDefined();
	model.act(offer!.moves);
}
const knit = (model: HandsModel, count: number): void => {
	for (let i = 0; i < count; i++) expect(model.key('k')).toBe(true);
};

describe('own hands without a view', () => {
	it('chooses from the tip to the loop that is pressed, and pressed again none', () => {
		const model = modelOf();
		model.choose(3);
		expect(model.chosen).toEqual([1, 2, 3]);
		model.choose(3);
		expect(model.chosen).toEqual([]);
		expect([model.key('2'), model.chosen]).toEqual([true, [1, 2]]);
		expect([model.key('Escape'), model.chosen]).toEqual([true, []]);
	});

	it('chooses one loop alone, then all from it to the next that is pressed, either way, and then anew', () => {
		const model = modelOf();
		model.chooseOne(3);
		expect(model.chosen).toEqual([3]);
		model.chooseOne(4);
		expect(model.chosen).toEqual([3, 4]);
		model.chooseOne(4);
		model.chooseOne(2);
		expect(model.chosen).toEqual([2, 3, 4]);
		model.chooseOne(2);
		model.chooseOne(2);
		expect(model.chosen).toEqual([]);
	});

	it('does not choose what is worked, nor loops on two things together', () => {
		const model = modelOf();
		knit(model, 1);
		model.chooseOne(1);
		expect([model.chosen, model.refused]).toEqual([[], 'Stitch 1 is worked. Undo moves to change it.']);
		model.choose(3);
		say(model, 'To a cable needle, in front');
		expect(model.chooseBetween(3, 4)).toBe(false);
		model.chooseOne(3);
		model.chooseOne(4);
		expect(model.chosen).toEqual([4]);
	});

	it('crosses with a cable needle by keys', () => {
		const model = modelOf();
		model.choose(2);
		model.go('front');
		knit(model, 4);
		expect([model.now.isAsked, model.now.differs]).toEqual([true, []]);
	});

	it.each(['right', 'left-mirrored'] as const)(
		'crosses without one, loops 3 and 4 behind two others, %s',
		(demonstrates) => {
			const model = modelOf(left22, demonstrates);
			const [own, other] = demonstrates === 'right' ? ['right', 'left'] : ['left', 'right'];
			model.chooseOne(3);
			model.chooseOne(4);
			say(model, `The ${own} needle in, from behind`);
			say(model, `Pinch, and draw the ${other} needle out of 4`);
			model.chooseOne(1);
			model.chooseOne(2);
			say(model, `Catch with the ${other} needle, in front`);
			model.chooseOne(3);
			model.chooseOne(4);
			say(model, `Back to the ${other} needle`);
			knit(model, 4);
			expect([model.now.isAsked, model.now.counts.tools, model.now.counts.mostLoose]).toEqual([true, 0, 2]);
		},
	);

	it('says why what is asked for cannot be done, and does nothing', () => {
		const model = modelOf();
		model.go('front');
		expect([model.refused, model.done]).toEqual(['Choose stitches first: press the last one to move.', []]);
		model.chooseOne(3);
		model.go('front');
		expect(model.refused).toBe('These stitches can’t go there. Choose from the tip of the needle.');
		expect(model.key('q')).toBe(false);
	});

	it('takes moves back and does them again', () => {
		const model = modelOf();
		knit(model, 3);
		model.takeBack(1);
		expect([model.done.length, model.undone.length]).toEqual([1, 2]);
		model.again();
		expect([model.done.length, model.undone.length]).toEqual([2, 1]);
		knit(model, 1);
		expect(model.undone).toEqual([]);
		expect([model.key('Backspace'), model.done.length]).toEqual([true, 2]);
	});

	it('plays a way on from where the hands are, and says so where there is none', () => {
		const model = modelOf();
		model.choose(2);
		model.go('front');
		model.showMe();
		expect([model.now.isAsked, model.playFrom, model.hint]).toEqual([true, 1, false]);
		const wrong = modelOf();
		knit(wrong, 1);
		wrong.showMe();
		expect([wrong.done.length, wrong.hint, wrong.on?.from]).toEqual([1, true, 0]);
	});
});

describe('where a loop that is let go is taken', () => {
	const target = (x: number, y: number, demonstrates: 'right' | 'left-mirrored' = 'right') =>
		targetAt({ x, y }, { model: modelOf(left22, demonstrates), places: [], held: 1 });

	it('is in front below the needles, behind above them, and a needle at either side', () => {
		expect([target(50, 80), target(50, 5), target(80, 30), target(10, 30)]).toEqual(['front', 'back', 'right', 'left']);
		// Hands that are mirrored have their tip at the other side.
		expect([target(80, 30, 'left-mirrored'), target(10, 30, 'left-mirrored')]).toEqual(['left', 'right']);
	});

	it('is on a loom the peg under the finger, less the loops that are carried before it', () => {
		const model = modelOf(left22, 'right', craftOf('loom'));
		model.chosen = [1, 2];
		const places = [1, 2, 3, 4].map((stitch) => ({ stitch, x: 90 - 20 * stitch, y: 40 }));
		const on = (held: number) => targetAt({ x: 12, y: 40 }, { model, places, held });
		expect([on(1), on(2)]).toEqual([craftOf('loom').byHand!.placeTarget!(4), craftOf('loom').byHand!.placeTarget!(3)]);
	});
});
