import type { Watching } from '../geometry/darkLine.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { concreteBelow, exotherm, type LiftTrace, genericEpoxy, neatResin, sandFilledResin, stillAirWm2K, thickestLift } from './exotherm.ts';

export type LiftMix = 'neat' | 'sand-filled';

/** What a thick lift of a usual epoxy on concrete comes to, in words with figures. */
export interface LiftHeat {
  readonly peak: Saying;
  readonly thickest: Saying;
  readonly warning: Saying;
  /** for a picture; empty for a runaway */
  readonly trace: LiftTrace;
}

/** Why a thick lift is looked at. */
export const liftHeatWhy = 'Resin warms as it hardens, and hardens faster as it warms. Here is how hot a lift gets, and how thick it may be.';

/** the thickest lift that is looked at, in mm */
const thickestLookedAtMm = 60;

/**
 * Peak of a lift and the thickest lift under a limit. Takes a while: run it in a worker.
 * @returns nothing where it was stopped
 */
export function liftHeat(
  given: { readonly mix: LiftMix; readonly liftMm: number; readonly ambientC: number; readonly limitC: number },
  watching: Watching = {},
): LiftHeat | undefined {
  const { mix, liftMm, ambientC, limitC } = given;
  const ledger = new Ledger();
  const given1 = (label: string, kind: 'depth' | 'temperature' | 'duration', value: number) => ledger.assumed(label, kind, value, 'lift-model');
  const rest = { kinetics: genericEpoxy, lift: mix === 'neat' ? neatResin : sandFilledResin, substrate: concreteBelow, ambientC, filmWm2K: stillAirWm2K };
  const { onProgress } = watching;
  const trace: LiftTrace = { overTime: [], atPeak: [] };
  const found = exotherm(
    { ...rest, liftMm },
    {
      ...watching,
      ...(onProgress && {
        onProgress: (done) => {
          onProgress(done / 3);
        },
      }),
    },
    trace,
  );
  if (found.state === 'stopped') return undefined;
  const most = thickestLift(rest, limitC, thickestLookedAtMm, {
    ...watching,
    ...(onProgress && {
      onProgress: (done) => {
        onProgress(1 / 3 + (done * 2) / 3);
      },
    }),
  });
  if (most === undefined) return undefined;
  onProgress?.(1);
  // what the model holds for ends at a runaway: nothing of it is shown
  const shown: LiftTrace = found.state === 'peak' ? trace : { overTime: [], atPeak: [] };
  const limit = given1('Limit', 'temperature', limitC);
  return {
    peak:
      found.state === 'runaway'
        ? say`Runaway: it would smoke and foam. Do not place a lift of ${given1('Lift', 'depth', liftMm)} at ${given1('Air, concrete and mix', 'temperature', ambientC)}.`
        : say`A lift of ${given1('Lift', 'depth', liftMm)} gets to ${given1('Peak', 'temperature', found.peakC)} after ${given1('Peak after', 'duration', found.atMin)}.`,
    thickest:
      ambientC >= limitC
        ? say`None fits: the air alone is ${given1('Air, concrete and mix', 'temperature', ambientC)}, and it may get to ${limit}.`
        : most >= thickestLookedAtMm
          ? say`Up to ${given1('Thickest looked at', 'depth', most)} it stays under ${limit}.`
          : say`The thickest lift that stays under ${limit} is ${given1('Thickest lift', 'depth', most)}.`,
    warning: say`A usual amine epoxy, on thick concrete of the same temperature, in still air. A screen, not a promise: the kinetics of a product go first, and the same resin left in the cup gets far hotter.`,
    trace: shown,
  };
}
