export * from './made.ts';
