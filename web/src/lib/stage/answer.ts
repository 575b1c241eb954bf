/** What a text stands for on the stage: the server answers for the page as it comes, and a browser for what is typed there. */

import { equal, fromCanonical, type Crossing } from '@pond-loop/core/crossing';
import { wordsFor } from '@pond-loop/core/made';
import { type Glossary, type NameRead, readGlossary, readTextWith, SCHOOLS } from '@pond-loop/core/notation';
import type { HouseStyle } from '@pond-loop/core/schema';
import { type StageAnswer, keyOf, type StageQuestion } from './question';

const ofItsOwn = (crossing: Crossing): NameRead => ({
	ok: true,
	crossing,
	school: 'slash',
	parts: [],
	meanings: [],
	elsewhere: [],
});

/** Whether rows read a name as this crossing. */
function isReadAs(glossary: Glossary, style: HouseStyle, name: string, crossing: Crossing): boolean {
	const read = readTextWith(glossary, name, style.school);
	return read.ok && equal(read.crossing, crossing);
}

export function answer(style: HouseStyle, asked: StageQuestion): StageAnswer {
	const glossary = readGlossary(style.glossary);
	const line = asked.own === undefined ? undefined : fromCanonical(asked.own);
	const key = keyOf(style, asked);
	const rowName = (ownName: string | undefined, crossing: Crossing): Pick<StageAnswer, 'rowName'> => {
		const names = [ownName, SCHOOLS[style.school].write(crossing), SCHOOLS.slash.write(crossing)];
		const name = names.find((one) => one !== undefined && isReadAs(glossary, style, one, crossing));
		return name === undefined ? {} : { rowName: name };
	};
	if (line?.ok) {
		const ownName = asked.text === wordsFor(line.value).title ? undefined : asked.text;
		return {
			key,
			reading: ofItsOwn(line.value),
			byLine: true,
			...(ownName === undefined ? {} : { ownName }),
			...rowName(ownName, line.value),
		};
	}
	const read = readTextWith(glossary, asked.text, asked.school, asked.meaning);
	if (!read.ok) return { key, reading: read, byLine: false };
	const { ok, crossing, school, parts, elsewhere } = read;
	const settled = 'settledBy' in read ? read.settledBy : undefined;
	const ownName = settled?.own ? settled.name : undefined;
	return {
		key,
		// Of what a sentence made, only the crossings are looked at.
		reading: {
			ok,
			crossing,
			school,
			parts,
			elsewhere,
			meanings: read.meanings.map((m) => ({ crossing: m.crossing, differs: m.differs })),
		},
		byLine: false,
		...(settled ? { settled: { name: settled.name, sentence: settled.sentence, own: settled.own === true } } : {}),
		...('sentence' in read
			? { sentence: { text: read.sentence, past: read.past, onTools: read.onTools === true } }
			: {}),
		...(ownName === undefined ? {} : { ownName }),
		...rowName(ownName, crossing),
	};
}
