import { cementWait, daysAsTime, gelTime, longest, timesDuration, windowClose } from '../../cure/reaction.ts';
import { liftByHeat } from '../../cure/safeLift.ts';
import { liftCount, liftThickness, volumeShare, volumeSum, wheelPasses } from '../../geometry/groove.ts';
import { batchesInAll, coatVolume, liquidFor, mortarBatches, mortarToMix, powderFor } from '../../mixing/mortarBatch.ts';
import { volumeFor } from '../../mixing/proportions.ts';
import { durationSum, handsOn } from '../../mixing/workPace.ts';
import type { Figure } from '../../quantity/figure.ts';
import type { Sourced } from '../../quantity/ledger.ts';
import { say } from '../../quantity/saying.ts';
import { curingCompound } from '../../shelf/auxiliaries/curingCompound.ts';
import { chasingTools } from '../../shelf/chasingTools.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import { leastClass } from '../../shelf/repairClasses.ts';
import { gridLiftVolume, levelDepth, marginLiftVolume } from '../../geometry/depthGrid.ts';
import type { Course } from '../course.ts';
import type { GridFigures } from '../matter.ts';
import type { LiftMix } from './liftMix.ts';
import { patchSection } from './patchSection.ts';
import type { Lag } from '../step.ts';
import { soundAgain } from '../words/placing.ts';
import { clearAway } from '../words/protecting.ts';
import { breakOut } from './steps/breakOut.ts';
import { cleanBars } from './steps/cleanBars.ts';
import { clearBars } from './steps/clearBars.ts';
import { coverAround } from './steps/coverAround.ts';
import { edgeForm } from './steps/edgeForm.ts';
import { floatFace } from './steps/floatFace.ts';
import { grindEdge } from './steps/grindEdge.ts';
import { gripFace } from './steps/gripFace.ts';
import { keepDamp } from './steps/keepDamp.ts';
import { mixMortar } from './steps/mixMortar.ts';
import { packLift } from './steps/packLift.ts';
import { patchReady } from './steps/patchReady.ts';
import { primeBars, primerDries } from './steps/primeBars.ts';
import { sawSquare } from './steps/sawSquare.ts';
import { scrubCoat } from './steps/scrubCoat.ts';
import { soakGround } from './steps/soakGround.ts';
import { waitNextLift } from './steps/waitNextLift.ts';
import { washOut } from './steps/washOut.ts';

/** A place that is cut square: what is inside the cut, and round it. */
export interface SquareCut {
  readonly area: Figure;
  readonly around: Figure;
  readonly depth: Figure;
  readonly volume: Figure;
  readonly broken: Figure;
  readonly widest: Figure;
  /** depths over the place on a grid, and the margin of the cut around it: lifts are then level, deepest places first */
  readonly uneven?: { readonly grid: GridFigures; readonly margin: Figure };
  /** bars that are bare: how thick, and how far behind them is cleared */
  readonly bars?: { readonly across: Figure | undefined; readonly behind: Figure };
  /** an edge: the board that stands at it, and pins where it stands out */
  readonly form?: { readonly high: Figure; readonly long: Figure; readonly out: Figure | undefined };
}

/** A wait of the mortar of the course, by its cure. */
export function mortarWait(c: Course, s: Sourced, label: string): Lag {
  const { cure, slabC } = c.system;
  return {
    by: 'progress',
    at23: c.get(s),
    cure,
    ...(slabC.min && { stopsBelow: slabC.min }),
    minutes:
      cure.by === 'equivalent-age'
        ? c.ledger.compute(cementWait, { waitAt23Min: c.get(s), temperatureC: c.groundC, activationK: c.get(cure.activation) }, label)
        : c.get(s),
  };
}

/** What the label of a mortar over bars has to state, by whether the member carries load. */
function classAsked(c: Course): { readonly id: string; readonly strength: Figure; readonly bond: Figure } | undefined {
  const loaded = c.matter.choice('loaded');
  const asked = loaded === undefined ? undefined : leastClass(loaded !== 'no');
  return asked && { id: asked.id, strength: c.get(asked.strength), bond: c.get(asked.bond) };
}

/** Cutting, breaking out, clearing and priming bars, washing. */
export function prepareSquare(c: Course, cut: SquareCut, edge: Figure, thinned = false): void {
  const { ledger, rates } = c;
  const alone = c.rate('alone');
  c.add(coverAround(ledger.assumed('Cover around', 'length', 1000, 'practice'), c.rate('coverUp')));
  const passes = ledger.compute(wheelPasses, {
    depthMm: edge,
    biteMm: c.get(chasingTools.bite),
    widthMm: c.get(chasingTools.wheel),
    wheelMm: c.get(chasingTools.wheel),
  });
  const cutting = ledger.compute(
    handsOn,
    { setUpMin: c.get(rates.sawSetUp), paceMinM: c.get(rates.sawPace), lengthMm: cut.around, passes, hands: alone },
    thinned ? 'Grinding the edge' : 'Sawing',
  );
  c.add(thinned ? grindEdge(edge, cut.around, cutting) : sawSquare(edge, cut.around, passes, cutting));
  c.add(breakOut(cut.depth, cut.broken, c.byVolume('chipSetUp', 'chipPerL', cut.broken, 'Breaking out', alone)));
  if (cut.bars) {
    c.add(clearBars(cut.bars.behind, c.byVolume('nothing', 'barPerL', cut.volume, 'Clearing behind bars', alone)));
    c.add(cleanBars(c.byArea('chipSetUp', 'primePerM2', cut.area, 'Cleaning bars', alone)));
  }
  c.add(washOut(c.byArea('washSetUp', 'washPerM2', cut.area, 'Washing out', alone)));
  for (const primer of cut.bars ? c.matter.before : []) {
    const { coats, coat, recoat } = primer.figures;
    if (!coats || !coat || !recoat) continue;
    for (let n = 1; n <= coats.value; n++) {
      if (n > 1) {
        const between = mortarWait(c, recoat, 'Between coats of primer');
        c.wait(primerDries(between.minutes, c.groundC, 'the next coat'), between);
      }
      c.add(primeBars(n, c.get(coats), c.get(coat), c.byArea('nothing', 'primePerM2', cut.area, 'Priming bars', alone)));
    }
    const hard = mortarWait(c, recoat, 'Primer before the mortar');
    c.wait(primerDries(hard.minutes, c.groundC, 'the mortar'), hard);
  }
}

/**
 * The family of mortars placed in a place cut square: saw, break out, clear and prime bars, wash, soak, scrub,
 * pack in lifts within the windows between them, float, keep damp, sound again.
 * @throws Error where the system is no such mortar
 */
export function squarePatch(c: Course, cut: SquareCut): void {
  const { ledger, rates, system, groundC } = c;
  const { mortar, lift, edge: leastEdge } = system;
  if (!mortar || !lift || !leastEdge) throw new Error(`${system.title} is no mortar for a place cut square`);
  const { people } = c.matter;
  const position = (c.matter.choice('position') ?? 'floor') as 'floor' | 'wall' | 'overhead' | 'edge';
  const thinned = c.school('patch-edge', 'feather');
  const edge =
    thinned ??
    (c.matter.choice('traffic') === 'hard-wheels'
      ? (c.school('patch-edge', 'wheels') ?? c.get(leastEdge))
      : (c.school('patch-edge', 'edge') ?? c.get(leastEdge)));
  const hands = c.get(people === 2 ? rates.pair : rates.alone);

  const thickest = liftByHeat(ledger, system.safeLift, lift[position] ?? lift.wall ?? leastEdge, groundC.value);
  const count = ledger.compute(liftCount, { depthMm: cut.depth, thickestMm: thickest, least: ledger.assumed('Least number of lifts', 'count', 1, 'practice') });
  const thickness = ledger.compute(liftThickness, { depthMm: cut.depth, lifts: count });
  const shared = ledger.compute(volumeShare, { volumeMl: cut.volume, parts: count }, 'Volume of a lift');
  const liftVolumes = Array.from({ length: count.value }, (_v, i) => liftOver(c, cut, edge, thickness, i) ?? shared);
  const scrubFilm = c.get(mortar.scrub);
  const scrub = ledger.compute(coatVolume, { areaMm2: cut.area, filmMm: scrubFilm }, 'Scrub coat');
  const toMix = ledger.compute(mortarToMix, { volumeMl: cut.volume, scrubMl: scrub, loss: c.get(mortar.loss) });
  const potLife = ledger.compute(gelTime, { gelAt23Min: c.get(mortar.potLife), temperatureC: groundC }, 'Working time here');
  const mixes = liftVolumes.map((volume, i) =>
    mixForLift(
      c,
      volume,
      i === 0 ? scrub : ledger.assumed('No scrub coat', 'volume', 0, 'practice'),
      { potLife, hands },
      count.value > 1 ? `, lift ${String(i + 1)}` : '',
    ),
  );
  const batches = ledger.compute(batchesInAll, { each: mixes.map((m) => m.each) });
  const [powder, liquid] = powderAndLiquid(c, toMix, '');

  prepareSquare(c, cut, edge, thinned !== undefined);
  if (cut.form) c.add(edgeForm(cut.form.high, cut.form.long, cut.form.out, c.byCount('nothing', 'fitEach', c.get(rates.once), 'Setting the board')));
  const soak = c.get(mortar.soak);
  const asked = classAsked(c);
  c.add(soakGround(soak, soak));
  c.atLeast(c.fixed(soak));
  const [first, ...later] = mixes;
  if (!first) return;
  c.add(mixMortar(1, first, potLife, asked && say`; the label says class ${asked.id} or higher: ${asked.strength}, and a bond of ${asked.bond}`));
  const open = ledger.compute(windowClose, { windowAt23Min: c.get(mortar.scrubOpen), temperatureC: groundC }, 'Scrub coat covered within');
  c.add(scrubCoat(scrubFilm, open, c.byArea('nothing', 'scrubPerM2', cut.area, 'Scrubbing in', c.rate('alone')), cut.bars !== undefined));
  // all but the first batch of a lift are mixed while it is placed
  const packing = liftVolumes.map((volume, i) => {
    const placing = c.byVolume('nothing', 'packPerL', volume, 'Packing a lift', hands);
    const more = (mixes[i]?.each.value ?? 1) - 1;
    return more < 1
      ? placing
      : ledger.compute(
          durationSum,
          {
            durationMin: [
              placing,
              ledger.compute(
                timesDuration,
                { durationMin: c.get(rates.mixMin), times: ledger.assumed('Further batches', 'ratio', more, 'judgement') },
                'Mixing the further batches',
              ),
            ],
          },
          'Packing a lift',
        );
  });
  const next = mortarWait(c, mortar.nextFrom, 'Before the next lift');
  const nextUntil = ledger.compute(windowClose, { windowAt23Min: c.get(mortar.nextUntil), temperatureC: groundC }, 'Next lift until');
  // cold stretches the wait; what is still soft takes no lift, so that the window never closes before it opens
  const closes = ledger.compute(
    longest,
    { durationMin: [nextUntil, ledger.compute(timesDuration, { durationMin: next.minutes, times: c.get(rates.pair) }, 'Twice the wait')] },
    'Next lift no later than',
  );
  for (let n = 1; n <= count.value; n++) {
    const mix = later[n - 2];
    if (mix) {
      const before = `pack-${String(n - 1)}`;
      c.add(waitNextLift(n - 1, next.minutes, groundC, next.minutes));
      // it is mixed when the lift below is stiff: mixed before, it would stand in the pail and stiffen too
      c.atLeast(next, before);
      c.add(mixMortar(n, mix, potLife));
      c.within(closes, say`Let it harden a day, wash, soak and scrub again, then go on.`, before);
    } else c.within(open, say`Dried out: scrape it off, wet again, scrub again.`, 'scrub');
    c.add(
      packLift(n, count, thickness, liftVolumes[n - 1] ?? shared, n === count.value, packing[n - 1] ?? first.minutes, {
        deepest: cut.uneven !== undefined && n === 1,
        bars: cut.bars !== undefined,
      }),
    );
  }
  const last = `pack-${String(count.value)}`;
  c.add({
    ...clearAway(potLife, 'mixer, pail and trowels washed, the water kept off drains; float and sponge stay out'),
    id: 'tools',
    kind: 'work',
    stuff: [],
    minutes: c.rate('tidy'),
  });
  c.add(waitNextLift(count.value, next.minutes, groundC, next.minutes, 'float'));
  c.atLeast(next, last);
  c.add(floatFace(c.byArea('nothing', 'floatPerM2', cut.area, 'Floating', c.rate('alone'))));
  if (cut.form) c.add(gripFace(cut.form.long, c.byLength('nothing', 'tapePace', cut.form.long, 'Drawing a brush')));
  // polymer-modified by its sheet; plain cement by the side taken, or its own sheet where it has one
  const plainCement = mortar.dampDays.value > 3;
  const dampDays = plainCement ? c.sheetOr(mortar.dampDays, 'moist-curing', 'days') : c.get(mortar.dampDays);
  if (plainCement)
    c.amount(
      'curing-compound',
      'Or curing compound, instead',
      ledger.compute(volumeFor, { areaMm2: cut.area, coverM2L: c.ofAuxiliary(curingCompound, 'cover') }, 'Curing compound'),
    );
  c.add(keepDamp(dampDays, c.rate('dampMin')));
  const sounding = c.usual('First sounding', 'age', 1);
  c.ready(soundAgain(sounding, c.usual('Second sounding', 'age', 7)), c.fixed(ledger.compute(daysAsTime, { ageD: sounding }, 'First sounding')), last);
  const traffic = c.matter.subject.answers.traffic;
  const ready = mortarWait(c, readyFor(system, traffic?.value), 'In use after');
  c.atLeast(ready, last);
  c.add(patchReady(traffic?.label ?? 'use', ready.minutes, groundC, ready.minutes));

  const rows: readonly (readonly [string, string, Figure])[] = [
    ['cut', 'Inside the cut', cut.area],
    ['around', 'Sawn', cut.around],
    ['volume', 'To fill', cut.volume],
    ['mix', 'Mortar to mix', toMix],
    ['powder', 'Powder', powder],
    ['liquid', 'Liquid', liquid],
    ['batches', 'Batches', batches],
    ['lifts', 'Lifts', count],
    ...(asked
      ? ([
          ['class-strength', `Asked of it after four weeks, class ${asked.id}`, asked.strength],
          ['class-bond', `Its bond, class ${asked.id}`, asked.bond],
        ] as const)
      : []),
  ];
  for (const [id, label, figure] of rows) c.amount(id, label, figure);
  // one column for a batch only where all batches are alike; else each lift says its own
  const alike = mixes.every((m) => Math.abs(m.batch.value - first.batch.value) < 1e-6);
  c.mixes.push({
    id: 'mortar',
    title: system.title,
    total: toMix,
    batches,
    within: potLife,
    parts: [
      { what: 'Powder', amount: powder, ...(alike && { each: first.powder }) },
      { what: 'Liquid', amount: liquid, ...(alike && { each: first.liquid }) },
    ],
    says: [
      ...(alike
        ? []
        : mixes.map(
            (m, i) => say`Lift ${String(i + 1)}: ${m.each.value > 1 ? say`${m.each} times ` : ''}${m.batch}, ${m.powder} of powder to ${m.liquid} of liquid.`,
          )),
      say`Each lift is mixed for itself: what waits in the pail while the one below stiffens is lost.`,
      say`Nine tenths of the liquid first, powder into it, the rest as it needs, never more; part packs only by scale.`,
    ],
  });
  c.named = 'squared';
  c.sections.push(
    patchSection(
      { lifts: { count, thickness, volumes: liftVolumes }, edge, thinned: thinned !== undefined, toMix, ...(cut.uneven && { grid: cut.uneven.grid }) },
      cut.widest,
      cut.depth,
      cut.bars?.across ? { across: cut.bars.across, behind: cut.bars.behind } : undefined,
    ),
  );
}

/** The batches of a lift: what it fills, its scrub coat and its loss, each batch placed within its working time. */
function mixForLift(c: Course, volumeMl: Figure, scrubMl: Figure, { potLife, hands }: { potLife: Figure; hands: Figure }, of: string): LiftMix {
  const {
    ledger,
    rates,
    system: { mortar },
  } = c;
  if (!mortar) throw new Error(`${c.system.title} is no mortar`);
  const toMix = ledger.compute(mortarToMix, { volumeMl, scrubMl, loss: c.get(mortar.loss) }, `Mortar to mix${of}`);
  const each = ledger.compute(
    mortarBatches,
    { volumeMl: toMix, potLifeMin: potLife, reserve: c.get(mortar.reserve), minPerL: c.get(rates.packPerL), hands },
    `Batches${of}`,
  );
  const batch = ledger.compute(volumeShare, { volumeMl: toMix, parts: each }, `One batch${of}`);
  const [powder, liquid] = powderAndLiquid(c, batch, ` of a batch${of}`);
  return { each, batch, powder, liquid, minutes: c.get(rates.mixMin) };
}

/** The volume of a level lift over an uneven bottom, its margin with it; nothing where the bottom is even. */
function liftOver(c: Course, { uneven, depth }: SquareCut, edgeMm: Figure, liftMm: Figure, below: number): Figure | undefined {
  if (!uneven) return undefined;
  const level = (n: number) => c.ledger.compute(levelDepth, { depthMm: depth, liftMm, below: c.usual('Lifts below it', 'count', n) });
  const [bottomMm, topMm] = [level(below), level(below + 1)];
  const parts = [
    c.ledger.compute(gridLiftVolume, { ...uneven.grid, edgeMm, topMm, bottomMm }),
    c.ledger.compute(marginLiftVolume, { marginMm2: uneven.margin, edgeMm, topMm, bottomMm }),
  ];
  return c.ledger.compute(volumeSum, { volumeMl: parts }, `Lift ${String(below + 1)}`);
}

function powderAndLiquid(c: Course, volumeMl: Figure, of: string): readonly [Figure, Figure] {
  const { mortar } = c.system;
  if (!mortar) throw new Error(`${c.system.title} is no mortar`);
  const powder = c.ledger.compute(powderFor, { volumeMl, yieldMlG: c.get(mortar.yieldMlG) }, `Powder${of}`);
  return [powder, c.ledger.compute(liquidFor, { powderG: powder, liquidShare: c.get(mortar.liquidShare) }, `Liquid${of}`)];
}
