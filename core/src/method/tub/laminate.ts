import { batchesOf, roundOf, withMixing } from '../batches.ts';
import { tubWork } from '../../shelf/usual/tubWork.ts';
import { manyDurations } from '../../cure/reaction.ts';
import { acrossRim, rimmedArea } from '../../geometry/outline.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { liftCount, massShare, massSum } from '../../geometry/groove.ts';
import { foamLiquid } from '../../injection/ports.ts';
import { farther } from '../../finishing/face.ts';
import { packsOf } from '../../mixing/cartridges.ts';
import { batchesInAll, coatVolume, cutOutVolume } from '../../mixing/mortarBatch.ts';
import { hardenerWeight, massOf, volumePart } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { mixed } from '../parts.ts';
import { clearAway, layOut } from '../words/protecting.ts';
import { supportFill } from '../../shelf/systems/supportFill.ts';
import { closeAccess, supportShell } from '../words/supporting.ts';
import { ladder, layersCool, layMat, pushTest, scuffShell, shellCures, trimHole } from '../words/tubbing.ts';
import { backHole } from '../words/tubOpen.ts';
import { grit, placeOf, begin, end, dosed, matchIt, stopped, stoppedPicture, throughShell } from './common.ts';

/** Support below a shell that gives. */
export function support(c: Course): void {
  const { ledger } = c;
  begin(c, c.get(tubWork.figures.maskLaminate));
  const [width, height] = placeOf(c);
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.get(tubWork.figures.supported) }, 'Supported');
  const cavity = ledger.compute(cutOutVolume, { cutMm2: area, depthMm: c.of('gap') }, 'Gap below the shell');
  const liquid = ledger.compute(foamLiquid, { voidMl: cavity, rise: c.of('rise'), reserve: c.get(tubWork.figures.foamReserve) });
  const shots = ledger.compute(packsOf, { volumeMl: liquid, packMl: c.of('shot') }, 'Shots');
  const holes = c.get(tubWork.figures.accessHoles);
  c.work(
    supportShell(holes, c.of('hole'), shots, liquid, c.of('wait'), throughShell(c)),
    ledger.compute(manyDurations, { durationMin: c.of('wait'), count: shots }, 'Shots and what lies between them'),
    { uses: [c.use('foam', 'Low-expansion foam, as liquid', 'foam', liquid, c.system.id)] },
  );
  const firm = c.fixed(c.of('firm'));
  c.wait(shellCures(firm.minutes), firm);
  const flex = c.get(tubWork.figures.gives);
  const pushed = c.work(pushTest(flex), c.each('spotEach'));
  c.amount('support', 'Foam below, as liquid', liquid);
  c.amount('shots', 'Shots', shots);
  c.named = 'supported';
  const shell = c.matter.measure('shellMm') ?? c.get(tubWork.figures.shell);
  if (c.isLast || c.isFirst)
    c.sections.push(
      layeredSection({
        caption: say`Cut through, the face on top`,
        ground: 'shell',
        behind: { material: 'foam', thicknessMm: c.of('gap').value, title: say`support, in ${shots} shots` },
        groundMm: shell.value,
        width,
        layers: [],
      }),
    );
  if (!c.isLast) return;
  end(c, pushed);
}

/** Layers of mat: as thick as the shell was, where that was measured. */
function layersOf(c: Course): Figure {
  const depthMm = c.matter.measure('shellMm');
  return depthMm ? c.ledger.compute(liftCount, { depthMm, thickestMm: c.of('layer'), least: c.of('layers') }, 'Layers of mat') : c.of('layers');
}

/** Opens a crack, or trims a hole. */
function openUp(c: Course, lap: Figure, crack?: Figure): void {
  if (crack) stopped(c, crack);
  else c.work(trimHole(c.of('layer'), lap, 'the mat'), c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Trimming'));
}

/** Wet mat hangs through a hole, unless foam below a floor carries it. */
function backed(c: Course): void {
  if (!c.isUsed('foam')) c.work(backHole(c.matter.choice('access') === 'yes'), c.rate('readySetUp'));
}

/** Glass mat in resin, each layer larger. */
export function laminate(c: Course): void {
  const { ledger } = c;
  begin(c, c.get(tubWork.figures.maskLaminate));
  const [width, height] = placeOf(c);
  const crack = c.matter.measure('lengthMm');
  const [lap, more] = [c.of('lap'), c.of('more')];
  const layers = layersOf(c);
  openUp(c, lap, crack);
  const rims = Array.from({ length: layers.value }, (_v, i) =>
    ledger.compute(farther, { firstMm: lap, eachMm: more, count: c.stated('Layers below it', 'count', i) }, `Layer ${String(i + 1)} past the place`),
  );
  const areas = rims.map((rimMm) => ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm }, 'A layer'));
  const largest = areas[areas.length - 1];
  const outer = rims[rims.length - 1];
  if (!largest || !outer) return;
  c.work(scuffShell(c.get(tubWork.figures.scuffBuild), largest, outer), c.byArea('readySetUp', 'scuffPerM2', largest, 'Scuffing'));
  if (!crack) backed(c);
  const potLife = c.working(c.of('potLife'));
  c.work(layOut(potLife, 'mat cut to size, smallest first; roller, brush, scale; a fan outward', c.resin), c.rate('readySetUp'));
  const resins = areas.map((areaMm2) =>
    ledger.compute(
      massOf,
      {
        volumeMl: mixed(
          c,
          ledger.compute(
            volumePart,
            { volumeMl: ledger.compute(coatVolume, { areaMm2, filmMm: c.of('layer') }, 'A layer'), share: c.of('resinPerL') },
            'Resin in a layer',
          ),
          'Resin to mix',
        ),
        densityKgL: c.of('density'),
      },
      'Resin for a layer',
    ),
  );
  const total = ledger.compute(massSum, { massG: resins }, 'Resin in all');
  const { dose, hardener: all } = dosed(c, total);
  const laid = areas.map((area, i) => {
    const placing = c.byArea('nothing', 'layUpPerM2', area, 'A layer of mat');
    return { placing, ...batchesOf(c, placing, potLife, `layer ${String(i + 1)}`) };
  });
  const slowest = laid.reduce((most, l) => (l.needs.value > most.needs.value ? l : most));
  c.keepMix({
    id: 'laminate',
    title: c.system.title,
    total,
    care: 'polyester',
    batches: ledger.compute(batchesInAll, { each: laid.map((l) => l.batches) }),
    within: potLife,
    needs: slowest.needs,
    parts: [
      { what: 'Resin', role: 'resin', amount: total },
      { what: 'Hardener', role: 'hardener', amount: all },
    ],
    rounds: laid.flatMap(({ batches }, i) => {
      const resin = resins[i];
      if (!resin) return [];
      const one = ledger.compute(massShare, { massG: resin, parts: batches }, 'Resin for one batch');
      const drops = ledger.compute(hardenerWeight, { resinG: one, dosePct: dose }, 'Hardener for one batch');
      return [roundOf(`Layer ${String(i + 1)}`, batches, { Resin: one, Hardener: drops })];
    }),
    says: [
      say`${dose} hardener by weight; one layer mixed at a time, no more at once than is rolled out before it gels.`,
      say`No more than ${c.of('atOnce')} layers at once: they heat.`,
    ],
  });
  areas.forEach((area, i) => {
    const [resin, go] = [resins[i], laid[i]];
    if (i > 0 && i % c.of('atOnce').value === 0) {
      const cool = c.curing(c.of('cools'), 'Gelled and cool again');
      c.wait(layersCool(cool.minutes), cool);
    }
    if (resin && go)
      c.work(
        layMat(i + 1, layers, area, resin, ledger.compute(hardenerWeight, { resinG: resin, dosePct: dose }, 'Hardener for a layer'), go.batches),
        c.together([c.rate('mixMin'), withMixing(c, go.placing, go.batches, 'A layer of mat')], 'A layer of mat'),
        { lift: i + 1, uses: [{ of: 'laminate', amount: resin }, c.use('mat', 'Glass mat', 'reinforcement', area)] },
      );
    // what its support was foamed through is closed with the rest of the first resin
    if (i === 0 && c.isUsed('foam')) {
      const holes = c.get(tubWork.figures.accessHoles);
      c.work(closeAccess(holes, c.get(supportFill.figures.hole)), c.byCount('nothing', 'accessEach', holes, 'Closing access holes'));
    }
  });
  const last = c.lastStep;
  if (c.isLast) c.work(clearAway(potLife, 'roller washed before it gels'), c.rate('cleanTools'));
  else matchIt(c);
  const cured = c.curing(c.of('cured'), 'Cured and cool after');
  c.wait(shellCures(cured.minutes), cured, last);
  // putty keys in coarse scratches, coats show them
  const puttied = c.matter.members.some(({ id, basedOn = id }) => basedOn === 'polyester-finish-putty');
  c.work(
    ladder(grit(c, puttied ? [80, 120] : [80, 120, 180, 220, 320]), c.get(tubWork.figures.fartherLaminate), false),
    c.byArea('readySetUp', 'wetSandPerM2', largest, 'Sanding'),
  );
  c.work(pushTest(c.get(tubWork.figures.gives)), c.each('spotEach'));
  c.amount('resin', 'Laminating resin', total);
  c.amount('mat', 'Mat, the largest', largest);
  c.named = c.named === 'supported' ? 'supported and laminated' : 'laminated';
  const shell = c.matter.measure('shellMm') ?? c.get(tubWork.figures.shell);
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the laminated face on top`,
      ground: 'shell',
      groundMm: shell.value,
      ...(c.isUsed('foam') && { behind: { material: 'foam' as const, thicknessMm: 15, title: say`supported first` } }),
      width,
      layers: [],
      films: rims.map((rimMm, i) => ({
        id: `mat-${String(i + 1)}`,
        title: say`mat ${String(i + 1)}, ${rimMm} past`,
        across: ledger.compute(acrossRim, { sizeMm: width, rimMm }, 'A layer'),
        material: 'laminate' as const,
      })),
    }),
  );
  if (crack) stoppedPicture(c, crack);
  if (c.isLast) end(c, last);
}
