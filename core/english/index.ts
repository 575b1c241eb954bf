export { ENGLISHES, englishOf, inEnglish, type English } from './english.ts';
