export * from './account-file.ts';
export * from './history.ts';
