import { z } from 'zod';
import { HouseStyleSchema } from './house-style.ts';
import { LessonSchema, StepSchema, TitleSchema } from './lesson.ts';

/** As the database counts. */
export const VersionSchema = z.number().int().min(0).max(2_147_483_647, 'There is no such version. Reload the page.');

/** A write of a whole lesson carries the version that it was made from. */
export const SaveLessonSchema = z.object({ version: VersionSchema.min(1), lesson: LessonSchema });

export const NewLessonSchema = z.object({ title: TitleSchema, steps: z.array(StepSchema).max(1).optional() });

export const AddStepSchema = z.object({ step: StepSchema });

/** Version 0 is the style of a teacher who has not saved one yet. */
export const SaveHouseStyleSchema = z.object({ version: VersionSchema, style: HouseStyleSchema });
