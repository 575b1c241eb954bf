/** The path that the work goes, and where it goes on from the page that is open. */

import { getContext, onDestroy, setContext } from 'svelte';

/** In the order of the work: what a name means, how hands do it, whether it fits a swatch, what goes into a lesson. */
export const STATIONS = [
	{ id: 'name', title: 'Name', says: 'what it means', href: '/' },
	{ id: 'hands', title: 'Hands', says: 'how it is done', href: '/stage' },
	{ id: 'swatch', title: 'Swatch', says: 'does it fit', href: '/swatches' },
	{ id: 'lesson', title: 'Lesson', says: 'give it to a class', href: '/lessons' },
] as const;
export type Station = (typeof STATIONS)[number]['id'];

/** What a page has for the next station: where it goes, or what is done to go there. */
export type Onward = Partial<Record<Station, string | (() => void)>>;

const KEY = Symbol('path');

class PathState {
	#onward = $state.raw<() => Onward>();
	get onward(): Onward {
		return this.#onward?.() ?? {};
	}
	put(onward: (() => Onward) | undefined): void {
		this.#onward = onward;
	}
}

export const setPath = (): PathState => setContext(KEY, new PathState());

/** Tells where the path goes on from this page, for as long as it is open. To be called while the page is made. */
export function goesOn(onward: () => Onward): void {
	const path = getContext<PathState | undefined>(KEY);
	path?.put(onward);
	onDestroy(() => path?.put(undefined));
}

/** The station of a page; none for pages beside the path. */
export function stationOf(pathname: string): Station | undefined {
	if (pathname === '/' || pathname.startsWith('/crossings')) return 'name';
	if (pathname.startsWith('/stage')) return 'hands';
	return STATIONS.findLast(({ href }) => href !== '/' && pathname.startsWith(href))?.id;
}
