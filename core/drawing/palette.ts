/**
 * Concrete colours for each light. Cords A to D differ in hue, in lightness (so
 * that they stay apart in grey) and in texture (strand.ts).
 */

export interface StrandColours {
	readonly body: string;
	readonly edge: string;
	/** Texture marks on the body. */
	readonly mark: string;
}

export interface ToolColours {
	readonly body: string;
	readonly light: string;
	readonly dark: string;
	readonly edge: string;
}

export interface Palette {
	/** Light on dark: outlines that must show take the body's colour. */
	readonly dark: boolean;
	readonly paper: string;
	readonly ink: string;
	readonly quiet: string;
	/** Cords A, B, C, D: they mean a cord and nothing else. */
	readonly cords: readonly [StrandColours, StrandColours, StrandColours, StrandColours];
	readonly ground: StrandColours;
	readonly yarn: StrandColours;
	/** The second one, where two are worked with. */
	readonly yarnTwo: StrandColours;
	readonly needle: ToolColours;
	/** The bed, the carriage and the hooks of a machine. */
	readonly metal: ToolColours;
	readonly holder: ToolColours;
	/** A tool or a loop seen further away. */
	readonly holderFar: ToolColours;
	readonly shadow: string;
	readonly risk: string;
	/** A cell of a chart, the lines between cells, and the marks of its ground. */
	readonly cell: string;
	readonly gridline: string;
	readonly groundMark: string;
	/** Sky to water, top to bottom. */
	readonly water: readonly [string, string, string];
	readonly ripple: string;
}

export type Light = 'day' | 'dusk' | 'print';

const day: Palette = {
	dark: false,
	paper: '#f7f2e6',
	ink: '#17322f',
	quiet: '#4d625c',
	cords: [
		{ body: '#e8704f', edge: '#8f2f1a', mark: '#f8b49f' },
		{ body: '#1f6895', edge: '#0b2f48', mark: '#0e4263' },
		{ body: '#efc25a', edge: '#8a6110', mark: '#ab7b1e' },
		{ body: '#472f6d', edge: '#261a40', mark: '#b7a6d6' },
	],
	ground: { body: '#d3ccb6', edge: '#978d71', mark: '#b3aa8e' },
	yarn: { body: '#55635c', edge: '#36423d', mark: '#6d7b74' },
	yarnTwo: { body: '#f3ead6', edge: '#8b7f62', mark: '#cfc3a6' },
	needle: { body: '#b98a52', light: '#dcb584', dark: '#8d6435', edge: '#5f4220' },
	metal: { body: '#a9b8b4', light: '#dde6e2', dark: '#748985', edge: '#3c514d' },
	holder: { body: '#e3a93a', light: '#f8d787', dark: '#b67d14', edge: '#6f4a05' },
	holderFar: { body: '#c7aa6a', light: '#ddc896', dark: '#a58848', edge: '#77622f' },
	shadow: '#14302c',
	risk: '#8a2f5e',
	cell: '#fdfaf2',
	gridline: '#ddd4bf',
	groundMark: '#857b60',
	water: ['#e9f2ec', '#d3e6df', '#b4d4cc'],
	ripple: '#86b3aa',
};

const dusk: Palette = {
	dark: true,
	paper: '#0f2023',
	ink: '#e8efe6',
	quiet: '#a9bcb4',
	cords: [
		{ body: '#ff9478', edge: '#5e2114', mark: '#ffc9b8' },
		{ body: '#3088c0', edge: '#08263b', mark: '#114c74' },
		{ body: '#fddd8c', edge: '#5c430c', mark: '#a8822a' },
		{ body: '#6d4dab', edge: '#1c1130', mark: '#cdbcf2' },
	],
	ground: { body: '#6d7a70', edge: '#2b3632', mark: '#55625a' },
	yarn: { body: '#c9d3c7', edge: '#3d4b46', mark: '#e1e8de' },
	yarnTwo: { body: '#8a7f66', edge: '#2c261a', mark: '#a89c80' },
	needle: { body: '#b78a57', light: '#d9b384', dark: '#7f5b31', edge: '#1e1409' },
	metal: { body: '#7c8f8c', light: '#b3c4c0', dark: '#566966', edge: '#0d1b1b' },
	holder: { body: '#efbd57', light: '#ffe2a0', dark: '#b07e1d', edge: '#231703' },
	holderFar: { body: '#8d7a4b', light: '#ab976a', dark: '#6c5a2f', edge: '#1b1507' },
	shadow: '#03090a',
	risk: '#ffa6cf',
	cell: '#14282b',
	gridline: '#2c474a',
	groundMark: '#8d9c91',
	water: ['#182f33', '#16292d', '#12383c'],
	ripple: '#2f5f63',
};

const print: Palette = {
	dark: false,
	paper: '#ffffff',
	ink: '#000000',
	quiet: '#333333',
	cords: [
		{ body: '#ffffff', edge: '#000000', mark: '#ffffff' },
		{ body: '#8c8c8c', edge: '#000000', mark: '#2e2e2e' },
		{ body: '#dedede', edge: '#000000', mark: '#000000' },
		{ body: '#4a4a4a', edge: '#000000', mark: '#ffffff' },
	],
	ground: { body: '#f4f4f4', edge: '#6b6b6b', mark: '#bdbdbd' },
	yarn: { body: '#6a6a6a', edge: '#222222', mark: '#999999' },
	yarnTwo: { body: '#ffffff', edge: '#222222', mark: '#dddddd' },
	needle: { body: '#e9e9e9', light: '#ffffff', dark: '#bcbcbc', edge: '#222222' },
	metal: { body: '#dddddd', light: '#ffffff', dark: '#aaaaaa', edge: '#222222' },
	holder: { body: '#cfcfcf', light: '#ffffff', dark: '#9a9a9a', edge: '#111111' },
	holderFar: { body: '#e4e4e4', light: '#f4f4f4', dark: '#c9c9c9', edge: '#777777' },
	shadow: '#999999',
	risk: '#000000',
	cell: '#ffffff',
	gridline: '#cccccc',
	groundMark: '#6b6b6b',
	water: ['#ffffff', '#ffffff', '#ffffff'],
	ripple: '#dddddd',
};

export const PALETTES: Readonly<Record<Light, Palette>> = { day, dusk, print };

/** A colour between two, `t` from 0 to 1, in plain RGB. Both in the form #rrggbb. */
export function blend(from: string, to: string, t: number): string {
	const channel = (colour: string, i: number): number => Number.parseInt(colour.slice(1 + 2 * i, 3 + 2 * i), 16);
	const mixed = [0, 1, 2].map((i) => Math.round(channel(from, i) + (channel(to, i) - channel(from, i)) * t));
	return `#${mixed.map((v) => v.toString(16).padStart(2, '0')).join('')}`;
}
