export * from './block.ts';
export * from './html.ts';
export * from './markdown.ts';
