/** Earlier versions of a document, as the server lists them. */

import { z } from 'zod';

export interface Version<T> {
	readonly version: number;
	readonly value: T;
	readonly savedAt: Date;
}

export const versionsOf = <T>(schema: z.ZodType<T>): z.ZodType<Version<T>[]> =>
	z.array(z.object({ version: z.number(), value: schema, savedAt: z.coerce.date() }));
