import { isElectric } from '../method/things.ts';
import type { MaterialRole, WorkMethod } from '../method/work.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { waterBorne } from '../shelf/waterBorne.ts';

/** What something that is placed outside asks of the weather: while it is worked, and for so many min after it. */
export interface WeatherAsked {
  /** of the ground, in °C */
  readonly leastC?: number;
  readonly mostC?: number;
  /** how much warmer than the dew point the ground has to be, in K */
  readonly dewMarginK?: number;
  /** nothing is placed, but it is done with electric tools */
  readonly electric?: true;
  readonly after: {
    /** until it is hard or dry enough to be gone over, or to bear frost */
    readonly dryMin: number;
    readonly noFrostMin: number;
  };
}

/** As long as fresh mortar or plaster is kept from frost, in min: common practice. */
export const freshMin = 1440;

/** Rain on what has stood for a day harms no more: common practice. */
const rainMostMin = 1440;

const bearsRain: ReadonlySet<MaterialRole> = new Set(['board', 'fixing', 'port', 'cover', 'wear']);

/** What a step of a method asks of the weather; nothing where it may rain on it. */
export function weatherAsked(method: WorkMethod, stepId: string, systems: readonly PatchSystem[]): WeatherAsked | undefined {
  const handsOn = method.steps.find((s) => s.id === stepId)?.handsOn;
  const asks = handsOn?.asks;
  // a board that is set, or a port, is no worse for rain
  const places = handsOn?.uses.some(({ of }) => !bearsRain.has(method.materials.find((m) => m.id === of)?.role ?? 'coating'));
  if (!asks || places !== true) return handsOn && isElectric(handsOn.things) ? { electric: true, after: { dryMin: 0, noFrostMin: 0 } } : undefined;
  const { min, max } = asks.slabC;
  const waits = method.links.flatMap((l) => (l.from === stepId && l.least ? [l.least.minutes.value] : []));
  // what is placed on again at once hardens with what comes over it
  const dryMin = Math.round(Math.min(rainMostMin, Math.max(0, ...waits)));
  const own = systems.filter((s) => s.slabC === asks.slabC);
  return {
    ...(min && { leastC: min.value }),
    ...(max && { mostC: max.value }),
    ...(asks.dewMargin && { dewMarginK: asks.dewMargin.value }),
    after: { dryMin, noFrostMin: own.some(waterBorne) ? freshMin : 0 },
  };
}
