export { closeNames, type CloseName } from './close.ts';
export type { NamePart } from './parts.ts';
export { MAX_NAME_LENGTH, readName, type NameNotRead, type NameRead } from './read.ts';
export { namesFor, SCHOOL_IDS, SCHOOLS, type School, type SchoolId, type SchoolName } from './schools.ts';
export { stitches, wordsFor, type CrossingWords } from './words-for.ts';
