/** People as they are pasted: a name a line, or a table whose head says what its columns are. */

import { PLACES, placeName } from '../craft/index.ts';
import { LANGUAGE_TITLES, ROW_LANGUAGE_IDS } from '../language/index.ts';
import { LEVELS } from '../skill/index.ts';
import { CLASS_LIMITS } from './class.ts';
import { PERSON_LIMITS, type Person } from './person.ts';

export interface Pasted {
	readonly people: readonly Person[];
	/** What was not taken: a whole sentence each. */
	readonly notRead: readonly string[];
}

const HEADS: Readonly<Record<string, 'name' | 'hands' | 'at' | 'level' | 'yarn' | 'large' | 'language'>> = {
	name: 'name',
	who: 'name',
	'first name': 'name',
	hand: 'hands',
	hands: 'hands',
	tool: 'at',
	at: 'at',
	works: 'at',
	level: 'level',
	yarn: 'yarn',
	'yarn hand': 'yarn',
	print: 'large',
	'large print': 'large',
	language: 'language',
};

/** What one cell says of a person; undefined where it says nothing that is known. */
function told(cell: string): Partial<Person> | undefined {
	const text = cell.trim().toLowerCase();
	if (/^right([- ]hand(ed)?)?$/.test(text)) return { hands: 'right' };
	if (/^left([- ]hand(ed)?)?$/.test(text)) return { hands: 'left' };
	if (/^left.*(as|knits) right/.test(text)) return { hands: 'left-as-right' };
	const level = LEVELS.find((l) => l === text);
	if (level) return { level };
	const place = PLACES.find((p) => p === text || placeName(p) === text || placeName(p).endsWith(` ${text}`));
	if (place) return { at: place };
	if (/^(needles?|by hand)$/.test(text)) return { at: PLACES[0]! };
	if (/^large( print)?$/.test(text)) return { large: true };
	if (/^yarn (in|left|right)/.test(text)) return { yarnHand: text.includes('left') ? 'left' : 'right' };
	const language = ROW_LANGUAGE_IDS.find((id) => {
		const title = LANGUAGE_TITLES[id].toLowerCase();
		return [title, `rows in ${title}`, `rows in ${title} too`].includes(text);
	});
	if (language) return { language };
	return undefined;
}

/** A cell under a head: `yes` under *large print* says as much as *large print*. */
function under(head: (typeof HEADS)[string], cell: string): Partial<Person> | undefined {
	if (head === 'large') return /^(yes|y|x|1|large.*)$/i.test(cell.trim()) ? { large: true } : {};
	if (head === 'yarn') return told(`yarn ${cell}`);
	return told(cell);
}

/**
 * From cells, a line each, as a table of commas, semicolons or tabs was taken apart. The first cell of a line is a name
 * where no head says otherwise; what is said after it is found by its words. Whoever is there already by the same name is
 * not taken twice.
 */
export function peopleIn(lines: readonly (readonly string[])[], here: readonly Person[], nextId: () => string): Pasted {
	const first = lines[0]?.map((cell) => HEADS[cell.trim().toLowerCase()]) ?? [];
	const heads = first.includes('name') ? first : undefined;
	const people: Person[] = [];
	const notRead: string[] = [];
	const names = new Set(here.map((p) => p.name.toLowerCase()));
	for (const line of heads ? lines.slice(1) : lines) {
		const nameAt = heads ? heads.indexOf('name') : 0;
		const name = (line[nameAt] ?? '').trim();
		if (name === '') {
			if (line.some((cell) => cell.trim() !== '')) notRead.push(`“${line.join(', ')}” has no name.`);
			continue;
		}
		if (name.length > PERSON_LIMITS.name) {
			notRead.push(`“${name.slice(0, 30)}…” is longer than ${PERSON_LIMITS.name} characters.`);
			continue;
		}
		if (names.has(name.toLowerCase())) {
			notRead.push(`${name} is there already.`);
			continue;
		}
		if (here.length + people.length >= CLASS_LIMITS.people) {
			notRead.push(`${name} is one too many: a class has at most ${CLASS_LIMITS.people} people.`);
			continue;
		}
		let person: Person = { id: nextId(), name, hands: 'right', at: PLACES[0]! };
		for (const [i, cell] of line.entries()) {
			if (i === nameAt || cell.trim() === '') continue;
			const more = heads?.[i] ? under(heads[i], cell) : told(cell);
			if (more) person = { ...person, ...more };
			else notRead.push(`${name}: “${cell.trim()}” is not known here.`);
		}
		names.add(name.toLowerCase());
		people.push(person);
	}
	return { people, notRead };
}
