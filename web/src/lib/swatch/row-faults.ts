/** What is wrong with a row, said under the row itself; not under the one that is being typed. */

import { StateEffect, StateField, type EditorState, type Extension } from '@codemirror/state';
import { Decoration, EditorView, WidgetType, type DecorationSet } from '@codemirror/view';

export interface RowFault {
	/** Somewhere in the line of the row. */
	readonly at: number;
	readonly says: string;
}

/** What is wrong with the text as it is. */
export const setFaults = StateEffect.define<readonly RowFault[]>();
const setFocused = StateEffect.define<boolean>();

/** Faults that are shown under their rows; the list below the chart has all of them. */
const MOST = 40;

class FaultWidget extends WidgetType {
	readonly says: string;
	constructor(says: string) {
		super();
		this.says = says;
	}
	override eq(other: FaultWidget): boolean {
		return other.says === this.says;
	}
	toDOM(): HTMLElement {
		const line = document.createElement('div');
		line.className = 'cm-row-fault';
		line.textContent = this.says;
		return line;
	}
}

interface Faults {
	readonly faults: readonly RowFault[];
	readonly isFocused: boolean;
	readonly shown: DecorationSet;
}

function shownIn(state: EditorState, { faults, isFocused }: Pick<Faults, 'faults' | 'isFocused'>): DecorationSet {
	const typed = isFocused ? state.doc.lineAt(state.selection.main.head).number : 0;
	const ofLine = new Map<number, string[]>();
	for (const { at, says } of faults.slice(0, MOST)) {
		const { number, to } = state.doc.lineAt(Math.min(at, state.doc.length));
		if (number !== typed) ofLine.set(to, [...(ofLine.get(to) ?? []), says]);
	}
	return Decoration.set(
		[...ofLine].map(([to, says]) =>
			Decoration.widget({ widget: new FaultWidget(says.join(' ')), block: true, side: 1 }).range(to),
		),
		true,
	);
}

const field = StateField.define<Faults>({
	create: () => ({ faults: [], isFocused: false, shown: Decoration.none }),
	update(before, tr) {
		let { faults, isFocused } = before;
		if (tr.docChanged) faults = faults.map(({ at, says }) => ({ at: tr.changes.mapPos(at), says }));
		for (const effect of tr.effects) {
			if (effect.is(setFaults)) faults = effect.value;
			if (effect.is(setFocused)) isFocused = effect.value;
		}
		const isSame = faults === before.faults && isFocused === before.isFocused && !tr.selection;
		return isSame ? before : { faults, isFocused, shown: shownIn(tr.state, { faults, isFocused }) };
	},
	provide: (of) => EditorView.decorations.from(of, ({ shown }) => shown),
});

export const rowFaults: Extension = [
	field,
	EditorView.domEventHandlers({
		focus: (_, view) => view.dispatch({ effects: setFocused.of(true) }),
		blur: (_, view) => view.dispatch({ effects: setFocused.of(false) }),
	}),
	EditorView.baseTheme({
		'.cm-row-fault': {
			borderLeft: '3px solid var(--color-error)',
			color: 'var(--color-error)',
			fontFamily: 'var(--font-sans, inherit)',
			fontSize: '0.9em',
			fontWeight: '600',
			margin: '0 0 0.2rem 1.2rem',
			padding: '0 0.5rem',
			whiteSpace: 'normal',
		},
	}),
];
