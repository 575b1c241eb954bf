export * from './compared.ts';
export * from './look.ts';
export * from './tail.ts';
