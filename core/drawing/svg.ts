/** A drawing as SVG text, attributes only: for print sheets, files, and pages before they wake up. */

import { num, type Drawing, type Shape } from './shapes.ts';

const FACES = {
	sans: "'Atkinson Hyperlegible Next', 'Segoe UI', sans-serif",
	serif: "'Fraunces', Georgia, serif",
} as const;

const SPECIAL = /[&<>"]/;

/** Text that may stand in XML or HTML as it is. */
export const escapeXml = (text: string): string =>
	SPECIAL.test(text)
		? text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
		: text;

type Attributes = Readonly<Record<string, string | number | undefined>>;

/** A shape as the SVG element that it becomes; attributes that are left out are `undefined`, and what most shapes share stands on the whole. */
export interface SvgElement {
	readonly name: 'path' | 'circle' | 'text';
	readonly attributes: Attributes;
	readonly text?: string;
}

function written({ name, attributes, text }: SvgElement): string {
	let open = `<${name}`;
	for (const key in attributes) {
		const value = attributes[key];
		if (value !== undefined) open += ` ${key}="${typeof value === 'number' ? value : escapeXml(value)}"`;
	}
	return text === undefined ? `${open}/>` : `${open}>${escapeXml(text)}</${name}>`;
}

function svgElement(s: Shape): SvgElement {
	const common: Attributes = { 'data-role': s.role, 'data-stitch': s.stitch, opacity: s.opacity };
	switch (s.kind) {
		case 'path':
			return {
				name: 'path',
				attributes: {
					d: s.d,
					fill: s.fill,
					stroke: s.stroke,
					'stroke-width': s.width === undefined ? undefined : num(s.width),
					'stroke-linecap': s.cap === 'butt' ? undefined : s.cap,
					'stroke-dasharray': s.dash?.join(' '),
					transform: s.flipped === undefined ? undefined : `matrix(-1 0 0 1 ${s.flipped} 0)`,
					...common,
				},
			};
		case 'circle':
			return {
				name: 'circle',
				attributes: {
					cx: s.cx,
					cy: s.cy,
					r: s.r,
					fill: s.fill,
					stroke: s.stroke,
					'stroke-width': s.width,
					'stroke-dasharray': s.dash?.join(' '),
					...common,
				},
			};
		case 'text':
			return {
				name: 'text',
				attributes: {
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
				text: s.text,
			};
	}
}

const isSame = (a: Attributes, b: Attributes): boolean => {
	for (const key in a) if (key !== 'd' && a[key] !== b[key]) return false;
	return true;
};

/**
 * The elements of a drawing, in its order. Lines that follow each other and are alike in everything but
 * their course become one element: opaque, they look the same, and a page weighs half as much.
 */
export function svgElements({ shapes }: Drawing): readonly SvgElement[] {
	const elements: SvgElement[] = [];
	for (const shape of shapes) {
		const element = svgElement(shape);
		const last = elements.at(-1);
		const joins =
			shape.kind === 'path' &&
			shape.fill === undefined &&
			shape.opacity === undefined &&
			last?.name === 'path' &&
			isSame(last.attributes, element.attributes);
		if (joins) {
			elements[elements.length - 1] = {
				...last,
				attributes: { ...last.attributes, d: `${last.attributes['d']}${element.attributes['d']}` },
			};
		} else elements.push(element);
	}
	return elements;
}

/**
 * The whole drawing as one `<svg>` element, its label as accessible name.
 * Every number and text in it is escaped, so it can stand in a page as it is.
 * `width` in CSS pixels; as wide as the page makes it when left out.
 */
export function toSvg(drawing: Drawing, width?: number): string {
	const inside = svgElements(drawing).map(written).join('');
	const size = width === undefined ? '' : ` width="${num(width)}"`;
	const open = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 ${drawing.top ?? 0} ${drawing.width} ${drawing.height}"${size} role="img" fill="none" stroke-linejoin="round" aria-label="${escapeXml(drawing.label)}">`;
	return `${open}${inside}</svg>`;
}
