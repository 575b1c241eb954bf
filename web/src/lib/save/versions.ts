/** Earlier versions of a document, as the server lists them. */

import * as z from 'zod/mini';
import { send, type SendAnswer } from './send';

export interface Version {
	readonly version: number;
	readonly savedAt: Date;
	readonly title: string;
	/** In a few words, such as “12 steps”. */
	readonly holds: string;
}

const Listed = z.array(
	z.object({ version: z.number(), savedAt: z.coerce.date(), title: z.string(), holds: z.string() }),
);

/** The versions of one document at its address, and each of them whole. */
export const versionsAt = <T>(
	address: string,
	schema: z.core.$ZodType<T>,
): {
	readonly list: () => Promise<SendAnswer<Version[]>>;
	readonly read: (version: number) => Promise<SendAnswer<{ value: T }>>;
} => ({
	list: () => send('GET', `${address}/versions`, undefined, Listed),
	read: (version) => send('GET', `${address}/versions/${version}`, undefined, z.object({ value: schema })),
});
