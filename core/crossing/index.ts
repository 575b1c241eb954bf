export * from './crossing.ts';
export * from './groups.ts';
