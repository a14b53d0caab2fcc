import { liftCount, liftThickness, volumeShare, wheelPasses } from '../../geometry/groove.ts';
import { liftByHeat } from '../../cure/safeLift.ts';
import { cementWait, gelTime, longest, timesDuration, windowClose } from '../../cure/reaction.ts';
import { batchesInAll, coatVolume, liquidFor, mortarBatches, mortarToMix, powderFor, workByArea, workByVolume } from '../../mixing/mortarBatch.ts';
import { handsOn } from '../../mixing/workPace.ts';
import type { Figure } from '../../quantity/figure.ts';
import type { Ledger, Sourced } from '../../quantity/ledger.ts';
import { say } from '../../quantity/saying.ts';
import type { Auxiliary } from '../../shelf/auxiliaries/auxiliary.ts';
import { chasingTools } from '../../shelf/chasingTools.ts';
import { readyFor, type PatchSystem } from '../../shelf/patchSystem.ts';
import type { Rates } from '../../shelf/rates.ts';
import type { Lag, Link, Network, Step } from '../step.ts';
import { breakOut } from './steps/breakOut.ts';
import { cleanBars } from './steps/cleanBars.ts';
import { clearBars } from './steps/clearBars.ts';
import { coverAround } from './steps/coverAround.ts';
import { floatFace } from './steps/floatFace.ts';
import { keepDamp } from './steps/keepDamp.ts';
import { mixMortar } from './steps/mixMortar.ts';
import { packLift } from './steps/packLift.ts';
import { patchReady } from './steps/patchReady.ts';
import { primeBars } from './steps/primeBars.ts';
import { sawSquare } from './steps/sawSquare.ts';
import { scrubCoat } from './steps/scrubCoat.ts';
import { soakGround } from './steps/soakGround.ts';
import { waitNextLift } from './steps/waitNextLift.ts';
import { washOut } from './steps/washOut.ts';

/** What a place cut square is worked from. */
export interface SquarePatchInput {
  readonly ledger: Ledger;
  readonly system: PatchSystem;
  readonly rates: Rates;
  readonly people: 1 | 2;
  readonly slabC: Figure;
  readonly position: 'floor' | 'wall' | 'overhead' | 'edge';
  /** inside the cut, and round it */
  readonly cut: { readonly area: Figure; readonly around: Figure; readonly depth: Figure; readonly volume: Figure; readonly broken: Figure };
  /** bars that are bare: how far behind them is cleared */
  readonly bars?: Figure;
  /** what goes on the bars first */
  readonly primer?: Auxiliary;
  /** what it is ready for, in words, and by which of the system's times */
  readonly use: { readonly words: string; readonly traffic: string | undefined };
}

/** The whole method of a mortar in a place cut square. */
export interface SquarePatch extends Network {
  readonly lifts: { readonly count: Figure; readonly thickness: Figure; readonly volume: Figure };
  readonly edge: Figure;
  readonly mix: { readonly volume: Figure; readonly powder: Figure; readonly liquid: Figure; readonly batches: Figure; readonly batch: Figure; readonly potLife: Figure };
  readonly dampDays: Figure;
}

/**
 * The family of mortars placed in a place cut square: saw, break out, clear and prime bars, wash, soak, scrub,
 * pack in lifts within the windows between them, float, keep damp.
 * @throws Error where the system is no such mortar
 */
export function squarePatch({ ledger, system, rates, people, slabC, position, cut, bars, primer, use }: SquarePatchInput): SquarePatch {
  const { mortar, lift, edge: leastEdge } = system;
  if (!mortar || !lift || !leastEdge) throw new Error(`${system.title} is no mortar for a place cut square`);
  const get = (s: Sourced) => ledger.sourced(s);
  const hands = get(people === 2 ? rates.pair : rates.alone);
  const alone = get(rates.alone);
  const byArea = (setUp: Sourced, pace: Sourced, label: string) => ledger.compute(workByArea, { setUpMin: get(setUp), minPerM2: get(pace), areaMm2: cut.area, hands: alone }, label);
  const byVolume = (setUp: Sourced, pace: Sourced, volumeMl: Figure, crew: Figure, label: string) => ledger.compute(workByVolume, { setUpMin: get(setUp), minPerL: get(pace), volumeMl, hands: crew }, label);
  const waits = (s: Sourced, label: string): Lag => ({ by: 'progress', at23: get(s), cure: system.cure, ...(system.slabC.min && { stopsBelow: system.slabC.min }), minutes: system.cure.by === 'equivalent-age' ? ledger.compute(cementWait, { waitAt23Min: get(s), temperatureC: slabC, activationK: get(system.cure.activation) }, label) : get(s) });

  const edge = get(leastEdge);
  const thickest = liftByHeat(ledger, system.safeLift, lift[position] ?? lift.wall ?? leastEdge, slabC.value);
  const count = ledger.compute(liftCount, { depthMm: cut.depth, thickestMm: thickest, least: ledger.assumed('Least number of lifts', 'count', 1, 'practice') });
  const thickness = ledger.compute(liftThickness, { depthMm: cut.depth, lifts: count });
  const volume = ledger.compute(volumeShare, { volumeMl: cut.volume, parts: count }, 'Volume of a lift');
  const scrubFilm = get(mortar.scrub);
  const scrub = ledger.compute(coatVolume, { areaMm2: cut.area, filmMm: scrubFilm }, 'Scrub coat');
  const toMix = ledger.compute(mortarToMix, { volumeMl: cut.volume, scrubMl: scrub, loss: get(mortar.loss) });
  const potLife = ledger.compute(gelTime, { gelAt23Min: get(mortar.potLife), temperatureC: slabC }, 'Working time here');
  const perLift = ledger.compute(volumeShare, { volumeMl: toMix, parts: count }, 'Mortar to mix for a lift');
  const each = ledger.compute(mortarBatches, { volumeMl: perLift, potLifeMin: potLife, reserve: get(mortar.reserve), minPerL: get(rates.packPerL), hands });
  const batches = ledger.compute(batchesInAll, { each, lifts: count });
  const batch = ledger.compute(volumeShare, { volumeMl: toMix, parts: batches }, 'One batch');
  const powder = ledger.compute(powderFor, { volumeMl: toMix, yieldMlG: get(mortar.yieldMlG) });
  const liquid = ledger.compute(liquidFor, { powderG: powder, liquidShare: get(mortar.liquidShare) });
  const onePowder = ledger.compute(powderFor, { volumeMl: batch, yieldMlG: get(mortar.yieldMlG) }, 'Powder of a batch');
  const oneLiquid = ledger.compute(liquidFor, { powderG: onePowder, liquidShare: get(mortar.liquidShare) }, 'Liquid of a batch');

  const passes = ledger.compute(wheelPasses, { depthMm: edge, biteMm: get(chasingTools.bite), widthMm: get(chasingTools.wheel), wheelMm: get(chasingTools.wheel) });
  const sawing = ledger.compute(handsOn, { setUpMin: get(rates.sawSetUp), paceMinM: get(rates.sawPace), lengthMm: cut.around, passes, hands: alone }, 'Sawing');
  const steps: Step[] = [coverAround(ledger.assumed('Cover around', 'length', 1000, 'practice'), get(rates.coverUp)), sawSquare(edge, cut.around, passes, sawing), breakOut(cut.depth, cut.broken, byVolume(rates.chipSetUp, rates.chipPerL, cut.broken, alone, 'Breaking out'))];
  const links: Link[] = [];
  if (bars) steps.push(clearBars(bars, byVolume(rates.nothing, rates.barPerL, cut.volume, alone, 'Clearing behind bars')), cleanBars(byArea(rates.chipSetUp, rates.primePerM2, 'Cleaning bars')));
  steps.push(washOut(byArea(rates.washSetUp, rates.washPerM2, 'Washing out')));
  let last = 'wash';
  if (bars && primer) {
    const { coats, coat, recoat } = primer.figures;
    if (coats && coat && recoat) {
      for (let n = 1; n <= coats.value; n++) {
        const step = primeBars(n, get(coats), get(coat), byArea(rates.nothing, rates.primePerM2, 'Priming bars'));
        steps.push(step);
        if (n > 1) links.push({ from: `prime-${String(n - 1)}`, after: 'end', to: step.id, least: waits(recoat, 'Between coats of primer') });
        last = step.id;
      }
      links.push({ from: last, after: 'end', to: 'mix-1', least: waits(recoat, 'Primer before the mortar') });
    }
  }
  const soak = get(mortar.soak);
  const mixing = ledger.compute(timesDuration, { durationMin: get(rates.mixMin), times: each }, 'Mixing for a lift');
  steps.push(soakGround(soak, soak), mixMortar(1, batch, each, onePowder, oneLiquid, potLife, mixing));
  links.push({ from: 'wash', after: 'end', to: 'mix-1', least: { by: 'fixed', minutes: soak } });
  const open = ledger.compute(windowClose, { windowAt23Min: get(mortar.scrubOpen), temperatureC: slabC }, 'Scrub coat covered within');
  steps.push(scrubCoat(scrubFilm, open, byArea(rates.nothing, rates.scrubPerM2, 'Scrubbing in')));
  const packing = byVolume(rates.nothing, rates.packPerL, volume, hands, 'Packing a lift');
  const next = waits(mortar.nextFrom, 'Before the next lift');
  const nextUntil = ledger.compute(windowClose, { windowAt23Min: get(mortar.nextUntil), temperatureC: slabC }, 'Next lift until');
  // cold stretches the wait; what is still soft takes no lift, so that the window never closes before it opens
  const closes = ledger.compute(longest, { durationMin: [nextUntil, ledger.compute(timesDuration, { durationMin: next.minutes, times: get(rates.pair) }, 'Twice the wait')] }, 'Next lift no later than');
  for (let n = 1; n <= count.value; n++) {
    const step = packLift(n, count, thickness, volume, n === count.value, packing);
    if (n > 1) {
      const before = `pack-${String(n - 1)}`;
      steps.push(waitNextLift(n - 1, next.minutes, slabC, next.minutes), mixMortar(n, batch, each, onePowder, oneLiquid, potLife, mixing));
      links.push({ from: before, after: 'end', to: step.id, least: next, most: { minutes: closes, ifMissed: say`Let it harden a day, wash, soak and scrub again, then go on.` } });
    } else links.push({ from: 'scrub', after: 'end', to: step.id, most: { minutes: open, ifMissed: say`Dried out: scrape it off, wet again, scrub again.` } });
    steps.push(step);
  }
  const dampDays = get(mortar.dampDays);
  const ready = waits(readyFor(system, use.traffic), 'In use after');
  steps.push(floatFace(byArea(rates.nothing, rates.floatPerM2, 'Floating')), keepDamp(dampDays, get(rates.dampMin)), patchReady(use.words, ready.minutes, slabC, ready.minutes));
  links.push({ from: `pack-${String(count.value)}`, after: 'end', to: 'float', least: next }, { from: `pack-${String(count.value)}`, after: 'end', to: 'open', least: ready });
  return { steps, links, lifts: { count, thickness, volume }, edge, mix: { volume: toMix, powder, liquid, batches, batch, potLife }, dampDays };
}
