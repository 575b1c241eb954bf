/** A text in another language in English: line by line, each with what it says. What is not understood is a problem, and nothing is half read. */

import type { Problem, Span } from '../result.ts';
import { countSaid, nameInEnglish, rowInEnglish, sentenceInEnglish, type Written } from './english.ts';
import type { LanguageId, Term } from './language.ts';
import { languageOf, looksLike } from './languages.ts';
import { narrow, tokensOf, type TermToken } from './vocabulary.ts';

export interface LineInEnglish extends Span {
	/** As it was typed. */
	readonly text: string;
	readonly english: string;
}

export interface TextInEnglish {
	/** All lines; a title or a note is a comment in it. */
	readonly english: string;
	readonly lines: readonly LineInEnglish[];
	readonly problems: readonly (Problem & { readonly at: Span })[];
}

/**
 * A teacher's own lines, each that is not read as English and is read in the language put in English, below the line as it
 * was typed. `isRead`: whether a line is read as it stands.
 */
export function glossaryInEnglish(
	language: LanguageId,
	glossary: string,
	isRead: (line: string) => boolean,
): { readonly text: string; readonly problems: TextInEnglish['problems'] } {
	const problems: (Problem & { at: Span })[] = [];
	let from = 0;
	const lines = glossary.split('\n').map((line) => {
		const at = from;
		from += line.length + 1;
		if (line.trim() === '' || isRead(line)) return line;
		const { english, problems: wrong } = lineInEnglish(language, line, new Map());
		problems.push(...wrong.map((p) => ({ ...p, at: { from: at + p.at.from, to: at + p.at.to } })));
		return wrong.length > 0 ? line : `# ${languageOf(language).title}: ${line.trim()}\n${english}`;
	});
	return { text: lines.join('\n'), problems };
}

/** The name of a crossing in English: `2/2 LC` for “6 M nach links verzopfen”. */
export const nameFrom = (language: LanguageId, text: string): Written =>
	nameInEnglish(tokensOf(languageOf(language), text));

/** A sentence of one crossing in English. */
export const sentenceFrom = (language: LanguageId, text: string): Written =>
	sentenceInEnglish(tokensOf(languageOf(language), text));

export interface ReadingInEnglish {
	/** The language that the text looks like, where that is known already. */
	readonly looks?: LanguageId | 'en' | undefined;
	/** Names that mean a crossing besides those that the text defines, such as those of a teacher's own lines. */
	readonly names?: readonly string[];
}

/** A pattern in English. Total; linear in the text. */
export function inEnglish(
	language: LanguageId,
	whole: string,
	{ looks = looksLike(whole), names: more = [] }: ReadingInEnglish = {},
): TextInEnglish {
	const lines: LineInEnglish[] = [];
	const problems: (Problem & { at: Span })[] = [];
	let from = 0;
	if (looks !== undefined && looks !== language) {
		const what = `This looks like ${looks === 'en' ? 'English' : languageOf(looks).title}.`;
		problems.push({ code: 'other-language', what, todo: 'Choose the language of the text.', at: { from: 0, to: 0 } });
	}
	const names = new Map([...more.map((name) => [name.toLowerCase(), name] as const), ...namesIn(language, whole)]);
	for (const text of whole.split('\n')) {
		const at = { from, to: from + text.length };
		from = at.to + 1;
		const { english, problems: wrong } = lineInEnglish(language, text, names);
		problems.push(...wrong.map((p) => ({ ...p, at: { from: at.from + p.at.from, to: at.from + p.at.to } })));
		lines.push({ ...at, text, english });
	}
	return { english: lines.map((l) => l.english).join('\n'), lines, problems };
}

const has = (tokens: readonly TermToken[], ...terms: readonly Term[]): boolean =>
	tokens.some((t) => t.kind === 'term' && terms.includes(t.term));

/** Terms that ask hands for something; a line with none of them is a title or a note. */
const ASKS: readonly Term[] = [
	'knit',
	'purl',
	'cn',
	'cross',
	'asTheyStand',
	'repeat',
	'slip',
	'castOn',
	'bindOff',
	'k2tog',
	'p2tog',
];

/** Names that lines of the text define by sentences, in small letters, each with the name that stands for it in English. */
function namesIn(id: LanguageId, whole: string): ReadonlyMap<string, string> {
	const names = new Map<string, string>();
	for (const line of whole.split('\n')) {
		const colon = narrow(line).indexOf(':');
		if (colon < 1 || !has(tokensOf(languageOf(id), line.slice(colon + 1)), 'cn')) continue;
		if (has(tokensOf(languageOf(id), line.slice(0, colon), true), 'row', 'round', 'RS', 'WS')) continue;
		names.set(line.slice(0, colon).trim().toLowerCase(), englishName(id, line.slice(0, colon)));
	}
	return names;
}

/** A name that says which crossing it is in English, or as it was typed. */
function englishName(id: LanguageId, typed: string): string {
	const name = nameFrom(id, typed);
	return name.problems.length === 0 && name.english ? name.english : typed.trim();
}

function lineInEnglish(id: LanguageId, text: string, names: ReadonlyMap<string, string>): Written {
	const language = languageOf(id);
	if (text.trim() === '') return { english: '', problems: [] };
	if (/^\s*(?:#|\/\/|--)/.test(text)) return { english: text, problems: [] };
	const colon = narrow(text).indexOf(':');
	const body = colon < 0 ? text : text.slice(colon + 1);
	const shifted = (written: Written, by: number): Written => ({
		...written,
		problems: written.problems.map((p) => ({ ...p, at: { from: p.at.from + by, to: p.at.to + by } })),
	});
	const label = colon < 0 ? [] : tokensOf(language, text.slice(0, colon), true);
	if (colon >= 0 && has(label, 'row', 'round', 'RS', 'WS')) {
		const head = labelInEnglish(label);
		const said = shifted(bodyInEnglish(id, body, names), colon + 1);
		return { english: `${head.english}: ${said.english}`, problems: [...head.problems, ...said.problems] };
	}
	const tokens = tokensOf(language, body);
	if (colon >= 0 && has(tokens, 'cn')) {
		const said = shifted(sentenceInEnglish(tokens), colon + 1);
		const named = englishName(id, text.slice(0, colon));
		return { english: `${named}: ${said.english}`, problems: said.problems };
	}
	const whole = tokensOf(language, text, true);
	if (has(whole, 'repeat') && has(whole, 'row', 'round')) return repeatInEnglish(whole);
	if (has(whole, 'castOn') && !has(whole, 'cn', 'knit', 'purl')) return castOnInEnglish(whole);
	if (has(whole, 'bindOff')) return { english: 'Bind off.', problems: [] };
	if (!has(colon < 0 ? tokens : tokensOf(language, text), ...ASKS))
		return { english: `# ${text.trim()}`, problems: [] };
	return shifted(rowInEnglish(tokens, body, names), colon + 1);
}

/** Words that have no place among those of `used`, each as a problem. */
const strangeIn = (
	tokens: readonly TermToken[],
	used: readonly Term[],
	where: string,
	todo: string,
): (Problem & { at: Span })[] =>
	tokens.flatMap((t) => {
		if ((t.kind === 'number' && !t.more) || t.kind === 'mark' || (t.kind === 'term' && used.includes(t.term)))
			return [];
		const said = t.kind === 'number' ? countSaid(t) : t.text;
		const what = `“${said}” is not understood ${where}.`;
		return [{ code: 'language', what, todo, at: { from: t.from, to: t.to } }];
	});

/** Instructions, or “as row 2”. */
function bodyInEnglish(id: LanguageId, body: string, names: ReadonlyMap<string, string>): Written {
	const language = languageOf(id);
	const tokens = tokensOf(language, body);
	const isAs = has(tokens, 'as');
	if (!isAs) return has(tokens, 'cn') ? rowWithSentence(tokens, body, names) : rowInEnglish(tokens, body, names);
	const rows = tokensOf(language, body, true);
	const numbers = rows.flatMap((t) => (t.kind === 'number' ? [t.value] : []));
	const problems = strangeIn(rows, AS_ROW, 'here', 'Write “as row 2”.');
	const [first, last] = numbers;
	if (first === undefined)
		problems.push({
			code: 'language',
			what: 'This does not say as which row.',
			todo: 'Write the number of the row.',
			at: { from: 0, to: body.length },
		});
	return {
		english: `as row${last === undefined ? '' : 's'} ${first ?? ''}${last === undefined ? '' : `-${last}`}`,
		problems,
	};
}
const AS_ROW: readonly Term[] = ['as', 'row', 'round', 'filler', 'to', 'and', 'RS', 'WS', 'work'];

/** A row in which a crossing is said in a sentence: its clauses go on as far as stitches come from the cable needle. */
function rowWithSentence(tokens: readonly TermToken[], body: string, names: ReadonlyMap<string, string>): Written {
	const isComma = (t: TermToken): boolean => t.kind === 'mark' && (t.text === ',' || t.text === ';');
	const isCn = (t: TermToken): boolean => t.kind === 'term' && t.term === 'cn';
	const begins = tokens.slice(0, tokens.findIndex(isCn)).findLastIndex(isComma) + 1;
	const lastCn = tokens.findLastIndex(isCn);
	const behind = tokens.slice(lastCn).findIndex(isComma);
	const ends = behind < 0 ? tokens.length : lastCn + behind;
	const parts = [
		rowInEnglish(tokens.slice(0, begins), body, names),
		sentenceInEnglish(tokens.slice(begins, ends)),
		rowInEnglish(tokens.slice(ends), body, names),
	];
	return {
		english: parts
			.map((p) => p.english)
			.filter((p) => p !== '')
			.join(', '),
		problems: parts.flatMap((p) => p.problems),
	};
}

/** `Row 3 (RS)`, `Rows 2, 4 and 6`, `All WS rows`. */
function labelInEnglish(tokens: readonly TermToken[]): Written {
	const numbers: string[] = [];
	let isRange = false;
	for (const token of tokens) {
		if (token.kind === 'number') {
			if (isRange) numbers[numbers.length - 1] += `-${token.value}`;
			else numbers.push(String(token.value));
			isRange = false;
		} else if (token.kind === 'mark') isRange ||= token.text === '-' || token.text === '–';
		else if (token.kind === 'term' && token.term === 'to') isRange = true;
	}
	const problems = strangeIn(tokens, LABEL, 'in the label of a row', 'Begin the row with its number.');
	const word = has(tokens, 'round') ? 'Rnd' : 'Row';
	const side = has(tokens, 'RS') ? 'RS' : has(tokens, 'WS') ? 'WS' : undefined;
	const parity = has(tokens, 'even') ? 'even' : has(tokens, 'odd') ? 'odd' : undefined;
	if (has(tokens, 'every') && numbers.length === 0 && parity && !side)
		return { english: `All ${parity} rows`, problems };
	if (has(tokens, 'every') && numbers.length === 0)
		return { english: `All ${side ?? ''} rows`.replace('  ', ' '), problems };
	const every = has(tokens, 'every') ? ` and all ${side ?? parity ?? 'other'} rows` : '';
	const many = numbers.length > 1 || numbers.some((n) => n.includes('-'));
	const list = numbers.length > 1 ? `${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}` : (numbers[0] ?? '');
	if (list === '') return { english: side ? `${side}` : 'Next row', problems };
	return { english: `${word}${many ? 's' : ''} ${list}${every}${side && !every ? ` (${side})` : ''}`, problems };
}
const LABEL: readonly Term[] = ['row', 'round', 'RS', 'WS', 'every', 'even', 'odd', 'and', 'filler', 'to', 'from'];

/** `rep rows 1-4 once more`. */
function repeatInEnglish(tokens: readonly TermToken[]): Written {
	const counts = tokens.filter((t) => t.kind === 'number');
	const numbers = counts.map(countSaid);
	const problems = strangeIn(
		tokens.filter((t) => t !== counts.at(-1)),
		REPEAT,
		'in a line that repeats rows',
		'Say which rows, and how often.',
	);
	const isRange = tokens.some(
		(t) => (t.kind === 'mark' && /^[-–]$/.test(t.text)) || (t.kind === 'term' && (t.term === 'to' || t.term === 'and')),
	);
	const [first, second] = numbers;
	const last = isRange ? second : first;
	const rest = numbers.slice(isRange ? 2 : 1);
	const times = has(tokens, 'twice') ? '2' : has(tokens, 'once') ? '1' : rest[0];
	if (has(tokens, 'these') && first !== undefined) {
		const again = numbers[1];
		const often = again === undefined ? '' : again === '1' ? ' once more' : ` ${again} times more`;
		return { english: `Rep these ${first} rows${often}`, problems };
	}
	const rows = first === last ? `row ${first}` : `rows ${first}-${last}`;
	const often = times === undefined ? '' : times === '1' ? ' once more' : ` ${times} times more`;
	return { english: `Rep ${rows}${often}`, problems };
}
const REPEAT: readonly Term[] = [
	'repeat',
	'these',
	'row',
	'round',
	'times',
	'more',
	'once',
	'twice',
	'filler',
	'to',
	'from',
	'and',
	'stitch',
];

function castOnInEnglish(tokens: readonly TermToken[]): Written {
	const [many, ...rest] = tokens.filter((t) => t.kind === 'number');
	const strange = tokens.filter((t) => t.kind === 'unknown' || rest.some((number) => number === t));
	return {
		english: `Cast on ${many ? countSaid(many) : ''} sts${has(tokens, 'inTheRound') ? ' and join in the round' : ''}`,
		problems: strange.map((t) => ({
			code: 'language',
			what: t.kind === 'number' ? 'There is one number too many here.' : `We don’t know “${t.text}” in patterns.`,
			todo: 'Write it in other words.',
			at: { from: t.from, to: t.to },
		})),
	};
}
