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
p{margin:.2em 0;white-space:pre-wrap}
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
for(const part of document.querySelectorAll('section')){
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

/** One demonstration on the page; without frames only its words stand there. */
export interface PageSection {
	readonly title: string;
	/** Said under the title, a line each. */
	readonly lines: readonly string[];
	readonly frames: readonly Frame[];
}

const sectionOf = ({ title, lines, frames }: PageSection, heading: 'h1' | 'h2'): string => {
	const figures = frames.map(
		({ drawing, caption }) => `<figure>${toSvg(drawing)}<figcaption>${escapeXml(caption)}</figcaption></figure>`,
	);
	const stones = frames.map((_, i) => `<button type="button" data-to="${i}" aria-label="Move ${i}">${i}</button>`);
	const walk =
		frames.length === 0
			? ''
			: `<div aria-live="polite">${figures.join('\n')}</div>
<nav aria-label="Moves"><button type="button" data-play>Play</button>${stones.join('')}</nav>`;
	return `<section>
<${heading}>${escapeXml(title)}</${heading}>
${lines.map((line) => `<p>${escapeXml(line)}</p>`).join('\n')}
${walk}
</section>`;
};

const whole = (options: PageOptions, body: string): string => `<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escapeXml(options.title)}</title><style>${style(options)}</style></head>
<body>
${body}
<script>${SCRIPT}</script>
</body>
</html>
`;

/** The whole file of one demonstration. All text in it is escaped; it loads nothing. */
export const demonstrationPage = (frames: readonly Frame[], options: PageOptions): string =>
	whole(options, sectionOf({ ...options, frames }, 'h1'));

/** Several demonstrations, one under the other, each walked by itself. */
export const demonstrationsPage = (sections: readonly PageSection[], options: PageOptions): string =>
	whole(
		options,
		`<h1>${escapeXml(options.title)}</h1>
${options.lines.map((line) => `<p>${escapeXml(line)}</p>`).join('\n')}
${sections.map((s) => sectionOf(s, 'h2')).join('\n')}`,
	);
