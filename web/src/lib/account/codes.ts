import { z } from 'zod';

const WithCodes = z.object({ codes: z.array(z.string()) });

/** The recovery codes in what a form was answered with, when there are any. */
export const codesIn = (answer: unknown): readonly string[] | undefined => WithCodes.safeParse(answer).data?.codes;
