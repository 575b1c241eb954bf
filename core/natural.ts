/** Names in the order in which people look for them: C4F before C10F, whatever their capitals. */

const PARTS = /\d+|\D+/g;

const partsOf = (name: string): readonly string[] => name.toLowerCase().match(PARTS) ?? [];

/** For sorting. Collators of the platform take tens of milliseconds to wake up, for names of a few signs. */
export function naturally(a: string, b: string): number {
	const [ours, theirs] = [partsOf(a), partsOf(b)];
	for (const [i, mine] of ours.entries()) {
		const other = theirs[i];
		if (other === undefined) return 1;
		const [n, m] = [Number(mine), Number(other)];
		const apart = Number.isNaN(n) || Number.isNaN(m) ? (mine < other ? -1 : mine > other ? 1 : 0) : n - m;
		if (apart !== 0) return apart;
	}
	if (ours.length < theirs.length) return -1;
	return a < b ? -1 : a > b ? 1 : 0;
}
