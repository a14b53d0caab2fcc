import type { Ask } from './ask.ts';
import { choice, is, measure } from './questions.ts';

/** What the shell is, and whether it gives: solvents harm some, and a floor that gives must be borne first. */
export const shellAsks: readonly Ask[] = [
  choice(
    'shell',
    'Member',
    'What is the shell?',
    { gelcoat: 'gelcoat on fiberglass', acrylic: 'acrylic', plastic: 'ABS or PVC', enamel: 'porcelain enamel', unknown: 'not sure' },
    {
      hint: 'a magnet sticks to enamel; fiberglass sounds hollow and has a woven or rough back; acrylic is warm, with the same color through a scratch; plastic is thin, with another color inside',
    },
  ),
  choice('part', 'Member', 'Where is it?', { floor: 'floor', wall: 'wall', rim: 'rim' }),
  measure('flexMm', 'Member', 'How far does it give under the hand?', 'depth', [0, 60], {
    hint: 'a rule beside the place, pressed by hand; nothing if it is firm',
  }),
  choice('coated', 'Member', 'Has it been coated before?', { no: 'no', yes: 'yes', unknown: 'not sure' }),
  choice('silicone', 'Ground', 'Is caulk or silicone near?', { no: 'no', yes: 'yes' }),
  choice('drip', 'Ground', 'Does a tap drip on it?', { no: 'no', yes: 'yes' }),
  choice('rust', 'Ground', 'Is there rust?', { no: 'no', spot: 'a spot', under: 'it creeps under the enamel' }, { when: [is('shell', 'enamel')] }),
  choice('match', 'After', 'Must color and gloss match?', { no: 'no', color: 'color', both: 'color and gloss' }),
];
