export * from './levels.ts';
export * from './of-crossing.ts';
export * from './table.ts';
