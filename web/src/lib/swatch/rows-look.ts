/** What the editor of rows looks like: the page's own colours and faces, in both themes. */

import { EditorView } from '@codemirror/view';

const tinted = (parts: number): string => `color-mix(in oklab, var(--color-secondary) ${parts}%, transparent)`;

export const look = EditorView.theme({
	'&': {
		background: 'transparent',
		color: 'var(--color-base-content)',
		fontSize: '0.92rem',
		height: '100%',
		outline: 'none',
	},
	'&.cm-focused': { outline: 'none', boxShadow: '0 2px 0 var(--color-secondary)' },
	'.cm-scroller': { fontFamily: 'var(--font-mono)', lineHeight: '1.65' },
	'.cm-content': { caretColor: 'var(--color-base-content)' },
	'.cm-cursor': { borderLeft: '2px solid var(--color-base-content)' },
	// What does not fit goes on in the next line, set in.
	'.cm-line': { paddingLeft: '2.2em', textIndent: '-2em' },
	'.cm-gutters': { background: 'transparent', border: '0', color: 'var(--color-neutral)' },
	'.cm-counts': { minWidth: '2.2em' },
	'.cm-counts .cm-gutterElement': { paddingRight: '0.2em', textAlign: 'right' },
	'.cm-placeholder': { color: 'var(--color-neutral)', whiteSpace: 'pre-wrap' },
	'.cm-activeLine': { background: tinted(8) },
	'.cm-chosen': { background: tinted(18) },
	'.cm-crossing': { borderBottom: `2px solid ${tinted(55)}`, color: 'var(--color-secondary)', fontWeight: '700' },
	'.cm-selectionBackground, &.cm-focused > .cm-scroller > .cm-selectionLayer .cm-selectionBackground': {
		background: tinted(26),
	},
	// The usual pictures of waves would come from a data address, which the content policy keeps out.
	'.cm-lintRange': { backgroundImage: 'none', textDecoration: 'underline wavy', textUnderlineOffset: '3px' },
	'.cm-lintRange-error': { textDecorationColor: 'var(--color-error)' },
	'.cm-lintRange-warning': { textDecorationColor: 'var(--color-warning)' },
	'.cm-lintRange-info': { textDecoration: 'none' },
	'.cm-matchingBracket': { background: tinted(26), outline: 'none' },
	'.cm-tooltip, .cm-panels': {
		background: 'var(--color-base-100)',
		border: '1px solid var(--color-base-300)',
		borderRadius: '0.6rem',
		color: 'var(--color-base-content)',
		fontFamily: 'var(--font-sans)',
		overflow: 'hidden',
	},
	'.cm-tooltip-autocomplete > ul > li': { padding: '0.15rem 0.6rem' },
	'.cm-tooltip-autocomplete > ul > li[aria-selected]': {
		background: 'var(--color-secondary)',
		color: 'var(--color-secondary-content)',
	},
	'.cm-completionDetail': { fontStyle: 'normal', opacity: '0.85' },
	'.cm-picture': { maxWidth: '20rem', padding: '0.6rem 0.8rem' },
	'.cm-picture p': { margin: '0.3rem 0 0' },
	'.cm-diagnostic': { maxWidth: '26rem', padding: '0.4rem 0.7rem' },
	'.cm-diagnosticAction': {
		background: 'var(--color-secondary)',
		borderRadius: '1rem',
		color: 'var(--color-secondary-content)',
		cursor: 'pointer',
		padding: '0.1rem 0.7rem',
	},
	'.cm-foldPlaceholder': { background: 'var(--color-base-200)', border: '0', color: 'inherit', padding: '0 0.4em' },
});
