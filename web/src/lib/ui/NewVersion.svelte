<script lang="ts">
	import { onMount } from 'svelte';

	/** A new version that waits until it is wanted. */
	let waiting = $state.raw<ServiceWorker>();
	let taken = false;
	function take(): void {
		taken = true;
		waiting?.postMessage('take-it');
	}
	onMount(() => {
		if (!('serviceWorker' in navigator)) return;
		// The first visit comes before the worker does; and what older versions kept is renewed.
		void navigator.serviceWorker.ready.then(({ active }) => active?.postMessage({ keep: location.href }));
		let gone = false;
		const swap = (): void => {
			if (taken) location.reload();
		};
		navigator.serviceWorker.addEventListener('controllerchange', swap);
		// Not `getRegistration`: on a first visit there is none yet.
		void navigator.serviceWorker.ready.then((registration) => {
			if (gone) return;
			const look = (): void => {
				// The first one of all has nothing to take the place of.
				if (registration.waiting && navigator.serviceWorker.controller) waiting = registration.waiting;
			};
			look();
			registration.addEventListener('updatefound', () => {
				registration.installing?.addEventListener('statechange', look);
			});
		});
		return () => {
			gone = true;
			navigator.serviceWorker.removeEventListener('controllerchange', swap);
		};
	});
</script>

{#if waiting}
	<button
		type="button"
		class="bg-primary text-primary-content fixed right-3 bottom-3 z-50 rounded-full px-5 py-2 font-semibold shadow max-sm:bottom-20 print:hidden"
		onclick={take}>A new version is here: press to use it</button
	>
{/if}
