import { pailWords, roundOf } from '../batches.ts';
import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { scrapeAgain } from '../words/redoing.ts';
import { cementCare } from '../../shelf/mixCare.ts';
import { longest, timesDuration, windowClose } from '../../cure/reaction.ts';
import { liftByHeat } from '../../cure/safeLift.ts';
import { liftCount, liftThickness, volumeShare, volumeSum } from '../../geometry/groove.ts';
import { areaShare, bottomAndWalls, batchesInAll, coatVolume, mortarToMix } from '../../mixing/mortarBatch.ts';
import { volumeFor } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { curingCompound } from '../../shelf/auxiliaries/curingCompound.ts';
import { readyFor, type MortarWorking } from '../../shelf/patchSystem.ts';
import { leastClass } from '../../shelf/repairClasses.ts';
import type { Course } from '../course.ts';
import { setBoard, takeBoardOff } from './edgeBoard.ts';
import { edgeSection } from './edgeSection.ts';
import { patchSection } from './patchSection.ts';
import type { Lag } from '../step.ts';
import { clearAway } from '../words/protecting.ts';
import { curingFilm } from './steps/curingFilm.ts';
import { floatFace } from './steps/floatFace.ts';
import { gripFace } from './steps/gripFace.ts';
import { keepDamp } from './steps/keepDamp.ts';
import { mixMortar } from './steps/mixMortar.ts';
import { packLift } from './steps/packLift.ts';
import { patchReady } from './steps/patchReady.ts';
import { scrubCoat } from './steps/scrubCoat.ts';
import { soakGround } from './steps/soakGround.ts';
import { waitNextLift } from './steps/waitNextLift.ts';
import { type SquareCut, mortarWait, soundTwice } from './squareCut.ts';
import { prepareSquare } from './prepareSquare.ts';
import { type LiftMix, type ScrubCoat, mixForLift, liftOver, powderAndLiquid, packingMinutes } from './liftMix.ts';

/** What the label of a mortar over bars has to state, by whether the member carries load. */
function classAsked(c: Course): { readonly id: string; readonly strength: Figure; readonly bond: Figure } | undefined {
  const loaded = c.matter.choice('loaded');
  const asked = loaded === undefined ? undefined : leastClass(loaded !== 'no');
  return asked && { id: asked.id, strength: c.get(asked.strength), bond: c.get(asked.bond) };
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

  const thickest = liftByHeat(ledger, system, lift[position] ?? lift.wall ?? leastEdge, c.matter.subject);
  const count = ledger.compute(liftCount, { depthMm: cut.depth, thickestMm: thickest, least: c.stated('Least number of lifts', 'count', 1) });
  const thickness = ledger.compute(liftThickness, { depthMm: cut.depth, lifts: count });
  const { shared, last: topLift } = liftShares(c, cut, count);
  const liftVolumes = Array.from({ length: count.value }, (_v, i) => liftOver(c, cut, edge, thickness, i) ?? (i === count.value - 1 ? topLift : shared));
  const scrubFilm = c.get(mortar.scrub);
  const scrubs = scrubsOf(c, cut, { film: scrubFilm, edge, thickness, lifts: count });
  const scrub = ledger.compute(volumeSum, { volumeMl: scrubs.map((one) => one.volume) }, 'Scrub coats');
  const toMix = ledger.compute(mortarToMix, { volumeMl: cut.volume, scrubMl: scrub, loss: c.get(mortar.loss) });
  const potLife = c.working(c.get(mortar.potLife));
  const mixes = liftVolumes.map((volume, i) => mixForLift(c, volume, scrubs[i], { potLife, hands }, count.value > 1 ? `, lift ${String(i + 1)}` : ''));
  const batches = ledger.compute(batchesInAll, { each: mixes.map((m) => m.each) });
  const [powder, liquid] = powderAndLiquid(c, toMix, '');

  prepareSquare(c, cut, edge, thinned !== undefined);
  setBoard(c, cut);
  const soak = c.get(mortar.soak);
  const asked = classAsked(c);
  c.add(soakGround(soak, soak));
  c.atLeast(c.fixed(soak));
  const [first, ...later] = mixes;
  if (!first) return;
  c.add(mixMortar(1, first, potLife, asked && say`; the label says class ${asked.id} or higher: ${asked.strength}, and a bond of ${asked.bond}`));
  const open = c.closes(c.get(mortar.scrubOpen), 'Scrub coat covered within');
  const none = c.stated('Nothing else', 'volume', 0);
  const withLoss = (volumeMl: Figure, scrubMl: Figure, label: string) => ledger.compute(mortarToMix, { volumeMl, scrubMl, loss: c.get(mortar.loss) }, label);
  const scrubIn = (n: number, of: ScrubCoat) =>
    c.add(scrubCoat(n, scrubFilm, open, of.minutes, cut.bars !== undefined), {
      uses: [{ of: 'mortar', amount: withLoss(none, of.volume, 'Scrub coat with its loss') }],
    });
  if (scrubs[0]) scrubIn(1, scrubs[0]);
  const packing = packingMinutes(c, liftVolumes, mixes);
  const next = mortarWait(c, mortar.nextFrom, 'Before the next lift');
  const nextUntil = ledger.compute(windowClose, { windowAt23Min: c.get(mortar.nextUntil), temperatureC: groundC }, 'Next lift until');
  // cold stretches the wait; what is still soft takes no lift, so that the window never closes before it opens
  const closes = ledger.compute(
    longest,
    {
      durationMin: [nextUntil, ledger.compute(timesDuration, { durationMin: next.minutes, times: c.get(concreteWork.figures.windowWaits) }, 'Twice the wait')],
    },
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
      c.within(closes, say`Let it harden a day, wash, soak and scrub again, then go on.`, [{ again: 'wash' }, { again: 'soak' }], before);
      const walls = scrubs[n - 1];
      // what was scrubbed onto the walls with the lift below has dried: it would part them
      if (walls) scrubIn(n, walls);
    }
    c.within(
      open,
      say`Dried out: scrape it off, wet again, scrub again.`,
      [scrapeAgain('the scrub coat', c.byArea('nothing', 'scrubPerM2', cut.area, 'Scraping off')), { again: 'soak' }, { again: `scrub-${String(n)}` }],
      `scrub-${String(n)}`,
    );
    c.add(
      packLift(n, count, thickness, liftVolumes[n - 1] ?? shared, n === count.value, packing[n - 1] ?? first.minutes, {
        deepest: cut.uneven !== undefined && n === 1,
        bars: cut.bars !== undefined,
      }),
      { uses: [{ of: 'mortar', amount: withLoss(liftVolumes[n - 1] ?? shared, none, 'A lift with its loss') }] },
    );
  }
  const last = `pack-${String(count.value)}`;
  c.add({
    ...clearAway(potLife, 'mixer, pail and trowels washed, the water kept off drains; float and sponge stay out'),
    id: 'tools',
    kind: 'work',
    minutes: c.rate('cleanTools'),
  });
  floatAndCure(c, cut, mortar, { lifts: count, next, last });

  tellAmounts(c, cut, { toMix, powder, liquid, batches, count }, asked);
  keepMortar(c, mixes, { toMix, batches, potLife, powder, liquid });
  c.named = 'squared';
  if (cut.form) {
    c.sections.push(
      edgeSection({ form: cut.form, deep: cut.depth, lifts: count, thickness, volume: shared, material: 'mortar', toMix: say`${toMix} to mix in all` }),
    );
    return;
  }
  c.sections.push(
    patchSection(
      { lifts: { count, thickness, volumes: liftVolumes }, edge, thinned: thinned !== undefined, toMix, ...(cut.uneven && { grid: cut.uneven.grid }) },
      cut.widest,
      cut.depth,
      cut.bars?.across ? { across: cut.bars.across, behind: cut.bars.behind } : undefined,
    ),
  );
}

/** The volume of each lift over an even bottom: beside bars, where it is no deeper than the edge, only the last fills. */
function liftShares({ ledger }: Course, { volume, parts }: SquareCut, count: Figure): { readonly shared: Figure; readonly last: Figure } {
  if (!parts) {
    const shared = ledger.compute(volumeShare, { volumeMl: volume, parts: count }, 'Volume of a lift');
    return { shared, last: shared };
  }
  const shared = ledger.compute(volumeShare, { volumeMl: parts.deep, parts: count }, 'Volume of a lift');
  return { shared, last: ledger.compute(volumeSum, { volumeMl: [shared, parts.beside] }, 'Volume of the last lift') };
}

/**
 * The scrub coat of each lift, just before it: a coat that has dried parts what it should hold. Over an even bottom that and the
 * walls as high as the first lift, then the walls above it; over an uneven one what each lift reaches of it, about alike, the walls of the edge with the last.
 */
function scrubsOf(
  c: Course,
  { area, around, uneven }: SquareCut,
  { film, edge, thickness, lifts }: { readonly film: Figure; readonly edge: Figure; readonly thickness: Figure; readonly lifts: Figure },
): readonly ScrubCoat[] {
  const none = c.stated('No bottom', 'area', 0);
  const no = c.stated('No wall', 'depth', 0);
  return Array.from({ length: lifts.value }, (_v, i): ScrubCoat => {
    const cutMm2 = uneven ? c.ledger.compute(areaShare, { areaMm2: area, parts: lifts }, 'Reached by a lift') : i === 0 ? area : none;
    const depthMm = uneven ? (i === lifts.value - 1 ? edge : no) : thickness;
    const wetted = c.ledger.compute(bottomAndWalls, { cutMm2, aroundMm: around, depthMm }, 'Scrubbed in');
    return {
      volume: c.ledger.compute(coatVolume, { areaMm2: wetted, filmMm: film }, 'Scrub coat'),
      minutes: c.byArea('inHand', 'scrubPerM2', wetted, 'Scrubbing in', c.rate('alone')),
    };
  });
}

/** Floating, keeping damp, sounding, and the moment from which it is used. */
function floatAndCure(
  c: Course,
  cut: SquareCut,
  mortar: MortarWorking,
  { lifts, next, last }: { readonly lifts: Figure; readonly next: Lag; readonly last: string },
): void {
  const { ledger, system, groundC } = c;
  c.add(waitNextLift(lifts.value, next.minutes, groundC, next.minutes, 'float'));
  c.atLeast(next, last);
  c.add(floatFace(c.byArea('inHand', 'floatPerM2', cut.area, 'Floating', c.rate('alone'))));
  if (cut.form) {
    takeBoardOff(c, cut.form.long);
    c.add(gripFace(cut.form, c.byLength('inHand', 'tapePace', cut.form.long, 'Drawing a brush')));
  }
  // polymer-modified by its sheet; plain cement by the side taken, or its own sheet where it has one
  const plainCement = mortar.dampDays.value > 3;
  const dampDays = plainCement ? c.sheetOr(mortar.dampDays, 'moist-curing', 'days') : c.get(mortar.dampDays);
  const traffic = c.matter.subject.answers.traffic;
  const ready = mortarWait(c, readyFor(system, traffic?.value), 'In use after');
  const damp = c.days(dampDays, 'Kept damp');
  const film = ledger.compute(volumeFor, { areaMm2: cut.area, coverM2L: c.ofAuxiliary(curingCompound, 'cover') }, 'Curing compound');
  // wheels and feet come before a damp cover could come off; nothing that is coated later is cured under a film
  const coated = ['thin-coating', 'covering'].includes(c.matter.choice('finish') ?? '');
  const filmed = traffic !== undefined && !coated && ready.minutes.value < damp.value;
  if (filmed)
    c.add(curingFilm(film, dampDays, !plainCement, c.byArea('inHand', 'scrubPerM2', cut.area, 'Spraying it on', c.rate('alone'))), {
      uses: [c.use('curing-compound', curingCompound.title, 'coating', film, curingCompound.id)],
    });
  else {
    c.add(keepDamp(dampDays, damp, c.rate('dampMin')));
    if (plainCement) c.amount('curing-compound', 'Or curing compound, instead', film);
  }
  soundTwice(c, last, filmed ? undefined : { by: 'damp', damp });
  c.atLeast(ready, last);
  const waits = !filmed && damp.value > ready.minutes.value ? damp : ready.minutes;
  if (!filmed) c.atLeast(c.fixed(damp), 'damp');
  c.add(patchReady(traffic?.label ?? 'use', waits, groundC, waits));
}

/** What the patch comes to, and what the label of the bag has to state. */
function tellAmounts(
  c: Course,
  cut: SquareCut,
  { toMix, powder, liquid, batches, count }: Readonly<Record<'toMix' | 'powder' | 'liquid' | 'batches' | 'count', Figure>>,
  asked: ReturnType<typeof classAsked>,
): void {
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
}

/** The mortar as a mix: one column for a batch only where all batches are alike, else each lift says its own. */
function keepMortar(
  c: Course,
  mixes: readonly LiftMix[],
  { toMix, batches, potLife, powder, liquid }: Readonly<Record<'toMix' | 'batches' | 'potLife' | 'powder' | 'liquid', Figure>>,
): void {
  const { mortar } = c.system;
  const [first, ...others] = mixes;
  if (!first || !mortar) return;
  const slowest = others.reduce((most, m) => (m.needs.value > most.needs.value ? m : most), first);
  const alike = mixes.every((m) => Math.abs(m.batch.value - first.batch.value) < 1e-6);
  c.keepMix({
    id: 'mortar',
    title: c.system.title,
    total: toMix,
    batches,
    within: potLife,
    needs: slowest.needs,
    care: cementCare(c.system),
    parts: [
      { what: 'Powder', role: 'powder', amount: powder, ...(alike && { each: first.powder }) },
      { what: 'Liquid', role: 'liquid', amount: liquid, ...(alike && { each: first.liquid }) },
    ],
    ...(!alike && {
      rounds: mixes.map((m, i) => roundOf(`Lift ${String(i + 1)}`, m.each, { Powder: m.powder, Liquid: m.liquid, Makes: m.batch })),
    }),
    says: [
      ...pailWords(
        c,
        mixes.map((m) => m.each),
      ),
      ...(mixes.length > 1 ? [say`Each lift is mixed for itself: what waits in the pail while the one below stiffens is lost.`] : []),
      say`Nine tenths of the liquid first, powder into it, the rest as it needs, never more; part packs only by scale.`,
    ],
  });
}
