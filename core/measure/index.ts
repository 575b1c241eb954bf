export * from './lengths.ts';
export * from './needles.ts';
