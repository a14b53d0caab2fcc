import { massSum, volumeSum } from '../geometry/groove.ts';
import { cartridgesNeeded, mixersNeeded, mixerWaste, purgeCount, volumeBought, volumeOver } from '../mixing/cartridges.ts';
import { timesDuration } from '../cure/reaction.ts';
import { massShare, volumeShare } from '../geometry/groove.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Method } from '../method/method.ts';
import type { ResinWorking } from '../shelf/patchSystem.ts';

/** One section's share of a lift, mixed and placed in one go within the gel time. */
export interface SectionBatch {
  readonly lift: number;
  readonly wetting?: Figure;
  readonly resin: Figure;
  readonly sand: Figure;
}

/** What is mixed, bought and thrown away for one repair. */
export interface Batch {
  readonly resinPlaced: Figure;
  readonly sandPlaced: Figure;
  readonly waste: Figure;
  readonly cartridges: Figure;
  readonly mixers: Figure;
  readonly purges: Figure;
  /** purge half a mixer this often while working */
  readonly purgeEvery: Figure;
  /** after this long standing still a new mixer is needed */
  readonly idleLimit: Figure;
  readonly bought: Figure;
  readonly left: Figure;
  readonly cartridge: Figure;
  readonly perSection: readonly SectionBatch[];
  /** what holds at every cartridge */
  readonly atEveryCartridge: readonly Saying[];
  /** how sand and resin come together in this groove */
  readonly sandWay: Saying;
}

/** Packs and batches of a sand-filled groove: what is placed, what the mixers take, what is bought. */
export function cartridgeBatch(ledger: Ledger, working: ResinWorking, method: Method): Batch {
  const { lifts, choke } = method;
  const resinPlaced = ledger.compute(volumeSum, { volumeMl: [lifts.wetting, ...lifts.lifts.map((l) => l.resin)] }, 'Resin placed');
  const sandPlaced = ledger.compute(massSum, { massG: [...lifts.lifts.map((l) => l.sand), ...(choke ? [choke.sand] : [])] }, 'Sand placed');
  const mixerMl = ledger.sourced(working.mixer);
  const cartridge = ledger.sourced(working.cartridge);
  // each lift is a run of its own: between two lifts the mixer stands still beyond half the gel time
  const runs = lifts.count;
  const purges = ledger.compute(purgeCount, { placingMin: method.placing, gelMin: method.gel });
  const cartridges = ledger.compute(cartridgesNeeded, { resinMl: resinPlaced, cartridgeMl: cartridge, mixerMl, runs, purges });
  const waste = ledger.compute(mixerWaste, { cartridges, mixerMl, runs, purges });
  const bought = ledger.compute(volumeBought, { packs: cartridges, packMl: cartridge });
  const share = (label: string, times: number) => ledger.assumed(label, 'ratio', times, 'practice');
  const parts = method.sections.count;
  return {
    resinPlaced,
    sandPlaced,
    waste,
    cartridges,
    mixers: ledger.compute(mixersNeeded, { cartridges, runs }),
    purges,
    purgeEvery: ledger.compute(timesDuration, { durationMin: method.gel, times: share('A third of the gel time', 1 / 3) }, 'Purge half a mixer every'),
    idleLimit: ledger.compute(timesDuration, { durationMin: method.gel, times: share('Half the gel time', 0.5) }, 'New mixer after standing'),
    bought,
    left: ledger.compute(volumeOver, { boughtMl: bought, placedMl: resinPlaced, wasteMl: waste }),
    cartridge,
    perSection: lifts.lifts.map((lift) => ({
      lift: lift.n,
      ...(lift.n === 1 && { wetting: ledger.compute(volumeShare, { volumeMl: lifts.wetting, parts }) }),
      resin: ledger.compute(volumeShare, { volumeMl: lift.resin, parts }),
      sand: ledger.compute(massShare, { massG: lift.sand, parts }),
    })),
    atEveryCartridge: [
      say`Bleed both sides level before each mixer.`,
      say`One mixer to waste and one even color, every cartridge.`,
      say`Tip down always: hanging it up does not stop the gel.`,
    ],
    sandWay: method.premixed ? say`Wide groove: premix resin and sand in a pail.` : say`Narrow groove: sprinkle the sand into wet resin in layers.`,
  };
}
