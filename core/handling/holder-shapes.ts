/**
 * Shapes of holders: straight ones are loaded at one point and worked off the other, bent ones keep
 * stitches in their middle, hooks are loaded by the short leg and worked off the long one.
 */
export const HOLDER_SHAPES = ['bent', 'straight', 'hook'] as const;
export type HolderShape = (typeof HOLDER_SHAPES)[number];
