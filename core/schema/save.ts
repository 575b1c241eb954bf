import { z } from 'zod';
import { LessonSchema, StepSchema, TitleSchema } from './lesson.ts';

/** A write of a whole lesson carries the version that it was made from. */
export const SaveLessonSchema = z.object({ version: z.number().int().min(1), lesson: LessonSchema });

export const NewLessonSchema = z.object({ title: TitleSchema, steps: z.array(StepSchema).max(1).optional() });

export const AddStepSchema = z.object({ step: StepSchema });
