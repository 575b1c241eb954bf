import type { Drawing, Shape, TextShape } from './shapes.ts';

const ANCHORS: Readonly<Record<TextShape['anchor'], TextShape['anchor']>> = {
	start: 'end',
	middle: 'middle',
	end: 'start',
};

/** A drawing turned left to right; its words stay legible. Turning twice gives the drawing back. */
export function mirrored(drawing: Drawing): Drawing {
	const { width } = drawing;
	const turn = (s: Shape): Shape => {
		switch (s.kind) {
			case 'path':
				return { ...s, flipped: s.flipped === undefined ? width : undefined };
			case 'circle':
				return { ...s, cx: width - s.cx };
			case 'text':
				return { ...s, x: width - s.x, anchor: ANCHORS[s.anchor] };
		}
	};
	return {
		...drawing,
		shapes: drawing.shapes.map(turn),
		crossPoints: drawing.crossPoints.map((p) => ({ ...p, x: width - p.x })),
	};
}
