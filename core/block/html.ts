/** Blocks as HTML that needs no server: everything that was typed is escaped, and nothing is loaded. */

import { escapeXml, toSvg, walked, type Drawing, type PageSection } from '../drawing/index.ts';
import type { Note, NoteParagraph } from '../schema/index.ts';
import { answersSaid, movesOf, photoSaid, rendered, type Block, type Paint, type Renderers } from './block.ts';

const PAINT: Paint = { light: 'day', around: '#ffffff' };

const tag = (name: string, inner: string, more = ''): string => `<${name}${more}>${inner}</${name}>`;
/** What each comes to, one after the other. */
const each = <T>(all: readonly T[], as: (one: T) => string): string => all.map(as).join('');
const said = (name: string, text: string, more = ''): string => tag(name, escapeXml(text), more);
const picture = (drawing: Drawing, most?: number): string =>
	toSvg(drawing, most === undefined ? undefined : Math.min(most, drawing.width));
const terms = (lines: readonly (readonly [string, string])[]): string =>
	tag(
		'dl',
		each(lines, ([term, says]) => `${said('dt', term)}${said('dd', says)}`),
	);

export const htmlList = (items: readonly string[], more = ''): string =>
	tag(
		'ul',
		each(items, (i) => said('li', i)),
		more,
	);

function noteHtml(note: Note): string {
	const line = ({ content = [] }: NoteParagraph): string =>
		content
			.map((run) => {
				if (run.type === 'hardBreak') return '<br>';
				return (run.marks ?? []).reduce(
					(inner, m) =>
						m.type === 'link'
							? tag('a', inner, ` href="${escapeXml(m.attrs.href)}" rel="noopener noreferrer"`)
							: tag(m.type === 'bold' ? 'b' : 'i', inner),
					escapeXml(run.text),
				);
			})
			.join('');
	return note.content
		.map((b) =>
			b.type === 'paragraph'
				? tag('p', line(b), ' dir="auto"')
				: tag(
						b.type === 'bulletList' ? 'ul' : 'ol',
						b.content.map((item) => tag('li', item.content.map(line).join('<br>'), ' dir="auto"')).join(''),
					),
		)
		.join('');
}

/** `pictures`: each as a `data:` address, by id; those that are not there are said. */
const htmlWith = (pictures: ReadonlyMap<string, string>): Renderers<string> => ({
	heading: ({ text }) => said('h3', text),
	text: ({ text, tone }) =>
		said(tone === 'strong' ? 'b' : tone === 'sentence' ? 'code' : 'span', text, ' class="line"'),
	note: ({ note }) => tag('blockquote', noteHtml(note)),
	list: ({ items, ticks }) => htmlList(items, ticks ? ' class="ticks"' : ''),
	picture: ({ draw, facts, large }) =>
		tag('div', `${picture(draw(PAINT), large ? 340 : 200)}${terms(facts)}`, ' class="beside"'),
	photo: ({ id, alt, width, height }) => {
		const src = pictures.get(id);
		return src === undefined
			? said('p', photoSaid(alt))
			: `<img src="${escapeXml(src)}" alt="${escapeXml(alt)}" width="${width}" height="${height}">`;
	},
	moves: ({ title, frames, says, draw }) =>
		said('h3', title) +
		walked(Array.from({ length: frames }, (_, at) => ({ drawing: draw(at, PAINT), caption: says(at).caption }))),
	comparison: ({ sides }) =>
		tag(
			'div',
			each(sides, (s) =>
				tag(
					'div',
					`${picture(s.draw(PAINT), s.wide ? 420 : 200)}${said('b', s.title)}${said('p', s.says)}${tag(
						'ol',
						each(movesOf(s.moves), (says) => said('li', says)),
					)}`,
				),
			),
			' class="abreast"',
		),
	chart: ({ chart }) => picture(chart(PAINT), 900),
	rows: ({ rows }) =>
		tag(
			'ul',
			rows
				.map((r) =>
					r.isRemark
						? said('li', r.text, ' class="remark"')
						: tag('li', `${r.label ? said('b', `${r.label}: `) : ''}${said('code', r.text)}`),
				)
				.join(''),
			' class="ticks"',
		),
	table: ({ title, lines }) => `${title ? said('h2', title) : ''}${terms(lines)}`,
	caution: ({ text }) => said('p', text, ' class="caution"'),
	questions: ({ questions }) =>
		tag(
			'ol',
			each(questions, ({ asks, lines, seen, options }) =>
				tag(
					'li',
					said('b', asks, ' class="line"') +
						each(lines, (line) => said('code', line, ' class="line"')) +
						(seen ? picture(seen.draw(PAINT), 300) : '') +
						tag(
							'div',
							each(options, ({ letter, label, draw }) =>
								tag('div', said('b', letter) + (draw ? picture(draw(PAINT), 110) : said('span', label))),
							),
							' class="abreast"',
						),
				),
			),
		) + said('p', answersSaid(questions), ' class="turned"'),
});

/** One part of a page: its title, and its blocks under it. */
export const htmlSection = (
	title: string | undefined,
	blocks: readonly Block[],
	pictures: ReadonlyMap<string, string> = new Map(),
): PageSection => {
	const html = htmlWith(pictures);
	return { ...(title === undefined ? {} : { title }), body: blocks.map((b) => rendered(html, b)).join('\n') };
};
