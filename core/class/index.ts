/** A class and its log: people, evenings, what is learnt from them, and what could come next. */

export { eveningFor } from './begin.ts';
export {
	CLASS_FORMAT,
	CLASS_LIMITS,
	ClassSchema,
	ClassTitleSchema,
	newClass,
	NewClassSchema,
	SaveClassSchema,
	type Class,
} from './class.ts';
export {
	EVENING_FORMAT,
	EVENING_LIMITS,
	EveningSchema,
	goalOf,
	joined,
	OUTCOME_WORDS,
	OUTCOMES,
	personIn,
	PressesSchema,
	PressSchema,
	wentBy,
	type Did,
	type Evening,
	type Goal,
	type Outcome,
	type PiecePress,
	type Press,
	type StepTime,
	type Went,
} from './evening.ts';
export { exampleOf } from './example.ts';
export { ClassFileSchema, picturesIn, withoutPeople, withPieces, type ClassFile } from './file.ts';
export {
	learntBy,
	paceOf,
	type GoalLearnt,
	type HeldEvening,
	type Lap,
	type Learnt,
	type LearntShown,
	type StepLearnt,
} from './learnt.ts';
export { lessonFrom } from './next-lesson.ts';
export { calledBy, nameTaker, withoutNames } from './nameless.ts';
export { nextFor, type Proposal } from './next.ts';
export { peopleIn, type Pasted } from './pasted.ts';
export { HANDED, PERSON_LIMITS, PersonSchema, type Handed, type Person } from './person.ts';
export { farOff, PRIOR_WEIGHT, shrunk, type Measured } from './robust.ts';
export { logTable } from './log-table.ts';
export { MISTAKE_TITLES, mistakesAt } from './mistakes.ts';
export { withSquares, type ClassSquare, type Washing } from './washing.ts';
export { learntTable } from './table.ts';
export { fibresAvoided, planFor, roomOf } from './room.ts';
