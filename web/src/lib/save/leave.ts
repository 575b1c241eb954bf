import { beforeNavigate, goto } from '$app/navigation';

export interface Leaving {
	/** Whether the next page would not know something yet. */
	readonly isUnsent: () => boolean;
	readonly send: () => Promise<unknown>;
	/** Milliseconds for sending; then the way is free, or asked for. */
	readonly atMost: number;
	/** Whether somebody stays after all; nobody does when left out. */
	readonly stays?: (to: URL) => boolean;
}

/** The next page waits until it can show what was just done on this one. To be called while a component is made. */
export function waitsToLeave({ isUnsent, send, atMost, stays }: Leaving): void {
	let leaving = false;
	beforeNavigate((navigation) => {
		if (leaving || navigation.willUnload || !navigation.to || !isUnsent()) return;
		const { url } = navigation.to;
		navigation.cancel();
		leaving = true;
		void Promise.race([send(), new Promise((resolve) => setTimeout(resolve, atMost))])
			.then(() => (stays?.(url) ? undefined : goto(url)))
			.finally(() => (leaving = false));
	});
}
