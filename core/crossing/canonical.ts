import { crossing, WORKS, type Crossing, type Passing, type Work } from './crossing.ts';
import { ok, fail, type Result } from '../result.ts';

/**
 * A crossing as one line of text: order, the pairs with the uppers, work. Two crossings are equal
 * exactly when their lines are. Such as `3 1 2 | 1>3 2>3 | k k p`.
 */
export const canonical = (c: Crossing): string =>
	`${c.order.join(' ')} | ${c.over.map(([u, l]) => `${u}>${l}`).join(' ')} | ${c.work.join(' ')}`;

/** Reads a canonical line back; refused with the reason when it is none, or no valid crossing. */
export function fromCanonical(line: string): Result<Crossing> {
	const parts = line.split('|').map((p) => p.trim());
	const words = (text: string): string[] => text.split(/\s+/).filter(Boolean);
	const work = words(parts[2] ?? '');
	const over = words(parts[1] ?? '').map((pair) => pair.split('>').map(Number));
	const known = work.every((w): w is Work => (WORKS as readonly string[]).includes(w));
	if (parts.length !== 3 || !known || over.some((p) => p.length !== 2)) {
		return fail({
			code: 'canonical',
			what: 'This line is not a crossing.',
			todo: 'A line looks like: 3 1 2 | 1>3 2>3 | k k p.',
		});
	}
	const made = crossing({
		order: words(parts[0]!).map(Number),
		over: over as unknown as Passing[],
		work: work as Work[],
	});
	return made.ok ? ok(made.value) : made;
}
