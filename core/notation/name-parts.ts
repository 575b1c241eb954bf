/**
 * The parts of a typed name: what the grammar recognised, where it stands, and
 * what it says. Shown to people decoding a name, whether or not the whole can be read.
 */

import type { SyntaxNode, Tree } from '@lezer/common';
import type { Span } from '../result.ts';
import { parser } from './names.parser.js';
import { numberIn, sayingSigns, WORDS } from './name-words.ts';

export interface NamePart extends Span {
	/** As it stands in the name; a number that is written as a word stands here in figures. */
	readonly text: string;
	/** The part's term in the grammar, such as `Count` or `RightCross`. */
	readonly term: string;
	/** What it says; `undefined` when it is no part of any name. */
	readonly says?: string;
}

const SHAPES = { Slash: 'slash', Total: 'total', TotalLook: 'total-look', TwistWord: 'twist' } as const;

/** The shapes of names: what stands in which order, before any school says what it means. */
export type NameShape = (typeof SHAPES)[keyof typeof SHAPES];

export interface NameParts {
	/** Which shape of name it is, when the grammar accepts the whole of it. */
	readonly shape: NameShape | undefined;
	readonly understood: readonly NamePart[];
	/** Parts that are not known at all, or known and out of place (those have `says`). */
	readonly unknown: readonly NamePart[];
	/** Set when the text stops before a name is complete. */
	readonly endsEarly: boolean;
}

/** Splits a text into the parts of a name. Total: any string gives an answer. */
export function nameParts(text: string): NameParts {
	const said = sayingSigns(text);
	const tree: Tree = parser.parse(said);
	const understood: NamePart[] = [];
	const unknown: NamePart[] = [];
	let broken = false;
	let endsEarly = false;
	let covered = 0;
	const leave = (to: number, from: number): void => {
		// Text in no token at all, such as "$" or "½", is skipped by the parser without a leaf.
		const gap = said
			.slice(to, from)
			.replaceAll(/[()[\]]/g, ' ')
			.trim();
		if (gap) unknown.push({ ...trimmed(text, to, from), text: gap, term: 'Unknown' });
	};
	const visit = (node: SyntaxNode): void => {
		if (node.type.isError) {
			broken = true;
			if (node.from === node.to && node.from >= said.length) endsEarly = true;
		}
		if (node.firstChild) {
			for (let child: SyntaxNode | null = node.firstChild; child; child = child.nextSibling) visit(child);
			return;
		}
		if (node.from === node.to || node.type.isTop) return;
		leave(covered, node.from);
		covered = node.to;
		const written = text.slice(node.from, node.to);
		const value = node.name === 'Count' ? numberIn(written) : undefined;
		const part = { from: node.from, to: node.to, text: value === undefined ? written : String(value), term: node.name };
		const says = saysOf(part);
		if (says && !node.type.isError && !node.parent?.type.isError) understood.push({ ...part, says });
		else unknown.push(says ? { ...part, says } : part);
	};
	visit(tree.topNode);
	leave(covered, text.replace(/[\s:.;]+$/, '').length);
	const found = tree.topNode.firstChild?.name ?? '';
	const shape = found in SHAPES ? SHAPES[found as keyof typeof SHAPES] : undefined;
	const whole = !broken && unknown.length === 0;
	return { shape: whole ? shape : undefined, understood, unknown, endsEarly: endsEarly && unknown.length === 0 };
}

function trimmed(text: string, from: number, to: number): Span {
	const gap = text.slice(from, to);
	return { from: from + gap.length - gap.trimStart().length, to: to - gap.length + gap.trimEnd().length };
}

function saysOf(part: NamePart): string | undefined {
	if (part.term === 'Count') return 'stitches';
	if (part.term === 'Stroke') return 'over';
	if (part.term === 'Comma') return 'and';
	return WORDS.get(part.text.toLowerCase())?.says;
}
