export { chartParts, drawChart, drawChartPart, type ChartOptions } from './chart/chart.ts';
export { glanceAt } from './chart/glance.ts';
export { CELL, ChartLayout, wholeChart, type ChartWindow } from './chart/layout.ts';
export { drawLie, LIE_STITCH, type LieOptions } from './lie/draw-lie.ts';
export { demonstrationPage, demonstrationsPage, walked, type PageOptions, type PageSection } from './files/page.ts';
export { stripSvg, type Frame, type StripOptions } from './files/strip.ts';
export { PALETTES, type Light, type Palette } from './palette.ts';
export { drawResult, type ResultOptions } from './result.ts';
export { drawRibbon, type RibbonOptions } from './ribbon.ts';
export {
	num,
	type CircleShape,
	type CrossPoint,
	type Drawing,
	type PathShape,
	type Shape,
	type TextShape,
} from './shapes.ts';
export { drawAbove, drawStage } from './draw-stage.ts';
export type { StageOptions } from './stage/options.ts';
export { WATER_STOPS } from './stage/surroundings.ts';
export { cordStyles, type StrandStyle } from './strand.ts';
export { escapeXml, svgElements, toSvg, type SvgElement } from './svg.ts';
export { centreLines, THICKNESS, type YarnPoint, type YarnRow } from './space/centre-lines.ts';
