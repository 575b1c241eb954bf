import { dozing } from '$lib/ui/asleep/asleep';
import Accounts from './Accounts.svelte';

/** Pictures and links: what stands there as the server wrote it needs nothing more. */
export const accounts = dozing(Accounts);
