/** What a learner sends, checked: apart from what makes it, so that a phone need not fetch what it never checks. */

import { z } from 'zod';
import { anyVersion, versionOf } from '../schema/index.ts';
import {
	MOST_COUNTED,
	MOST_CROSSINGS,
	NICKNAME_MOST,
	PRACTICE_SUMMARY_FORMAT,
	SUMMARY_DAYS,
	type PracticeSummary,
} from './summary.ts';

const counts = { asked: z.number().int().min(1).max(MOST_COUNTED), right: z.number().int().min(0).max(MOST_COUNTED) };
const fits = ({ asked, right }: { asked: number; right: number }): boolean => right <= asked;
const more = 'More answers are right than were asked.';
const NowSchema = z.object({
	format: z.literal(PRACTICE_SUMMARY_FORMAT.name),
	version: versionOf(PRACTICE_SUMMARY_FORMAT),
	name: z.string().trim().max(NICKNAME_MOST, `A name has at most ${NICKNAME_MOST} characters here. Shorten it.`),
	days: z.number().int().min(0).max(SUMMARY_DAYS),
	kinds: z.array(z.object({ kind: z.string().max(40), ...counts }).refine(fits, more)).max(100),
	crossings: z.array(z.object({ name: z.string().max(60), ...counts }).refine(fits, more)).max(MOST_CROSSINGS),
});
export const PracticeSummarySchema = anyVersion<PracticeSummary>(PRACTICE_SUMMARY_FORMAT, NowSchema);
