/**
 * Kinds of question that need names, looks and hands alone: a phone has them at once, and fetches the others while the
 * first is answered. In the order in which they are begun.
 */

import { stitchesOfName } from './drills/counts.ts';
import { leanOfHands, madeOfSentence, orderOfMoves, whatMends, whatWentWrong } from './drills/hands.ts';
import { fromBehind, holdOfPicture, leanOfPicture, whoComesHere, whoIsInFront } from './drills/looks.ts';
import {
	countOfName,
	holdOfName,
	leanOfName,
	leftHanded,
	nameOfPicture,
	pictureOfName,
	sameOrNot,
	workOfName,
} from './drills/names.ts';
import { comesRound, isDue, rowsSince, rowsUntil } from './drills/rows.ts';
import type { Drill } from './question.ts';

export const FIRST_DRILLS: readonly Drill[] = [
	leanOfName,
	holdOfName,
	countOfName,
	stitchesOfName,
	workOfName,
	pictureOfName,
	nameOfPicture,
	sameOrNot,
	leftHanded,
	leanOfHands,
	madeOfSentence,
	orderOfMoves,
	whatWentWrong,
	whatMends,
	leanOfPicture,
	fromBehind,
	holdOfPicture,
	whoComesHere,
	whoIsInFront,
	rowsSince,
	rowsUntil,
	isDue,
	comesRound,
];
