import { compoundDrying, paintDrying } from '../climate/drying.ts';
import type { ClimateSeries, ClimateStretch } from '../climate/series.ts';
import { cureProgress, progressEndMin, type CureProgress } from '../cure/progress.ts';
import { workingMultiplier } from '../cure/reaction.ts';
import type { Lag } from '../method/step.ts';
import { evaluate } from '../quantity/formula.ts';

/** What the table of drying holds for. */
const { min: driesFromC } = compoundDrying.inputs.airC;
const { max: dampestPct } = compoundDrying.inputs.humidityPct;

/** A lag that is over when its rate adds up to one. */
export type RunningLag = Exclude<Lag, { by: 'fixed' }>;

/** How much of a lag is done in a minute of a stretch of climate; nothing where it stands still. */
export function lagRate(lag: RunningLag): (stretch: ClimateStretch) => number {
  switch (lag.by) {
    case 'drying': {
      const { thicknessMm, cover, draft } = lag;
      // in frost nothing dries, and air that is full of vapor takes no more than at the end of the table
      return ({ airC, humidityPct: damp }) =>
        airC < driesFromC
          ? 0
          : 1 /
            evaluate(compoundDrying, { airC, humidityPct: Math.min(damp, dampestPct), thicknessMm: thicknessMm.value, cover: cover.value, draft: draft.value });
    }
    case 'film': {
      const sheetMin = lag.sheetMin.value;
      // colder than the formula holds for it dries no faster than at its coldest
      const { min, max } = paintDrying.inputs.airC;
      return ({ airC, humidityPct }) => 1 / evaluate(paintDrying, { sheetMin, airC: Math.min(Math.max(airC, min), max), humidityPct });
    }
    case 'gel':
    case 'window': {
      const { by, at23 } = lag;
      const times = (slabC: number) => (by === 'gel' ? workingMultiplier(slabC) : Math.min(1, workingMultiplier(slabC)));
      return ({ slabC }) => 1 / (at23.value * times(slabC));
    }
    case 'progress': {
      const { cure, at23, stopsBelow } = lag;
      const law: CureProgress['law'] =
        cure.by === 'arrhenius'
          ? { by: 'arrhenius', activationKjMol: cure.activation.value }
          : cure.by === 'equivalent-age'
            ? { by: 'equivalent-age', activationK: cure.activation.value }
            : cure;
      return ({ slabC }) => cureProgress({ at23Min: at23.value, law, ...(stopsBelow && { stopsBelowC: stopsBelow.value }) }, slabC);
    }
  }
}

/** When a lag that begins at a moment is over in a climate, both in min from the start of the work. */
export function lagEnd(lag: Lag, fromMin: number, climate: ClimateSeries): number {
  if (lag.by === 'fixed') return fromMin + lag.minutes.value;
  return lag.by === 'progress' && lag.at23.value === 0 ? fromMin : progressEndMin(fromMin, climate, lagRate(lag));
}
