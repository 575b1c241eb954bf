import { z } from 'zod';
import { HouseStyleSchema } from './house-style.ts';

/** As the database counts. */
export const VersionSchema = z.number().int().min(0).max(2_147_483_647, 'There is no such version. Reload the page.');

/** Version 0 is the style of a teacher who has not saved one yet. */
export const SaveHouseStyleSchema = z.object({ version: VersionSchema, style: HouseStyleSchema });
