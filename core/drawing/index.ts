export { PALETTES, type Light, type Palette } from './palette.ts';
export { drawRibbon, type RibbonOptions } from './ribbon.ts';
export type { CircleShape, CrossPoint, Drawing, PathShape, Shape, TextShape } from './shapes.ts';
export { drawStage, type StageOptions } from './stage/scene.ts';
export { toSvg } from './svg.ts';
