/** The language of rows in the editor: colours, folding, completion, and the picture of a crossing on hover. */

import { autocompletion, type CompletionContext, type CompletionResult } from '@codemirror/autocomplete';
import {
	foldNodeProp,
	foldService,
	HighlightStyle,
	LanguageSupport,
	LRLanguage,
	syntaxHighlighting,
	syntaxTree,
} from '@codemirror/language';
import { StateEffect, StateField, type EditorState, type Extension, type Range } from '@codemirror/state';
import { Decoration, EditorView, gutter, GutterMarker, hoverTooltip, type DecorationSet } from '@codemirror/view';
import { styleTags, tags } from '@lezer/highlight';
import { collection } from '@pond-loop/core/collection';
import { drawRibbon, type Light, toSvg } from '@pond-loop/core/drawing';
import { type Item, rowsParser, SCHOOLS, STITCH_KINDS, wordsFor } from '@pond-loop/core/notation';
import type { Checked } from '@pond-loop/core/swatch';

const language = LRLanguage.define({
	name: 'rows',
	parser: rowsParser.configure({
		props: [
			styleTags({
				Label: tags.labelName,
				Comment: tags.comment,
				'RepeatRows RepeatFrom Star': tags.controlKeyword,
				'CastOn BindOff Setting': tags.meta,
				Glossary: tags.definition(tags.variableName),
				'Open Close': tags.bracket,
			}),
			// A bracketed part is folded to its brackets; what it says stays in the text.
			foldNodeProp.add({ Group: (node) => ({ from: node.from + 1, to: Math.max(node.from + 1, node.to - 1) }) }),
		],
	}),
	languageData: { commentTokens: { line: '#' }, closeBrackets: { brackets: ['(', '['] } },
});

const colours = HighlightStyle.define([
	{ tag: tags.labelName, color: 'var(--color-neutral)' },
	{ tag: tags.comment, color: 'var(--color-neutral)', fontStyle: 'italic' },
	{ tag: tags.controlKeyword, color: 'var(--color-secondary)', fontWeight: '700' },
	{ tag: tags.meta, color: 'var(--color-neutral)', fontWeight: '700' },
	{ tag: tags.definition(tags.variableName), color: 'var(--color-accent)' },
	{ tag: tags.bracket, color: 'var(--color-secondary)', fontWeight: '700' },
]);

/** A remark in a line of its own heads the lines up to the next one. */
const sections = foldService.of((state, from, to) => {
	const line = state.doc.lineAt(from);
	if (!/^\s*#/.test(line.text)) return null;
	let end = line.number;
	while (end < state.doc.lines && !/^\s*(#|$)/.test(state.doc.line(end + 1).text)) end += 1;
	return end > line.number ? { from: to, to: state.doc.line(end).to } : null;
});

/** What was made of the text; the editor shows it as soon as it is known. */
export const setChecked = StateEffect.define<Checked>();
export const checkedField = StateField.define<Checked | undefined>({
	create: () => undefined,
	update: (now, tr) => tr.effects.find((e) => e.is(setChecked))?.value ?? now,
});

/** Rows that the chart has chosen. */
export const setChosen = StateEffect.define<{ from: number; to: number } | undefined>();

function flat(items: readonly Item[]): Item[] {
	return items.flatMap((i) => (i.kind === 'group' || i.kind === 'star' ? flat(i.items) : [i]));
}

const crossingMark = Decoration.mark({ class: 'cm-crossing' });
const chosenLine = Decoration.line({ class: 'cm-chosen' });

/** Crossings underlined; they are moved along while the text is typed, until it was read again. */
const marks = StateField.define<DecorationSet>({
	create: () => Decoration.none,
	update(now, tr) {
		for (const effect of tr.effects) {
			if (!effect.is(setChecked)) continue;
			const { rows, swatch } = effect.value;
			if (swatch.text.length !== tr.newDoc.length) continue;
			const found: Range<Decoration>[] = rows.rows.flatMap((line) =>
				flat(line.items).flatMap((i) => (i.kind === 'crossing' ? [crossingMark.range(i.from, i.to)] : [])),
			);
			return Decoration.set(found, true);
		}
		return tr.docChanged ? now.map(tr.changes) : now;
	},
	provide: (field) => EditorView.decorations.from(field),
});

const chosen = StateField.define<DecorationSet>({
	create: () => Decoration.none,
	update(now, tr) {
		for (const effect of tr.effects) {
			if (!effect.is(setChosen)) continue;
			const at = effect.value;
			if (!at || at.from > tr.newDoc.length) return Decoration.none;
			return Decoration.set([chosenLine.range(tr.newDoc.lineAt(at.from).from)]);
		}
		return tr.docChanged ? now.map(tr.changes) : now;
	},
	provide: (field) => EditorView.decorations.from(field),
});

class CountMarker extends GutterMarker {
	readonly #text: string;
	constructor(text: string) {
		super();
		this.#text = text;
	}
	override eq(other: CountMarker): boolean {
		return other.#text === this.#text;
	}
	override toDOM(): Node {
		return document.createTextNode(this.#text);
	}
}

/** Stitches after each row, beside its line. */
const counts = gutter({
	class: 'cm-counts',
	lineMarker(view, block) {
		const checked = view.state.field(checkedField, false);
		if (!checked || checked.swatch.text.length !== view.state.doc.length) return null;
		const row = rowsByLine(checked).get(block.from);
		return row === undefined ? null : new CountMarker(row);
	},
	lineMarkerChange: (update) => update.transactions.some((t) => t.effects.some((e) => e.is(setChecked))),
	initialSpacer: () => new CountMarker('000'),
});

const byLine = new WeakMap<Checked, Map<number, string>>();

function rowsByLine(checked: Checked): Map<number, string> {
	const known = byLine.get(checked);
	if (known) return known;
	const made = new Map<number, string>();
	for (const row of checked.worked.rows) {
		// A bullet may stand before its label.
		const from = checked.swatch.text.lastIndexOf('\n', row.line.from - 1) + 1;
		if (!made.has(from)) made.set(from, row.ok ? String(row.stitches.length) : '!');
	}
	byLine.set(checked, made);
	return made;
}

/** The crossing at a place of the text. */
function crossingAt(state: EditorState, pos: number): Extract<Item, { kind: 'crossing' }> | undefined {
	const checked = state.field(checkedField, false);
	const line = checked?.rows.rows.find((r) => r.from <= pos && pos <= r.to);
	const found = line && flat(line.items).find((i) => i.from <= pos && pos <= i.to && i.kind === 'crossing');
	return found?.kind === 'crossing' ? found : undefined;
}

const pictures = (light: () => Light): Extension =>
	hoverTooltip((view, pos) => {
		const item = crossingAt(view.state, pos);
		if (!item) return null;
		return {
			pos: item.from,
			end: item.to,
			create: () => {
				const dom = document.createElement('div');
				dom.className = 'cm-picture';
				const drawing = drawRibbon(item.crossing, { light: light() });
				// The core escapes every text and number that it writes into the SVG.
				dom.innerHTML = toSvg(drawing, Math.min(150, drawing.width));
				const words = wordsFor(item.crossing);
				const says = document.createElement('p');
				says.textContent = `${item.name}: ${words.title}; ${words.look}; ${words.hands}`;
				dom.append(says);
				return { dom };
			},
		};
	});

const PHRASES = [
	['knit the knits and purl the purls', 'every stitch as it stands'],
	['to end', 'up to the end of the row'],
	['to last 2 sts', 'until two are left'],
	['rep from * to end', 'from the star on, over and over'],
	['rep rows 1-8', 'these rows again'],
	['pm', 'place a marker'],
	['sm', 'slip the marker'],
] as const;

function complete(context: CompletionContext): CompletionResult | null {
	const node = syntaxTree(context.state).resolveInner(context.pos, -1);
	if (node.name === 'Comment' || node.name === 'Label' || node.name === 'Glossary') return null;
	const word = context.matchBefore(/[\w/]+$/);
	if (!word && !context.explicit) return null;
	const from = word?.from ?? context.pos;
	const checked = context.state.field(checkedField, false);
	const school = checked?.swatch.school ?? 'slash';
	const used = [...new Set((checked?.worked.rows ?? []).flatMap((r) => r.crossings.map((c) => c.name)))];
	const write = SCHOOLS[school === 'any' ? 'slash' : school].write;
	const named = collection().flatMap((entry) => {
		const name = write(entry.crossing);
		return name ? [{ label: name, detail: entry.title, type: 'class' }] : [];
	});
	return {
		from,
		validFor: /^[\w/ ]*$/,
		options: [
			...used.map((label) => ({ label, detail: 'used here', type: 'class', boost: 2 })),
			...[...STITCH_KINDS.values()].map((k) => ({ label: k.id, detail: k.says, type: 'keyword', boost: 1 })),
			...PHRASES.map(([label, detail]) => ({ label, detail, type: 'text' })),
			...named.filter((n) => !used.includes(n.label)),
		],
	};
}

export const rowsLanguage = (light: () => Light): Extension => [
	new LanguageSupport(language),
	syntaxHighlighting(colours),
	sections,
	checkedField,
	marks,
	chosen,
	counts,
	pictures(light),
	autocompletion({ override: [complete], maxRenderedOptions: 40, icons: false }),
];
