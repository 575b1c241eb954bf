/** Taking things off a list, with the last one a press away from coming back. */

import { invalidateAll } from '$app/navigation';
import { keepFocus } from '$lib/ui/focus';
import { troubleOf, type SendAnswer } from './send';

export interface RemovalAddresses {
	readonly remove: (id: string) => Promise<SendAnswer<{ title: string }>>;
	readonly restore: (id: string) => Promise<SendAnswer<object>>;
}

export class Removal {
	/** The one removed last. */
	gone = $state.raw<{ readonly id: string; readonly title: string }>();
	trouble = $state<string>();
	readonly #addresses: RemovalAddresses;

	constructor(addresses: RemovalAddresses) {
		this.#addresses = addresses;
	}

	async remove(id: string): Promise<void> {
		const answer = await this.#addresses.remove(id);
		this.trouble = troubleOf(answer);
		if (answer.kind === 'ok') this.gone = { id, title: answer.value.title };
		await invalidateAll();
		await keepFocus('[data-undo]');
	}

	async restore(): Promise<void> {
		if (!this.gone) return;
		const answer = await this.#addresses.restore(this.gone.id);
		this.trouble = troubleOf(answer);
		if (answer.kind === 'ok') this.gone = undefined;
		await invalidateAll();
		await keepFocus('main');
	}
}
