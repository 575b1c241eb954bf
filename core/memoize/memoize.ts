/** Keeps what was made of something by its content, so that the same is made once. */

import QuickLRU from 'quick-lru';
import type { Pieces } from '../pieces/index.ts';

export interface Memoized<A extends readonly unknown[], R> {
	(...args: A): R;
	/** Whether it is remembered. */
	knows(...args: A): boolean;
	/** Remembers what was made of these elsewhere, such as in a worker: it must be what `make` gives. */
	keep(value: R, ...args: A): void;
	/** The same, made in pieces where it is not remembered: by `making`, which gives what `make` would. */
	inPieces(making: (...args: A) => Pieces<R>, ...args: A): Pieces<R>;
}

/**
 * `make`, remembered for the last `most` keys. What it gives must be plain data that nobody changes,
 * and hang on nothing but the key. Nothing private gets from one teacher to another by it: who asks with
 * the same key has the same content in hand.
 */
export function memoize<A extends readonly unknown[], R extends object | string>(
	most: number,
	keyOf: (...args: A) => string,
	make: (...args: A) => R,
): Memoized<A, R> {
	const known = new QuickLRU<string, R>({ maxSize: most });
	const keep = (value: R, key: string): R => {
		known.set(key, value);
		return value;
	};
	return Object.assign(
		(...args: A): R => {
			const key = keyOf(...args);
			return known.get(key) ?? keep(make(...args), key);
		},
		{
			knows: (...args: A): boolean => known.has(keyOf(...args)),
			keep: (value: R, ...args: A): void => void keep(value, keyOf(...args)),
			*inPieces(making: (...args: A) => Pieces<R>, ...args: A): Pieces<R> {
				const key = keyOf(...args);
				return known.get(key) ?? keep(yield* making(...args), key);
			},
		},
	);
}

/** A number for each object, the same as long as it lives: a key for what is itself kept. */
export function numbered(): (object: object) => number {
	const numbers = new WeakMap<object, number>();
	let next = 0;
	return (object) => {
		const known = numbers.get(object);
		if (known !== undefined) return known;
		numbers.set(object, (next += 1));
		return next;
	};
}
