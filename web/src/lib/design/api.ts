/** The addresses of crossings of one's own. */

import { type Design, DesignSchema } from '@pond-loop/core/schema';
import { z } from 'zod';
import { send, type SendAnswer } from '$lib/save/send';

const Saved = z.object({ id: z.string() });
const Removed = z.object({ name: z.string() });

export const saveDesign = (design: Design): Promise<SendAnswer<z.infer<typeof Saved>>> =>
	send('PUT', '/api/designs', design, Saved);

export const removeDesign = (id: string): Promise<SendAnswer<z.infer<typeof Removed>>> =>
	send('DELETE', `/api/designs/${id}`, undefined, Removed);

export const listDesigns = (): Promise<SendAnswer<Design[]>> =>
	send('GET', '/api/designs', undefined, DesignSchema.array());
