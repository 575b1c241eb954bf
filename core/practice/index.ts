/** Practice: questions made from crossings, and judged by the model; the door behind which a class practises. */

export { ask, isSameQuestion, type AskedQuestion } from './ask.ts';
export { DOOR_LIMITS, newDoor, PRACTICE_DOOR_FORMAT, PracticeDoorSchema, type PracticeDoor } from './door.ts';
export { chosenAmong, keptKinds } from './chosen.ts';
export { drawnChart } from './drawn-chart.ts';
export { drawnCrossing, shownSaid } from './drawn.ts';
export { DRILLS } from './drills.ts';
export { FIRST_DRILLS } from './first-drills.ts';
export { FIRST_CROSSINGS } from './first.ts';
export { hardIn, type Hard, type HardIn } from './hard.ts';
export type { Deck, Drill, Option, Question, QuestionPicture, Verdict } from './question.ts';
export { PracticeSummarySchema } from './summary-schema.ts';
export {
	NICKNAME_MOST,
	PRACTICE_SUMMARY_FORMAT,
	summaryOf,
	SUMMARY_DAYS,
	type Answer,
	type PracticeSummary,
} from './summary.ts';
export { answerTo, askedTogether, TOGETHER } from './together.ts';
