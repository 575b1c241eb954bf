/** A crossing of a teacher's own, kept under a name. */

import { z } from 'zod';
import { CrossingSchema } from './crossing.ts';

export const DESIGN_LIMITS = { name: 60, many: 200 } as const;

export const DesignNameSchema = z
	.string()
	.trim()
	.min(1, 'Your own crossing needs a name. Type at least one letter.')
	.max(DESIGN_LIMITS.name, `A name has at most ${DESIGN_LIMITS.name} characters. Shorten it.`);

export const DesignSchema = z.object({ id: z.uuid(), name: DesignNameSchema, crossing: CrossingSchema });
export type Design = z.infer<typeof DesignSchema>;
