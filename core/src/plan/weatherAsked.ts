import type { WorkMethod } from '../method/work.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { waterBorne } from '../shelf/waterBorne.ts';

/** What something that is placed outside asks of the weather: while it is worked, and for so many min after it. */
export interface WeatherAsked {
  /** of the ground, in °C */
  readonly leastC?: number;
  readonly mostC?: number;
  /** how much warmer than the dew point the ground has to be, in K */
  readonly dewMarginK?: number;
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

/** What a step of a method asks of the weather; nothing where it places nothing. */
export function weatherAsked(method: WorkMethod, stepId: string, systems: readonly PatchSystem[]): WeatherAsked | undefined {
  const asks = method.steps.find((s) => s.id === stepId)?.handsOn?.asks;
  if (!asks) return undefined;
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
