export * from './account-file.ts';
export * from './bring-back.ts';
export * from './history.ts';
export * from './swatch-file.ts';
