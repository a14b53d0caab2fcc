import { abradeAgain, grindAgain } from '../words/redoing.ts';
import { longest, timesDuration } from '../../cure/reaction.ts';
import { liftByHeat } from '../../cure/safeLift.ts';
import { chaseVolume, chokeDepth, depthBelow, wheelPasses } from '../../geometry/groove.ts';
import { sandForVolume, sandPackingOne, sandPackingTwo } from '../../mixing/sandPacking.ts';
import { durationSum, sectionCount, sectionLength, sectionPerPerson, timeForSection } from '../../mixing/workPace.ts';
import type { Figure } from '../../quantity/figure.ts';
import { atLeast } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { chasingTools } from '../../shelf/chasingTools.ts';
import { readyFor, type ResinWorking } from '../../shelf/patchSystem.ts';
import { silicaSand as silicaSandRecord } from '../../shelf/auxiliaries/silicaSand.ts';
import { silicaSand } from '../../shelf/sand.ts';
import type { Use } from '../step.ts';
import { choiceLabel } from '../../survey/ask.ts';
import type { CutThrough } from '../../survey/kind.ts';
import { kindOf } from '../../survey/kinds.ts';
import type { Course } from '../course.ts';
import { asFoundWords, Unworkable } from '../unworkable.ts';
import { Missing } from '../courseFigures.ts';
import { abradeLift } from '../steps/abradeLift.ts';
import { chase } from '../steps/chase.ts';
import { chokeCrack } from '../steps/chokeCrack.ts';
import { coatWithin } from '../steps/coatWithin.ts';
import { getReady } from '../steps/getReady.ts';
import { grindFlush } from '../steps/grindFlush.ts';
import { openToTraffic } from '../steps/openToTraffic.ts';
import { sandLift } from '../steps/sandLift.ts';
import { vacuumGroove } from '../steps/vacuumGroove.ts';
import { waitForGel } from '../steps/waitForGel.ts';
import { waitUntilHard } from '../steps/waitUntilHard.ts';
import { wetFaces } from '../steps/wetFaces.ts';
import { clearAway } from '../words/protecting.ts';
import { cartridgeMix, type GrooveFill } from './cartridges.ts';
import { grooveLifts, type Groove } from './grooveLifts.ts';
import { bestFine } from './grades.ts';
import { grooveSection } from './grooveSection.ts';

/** What a groove of this crack is made of: its cut, what the resin needs, and the paces. */
interface Cut {
  readonly cut: CutThrough;
  readonly groove: Groove;
  readonly working: ResinWorking;
}

/** @throws Unworkable where the slab may not be cut deep enough, Missing where it was not measured */
function cutOf(c: Course): Cut {
  const { size, cut } = c.matter;
  const { working } = c.system;
  if (!cut) throw new Missing('widths');
  if (!working) throw new Error(`${c.system.title} has no working data`);
  if (size?.leftAsFound) throw new Unworkable(asFoundWords);
  if (size?.preparation !== 'chase' || !size.width || !size.depth || !size.void)
    throw new Unworkable(say`The slab may not be cut deep enough for this system here: ${size?.refusedBecause ?? 'no groove can be cut'}.`);
  return { cut, working, groove: { length: cut.length, width: size.width, depth: size.depth, void: size.void } };
}

/** How much of the volume the sand fills, in one size or in two. */
function packingOf(c: Course): { readonly packing: Figure; readonly one: Figure; readonly fine?: Figure } {
  const porosity = c.get(silicaSand.porosity);
  const one = c.ledger.compute(sandPackingOne, { porosity });
  if (c.matter.sand === 'one') return { packing: one, one };
  const sizes = { coarseMm: c.get(silicaSand.coarse), fineMm: c.get(silicaSand.fine), porosity };
  return {
    packing: c.ledger.compute(sandPackingTwo, { ...sizes, mixingLoss: c.get(silicaSand.mixingLoss) }),
    one,
    fine: bestFine(c),
  };
}

/** How far below a groove the open crack is choked with sand, and how much of it that takes; nothing where it is fine or ends in the groove. */
function chokeOf(c: Course, { cut }: Cut, belowMm: Figure, packing: Figure): { readonly depth: Figure; readonly sand: Figure } | undefined {
  if (belowMm.value <= 0 || !atLeast(cut.widest.value, c.get(chasingTools.chokeFrom).value)) return undefined;
  const depth = c.ledger.compute(chokeDepth, { belowMm, widthMm: cut.widest, times: c.get(chasingTools.chokeTimes) });
  const volumeMl = c.ledger.compute(chaseVolume, { lengthMm: cut.length, widthMm: cut.mean, depthMm: depth }, 'Crack choked below the groove');
  return {
    depth,
    sand: c.ledger.compute(sandForVolume, { volumeMl, packing, grainKgL: c.get(silicaSand.grains) }, 'Sand to choke the crack'),
  };
}

const drySand = (c: Course, amount: Figure): Use => c.use('sand', 'Kiln-dry sand', 'sand', amount, silicaSandRecord.id);

/** Chasing, cleaning, choking the crack below, and getting ready. @param packing share that one sand fills */
function prepareGroove(c: Course, whole: Cut, packing: Figure) {
  const { ledger } = c;
  const { cut, working, groove: cutTo } = whole;
  const passes = ledger.compute(wheelPasses, {
    depthMm: cutTo.depth,
    biteMm: c.get(chasingTools.bite),
    widthMm: cutTo.width,
    wheelMm: c.get(chasingTools.wheel),
  });
  const chaseMinutes = c.byLength('chaseSetUp', 'chasePace', cut.length, 'Chasing', { passes: passes });
  c.add(chase(cutTo.width, cutTo.depth, cut.length, passes, chaseMinutes, c.matter.choice('located') === 'found' ? 'found' : 'clear'));
  c.add(vacuumGroove(c.byLength('vacuumSetUp', 'vacuumPace', cut.length, 'Cleaning'), c.get(working.dryMoisture), c.matter.subject.dewMargin));
  const below = ledger.compute(depthBelow, { crackMm: cut.depth, depthMm: cutTo.depth });
  const choke = chokeOf(c, whole, below, packing);
  if (choke) c.add(chokeCrack(choke.depth, choke.sand, c.byLength('nothing', 'chokePace', cut.length, 'Choking')), { uses: [drySand(c, choke.sand)] });
  const none = c.get({ ...c.rates.once, value: 0 });
  const readied = c.add(getReady(c.byLength('readySetUp', 'chokePace', cut.length, 'Getting ready', { passes: none }), c.get(working.mixer)), { uses: [] });
  return { below, choke, readied };
}

/** The sections that a crack is worked in: each within the gel time of what is placed in it. */
function sectionsOf(c: Course, { cut, working }: Cut, gelMin: Figure): GrooveFill['sections'] {
  const { ledger, hands } = c;
  const [reserve, paceMinM] = [c.get(working.reserve), c.get(c.rates.placePace)];
  const longest = ledger.compute(sectionPerPerson, { gelMin, reserve, paceMinM, hands });
  const count = ledger.compute(sectionCount, { lengthMm: cut.length, sectionMm: longest });
  const length = ledger.compute(sectionLength, { lengthMm: cut.length, sections: count });
  return { count, length, longest, needs: ledger.compute(timeForSection, { lengthMm: length, paceMinM, hands, reserve }) };
}

/**
 * A crack chased to a groove and filled with resin and sand: chased, cleaned, wetted, sanded in lifts within the gel
 * time, left proud, ground, coated inside the window.
 */
export function groove(c: Course): void {
  const { ledger } = c;
  const whole = cutOf(c);
  const { cut, working, groove: cutTo } = whole;
  const side = (question: string, figure: string) => c.matter.side(question)?.sets?.[figure];
  const curing = (at23: Figure, label: string) => c.curing(at23, label);
  const sandMix = packingOf(c);
  const gel = c.working(c.get(working.gel), 'Gel time to work within');
  const gelled = curing(c.get(working.gel), 'Gel time to wait for');
  const twoGels = ledger.compute(
    timesDuration,
    { durationMin: c.get(working.gel), times: c.get(working.gelsToGrind) },
    'Gel times before grinding, at the reference temperature',
  );
  const hard = curing(ledger.compute(longest, { durationMin: [twoGels, c.get(working.hard)] }, 'Hard, at the reference temperature'), 'Hard enough to grind');
  const sections = sectionsOf(c, whole, gel);
  const { count, length: each } = sections;
  const thickest = liftByHeat(ledger, c.system, working.thickestLift, c.matter.subject);
  const lifts = grooveLifts(ledger, working, sandMix.packing, cutTo, count, side('proud-or-flush', 'proud') ?? working.proud, thickest);
  const onCured = side('second-placement', 'abrade') !== undefined;
  const premixFrom = side('sand-into-resin', 'from');
  const premixed = premixFrom !== undefined && atLeast(cutTo.width.value, premixFrom.value);

  const { below, choke, readied } = prepareGroove(c, whole, sandMix.one);
  const recoatUntil = c.closes(c.get(working.recoatUntil), 'Recoat window closes');
  const wetMinutes = c.byLength('nothing', 'wetPace', each, 'Wetting a section', { hands: c.hands });
  const fillMinutes = c.byLength('nothing', 'fillPace', each, 'Filling a section', { hands: c.hands });
  const grindOff = c.byLength('grindSetUp', 'grindPace', each, 'Grinding the film off');
  const abrading = c.byLength('nothing', 'vacuumPace', each, 'Abrading a section');
  const of = count.value;
  const liftId = (lift: number, n: number) => `lift-${String(lift)}-${String(n)}`;
  const placed: Figure[] = [];
  for (const lift of lifts.lifts) {
    for (let n = 1; n <= of; n++) {
      const id = liftId(lift.n, n);
      if (lift.n === 1) {
        c.add(wetFaces(lifts.wettingPerSection, each, wetMinutes, gel, n, of), {
          uses: [{ of: 'resin', amount: lifts.wettingPerSection }],
          after: [readied],
        });
        const ifMissed = say`Gelled before the sand was in: grind the film off, vacuum, wet again.`;
        c.links.push({
          from: `wet-${String(n)}`,
          after: 'start',
          to: id,
          most: { lag: c.closing(gel), ifMissed, redo: [grindAgain('the film', grindOff), { again: 'vacuum' }, { again: `wet-${String(n)}` }] },
        });
        placed.push(wetMinutes);
      } else if (onCured) {
        const abrade = abradeLift(lift.n - 1, abrading, n, of);
        c.add(abrade, { after: [liftId(lift.n - 1, n)] });
        c.links.push({ from: liftId(lift.n - 1, n), after: 'end', to: abrade.id, least: hard }, { from: abrade.id, after: 'end', to: id });
      } else {
        const ifMissed = say`Past the recoat window: abrade lift ${String(lift.n - 1)}, vacuum and wipe.`;
        c.links.push({
          from: liftId(lift.n - 1, n),
          after: 'end',
          to: id,
          least: gelled,
          most: { lag: c.closing(recoatUntil), ifMissed, redo: [abradeAgain(`lift ${String(lift.n - 1)}`, abrading)] },
        });
      }
      placed.push(fillMinutes);
      c.add(
        sandLift({
          lift: lift.n,
          lifts: lifts.count.value,
          thickness: lift.thickness,
          resin: lift.resinPerSection,
          sand: lift.sandPerSection,
          proud: lifts.proud,
          premixed,
          minutes: fillMinutes,
          n,
          of,
        }),
        {
          uses: [drySand(c, lift.sandPerSection), { of: 'resin', amount: lift.resinPerSection }],
          after: [lift.n === 1 ? `wet-${String(n)}` : onCured ? `abrade-${String(lift.n - 1)}-${String(n)}` : liftId(lift.n - 1, n)],
        },
      );
    }
    if (lift.n < lifts.count.value) c.add(onCured ? waitUntilHard(hard.minutes, c.groundC, lift.n) : waitForGel(lift.n, gelled.minutes, c.groundC));
  }
  const last = (n: number) => liftId(lifts.count.value, n);
  c.work(clearAway(gel, 'knife and rod wiped; mixers and what was purged left to cure, then thrown away'), c.rate('cleanTools'));
  const grindMinutes = lifts.proud.value > 0 ? c.byLength('grindSetUp', 'grindPace', cut.length, 'Grinding') : undefined;
  if (grindMinutes) {
    c.add(waitUntilHard(hard.minutes, c.groundC));
    c.add(grindFlush(grindMinutes, lifts.proud, cut.length));
    for (let n = 1; n <= of; n++) c.links.push({ from: last(n), after: 'end', to: 'grind', least: hard });
  }
  finishGroove(c, working, recoatUntil, { first: last(1), last: last(of) });

  const placing = ledger.compute(durationSum, { durationMin: placed }, 'Placing resin');
  c.amount('void', 'Groove as prepared', cutTo.void);
  c.amount('filled', 'As filled', lifts.filled);
  c.keepMix(
    cartridgeMix(c, working, {
      lifts,
      gel,
      placing,
      premixed,
      sections,
      ...(choke && { choke: choke.sand }),
      packing: sandMix.packing,
      ...(sandMix.fine && { fine: sandMix.fine }),
    }),
  );
  c.named = c.matter.size?.named ?? c.named;
  c.sections.push(grooveSection(cut, { groove: cutTo, lifts, below, ...(choke && { choke: choke.depth }) }));
}

/** Coating inside the window of the resin, and the moment from which it is used. */
function finishGroove(c: Course, working: ResinWorking, recoatUntil: Figure, lift: { readonly first: string; readonly last: string }): void {
  const finish = c.matter.choice('finish');
  if (finish === 'thin-coating' || finish === 'covering') {
    const recoatFrom = c.curing(c.get(working.recoatFrom), 'Recoat from');
    c.add(coatWithin(finish, recoatFrom.minutes, recoatUntil));
    const ifMissed = say`Past the recoat window: abrade the face, vacuum and wipe before coating.`;
    c.links.push(
      { from: lift.last, after: 'end', to: 'coat', least: recoatFrom },
      {
        from: lift.first,
        after: 'end',
        to: 'coat',
        most: {
          lag: c.closing(recoatUntil),
          ifMissed,
          redo: [abradeAgain('the face', c.byLength('vacuumSetUp', 'vacuumPace', c.need('lengthMm'), 'Abrading the face'))],
        },
      },
    );
  }
  const traffic = c.matter.choice('traffic');
  const open = c.curing(c.get(readyFor(c.system, traffic)), 'In use after');
  c.add(openToTraffic(choiceLabel(kindOf(c.matter.subject.kind), 'traffic', traffic), open.minutes, c.groundC));
  c.links.push({ from: lift.last, after: 'end', to: 'open', least: open });
}
