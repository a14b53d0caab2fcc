import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** Everything to hand before the first cartridge is opened: then the clock runs. */
export function getReady(minutes: Figure, mixerWaste: Figure): Made {
  return {
    id: 'get-ready',
    builder: 'get-ready',
    straightOn: true,
    kind: 'work',
    title: say`Get ready: sand, knife, cartridges`,
    detail: say`shake, bleed both sides level, fit the mixer, ${mixerWaste} to waste; tip down from here on`,
    look: say`One even color from the mixer; a retained sample in a cup, with the time on it.`,
    done: 'Ready, one even color',
    tools: ['cartridge gun', 'static mixers', 'knife', 'sand in a shaker'],
    minutes,
  };
}
