export * from './compared.ts';
export * from './look.ts';
export * from './tail.ts';
export { begunIn, whatIsIt, type BegunWith, type WhatIsIt } from './what-is-it.ts';
export { wayOn, type WayOn } from './way-on.ts';
