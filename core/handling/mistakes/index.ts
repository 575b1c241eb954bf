export { diagnose, type Likely } from './diagnose.ts';
export { mendsFor, type Mend, type Since } from './mend.ts';
export { MISTAKE_IDS, sitesOf, type Mistake, type MistakeId, type Site } from './mistake.ts';
export { MISTAKES } from './mistakes.ts';
export { SIGN_IDS, signsOf, type Face, type Sign, type SignId } from './signs.ts';
