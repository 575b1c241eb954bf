export * from './crossing.ts';
export * from './groups.ts';
export * from './numbers.ts';
