export { closeNames, type CloseName } from './close.ts';
export type { NamePart } from './parts.ts';
export { MAX_NAME_LENGTH, readName, type NameNotRead, type NameRead } from './read.ts';
export { SCHOOL_IDS, SCHOOLS, type School, type SchoolId } from './schools.ts';
export { stitches, wordsFor, type CrossingWords } from './words-for.ts';
