import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import { readyTitle } from '../../words/finishing.ts';
import type { Made } from '../../step.ts';

/** The moment from which the patch is used. */
export function patchReady(words: string, wait: Figure, slabC: Figure, minutes: Figure): Made {
  return {
    id: 'open',
    builder: 'open-to-traffic',
    kind: 'ready',
    title: readyTitle(words),
    detail: say`${wait} after the last lift, at ${slabC}`,
    look: say`A nail scratches a white line and no groove.`,
    done: 'Checked: open',
    tools: [],
    sign: 'opens',
    minutes,
  };
}
