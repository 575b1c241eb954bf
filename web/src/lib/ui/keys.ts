/** The keys that are heard, and where. */

export interface KeyHelp {
	readonly keys: readonly string[];
	readonly does: string;
}
export interface KeyGroup {
	readonly title: string;
	/** The pages on which they are heard. */
	readonly on: RegExp;
	readonly all: readonly KeyHelp[];
}

export const KEY_HELP: readonly KeyGroup[] = [
	{
		title: 'On show',
		on: /\/show$/,
		all: [
			{ keys: ['Page ↓', 'N'], does: 'The next step' },
			{ keys: ['→'], does: 'Questions: the answer, and then the next one' },
			{ keys: ['Page ↑'], does: 'The step before' },
			{ keys: ['←', '→'], does: 'Move by move; from step to step where there are no moves' },
			{ keys: ['B', '.'], does: 'Black, and back' },
			{ keys: ['F'], does: 'Full screen' },
		],
	},
	{
		title: 'With your hands',
		on: /^\/stage\/own/,
		all: [
			{ keys: ['1', '2', '…'], does: 'Choose so many loops at the tip' },
			{ keys: ['F', 'B'], does: 'To a cable needle in front, at the back' },
			{ keys: ['S', 'R'], does: 'Slip to the other needle; back again' },
			{ keys: ['K', 'P'], does: 'Knit, purl the next' },
			{ keys: ['Y'], does: 'The yarn to the other side' },
			{ keys: ['⌫'], does: 'Undo the last move' },
		],
	},
	{
		title: 'How to work it',
		on: /^\/stage$|\/show$/,
		all: [
			{ keys: ['←', '→'], does: 'One move back, one move on' },
			{ keys: ['Home', 'End'], does: 'To the start, to the end of the moves' },
			{ keys: ['P'], does: 'Play the moves, or pause' },
			{ keys: ['L'], does: 'Repeat one move' },
			{ keys: ['X'], does: 'To the next moment at which stitches cross' },
			{ keys: ['V'], does: 'Front, above, the other side' },
			{ keys: ['F'], does: 'Full screen' },
		],
	},
	{
		title: 'In a chart',
		on: /^\/swatches\/[^/]+$/,
		all: [
			{ keys: ['←', '↑', '→', '↓'], does: 'From cell to cell; with Shift more are chosen' },
			{ keys: ['K', 'P'], does: 'The chosen cells as knit, as purl' },
			{ keys: ['X'], does: 'Cross here' },
			{ keys: ['C', 'V', 'M'], does: 'Copy a box, put a copy here, or move it here' },
			{ keys: ['R'], does: 'The box once more beside it' },
			{ keys: ['+', '-', '0'], does: 'Larger, smaller, all of it' },
		],
	},
	{
		title: 'Knit it',
		on: /\/needles$/,
		all: [
			{ keys: ['Space', 'Enter', '↑'], does: 'The row is finished' },
			{ keys: ['↓', '⌫'], does: 'One row back' },
		],
	},
	{
		title: 'In lessons, swatches and Settings',
		on: /^\/(lessons|swatches|style)/,
		all: [
			{ keys: ['Ctrl', 'Z'], does: 'Undo' },
			{ keys: ['Ctrl', 'Shift', 'Z'], does: 'Redo' },
		],
	},
	{
		title: 'Everywhere',
		on: /^/,
		all: [
			{ keys: ['/'], does: 'Find a crossing by any name, or by a sentence' },
			{ keys: ['?'], does: 'Show these keys' },
		],
	},
];
