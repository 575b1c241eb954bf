export * from './lengths.ts';
export * from './needles.ts';
export { thousands } from '../thousands.ts';
