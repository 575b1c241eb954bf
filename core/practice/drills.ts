/** All kinds of question, in the order in which they are begun. */

import { edgeOfRow, rowOfChart, whereItGapes } from './drills/charts.ts';
import { doIt, madeAtTool } from './drills/doing.ts';
import { whichIsTwisted } from './drills/twisted.ts';
import { FIRST_DRILLS } from './first-drills.ts';
import type { Drill } from './question.ts';

export const DRILLS: readonly Drill[] = [
	...FIRST_DRILLS,
	doIt,
	rowOfChart,
	edgeOfRow,
	whereItGapes,
	whichIsTwisted,
	madeAtTool,
];
