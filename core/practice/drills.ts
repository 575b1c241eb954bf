/** All kinds of question, in the order in which they are begun. */

import { edgeOfRow, rowOfChart, whereItGapes } from './drills/charts.ts';
import { doIt, madeAtTool } from './drills/doing.ts';
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

export const DRILLS: readonly Drill[] = [
	leanOfName,
	holdOfName,
	countOfName,
	workOfName,
	pictureOfName,
	nameOfPicture,
	sameOrNot,
	leftHanded,
	doIt,
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
	rowOfChart,
	edgeOfRow,
	whereItGapes,
	rowsSince,
	rowsUntil,
	isDue,
	comesRound,
	madeAtTool,
];
