export { kept, numbered } from './kept.ts';
