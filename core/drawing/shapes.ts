/**
 * What every drawing is made of: a flat list of shapes with a depth and concrete
 * colours. Screen, print and files only render the list, in its order; nothing
 * in it needs a style sheet, a filter or a variable.
 */

import type { StitchNumber } from '../crossing/index.ts';

interface ShapeBase {
	/** Greater is nearer the viewer; lists come sorted by it. */
	readonly depth: number;
	/** What the shape belongs to, such as `strand`, `needle` or `tag`. */
	readonly role: string;
	readonly stitch?: StitchNumber;
	readonly opacity?: number;
}

export interface PathShape extends ShapeBase {
	readonly kind: 'path';
	/** SVG path data, absolute commands. */
	readonly d: string;
	readonly fill?: string;
	readonly stroke?: string;
	readonly width?: number;
	readonly cap?: 'butt' | 'round';
	readonly dash?: readonly number[];
	/** Turned left to right within a drawing of this width. */
	readonly flipped?: number | undefined;
}

export interface CircleShape extends ShapeBase {
	readonly kind: 'circle';
	readonly cx: number;
	readonly cy: number;
	readonly r: number;
	readonly fill: string;
	readonly stroke?: string;
	readonly width?: number;
	readonly dash?: readonly number[];
}

export interface TextShape extends ShapeBase {
	readonly kind: 'text';
	readonly x: number;
	/** Baseline. */
	readonly y: number;
	readonly text: string;
	readonly size: number;
	readonly fill: string;
	readonly anchor: 'start' | 'middle' | 'end';
	readonly face: 'sans' | 'serif';
	/** A border of this colour behind the letters keeps them legible over strands. */
	readonly halo?: string;
}

export type Shape = PathShape | CircleShape | TextShape;

/** Where an upper strand covers a lower one, in the drawing's own units. */
export interface CrossPoint {
	readonly upper: StitchNumber;
	readonly lower: StitchNumber;
	readonly x: number;
	readonly y: number;
}

export interface Drawing {
	readonly width: number;
	readonly height: number;
	/** Where the picture begins, counted down from the top of what it is a part of; 0 when left out. */
	readonly top?: number;
	readonly shapes: readonly Shape[];
	/** The whole drawing in words, for those who do not see it. */
	readonly label: string;
	readonly crossPoints: readonly CrossPoint[];
}

/** Numbers in path data: two decimals are finer than any screen or printer here. */
export const num = (v: number): string => String(Math.round(v * 100) / 100);

export const byDepth = (shapes: readonly Shape[]): readonly Shape[] => [...shapes].sort((a, b) => a.depth - b.depth);
