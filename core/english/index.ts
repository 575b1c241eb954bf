export { ENGLISHES, englishFor, englishOf, inEnglish, type English } from './english.ts';
