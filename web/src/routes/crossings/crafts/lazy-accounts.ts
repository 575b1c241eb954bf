import { hydratedLater } from '$lib/ui/lazy/lazy-part';
import Accounts from './Accounts.svelte';

/** Pictures and links: what stands there as the server wrote it needs nothing more. */
export const accounts = hydratedLater(Accounts);
