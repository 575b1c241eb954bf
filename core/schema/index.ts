export * from './crossing.ts';
export * from './lesson.ts';
export * from './save.ts';
