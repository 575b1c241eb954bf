/** What is used of it; it brings no types of its own. */
declare module 'gifenc' {
	export type Colours = number[][];
	export function quantize(rgba: Uint8ClampedArray, most: number, options?: { format?: 'rgb444' | 'rgb565' }): Colours;
	export function applyPalette(rgba: Uint8ClampedArray, colours: Colours, format?: 'rgb444' | 'rgb565'): Uint8Array;
	export function GIFEncoder(): {
		writeFrame(
			indexed: Uint8Array,
			width: number,
			height: number,
			options: { palette?: Colours; delay?: number; repeat?: number },
		): void;
		finish(): void;
		bytes(): Uint8Array<ArrayBuffer>;
	};
}
