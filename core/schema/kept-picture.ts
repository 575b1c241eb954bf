import { z } from 'zod';

/** A picture that its teacher keeps, by its id, and its size in points. */
export const KeptPictureSchema = z.object({
	id: z.uuid(),
	width: z.number().int().min(1).max(4000),
	height: z.number().int().min(1).max(4000),
});
