import { craftOf } from '../craft/index.ts';
import type { Worked } from '../worked/index.ts';

/** Whether the work is turned after each row: flat on two needles. On pegs and on a bed the same side stays towards the worker. */
export const isTurned = ({ shape, craft }: Pick<Worked, 'shape' | 'craft'>): boolean =>
	shape === 'flat' && craftOf(craft).isHanded;
