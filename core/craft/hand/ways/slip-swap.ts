import { workInTurn, yarnFirst } from '../yarn.ts';
import { takenFrom, yarnAfter, type HandWay } from './hand-way.ts';

export const slipAndSwap: HandWay = {
	id: 'slip-swap',
	title: 'Slip and swap',
	when: 'Without a cable needle. A good habit: slip for a right lean, pinch for a left lean. Then the other needle always goes behind.',
	applies: 'Two groups. More than 6 stitches take practice.',
	needs: 'Both needles, a thumb to pinch with, and yarn that grips.',
	holders: 0,
	caution: 'The far group hangs loose for a moment. Try it on a scrap first. Beginners should use a cable needle.',
	two: (c, g) => {
		const yarn = yarnFirst(c);
		const right = g.lean === 'right';
		return [
			...yarn,
			{ kind: 'slip', count: c.n },
			{
				kind: 'enter',
				needle: 'left',
				skip: g.far.length,
				count: g.tip.length,
				from: right ? 'behind' : 'front',
			},
			{ kind: 'withdraw', needle: 'right', count: c.n },
			{ kind: 'recapture', needle: 'right', count: g.far.length, from: right ? 'front' : 'behind' },
			{ kind: 'return', from: 'right', count: g.far.length },
			...workInTurn(c, takenFrom([...g.far, ...g.tip], 'left'), yarnAfter(yarn)).moves,
		];
	},
};
