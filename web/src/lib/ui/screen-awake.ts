import { onMount } from 'svelte';

/** Keeps the screen from going dark while the page is looked at and hands are busy; where a browser cannot, nothing happens. */
export function keepScreenAwake(): void {
	onMount(() => {
		let lock: WakeLockSentinel | undefined;
		let isOver = false;
		const ask = async (): Promise<void> => {
			if (isOver || document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
			try {
				lock = await navigator.wakeLock.request('screen');
				if (isOver) await lock.release();
			} catch {
				// A battery that runs low, or a browser that says no: the screen goes dark as it always did.
			}
		};
		// A lock ends when another page comes to the front.
		const again = (): void => void ask();
		void ask();
		document.addEventListener('visibilitychange', again);
		return () => {
			isOver = true;
			document.removeEventListener('visibilitychange', again);
			void lock?.release();
		};
	});
}
