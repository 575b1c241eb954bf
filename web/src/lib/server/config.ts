/** What the surroundings say, checked once when it is first asked for. */

import { z } from 'zod';

const count = (usual: number): z.ZodDefault<z.ZodCoercedNumber> => z.coerce.number().int().min(1).default(usual);

const ConfigSchema = z.object({
	DATABASE_URL: z.string().min(1, 'is not set: start with `npm run demo`, or name a database'),
	/** Set by the demo only: anybody may enter as the demo's teacher. */
	POND_LOOP_DEMO: z.literal('yes').optional(),
	LOG_LEVEL: z.enum(['trace', 'debug', 'info', 'warn', 'error', 'silent']).default('info'),
	/** Connections that one thread of the server keeps to the database. */
	DATABASE_CONNECTIONS: count(10),
	/** Set for threads behind the front, which is told whose request it was. */
	POND_LOOP_FRONT: z.literal('yes').optional(),
	/** New accounts an hour from one address. */
	SIGN_UPS_AN_HOUR: count(10),
	/** Tries to sign in, in a quarter of an hour, from one address. */
	SIGN_INS_A_QUARTER: count(60),
	/** Times that the demo is entered anew, in an hour, from one address. */
	DEMO_ENTRIES_AN_HOUR: count(60),
	/** Who sends through one practice link for the first time, in an hour, from one address. */
	NEW_SENDERS_AN_HOUR: count(100),
});

export type Config = z.infer<typeof ConfigSchema>;

let known: Config | undefined;

/** Throws with the name of what is wrong; the server does not start with it. */
export function config(): Config {
	if (known) return known;
	const checked = ConfigSchema.safeParse(process.env);
	if (!checked.success) {
		throw new Error(checked.error.issues.map((i) => `${i.path.join('.')} ${i.message}.`).join('\n'));
	}
	return (known = checked.data);
}

export const isDemo = (): boolean => config().POND_LOOP_DEMO === 'yes';
