export * from './crossing.ts';
export * from './design.ts';
export * from './export.ts';
export * from './house-style.ts';
export * from './lesson.ts';
export * from './note.ts';
export * from './save.ts';
export * from './swatch.ts';
