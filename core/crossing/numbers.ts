/** Stitch numbers in words and in short, with long runs drawn together. */

const RUN = 4;

/** Splits numbers into runs that go up by one: 3 4 1 2 becomes [3 4] [1 2]. */
function runsOf(numbers: readonly number[]): number[][] {
	const runs: number[][] = [];
	for (const number of numbers) {
		const last = runs.at(-1);
		if (last && number === last.at(-1)! + 1) last.push(number);
		else runs.push([number]);
	}
	return runs;
}

/** "1", "1 and 2", "1, 2 and 3"; from four neighbours on, "1 to 4". */
export function listNumbers(numbers: readonly number[]): string {
	if (numbers.length >= RUN && runsOf(numbers).length === 1) return `${numbers[0]} to ${numbers.at(-1)}`;
	if (numbers.length <= 1) return numbers.join('');
	return `${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}`;
}

/** "3 4 1 2"; runs longer than eight as "1–30". `between` stands between the numbers. */
export const shortNumbers = (numbers: readonly number[], between = ' '): string =>
	runsOf(numbers)
		.map((run) => (run.length > 2 * RUN ? `${run[0]}–${run.at(-1)}` : run.join(between)))
		.join(between);
