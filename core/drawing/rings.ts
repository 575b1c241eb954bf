/**
 * Which of `count` things lie in a ring with others: each of those is reached from itself by going
 * from lower to upper. Quadratic at most.
 */
export function inRing(count: number, edges: readonly (readonly [lower: number, upper: number])[]): readonly boolean[] {
	const uppers = Array.from({ length: count }, (): number[] => []);
	for (const [lower, upper] of edges) uppers[lower]!.push(upper);
	return uppers.map((_, start) => {
		const seen = new Set<number>();
		const open = [...uppers[start]!];
		for (let next = open.pop(); next !== undefined; next = open.pop()) {
			if (next === start) return true;
			if (seen.has(next)) continue;
			seen.add(next);
			open.push(...uppers[next]!);
		}
		return false;
	});
}
