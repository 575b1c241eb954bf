/** How far a part of a row goes on: `to end`, `to last 2 sts`, `around`, `3 times`, `x2`, `twice`, `to marker`. */

import { NUMBER_WORDS, numberIn } from '../name-words.ts';

/** How far something goes on. */
export type Until =
	| {
			readonly kind: 'times';
			readonly times: number;
			/** “rep from * 3 times”, without “more”: so many in all is what some patterns mean by it. */
			readonly inAll?: number;
	  }
	| { readonly kind: 'end' }
	/** Until so many stitches are left. */
	| { readonly kind: 'last'; readonly left: number }
	/** To the next marker. */
	| { readonly kind: 'marker' };

const TIMES: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3 };
/** A number of stitches as a word, without how often. */
export const wordNumber = (text: string | undefined): number | undefined =>
	text === undefined ? undefined : numberIn(text);

/** Words that are looked at together. */
export const MOST_UNTIL = 6;

/** A number in figures or as a word, how often among them: `twice`. */
export const numberOf = (said: string): number => TIMES[said] ?? numberIn(said) ?? Number(said);

/** Each way of saying how far, and what it means; the first that fits counts. None of them after a star where `alone`. */
const WAYS: readonly {
	readonly said: RegExp;
	readonly alone?: true;
	readonly means: (words: RegExpExecArray, afterStar: boolean) => Until | undefined;
}[] = [
	{ said: /^(?:to|until) (?:the )?end(?: of (?:the )?(?:row|rnd|round))?(?= |$)/, means: () => ({ kind: 'end' }) },
	{
		said: /^(?:around|across|all)(?: (?:the )?(?:row|rnd|round|sts|stitches))?(?= |$)/,
		means: () => ({ kind: 'end' }),
	},
	{ said: /^(?:every|each) (?:st|stitch)(?= |$)/, means: () => ({ kind: 'end' }) },
	{
		said: new RegExp(
			`^(?:to|until) (?:the )?last(?: (\\d{1,4}|${NUMBER_WORDS.join('|')}))? ?(?:sts?|stitch|stitches)?(?= |$)`,
		),
		means: ([, left]) => ({ kind: 'last', left: left === undefined ? 1 : numberOf(left) }),
	},
	{
		// “p last 3 sts”: so many, and not up to them.
		said: /^(?:the )?last (\d{1,4}|[a-z]{3,6}) ?(?:sts?|stitch|stitches)(?= |$)/,
		alone: true,
		means: ([, many = '']) => (Number.isInteger(numberOf(many)) ? { kind: 'times', times: numberOf(many) } : undefined),
	},
	{ said: /^(?:to|until) (?:the )?(?:next )?(?:m|marker)(?= |$)/, means: () => ({ kind: 'marker' }) },
	{ said: /^(?:x|×) ?(\d{1,4})(?= |$)/, means: timesIn },
	{ said: /^(\d{1,4}|one|two|three|four)(?: more)? (?:times?)(?: more)?(?= |$)/, means: timesIn },
	{ said: /^(once|twice|thrice)(?: more)?(?= |$)/, means: timesIn },
];

function timesIn([whole, said = '']: RegExpExecArray, afterStar: boolean): Until {
	const times = numberOf(said);
	if (!afterStar) return { kind: 'times', times };
	const inAll = /\bmore\b/.test(whole) ? {} : { inAll: times };
	return { kind: 'times', times: times + 1, ...inAll };
}

/** How far a phrase in small letters says that something goes on, and how many words say it; nothing when it does not. */
export function untilIn(
	phrase: string,
	afterStar: boolean,
): { readonly until: Until; readonly words: number } | undefined {
	for (const { said, alone, means } of WAYS) {
		const found = afterStar && alone ? null : said.exec(phrase);
		const until = found ? means(found, afterStar) : undefined;
		if (found && until) return { until, words: found[0].trim().split(' ').length };
	}
	return undefined;
}
