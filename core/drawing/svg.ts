/** A drawing as SVG text, attributes only: for print sheets, files, and pages before they wake up. */

import type { Drawing, Shape } from './shapes.ts';

const FACES = {
	sans: "'Atkinson Hyperlegible Next', 'Segoe UI', sans-serif",
	serif: "'Fraunces', Georgia, serif",
} as const;

const SPECIAL = /[&<>"]/;

const escape = (text: string): string =>
	SPECIAL.test(text)
		? text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
		: text;

type Attributes = Readonly<Record<string, string | number | undefined>>;

function element(name: string, attributes: Attributes, text?: string): string {
	let open = `<${name}`;
	for (const key in attributes) {
		const value = attributes[key];
		if (value !== undefined) open += ` ${key}="${typeof value === 'number' ? value : escape(value)}"`;
	}
	return text === undefined ? `${open}/>` : `${open}>${escape(text)}</${name}>`;
}

function shapeToSvg(s: Shape): string {
	const common: Attributes = { 'data-role': s.role, 'data-stitch': s.stitch, opacity: s.opacity };
	switch (s.kind) {
		case 'path':
			return element('path', {
				d: s.d,
				fill: s.fill ?? 'none',
				stroke: s.stroke,
				'stroke-width': s.width,
				'stroke-linecap': s.cap,
				'stroke-linejoin': 'round',
				'stroke-dasharray': s.dash?.join(' '),
				...common,
			});
		case 'circle':
			return element('circle', {
				cx: s.cx,
				cy: s.cy,
				r: s.r,
				fill: s.fill,
				stroke: s.stroke,
				'stroke-width': s.width,
				'stroke-dasharray': s.dash?.join(' '),
				...common,
			});
		case 'text':
			return element(
				'text',
				{
					x: s.x,
					y: s.y,
					'font-size': s.size,
					'font-family': FACES[s.face],
					'font-weight': 600,
					fill: s.fill,
					'text-anchor': s.anchor,
					...(s.halo ? { stroke: s.halo, 'stroke-width': 4, 'stroke-linejoin': 'round', 'paint-order': 'stroke' } : {}),
					...common,
				},
				s.text,
			);
	}
}

/**
 * The whole drawing as one `<svg>` element, its label as accessible name.
 * Every number and text in it is escaped, so it can stand in a page as it is.
 */
export function toSvg(drawing: Drawing): string {
	const inside = drawing.shapes.map(shapeToSvg).join('');
	const open = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${drawing.width} ${drawing.height}" role="img" aria-label="${escape(drawing.label)}">`;
	return `${open}${inside}</svg>`;
}
