import type { Figure } from '../../../quantity/figure.ts';
import { say, type Saying } from '../../../quantity/saying.ts';
import type { LiftMix } from '../liftMix.ts';
import type { Made } from '../../step.ts';

/** Mixing for a lift. @param asked what the label of the bag has to state, where something is asked */
export function mixMortar(lift: number, { batch, each, powder, liquid, minutes }: LiftMix, potLife: Figure, asked: Saying = []): Made {
  return {
    id: `mix-${String(lift)}`,
    builder: 'mix-mortar',
    straightOn: true,
    kind: 'work',
    title: say`Mix for lift ${String(lift)}: ${batch}${each.value > 1 ? say`, ${each} times` : ''}`,
    detail: say`${powder} of powder to ${liquid} of liquid; nine tenths of the liquid first, powder into it, the rest as it needs, never more; ${each.value > 1 ? 'one batch after the other, each placed before the next is mixed; ' : ''}worked within ${potLife}, and never wetted again${asked}`,
    look: say`Holds its shape on the trowel, no dry lump, no shine of water.`,
    done: 'Mixed',
    tools: ['scale', 'drill and paddle', 'pail'],
    minutes,
  };
}
