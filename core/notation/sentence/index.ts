export { MAX_SENTENCE_LENGTH } from './clauses.ts';
export { readSentence, type SentenceReading } from './run.ts';
export { sentenceFor } from './write.ts';
export { SENTENCE_FILLERS } from './sentence-words.ts';
