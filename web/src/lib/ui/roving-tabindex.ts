/**
 * Roving tabindex: a list or a bar of buttons is one Tab stop, and arrows go to its other entries. In a list, one entry at
 * a time has Tab stops inside it.
 */

const STOPS = 'a[href], button, input, select, textarea, summary, [contenteditable="true"], [tabindex]';
/** What a stop had before it was taken out, and what took it out: it comes back when nothing does any more. */
const HELD = 'data-stop';
const OUT = 'data-out-of';
type By = 'list' | 'bar';

/** The stops in a part of the page, those that were taken out too, and not the part itself. */
const stopsIn = (part: Element): HTMLElement[] =>
	[...part.querySelectorAll<HTMLElement>(STOPS)].filter((e) => e.tabIndex >= 0 || e.hasAttribute(HELD));

const outOf = (stop: HTMLElement): string[] => (stop.getAttribute(OUT) ?? '').split(' ').filter(Boolean);

function takeOut(stop: HTMLElement, by: By): void {
	const out = outOf(stop);
	// Whoever made it may have put it back since.
	if (out.length > 0 && stop.tabIndex >= 0) stop.tabIndex = -1;
	if (out.includes(by)) return;
	if (out.length === 0) stop.setAttribute(HELD, stop.getAttribute('tabindex') ?? '');
	stop.setAttribute(OUT, [...out, by].join(' '));
	stop.tabIndex = -1;
}
function putBack(stop: HTMLElement, by: By): void {
	const out = outOf(stop);
	if (!out.includes(by)) return;
	const left = out.filter((o) => o !== by);
	if (left.length > 0) {
		stop.setAttribute(OUT, left.join(' '));
		return;
	}
	const was = stop.getAttribute(HELD);
	stop.removeAttribute(OUT);
	stop.removeAttribute(HELD);
	if (!was) stop.removeAttribute('tabindex');
	else stop.setAttribute('tabindex', was);
}

interface Destroyable {
	destroy: () => void;
}

/** Refreshes whenever the children change. */
function whenever(
	part: HTMLElement,
	refresh: () => void,
	listeners: Readonly<Record<string, (e: Event) => void>>,
): Destroyable {
	const observer = new MutationObserver(refresh);
	observer.observe(part, { childList: true, subtree: true, attributeFilter: ['tabindex', 'disabled'] });
	for (const [name, heard] of Object.entries(listeners)) part.addEventListener(name, heard);
	refresh();
	return {
		destroy: () => {
			observer.disconnect();
			for (const [name, heard] of Object.entries(listeners)) part.removeEventListener(name, heard);
		},
	};
}

/** For a list: its entries are one stop, up and down go from one to the next, and Tab goes on into the one that is current. */
export function oneEntry(list: HTMLElement): Destroyable {
	let current: Element | undefined;
	const entries = (): HTMLElement[] => [...list.children].filter((e) => e instanceof HTMLElement);
	function refresh(): void {
		const all = entries();
		if (!current || !list.contains(current)) current = all[0];
		for (const entry of all) {
			const tab = entry === current ? 0 : -1;
			if (entry.getAttribute('tabindex') !== String(tab)) entry.tabIndex = tab;
			for (const stop of stopsIn(entry)) (entry === current ? putBack : takeOut)(stop, 'list');
		}
	}
	return whenever(list, refresh, {
		focusin: (event) => {
			const entry = entries().find((e) => e.contains(event.target as Node));
			if (!entry || entry === current) return;
			current = entry;
			refresh();
		},
		keydown: (event) => {
			if (!(event instanceof KeyboardEvent) || event.target !== current) return;
			const all = entries();
			const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
			const next = by && all[all.indexOf(event.target as HTMLElement) + by];
			if (!next) return;
			event.preventDefault();
			next.focus();
			next.scrollIntoView({ block: 'nearest' });
		},
	});
}

/** For a bar of buttons and choices: one of them is a stop, and left and right go to the others. */
export function oneButton(bar: HTMLElement): Destroyable {
	let current: HTMLElement | undefined;
	const usable = (): HTMLElement[] => stopsIn(bar).filter((e) => !e.matches(':disabled'));
	function refresh(): void {
		const all = usable();
		if (!current || !all.includes(current)) current = all[0];
		for (const button of all) (button === current ? putBack : takeOut)(button, 'bar');
	}
	return whenever(bar, refresh, {
		focusin: (event) => {
			current = usable().find((b) => b.contains(event.target as Node)) ?? current;
			refresh();
		},
		keydown: (event) => {
			if (!(event instanceof KeyboardEvent) || !(event.target instanceof HTMLElement)) return;
			const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
			const all = usable();
			const next = by && all[all.indexOf(event.target) + by];
			if (!next) return;
			event.preventDefault();
			event.stopPropagation();
			next.focus();
		},
	});
}
