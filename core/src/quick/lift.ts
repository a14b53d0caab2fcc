import { liftHeat } from '../cure/liftHeat.ts';
import { answered, measured, type QuickTool, type ToolMeasure } from './tool.ts';

const lift: ToolMeasure = { name: 'lift', label: 'Thickness of the lift', kind: 'depth', usual: 10, min: 1, max: 60 };
const air: ToolMeasure = { name: 'air', label: 'Air, concrete and mix', kind: 'temperature', usual: 23, min: 0, max: 45 };
const limit: ToolMeasure = { name: 'limit', label: 'It may get to', kind: 'temperature', usual: 60, min: 30, max: 140 };

/** Heat of a thick lift. Takes a while: the page runs the same in a worker. */
export const liftTool: QuickTool = {
  id: 'lift-heat',
  group: 'Lifts and heat',
  title: 'Heat of a thick lift',
  words: 'How hot a lift of resin gets by itself, when, and how thick it may be.',
  choices: [
    {
      name: 'mix',
      label: 'What is placed',
      options: [
        ['neat', 'neat resin'],
        ['sand', 'four parts of sand to one'],
      ],
    },
  ],
  measures: [lift, air, limit],
  answer: (given) => {
    const heat = liftHeat({
      mix: given.choices['mix'] === 'sand' ? 'sand-filled' : 'neat',
      liftMm: measured(given, lift),
      ambientC: measured(given, air),
      limitC: measured(given, limit),
    });
    return heat ? answered([heat.peak], [heat.thickest, heat.warning]) : answered([]);
  },
};
