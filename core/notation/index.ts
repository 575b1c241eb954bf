export { closeNames, type CloseName } from './close.ts';
export type { NamePart } from './name-parts.ts';
export {
	MAX_NAME_LENGTH,
	readAll,
	readName,
	type AllReadings,
	type NameNotRead,
	type NameRead,
	type Reading,
	type StatedSchool,
} from './read.ts';
export {
	nameIn,
	namesFor,
	SCHOOL_IDS,
	SCHOOLS,
	schoolChoice,
	writtenIn,
	WRITTEN_SCHOOLS,
	type Meaning,
	type School,
	type SchoolId,
	type SchoolName,
} from './schools.ts';
export { stitches, wordsFor, wordsMade, type CrossingWords } from './words-for.ts';
export { differencesOf } from './compare.ts';
export { readOnTools } from './on-tools.ts';
export { readPegName } from './pegs.ts';
export { readNameWith, readTextWith, type NameSettled, type SentenceRead } from './read-with.ts';
export {
	entryFor,
	GLOSSARY_LIMITS,
	KEPT_LIMITS,
	plainName,
	namesIn,
	readGlossary,
	withKept,
	withoutKept,
	type Glossary,
	type GlossaryEntry,
	type KeptCrossing,
} from './glossary.ts';
export {
	MAX_SENTENCE_LENGTH,
	readSentence,
	SENTENCE_FILLERS,
	sentenceFor,
	type SentenceReading,
} from './sentence/index.ts';
export * from './rows/index.ts';
export { whatIs, type What } from './what.ts';
export { EVERYDAY_WORDS, explained, type EverydayWord } from './everyday.ts';
export { capital } from '../capital.ts';
