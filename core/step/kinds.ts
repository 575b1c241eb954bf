/** All kinds of steps, in the order in which an evening needs them: a kind is its file and its line here. */

import { check } from './kinds/check.ts';
import { compare } from './kinds/compare.ts';
import { crossing } from './kinds/crossing.ts';
import { discussion } from './kinds/discussion.ts';
import { drill } from './kinds/drill.ts';
import { finish } from './kinds/finish.ts';
import { homework } from './kinds/homework.ts';
import { materials } from './kinds/materials.ts';
import { note } from './kinds/note.ts';
import { opening } from './kinds/opening.ts';
import { picture } from './kinds/picture.ts';
import { rest } from './kinds/rest.ts';
import { swatch } from './kinds/swatch.ts';

export const ALL = [
	opening,
	materials,
	crossing,
	compare,
	swatch,
	picture,
	check,
	drill,
	discussion,
	rest,
	finish,
	homework,
	note,
] as const;
