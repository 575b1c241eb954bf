export * from './edit.ts';
export * from './history.ts';
