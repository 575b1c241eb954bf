export * from './made.ts';
export { ribbonOf } from './ribbon.ts';
export { sentenceFor } from './sentence.ts';
