import { liftByHeat } from '../cure/safeLift.ts';
import { gelTime, longest, timesDuration, windowClose } from '../cure/reaction.ts';
import { chaseVolume, chokeDepth, depthBelow, wheelPasses } from '../geometry/groove.ts';
import { systemWait } from '../match/candidates.ts';
import { fineShare, sandForVolume, sandPackingOne, sandPackingTwo } from '../mixing/sandPacking.ts';
import { durationSum, handsOn, sectionCount, sectionLength, sectionPerPerson } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import { readyFor } from '../shelf/patchSystem.ts';
import { atLeast } from '../quantity/round.ts';
import { say } from '../quantity/saying.ts';
import type { Sourced } from '../quantity/ledger.ts';
import { chasingTools } from '../shelf/chasingTools.ts';
import { silicaSand } from '../shelf/sand.ts';
import { choiceLabel } from '../survey/ask.ts';
import { slabCrackTable } from '../survey/slabCrack.ts';
import { grooveLifts } from './lifts.ts';
import type { Method, MethodInput } from './method.ts';
import type { Lag, Link, Step } from './step.ts';
import { abradeLift } from './steps/abradeLift.ts';
import { chase } from './steps/chase.ts';
import { chokeCrack } from './steps/chokeCrack.ts';
import { coatWithin } from './steps/coatWithin.ts';
import { getReady } from './steps/getReady.ts';
import { grindFlush } from './steps/grindFlush.ts';
import { openToTraffic } from './steps/openToTraffic.ts';
import { sandLift } from './steps/sandLift.ts';
import { vacuumGroove } from './steps/vacuumGroove.ts';
import { waitForGel } from './steps/waitForGel.ts';
import { waitUntilHard } from './steps/waitUntilHard.ts';
import { wetFaces } from './steps/wetFaces.ts';

/** The questions of the trade whose side this recipe follows; the depth of the chase comes with the prepared size. */
export const sandFilledGrooveReads = ['chase-depth', 'second-placement', 'sand-into-resin', 'proud-or-flush'] as const;

/**
 * The family of grooves filled with resin and sand: chase, clean, wet, sand in lifts within the gel time,
 * leave proud, grind, coat inside the window.
 * @throws Error where the system has no working data
 */
export function sandFilledGroove({ ledger, subject, system, schools, rates, size, sand, people }: MethodInput): Method {
  const working = system.working;
  if (!working) throw new Error(`${system.title} has no working data`);
  const { length: lengthMm, slabC: temperatureC, choices } = subject;
  const side = (question: (typeof sandFilledGrooveReads)[number], figure: string): Sourced | undefined => schools(question)?.sets?.[figure];
  const get = (s: Sourced) => ledger.sourced(s);
  const hands = get(people === 2 ? rates.pair : rates.alone);
  const minutes = (setUp: Sourced, pace: Sourced, length: Figure, passes: Figure, crew: Figure, label: string) =>
    ledger.compute(handsOn, { setUpMin: get(setUp), paceMinM: get(pace), lengthMm: length, passes, hands: crew }, label);
  const once = get(rates.once);
  const alone = get(rates.alone);
  const porosity = get(silicaSand.porosity);
  const sizes = { coarseMm: get(silicaSand.coarse), fineMm: get(silicaSand.fine), porosity };
  const packing =
    sand === 'two' ? ledger.compute(sandPackingTwo, { ...sizes, mixingLoss: get(silicaSand.mixingLoss) }) : ledger.compute(sandPackingOne, { porosity });
  const wait = (at23: Figure, label: string): Lag & { by: 'progress' } => ({
    by: 'progress',
    at23,
    cure: system.cure,
    ...(system.slabC.min && { stopsBelow: system.slabC.min }),
    minutes: systemWait(ledger, system, at23, temperatureC, label),
  });

  const gel = ledger.compute(gelTime, { gelAt23Min: get(working.gel), temperatureC });
  const gelled = wait(get(working.gel), 'Gel time to wait for');
  const twoGels = ledger.compute(
    timesDuration,
    { durationMin: get(working.gel), times: get(working.gelsToGrind) },
    'Gel times before grinding, at the reference temperature',
  );
  const hard = wait(ledger.compute(longest, { durationMin: [twoGels, get(working.hard)] }, 'Hard, at the reference temperature'), 'Hard enough to grind');
  const longestSection = ledger.compute(sectionPerPerson, { gelMin: gel, reserve: get(working.reserve), paceMinM: get(rates.placePace), hands });
  const count = ledger.compute(sectionCount, { lengthMm, sectionMm: longestSection });
  const each = ledger.compute(sectionLength, { lengthMm, sections: count });
  const lifts = grooveLifts(
    ledger,
    working,
    packing,
    { length: lengthMm, width: size.width, depth: size.depth, void: size.void },
    count,
    side('proud-or-flush', 'proud') ?? working.proud,
    liftByHeat(ledger, system.safeLift, working.thickestLift, temperatureC.value),
  );
  const standsProud = lifts.proud.value > 0;
  const onCured = side('second-placement', 'abrade') !== undefined;
  const below = ledger.compute(depthBelow, { crackMm: subject.depth, depthMm: size.depth });

  const passes = ledger.compute(wheelPasses, { depthMm: size.depth, biteMm: get(chasingTools.bite), widthMm: size.width, wheelMm: get(chasingTools.wheel) });
  const chaseMinutes = minutes(rates.chaseSetUp, rates.chasePace, lengthMm, passes, alone, 'Chasing');
  const grindMinutes = minutes(rates.grindSetUp, rates.grindPace, lengthMm, once, alone, 'Grinding');
  const wetMinutes = minutes(rates.nothing, rates.wetPace, each, once, hands, 'Wetting a section');
  const fillMinutes = minutes(rates.nothing, rates.fillPace, each, once, hands, 'Filling a section');
  const premixFrom = side('sand-into-resin', 'from');
  const premixed = premixFrom !== undefined && atLeast(size.width.value, premixFrom.value);

  const steps: Step[] = [chase(size.width, size.depth, lengthMm, passes, chaseMinutes, choices.located === 'found' ? 'found' : 'clear')];
  steps.push(vacuumGroove(minutes(rates.vacuumSetUp, rates.vacuumPace, lengthMm, once, alone, 'Cleaning'), get(working.dryMoisture), subject.dewMargin));
  let choke: Method['choke'];
  if (below.value > 0 && atLeast(subject.widest.value, chasingTools.chokeFrom.value)) {
    const depth = ledger.compute(chokeDepth, { belowMm: below, widthMm: subject.widest, times: get(chasingTools.chokeTimes) });
    const volumeMl = ledger.compute(chaseVolume, { lengthMm, widthMm: subject.mean, depthMm: depth }, 'Crack choked below the groove');
    const oneSand = sand === 'one' ? packing : ledger.compute(sandPackingOne, { porosity });
    choke = { depth, sand: ledger.compute(sandForVolume, { volumeMl, packing: oneSand, grainKgL: get(silicaSand.grains) }, 'Sand to choke the crack') };
    steps.push(chokeCrack(depth, choke.sand, minutes(rates.nothing, rates.chokePace, lengthMm, once, alone, 'Choking')));
  }
  steps.push(getReady(minutes(rates.readySetUp, rates.chokePace, lengthMm, get({ ...rates.once, value: 0 }), alone, 'Getting ready'), [], get(working.mixer)));

  const links: Link[] = [];
  const of = count.value;
  const recoatUntil = ledger.compute(windowClose, { windowAt23Min: get(working.recoatUntil), temperatureC });
  const placed: Figure[] = [];
  for (const lift of lifts.lifts) {
    for (let n = 1; n <= of; n++) {
      const id = `lift-${String(lift.n)}-${String(n)}`;
      if (lift.n === 1) {
        steps.push(wetFaces(lifts.wettingPerSection, each, wetMinutes, gel, n, of));
        links.push({
          from: `wet-${String(n)}`,
          after: 'start',
          to: id,
          most: { minutes: gel, ifMissed: say`Gelled before the sand was in: grind the film off, vacuum, wet again.` },
        });
        placed.push(wetMinutes);
      } else {
        const below = `lift-${String(lift.n - 1)}-${String(n)}`;
        if (onCured) {
          const abrade = abradeLift(lift.n - 1, minutes(rates.nothing, rates.vacuumPace, each, once, alone, 'Abrading a section'), n, of);
          steps.push(abrade);
          links.push({ from: below, after: 'end', to: abrade.id, least: hard }, { from: abrade.id, after: 'end', to: id });
        } else
          links.push({
            from: below,
            after: 'end',
            to: id,
            least: gelled,
            most: { minutes: recoatUntil, ifMissed: say`Past the recoat window: abrade lift ${String(lift.n - 1)}, vacuum and wipe.` },
          });
      }
      placed.push(fillMinutes);
      steps.push(
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
      );
    }
    if (lift.n < lifts.count.value) steps.push(onCured ? waitUntilHard(hard.minutes, temperatureC, lift.n) : waitForGel(lift.n, gelled.minutes, temperatureC));
  }
  const last = (n: number) => `lift-${String(lifts.count.value)}-${String(n)}`;
  if (standsProud) {
    steps.push(waitUntilHard(hard.minutes, temperatureC), grindFlush(grindMinutes, lifts.proud, lengthMm));
    for (let n = 1; n <= of; n++) links.push({ from: last(n), after: 'end', to: 'grind', least: hard });
  }
  const finish = choices.finish;
  if (finish === 'thin-coating' || finish === 'covering') {
    const recoatFrom = wait(get(working.recoatFrom), 'Recoat from');
    steps.push(coatWithin(finish, recoatFrom.minutes, recoatUntil));
    links.push({ from: last(of), after: 'end', to: 'coat', least: recoatFrom });
    links.push({
      from: last(1),
      after: 'end',
      to: 'coat',
      most: { minutes: recoatUntil, ifMissed: say`Past the recoat window: abrade the face, vacuum and wipe before coating.` },
    });
  }
  const open = wait(get(readyFor(system, choices.traffic)), 'In use after');
  steps.push(openToTraffic(choiceLabel(slabCrackTable, 'traffic', choices.traffic), open.minutes, temperatureC));
  links.push({ from: last(of), after: 'end', to: 'open', least: open });

  return {
    system,
    size,
    lifts,
    packing,
    premixed,
    gel,
    gelWait: gelled.minutes,
    below,
    steps,
    links,
    chaseMinutes,
    ...(standsProud && { grindMinutes }),
    ...(sand === 'two' && { fineShare: ledger.compute(fineShare, sizes) }),
    sections: { count, length: each, longest: longestSection },
    ...(choke && { choke }),
    placing: ledger.compute(durationSum, { durationMin: placed }, 'Placing resin'),
  };
}
