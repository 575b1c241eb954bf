/** A drawing on a canvas, for charts that are too large to stand in the page as elements. */

import type { Shape } from '@pond-loop/core/drawing';

const FONT = "600 %px 'Atkinson Hyperlegible Next', 'Segoe UI', sans-serif";

export function paintShapes(ctx: CanvasRenderingContext2D, shapes: readonly Shape[]): void {
	ctx.lineJoin = 'round';
	for (const s of shapes) {
		ctx.globalAlpha = s.opacity ?? 1;
		if (s.kind === 'text') {
			ctx.font = FONT.replace('%', String(s.size));
			ctx.textAlign = s.anchor === 'middle' ? 'center' : s.anchor;
			ctx.fillStyle = s.fill;
			ctx.fillText(s.text, s.x, s.y);
			continue;
		}
		const path = pathOf(s);
		if (s.fill && s.fill !== 'none') {
			ctx.fillStyle = s.fill;
			ctx.fill(path);
		}
		if (s.stroke) {
			ctx.strokeStyle = s.stroke;
			ctx.lineWidth = s.width ?? 1;
			ctx.lineCap = s.kind === 'path' ? (s.cap ?? 'butt') : 'butt';
			ctx.setLineDash([...(s.dash ?? [])]);
			ctx.stroke(path);
		}
	}
	ctx.globalAlpha = 1;
	ctx.setLineDash([]);
}

function pathOf(s: Exclude<Shape, { kind: 'text' }>): Path2D {
	if (s.kind === 'path' && s.flipped === undefined) return new Path2D(s.d);
	const path = new Path2D();
	if (s.kind === 'circle') path.arc(s.cx, s.cy, s.r, 0, 2 * Math.PI);
	else path.addPath(new Path2D(s.d), { a: -1, e: s.flipped! });
	return path;
}
