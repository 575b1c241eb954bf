import { describe, expect, it } from 'vitest';
import { change, redo, startHistory, undo, type History } from './index.ts';

const typed = (h: History<string>, place: string | undefined, ...texts: readonly string[]): History<string> =>
	texts.reduce((now, text) => change(now, text, place), h);

describe('what undo goes back through', () => {
	it('is one change for what is typed in one place, and another for the next place or none', () => {
		const h = typed(typed(typed(startHistory(''), 'title', 'a', 'ab'), 'note', 'ab1'), undefined, 'ab2', 'ab3');
		expect(h.past).toEqual(['', 'ab', 'ab1', 'ab2']);
		expect(change(h, h.now, 'title')).toBe(h);
	});

	it('goes back and forth, and forth no more once something else was typed', () => {
		const h = typed(startHistory(''), undefined, 'a', 'b');
		const back = undo(undo(h));
		expect([back.now, back.past, back.future]).toEqual(['', [], ['a', 'b']]);
		expect(undo(back)).toBe(back);
		const again = redo(back);
		expect([again.now, again.past, again.future]).toEqual(['a', [''], ['b']]);
		expect(change(again, 'c').future).toEqual([]);
		expect(redo(h)).toBe(h);
	});

	it('does not join what is typed after going back to what was typed before', () => {
		const h = typed(startHistory(''), 'title', 'a');
		expect(typed(redo(undo(h)), 'title', 'ab').past).toEqual(['', 'a']);
	});

	it('keeps the last 200 changes', () => {
		const many = Array.from({ length: 250 }, (_, i) => `${i + 1}`);
		const h = typed(startHistory('0'), undefined, ...many);
		expect([h.past.length, h.past[0], h.past.at(-1)]).toEqual([200, '50', '249']);
	});
});
