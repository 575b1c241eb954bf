export { diagnose, type Likely, type Suspects } from './diagnose.ts';
export { mendsFor, type Mend, type Since } from './mend.ts';
export {
	HAND_MISTAKE_IDS,
	MISTAKE_IDS,
	sitesOf,
	hasSite,
	siteAt,
	type HandMistake,
	type HandMistakeId,
	type Mistake,
	type MistakeId,
	type BedSite,
} from './mistake.ts';
export { MISTAKES } from './mistakes.ts';
export { bothFaces, SIGN_IDS, signsOf, type SideSeen, type Sign, type SignId } from './signs.ts';
