import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** The moment from which the floor may be used. */
export function openToTraffic(words: string, wait: Figure, slabC: Figure): Made {
  return {
    id: 'open',
    builder: 'open-to-traffic',
    kind: 'ready',
    title: say`Open to ${words}`,
    detail: say`${wait} after the last resin, at ${slabC}`,
    look: say`A key pressed into the retained sample leaves no mark.`,
    done: 'Checked: open',
    tools: [],
    sign: 'opens',
    minutes: wait,
  };
}
