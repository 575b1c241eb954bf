export * from './compared.ts';
export * from './look.ts';
export * from './tail.ts';
export { askedFor, cameOut, untwisted } from './came-out.ts';
export { begunIn, type BegunWith } from './begun.ts';
export * from './craft-in.ts';
export { whatIsIt, type WhatIsIt } from './what-is-it.ts';
export { wayOn, type WayOn } from './way-on.ts';
