import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Curing under a film, where it is used before a damp cover could come off. */
export function curingFilm(volume: Figure, days: Figure, polymer: boolean, minutes: Figure): Made {
  return {
    id: 'film',
    builder: 'curing-film',
    kind: 'work',
    title: say`Spray on ${volume} of curing compound`,
    detail: say`as soon as the shine of water is gone, all over and round the edge, two thin passes crosswise; in place of ${days} under a damp cover, since it is used before; ${polymer ? 'a water-borne one, no solvent on polymer mortar; ' : ''}nothing bonds to the film: it comes off before any coat`,
    look: say`An even film, no bare place against the light.`,
    done: 'Film on',
    soon: true,
    tools: ['sprayer'],
    minutes,
  };
}
