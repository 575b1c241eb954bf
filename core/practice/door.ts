/** What a teacher lets be practised behind a link: which kinds of question, and by the names of which schools. */

import { z } from 'zod';
import { SCHOOL_IDS, type SchoolId } from '../notation/index.ts';
import { anyVersion, type Format, versionOf } from '../schema/index.ts';

export const DOOR_LIMITS = { schools: 3, kinds: 100, sent: 200 } as const;

export const PRACTICE_DOOR_FORMAT = {
	name: 'pond-loop/practice-door',
	version: 1,
	upgrades: {},
} as const satisfies Format;

const NowSchema = z.object({
	format: z.literal(PRACTICE_DOOR_FORMAT.name),
	version: versionOf(PRACTICE_DOOR_FORMAT),
	/** All of them when empty, those that come later too. */
	kinds: z.array(z.string().max(40)).max(DOOR_LIMITS.kinds),
	schools: z
		.array(z.enum(SCHOOL_IDS))
		.min(1, 'Choose at least one style of abbreviations.')
		.max(
			DOOR_LIMITS.schools,
			`At most ${DOOR_LIMITS.schools} styles of abbreviations can be practised at once. Leave some out.`,
		),
});
export type PracticeDoor = z.infer<typeof NowSchema>;
export const PracticeDoorSchema = anyVersion(PRACTICE_DOOR_FORMAT, NowSchema);

export const newDoor = (school: SchoolId): PracticeDoor => ({
	format: PRACTICE_DOOR_FORMAT.name,
	version: PRACTICE_DOOR_FORMAT.version,
	kinds: [],
	schools: [school],
});
