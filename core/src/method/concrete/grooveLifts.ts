import { chaseVolume, faceFilm, liftCount, liftThickness, massShare, proudVolume, volumeShare, volumeSum } from '../../geometry/groove.ts';
import { resinForSand, resinLeft, sandForVolume, wettingResin } from '../../mixing/sandPacking.ts';
import type { Figure } from '../../quantity/figure.ts';
import type { Ledger, Sourced } from '../../quantity/ledger.ts';
import type { ResinWorking } from '../../shelf/patchSystem.ts';
import { silicaSand } from '../../shelf/sand.ts';

/** A lift as placed: over the whole crack, and for one section of it. */
export interface Lift {
  readonly n: number;
  readonly thickness: Figure;
  /** placed volume, the last one with what stands proud */
  readonly volume: Figure;
  readonly resin: Figure;
  readonly sand: Figure;
  readonly resinPerSection: Figure;
  readonly sandPerSection: Figure;
}

export interface Lifts {
  readonly count: Figure;
  readonly proud: Figure;
  readonly proudVolume: Figure;
  /** groove and what stands proud */
  readonly filled: Figure;
  readonly wetting: Figure;
  readonly wettingPerSection: Figure;
  readonly lifts: readonly Lift[];
}

/** A groove as it is cut. */
export interface Groove {
  readonly length: Figure;
  readonly width: Figure;
  readonly depth: Figure;
  readonly void: Figure;
}

/** The lifts that fill a groove: equal in thickness, the last left proud, the wetting taken out of the first. */
export function grooveLifts(
  ledger: Ledger,
  working: ResinWorking,
  packing: Figure,
  groove: Groove,
  sections: Figure,
  leftProud: Sourced,
  thickestMm: Figure,
): Lifts {
  const { length: lengthMm, width: widthMm, depth: depthMm } = groove;
  const surplus = ledger.sourced(working.surplus);
  const count = ledger.compute(liftCount, { depthMm, thickestMm, least: ledger.sourced(working.leastLifts) });
  const thickness = ledger.compute(liftThickness, { depthMm, lifts: count });
  const proud = ledger.sourced(leftProud);
  const over = ledger.compute(proudVolume, { lengthMm, widthMm, proudMm: proud });
  const body = ledger.compute(chaseVolume, { lengthMm, widthMm, depthMm: thickness }, 'Volume of a lift');
  const top = ledger.compute(volumeSum, { volumeMl: [body, over] }, 'Volume of the last lift with its proud top');
  const filled = ledger.compute(volumeSum, { volumeMl: [groove.void, over] }, 'As filled');
  const resinOf = (volumeMl: Figure) => ledger.compute(resinForSand, { volumeMl, packing, surplus });
  const bodyResin = resinOf(body);
  const film = ledger.compute(faceFilm, { lengthMm, widthMm, depthMm, filmMm: ledger.sourced(working.film) });
  const wetting = ledger.compute(wettingResin, { filmMl: film, liftMl: bodyResin, share: ledger.sourced(working.wettingShare) });
  const shareOut = (volumeMl: Figure) => ledger.compute(volumeShare, { volumeMl, parts: sections });
  const lifts: Lift[] = [];
  for (let n = 1; n <= count.value; n++) {
    const volume = n === count.value ? top : body;
    const resin = n === 1 ? ledger.compute(resinLeft, { resinMl: bodyResin, wettedMl: wetting }) : resinOf(volume);
    const sand = ledger.compute(sandForVolume, { volumeMl: volume, packing, grainKgL: ledger.sourced(silicaSand.grains) });
    lifts.push({
      n,
      thickness,
      volume,
      resin,
      sand,
      resinPerSection: shareOut(resin),
      sandPerSection: ledger.compute(massShare, { massG: sand, parts: sections }),
    });
  }
  return { count, proud, proudVolume: over, filled, wetting, wettingPerSection: shareOut(wetting), lifts };
}
