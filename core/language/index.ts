export { detectLanguage, LANGUAGES, languageOf, looksLike } from './languages.ts';
export {
	LANGUAGE_IDS,
	LANGUAGE_TITLES,
	ROW_LANGUAGE_IDS,
	TERMS,
	type Language,
	type LanguageId,
	type Term,
	type Writing,
} from './language.ts';
export {
	glossaryInEnglish,
	inEnglish,
	nameFrom,
	sentenceFrom,
	type LineInEnglish,
	type ReadingInEnglish,
	type TextInEnglish,
} from './text.ts';
export { WORDS_IN_ENGLISH } from './words-in-english.ts';
