export * from './levels.ts';
export * from './of-crossing.ts';
export * from './table.ts';
export { isSkillAt } from './where.ts';
