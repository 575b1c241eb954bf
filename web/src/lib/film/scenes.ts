/** A demonstration on its way from move to move: which picture stands in which frame. No screen, no files. */

import type { Drawing } from '@pond-loop/core/drawing';

export interface Scenes {
	readonly title: string;
	/** Moves. */
	readonly last: number;
	/** The picture at a move, or on its way between two. */
	readonly draw: (at: number) => Drawing;
	readonly caption: (step: number) => string;
	readonly ink: string;
	readonly paper: string;
}

export const FILM = { width: 1280, height: 720, rate: 25 } as const;
/** Frames at the beginning, on the way to each move, and of rest on it. */
const OPENING = 20;
const MOVING = 28;
const RESTING = 22;
/** The longest demonstration that becomes a film; longer ones nobody watches to their end. */
export const MOST_MOVES = 120;

export const framesOf = ({ last }: Pick<Scenes, 'last'>): number => OPENING + last * (MOVING + RESTING);

export interface Moment {
	/** Between two moves while it is on its way. */
	readonly at: number;
	/** The move that is told. */
	readonly step: number;
}

/** Slow at both ends, as hands are. */
const eased = (t: number): number => t * t * (3 - 2 * t);

/** What stands in frame `k`, from 0. */
export function momentOf(k: number): Moment {
	if (k < OPENING) return { at: 0, step: 0 };
	const step = Math.floor((k - OPENING) / (MOVING + RESTING)) + 1;
	const within = (k - OPENING) % (MOVING + RESTING);
	return { at: within < MOVING ? step - 1 + eased((within + 1) / MOVING) : step, step };
}

export const isSame = (a: Moment | undefined, b: Moment): boolean => a?.at === b.at && a.step === b.step;
