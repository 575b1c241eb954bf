/**
 * Brings a picture in the page from one drawing to the next by changing what differs: while the
 * stage plays, most shapes only move, and writing all of them anew would cost most of each frame.
 */

import { type Drawing, type SvgElement, svgElements } from '@pond-loop/core/drawing';

const SVG = 'http://www.w3.org/2000/svg';

/** A drawing as it stands in the page; what it was of is not known where the server drew it. */
export interface ShownDrawing {
	readonly drawing?: Drawing;
	readonly elements: readonly SvgElement[];
}

export const shownAs = (drawing: Drawing): ShownDrawing => ({ drawing, elements: svgElements(drawing) });

/** What stands in a picture, read from it. */
export const standingIn = (svg: SVGSVGElement): ShownDrawing => ({
	elements: [...svg.children].map((node): SvgElement => {
		const attributes = Object.fromEntries([...node.attributes].map(({ name, value }) => [name, value]));
		return {
			name: node.tagName as SvgElement['name'],
			attributes,
			...(node.textContent ? { text: node.textContent } : {}),
		};
	}),
});

/** `svg` must show `before` now; returns what it shows then. */
export function patchSvg(svg: SVGSVGElement, before: ShownDrawing, drawing: Drawing): ShownDrawing {
	const after = shownAs(drawing);
	const { width, height, top = 0 } = drawing;
	const was = before.drawing;
	if (was?.width !== width || was.height !== height || (was.top ?? 0) !== top) {
		svg.setAttribute('viewBox', `0 ${top} ${width} ${height}`);
	}
	if (was?.label !== drawing.label) svg.setAttribute('aria-label', drawing.label);
	const standing = [...svg.children];
	for (const [i, next] of after.elements.entries()) {
		const node = standing[i];
		const old = before.elements[i];
		if (node && old?.name === next.name) change(node, old, next);
		else if (node) node.replaceWith(made(next));
		else svg.append(made(next));
	}
	for (const extra of standing.slice(after.elements.length)) extra.remove();
	return after;
}

function change(node: Element, old: SvgElement, next: SvgElement): void {
	for (const key in next.attributes) {
		const value = next.attributes[key];
		// What was read from the page is text.
		if (value !== undefined && String(value) !== String(old.attributes[key])) node.setAttribute(key, String(value));
	}
	for (const key in old.attributes) {
		if (old.attributes[key] !== undefined && next.attributes[key] === undefined) node.removeAttribute(key);
	}
	if (old.text !== next.text) node.textContent = next.text ?? '';
}

function made(element: SvgElement): SVGElement {
	const node = document.createElementNS(SVG, element.name);
	change(node, { name: element.name, attributes: {} }, element);
	return node;
}
