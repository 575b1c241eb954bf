export { memoize, numbered } from './memoize.ts';
