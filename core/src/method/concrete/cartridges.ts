import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { timesDuration } from '../../cure/reaction.ts';
import { massShare, massSum, volumeShare, volumeSum } from '../../geometry/groove.ts';
import { cartridgesNeeded, mixersNeeded, mixerWaste, purgeCount, volumeBought, volumeOver } from '../../mixing/cartridges.ts';
import type { Figure } from '../../quantity/figure.ts';
import type { Sourced } from '../../quantity/ledger.ts';
import type { Quantity } from '../../quantity/quantity.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { ResinWorking } from '../../shelf/patchSystem.ts';
import type { Course } from '../course.ts';
import type { MixGo, MixSaid } from '../work.ts';
import type { Lift, Lifts } from './grooveLifts.ts';
import { gradesOf } from './grades.ts';

/** What a groove takes, by lifts and sections. */
export interface GrooveFill {
  readonly lifts: Lifts;
  readonly gel: Figure;
  /** minutes of placing resin, all sections and lifts */
  readonly placing: Figure;
  readonly premixed: boolean;
  /** how many, how long, the longest that may be, and the gel time that one takes, its reserve kept */
  readonly sections: Readonly<Record<'count' | 'length' | 'longest' | 'needs', Figure>>;
  /** sand that chokes the crack below */
  readonly choke?: Figure;
  readonly packing: Figure;
  readonly fine?: Figure;
}

const sandWay = (premixed: boolean): Saying =>
  premixed ? say`Wide groove: premix resin and sand in a pail.` : say`Narrow groove: sprinkle the sand into wet resin in layers.`;

/** What is said of the sand that is chosen: how much of the volume it fills. */
function sandWords({ packing, fine }: GrooveFill): Saying {
  return say`fills ${packing} of the volume${fine ? say`; fine sand ${fine} of it` : ''}.`;
}

/** One lift of one section: faces wetted first, then sand and resin. */
function goOf(c: Course, { lifts, sections }: GrooveFill, lift: Lift): MixGo {
  const parts = sections.count;
  return {
    title: say`Lift ${String(lift.n)}, ${lift.thickness}${lift.n === lifts.count.value && lifts.proud.value > 0 ? say` and ${lifts.proud} proud` : ''}`,
    parts: [
      ...(lift.n === 1 ? [{ what: 'Wet the faces', amount: c.ledger.compute(volumeShare, { volumeMl: lifts.wetting, parts }) }] : []),
      { what: 'Sand in', amount: c.ledger.compute(massShare, { massG: lift.sand, parts }) },
      { what: 'Resin on it', amount: c.ledger.compute(volumeShare, { volumeMl: lift.resin, parts }) },
    ],
  };
}

/** Resin from cartridges and dry sand of a groove as a mix: a section at a time, within the gel time; with what is bought and thrown away. */
export function cartridgeMix(c: Course, working: ResinWorking, fill: GrooveFill): MixSaid {
  const { ledger } = c;
  const { lifts, gel, placing, choke, sections } = fill;
  const resin = ledger.compute(volumeSum, { volumeMl: [lifts.wetting, ...lifts.lifts.map((l) => l.resin)] }, 'Resin placed');
  const sand = ledger.compute(massSum, { massG: [...lifts.lifts.map((l) => l.sand), ...(choke ? [choke] : [])] }, 'Sand placed');
  const mixerMl = c.get(working.mixer);
  const cartridge = c.get(working.cartridge);
  // each lift is a run of its own: between two lifts the mixer stands still beyond half the gel time
  const runs = lifts.count;
  const purges = ledger.compute(purgeCount, { placingMin: placing, gelMin: gel });
  const cartridges = ledger.compute(cartridgesNeeded, { resinMl: resin, cartridgeMl: cartridge, mixerMl, runs, purges });
  const waste = ledger.compute(mixerWaste, { cartridges, mixerMl, runs, purges });
  const bought = ledger.compute(volumeBought, { packs: cartridges, packMl: cartridge });
  const mixers = ledger.compute(mixersNeeded, { cartridges, runs });
  const left = ledger.compute(volumeOver, { boughtMl: bought, placedMl: resin, wasteMl: waste });
  const of = (times: Sourced<'ratio'>, what: string) => ledger.compute(timesDuration, { durationMin: gel, times: c.get(times) }, what);
  const purgeEvery = of(concreteWork.figures.purge, 'Purge half a mixer every');
  const idleLimit = of(concreteWork.figures.idle, 'New mixer after standing');
  const row = (id: string, label: string, figure: Figure): Quantity => ({ id, label, figure });
  c.amount('resin', 'Resin placed', resin);
  c.amount('sand', 'Dry sand', sand);
  if (fill.fine) {
    const grades = gradesOf(c, sand, fill.fine);
    c.amount('sand-coarse', 'Of it coarse, mesh 16', grades.coarse);
    c.amount('sand-fine', 'Of it fine, mesh 30', grades.fine);
  }
  c.amount('waste', 'Purged to waste', waste);
  c.amount('packs', 'Cartridges', cartridges);
  c.amount('mixers', 'Static mixers', mixers);
  c.amount('sections', 'Sections', sections.count);
  c.amount('purge', 'Purge half a mixer every', purgeEvery);
  return {
    id: 'resin',
    title: c.system.title,
    total: resin,
    batches: sections.count,
    within: gel,
    needs: sections.needs,
    care: 'urethane',
    parts: [{ what: 'Resin', role: 'ready', amount: resin }],
    says: [
      sandWay(fill.premixed),
      say`Bleed both sides level before each mixer.`,
      say`One mixer to waste and one even color, every cartridge.`,
      say`Tip down always: hanging it up does not stop the gel.`,
      ...(sections.count.value > 1
        ? [
            say`${sections.count} sections of ${sections.length}: ${c.matter.people === 2 ? 'a pair, one wetting and one sanding, can' : 'one person can'} do up to ${sections.longest} in the gel time, with a reserve.`,
          ]
        : []),
    ],
    goes: lifts.lifts.map((lift) => goOf(c, fill, lift)),
    packs: [
      row('cartridge', 'Content of a cartridge', cartridge),
      row('bought', 'Bought', bought),
      row('placed', 'Placed', resin),
      row('purged', 'Purged to waste', waste),
      row('left', 'Left in the last', left),
    ],
    running: [
      row('purge-every', 'Purge half a mixer every', purgeEvery),
      row('idle', 'Standing still longer: new mixer', idleLimit),
      row('purges', 'Purges in all', purges),
    ],
    choice: {
      field: 'sand',
      title: 'Sand',
      value: c.matter.sand,
      options: [
        { value: 'one', label: 'one size' },
        { value: 'two', label: 'two sizes, blended' },
      ],
      says: sandWords(fill),
    },
  };
}
