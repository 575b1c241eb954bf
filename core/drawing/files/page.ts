/** Demonstrations as one HTML file that needs no server: pictures, captions, and keys to walk them. */

import { escapeXml, toSvg } from '../svg.ts';
import type { Frame } from './strip.ts';

export interface PageOptions {
	readonly title: string;
	/** Said under the title, a line each. */
	readonly lines: readonly string[];
	readonly ink: string;
	readonly paper: string;
	/** A quiet tone for the strip of moves. */
	readonly quiet: string;
}

const style = ({ ink, paper, quiet }: PageOptions): string => `
body{margin:0 auto;max-width:70rem;padding:1rem 1.5rem;background:${paper};color:${ink};font:1.1rem/1.45 'Atkinson Hyperlegible Next','Segoe UI',sans-serif}
h1,h2{font:600 2rem Fraunces,Georgia,serif;margin:.2em 0}
h2{font-size:1.5rem}
section+section{border-top:2px solid ${quiet};margin-top:1.5rem;padding-top:1rem}
h3{font:600 1.15rem Fraunces,Georgia,serif;margin:.8em 0 .2em}
p,.line{margin:.2em 0;white-space:pre-wrap}
.line{display:block}
code{font-family:'JetBrains Mono',monospace;font-size:.92em;white-space:pre-wrap}
blockquote{border-left:4px solid ${quiet};margin:.6em 0;padding-left:.8em}
dl{display:grid;grid-template-columns:auto 1fr;gap:.1em 1em;margin:.4em 0}
dt{font-weight:600}
dd{margin:0}
svg{max-width:100%;height:auto}
.beside,.abreast{display:flex;flex-wrap:wrap;gap:1.5rem;align-items:flex-start}
.abreast>div{display:grid;justify-items:center}
.ticks{list-style:'\\2610  '}
.turned{transform:rotate(180deg);font-size:.85em}
.remark{list-style:none;font-style:italic}
.caution{border-left:4px solid ${ink};padding-left:.8em}
figure{margin:1rem 0;display:none}
figure.now{display:block}
figure svg{display:block;width:100%;max-height:70vh;border-radius:1.2rem}
figcaption{font:600 1.35rem/1.3 Fraunces,Georgia,serif;text-align:center;margin:.7rem 0;min-height:2.6em}
nav{display:flex;flex-wrap:wrap;gap:.5rem;justify-content:center}
button{font:inherit;font-weight:600;color:${ink};background:transparent;border:2px solid ${quiet};border-radius:2rem;min-width:2.6rem;padding:.3rem .9rem;cursor:pointer}
button[aria-current]{background:${ink};color:${paper}}
button:focus-visible{outline:3px solid ${ink};outline-offset:2px}
@media print{figure{display:block;break-inside:avoid}nav{display:none}}`;

/** Runs in the page: no names of it are ours, and it reads nothing but the page. */
const SCRIPT = `
let last;
for(const part of document.querySelectorAll('[data-walk]')){
const frames=[...part.querySelectorAll('figure')],stones=[...part.querySelectorAll('[data-to]')],play=part.querySelector('[data-play]');
if(!play)continue;
let at=0,timer;
const show=(to)=>{at=Math.max(0,Math.min(frames.length-1,to));frames.forEach((f,i)=>f.classList.toggle('now',i===at));stones.forEach((s,i)=>i===at?s.setAttribute('aria-current','step'):s.removeAttribute('aria-current'));};
const stop=()=>{clearInterval(timer);timer=undefined;play.textContent='Play';};
play.onclick=()=>{if(timer){stop();return;}if(at===frames.length-1)show(0);play.textContent='Pause';timer=setInterval(()=>{if(at===frames.length-1)stop();else show(at+1);},1600);};
stones.forEach((s,i)=>s.onclick=()=>{stop();show(i);});
const key=(k)=>{const to={ArrowRight:at+1,ArrowLeft:at-1,PageDown:at+1,PageUp:at-1,Home:0,End:frames.length-1}[k];if(to===undefined)return false;stop();show(to);return true;};
part.addEventListener('pointerdown',()=>{last=key;});part.addEventListener('focusin',()=>{last=key;});
last??=key;show(0);
}
addEventListener('keydown',(e)=>{if(last?.(e.key))e.preventDefault();});`;

/** One part of the page: its title, and what stands under it as HTML that is already escaped. */
export interface PageSection {
	readonly title?: string;
	readonly body: string;
}

/** Pictures to walk through, one at a time, by their buttons and by keys. */
export function walked(frames: readonly Frame[]): string {
	const figures = frames.map(
		({ drawing, caption }) => `<figure>${toSvg(drawing)}<figcaption>${escapeXml(caption)}</figcaption></figure>`,
	);
	const stones = frames.map((_, i) => `<button type="button" data-to="${i}" aria-label="Move ${i}">${i}</button>`);
	return `<div data-walk><div aria-live="polite">${figures.join('\n')}</div>
<nav aria-label="Moves"><button type="button" data-play>Play</button>${stones.join('')}</nav></div>`;
}

const paragraphs = (lines: readonly string[]): string => lines.map((line) => `<p>${escapeXml(line)}</p>`).join('\n');

const whole = (options: PageOptions, body: string): string => `<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escapeXml(options.title)}</title><style>${style(options)}</style></head>
<body>
<h1>${escapeXml(options.title)}</h1>
${paragraphs(options.lines)}
${body}
<script>${SCRIPT}</script>
</body>
</html>
`;

/** The whole file of one demonstration. All text in it is escaped; it loads nothing. */
export const demonstrationPage = (frames: readonly Frame[], options: PageOptions): string =>
	whole(options, walked(frames));

/** Several parts, one under the other; each demonstration in them is walked by itself. */
export const demonstrationsPage = (sections: readonly PageSection[], options: PageOptions): string =>
	whole(
		options,
		sections
			.map(
				({ title, body }) =>
					`<section>\n${title === undefined ? '' : `<h2>${escapeXml(title)}</h2>\n`}${body}\n</section>`,
			)
			.join('\n'),
	);
