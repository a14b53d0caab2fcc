import { cupTool, wrongCupTool } from './cup.ts';
import { liftTool } from './lift.ts';
import { moistTool } from './moist.ts';
import { portsTool } from './ports.ts';
import { sandingTool } from './sanding.ts';
import { tintingTool } from './tinting.ts';
import type { QuickTool } from './tool.ts';
import { recoatTool, waitTool } from './waiting.ts';
import { weatherTool } from './weather.ts';

/** Small tools of the page of figures and of the command line. */
export const quickTools: readonly QuickTool[] = [
  weatherTool,
  waitTool,
  moistTool,
  recoatTool,
  liftTool,
  portsTool,
  cupTool,
  wrongCupTool,
  sandingTool,
  tintingTool,
];
