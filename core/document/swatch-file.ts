/** A swatch as a file of rows, and files of anybody's read as a swatch: by what stands in them, whole or not at all. */

import { CRAFT_IDS, PLAIN_CRAFT } from '../craft/index.ts';
import { LANGUAGE_IDS, LANGUAGE_TITLES, type LanguageId } from '../language/index.ts';
import { readGlossary, readRows, SCHOOL_IDS } from '../notation/index.ts';
import { fail, ok, type Result } from '../result.ts';
import { firstIssue, type Original, type Swatch, SWATCH_FORMAT, SwatchSchema } from '../schema/index.ts';
import { castOnNeeded, SCOPES, SWATCH_LIMITS, TWISTS } from '../swatch/index.ts';
import { thousands } from '../thousands.ts';

/** Remarks at the head of a file of rows, each told only where it is not what is usual. */
const HEAD = {
	craft: { word: 'Craft', among: CRAFT_IDS, usual: PLAIN_CRAFT },
	school: { word: 'Names', among: [...SCHOOL_IDS, 'any'], usual: 'any' },
	twist: { word: 'Twisted rows', among: TWISTS, usual: TWISTS[0] },
	layers: { word: 'Crosses', among: SCOPES, usual: SCOPES[0] },
} as const;
const SETTINGS = Object.keys(HEAD) as (keyof typeof HEAD)[];

const ROUND = 'Join in the round';
const FLAT = 'Work back and forth';

/** Before each line of a pattern in another language, as it was written. */
const originalHead = (id: LanguageId): string => `# In ${LANGUAGE_TITLES[id]}: `;

/** Its rows as plain text, with all that they start from but the title. `readSwatchFile` reads it back equal. */
export function swatchAsText(swatch: Swatch): string {
	const head = SETTINGS.flatMap((key) => {
		const value = swatch[key] ?? HEAD[key].usual;
		return value === HEAD[key].usual ? [] : [`# ${HEAD[key].word}: ${value}`];
	});
	const before =
		swatch.original?.text.split('\n').map((line) => `${originalHead(swatch.original!.language)}${line}`) ?? [];
	const lines = [
		...head,
		...before,
		`Cast on ${swatch.castOn} sts`,
		swatch.shape === 'round' ? ROUND : FLAT,
		swatch.text,
	];
	return `${lines.join('\n')}\n`;
}

export interface SwatchFile {
	/** A whole swatch, or its rows only, which leave what they do not tell as it is. */
	readonly kind: 'swatch' | 'rows';
	readonly swatch: Swatch;
}

const refuse = (what: string, todo: string): Result<never> =>
	fail({ code: 'file', what, todo: `${todo} Nothing was changed.` });

const OTHER_FILES: readonly (readonly [RegExp, string])[] = [
	[/^\s*(?:<\?xml|<svg|<!doctype|<html)/i, 'a picture or a page'],
	[/^%PDF/, 'a PDF'],
	[/^(?:sep=.\n)?"?row"?,"?side"?,/i, 'a chart as a table, and rows cannot be read from it'],
	// eslint-disable-next-line no-control-regex -- what marks a file that is no text
	[/[\u0000-\u0008\u000e-\u001f\ufffd]/, 'no text'],
];

/**
 * What stands in a file, put upon `onto`: a swatch as it was written here, or rows as anybody writes them. The name of
 * the file says nothing, line ends may be any. A cast-on that rows do not tell is worked out from them. `glossary`: the teacher's own lines.
 */
export function readSwatchFile(content: string, onto: Swatch, glossary: string): Result<SwatchFile> {
	const text = content.replace(/^\ufeff/, '').replaceAll(/\r\n?/g, '\n');
	if (text.trim() === '') return refuse('The file is empty.', 'Choose the one that holds the rows.');
	for (const [looks, what] of OTHER_FILES)
		if (looks.test(text)) return refuse(`The file is ${what}.`, 'Choose a file of rows, or a swatch as JSON.');
	if (/^\s*(?:\{|\[\s*[{\]])/.test(text)) return readJson(text);
	return readText(text, onto, glossary);
}

function readJson(text: string): Result<SwatchFile> {
	let data: unknown;
	try {
		data = JSON.parse(text);
	} catch {
		return refuse('The file is JSON that is cut off.', 'Choose a complete file.');
	}
	const format = (data as { readonly format?: unknown }).format;
	if (format !== SWATCH_FORMAT.name) {
		const [, other] = /^pond-loop\/([a-z-]{1,30})$/.exec(String(format)) ?? [];
		if (other === 'export') return refuse('The file holds a whole account.', 'Bring it back on your account page.');
		return refuse(
			other ? `The file holds a ${other}, and no swatch.` : 'The file is JSON, but no swatch.',
			'Choose another.',
		);
	}
	const checked = SwatchSchema.safeParse(data);
	return checked.success
		? ok({ kind: 'swatch', swatch: checked.data })
		: refuse(`The swatch in the file cannot be read: ${firstIssue(checked.error)}`, 'Choose another.');
}

const CAST_ON = /^(?:cast[ -]?on|co)[ :]+(\d{1,5})(?: ?(?:sts?|stitch(?:es)?|pegs?|needles?))?\.?$/i;
const IN_ROUND = /^join(?:ed)? (?:to work )?in the round\.?$/i;
const IN_FLAT = /^work(?:ed)? (?:back and forth|flat)\.?$/i;

function readText(text: string, onto: Swatch, glossary: string): Result<SwatchFile> {
	let rest = text.replace(/\n$/, '');
	const take = (line: RegExp): RegExpExecArray | undefined => {
		const end = rest.includes('\n') ? rest.indexOf('\n') : rest.length;
		const found = line.exec(rest.slice(0, end));
		if (found) rest = rest.slice(end + 1);
		return found ?? undefined;
	};
	const told: Record<string, unknown> = {};
	for (const key of SETTINGS) {
		const { word, among } = HEAD[key];
		const said = new RegExp(`^# ${word}: ([a-z-]{1,40})$`).exec(rest.split('\n', 1)[0]!)?.[1];
		if (said === undefined || !(among as readonly string[]).includes(said)) continue;
		told[key] = said;
		rest = rest.slice(rest.indexOf('\n') + 1);
	}
	const original = originalIn(rest);
	if (original) rest = rest.split('\n').slice(original.text.split('\n').length).join('\n');
	const castOn = take(CAST_ON)?.[1];
	const shape = take(IN_ROUND) ? 'round' : take(IN_FLAT) ? 'flat' : undefined;
	// With its head it is a file of ours, in which what goes unsaid is as usual.
	if (castOn !== undefined && shape)
		for (const key of SETTINGS) told[key] ??= onto[key] === undefined ? undefined : HEAD[key].usual;
	const rows = readRows(rest, {
		school: (told['school'] ?? onto.school) as Swatch['school'],
		among: onto.schools,
		glossary: readGlossary(glossary),
	});
	const isAlone = castOn !== undefined && shape;
	if (!isAlone && rows.rows.every((row) => row.items.every((item) => item.kind === 'unknown')))
		return refuse('The file has no rows that can be read.', 'Write a row as “Row 3: p3, C8F, p3”.');
	const next: Swatch = {
		...onto,
		...told,
		shape: shape ?? rows.shape?.shape ?? onto.shape,
		castOn: 0,
		text: rest,
		original,
	};
	const needed = castOn === undefined ? castOnNeeded(rows, next) : Number(castOn);
	const checked = SwatchSchema.safeParse({ ...next, castOn: needed ?? onto.castOn });
	if (checked.success) return ok({ kind: 'rows', swatch: checked.data });
	const most = `A file of rows has at most ${thousands(SWATCH_LIMITS.text)} characters.`;
	return refuse(firstIssue(checked.error), rest.length > SWATCH_LIMITS.text ? most : 'Correct it there.');
}

/** The pattern in another language, of which each line at the head of a file is a remark. */
function originalIn(text: string): Original | undefined {
	const language = LANGUAGE_IDS.find((id) => text.startsWith(originalHead(id)));
	if (!language) return undefined;
	const head = originalHead(language);
	const lines = text.split('\n');
	const end = lines.findIndex((line) => !line.startsWith(head));
	return {
		language,
		text: lines
			.slice(0, end < 0 ? lines.length : end)
			.map((line) => line.slice(head.length))
			.join('\n'),
	};
}
