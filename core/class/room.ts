/** What a lesson takes from its class: who is in the room, and how fast they are. */

import { PLAIN_CRAFT, TOOLS } from '../craft/index.ts';
import type { Plan, Room } from '../lesson/index.ts';
import type { Fibre } from '../fabric/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import type { Class } from './class.ts';
import type { Learnt } from './learnt.ts';

/** Of those who still come; who counts as left-handed is who knits so. Each is counted once: at a tool, left-handed, large print, yarn hand. */
export function roomOf({ people }: Pick<Class, 'people'>, style: Pick<HouseStyle, 'yarnHand'>): Room {
	const come = people.filter((p) => !p.left);
	const at: Record<string, number> = {};
	for (const tool of TOOLS) {
		const many = come.filter((p) => p.at === tool).length;
		if (many > 0) at[tool] = many;
	}
	const byHand = come.filter((p) => p.at === PLAIN_CRAFT);
	const left = byHand.filter((p) => p.hands === 'left');
	const others = byHand.filter((p) => p.hands !== 'left');
	const large = others.filter((p) => p.large);
	const otherYarn = others.filter((p) => !p.large && p.yarnHand !== undefined && p.yarnHand !== style.yarnHand);
	const avoids = Object.fromEntries(
		[...fibresAvoided({ people: come })].map(([fibre, names]) => [fibre, names.length]),
	);
	return {
		at,
		left: left.length,
		large: large.length,
		otherYarn: otherYarn.length,
		...(Object.keys(avoids).length > 0 ? { avoids } : {}),
	};
}

/** Fibres that somebody in the class keeps away from, with who does. */
export function fibresAvoided({ people }: Pick<Class, 'people'>): ReadonlyMap<Fibre, readonly string[]> {
	const all = new Map<Fibre, string[]>();
	for (const { name, avoids = [], left } of people)
		if (!left) for (const f of avoids) all.set(f, [...(all.get(f) ?? []), name]);
	return all;
}

/** The plan of a lesson, given to this class; with how fast it was measured to be, where it was. How long the lesson is stays as it was planned. */
export function planFor(plan: Plan, of: Class, style: Pick<HouseStyle, 'yarnHand'>, pace?: Learnt['pace']): Plan {
	const from = pace ? pace.crossing.from + pace.stitches.from : 0;
	const come = of.people.filter((p) => !p.left).length;
	const { pace: _before, ...rest } = plan;
	return {
		...rest,
		level: of.level,
		learners: Math.max(1, come),
		room: roomOf(of, style),
		...(pace && from > 0
			? { pace: { crossing: pace.crossing.value, stitches: pace.stitches.value, from, of: of.title } }
			: {}),
	};
}
