/** Takes out of a text the lines that are longer or deeper than anything that is read. */

import type { Span } from '../../result.ts';
import type { RowProblem } from './items.ts';
import { ROWS_LIMITS } from './limits.ts';
import { thousands } from '../../thousands.ts';

const OPENS = new Set(['[', '(', '{']);
const CLOSES = new Set([']', ')', '}']);

/** Where the first bracket stands that is too deep; brackets in remarks do not count. */
function tooDeep(line: string): number | undefined {
	let depth = 0;
	for (let i = 0; i < line.length; i++) {
		const sign = line[i]!;
		if (sign === '#' || line.startsWith('//', i) || line.startsWith('--', i)) return undefined;
		if (OPENS.has(sign)) depth += 1;
		else if (CLOSES.has(sign)) depth = Math.max(0, depth - 1);
		if (depth > ROWS_LIMITS.depth) return i;
	}
	return undefined;
}

/**
 * The text with each such line as a remark of the same length, so that places stay what they are,
 * and a problem for each. Linear.
 */
export function bounded(text: string): { readonly text: string; readonly problems: readonly RowProblem[] } {
	const problems: RowProblem[] = [];
	let from = 0;
	const lines = text.split('\n').map((line) => {
		const at: Span = { from, to: from + line.length };
		from = at.to + 1;
		const problem = problemOf(line, at);
		if (!problem) return line;
		problems.push(problem);
		return '#'.padEnd(line.length - (line.endsWith('\r') ? 1 : 0)) + (line.endsWith('\r') ? '\r' : '');
	});
	return problems.length > 0 ? { text: lines.join('\n'), problems } : { text, problems };
}

function problemOf(line: string, at: Span): RowProblem | undefined {
	if (line.length > ROWS_LIMITS.line) {
		const [is, most] = [line.length, ROWS_LIMITS.line].map(thousands);
		return {
			code: 'long-line',
			what: `This line has ${is} characters; a line has at most ${most}. It is not worked.`,
			todo: 'Write each row on its own line, or use brackets for what repeats.',
			at,
		};
	}
	const deep = tooDeep(line);
	if (deep === undefined) return undefined;
	return {
		code: 'deep',
		what: `Here a bracket is inside ${ROWS_LIMITS.depth} others; the line is not worked.`,
		todo: 'Close brackets, or write the inner part out.',
		at: { from: at.from + deep, to: at.from + deep + 1 },
	};
}
