export { night, paper, print, type Palette } from './palette.ts';
export { notesHeight } from './notes.ts';
export { sectionDrawing, sectionIcon, type DrawingOptions } from './sectionDrawing.ts';
export { planDrawing, type PlanImage, type PlanMark } from './planDrawing.ts';
export { svgText, type SvgNode } from './svg.ts';
