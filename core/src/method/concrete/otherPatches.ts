import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { abradeAgain } from '../words/redoing.ts';
import { liftCount, liftThickness, volumeShare } from '../../geometry/groove.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { bottomAndWalls, coatVolume, liquidFor, powderFor } from '../../mixing/mortarBatch.ts';
import { resinAndSand, resinForSand, sandForVolume } from '../../mixing/sandPacking.ts';
import { manyVolumes } from '../../geometry/outline.ts';
import { formPressure } from '../../mixing/formwork.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { silicaSand } from '../../shelf/sand.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import type { Course } from '../course.ts';
import { Unworkable } from '../unworkable.ts';
import { Missing } from '../courseFigures.ts';
import { coverUp, longer, mixed, strip, twoParts } from '../parts.ts';
import { setBoard, takeBoardOff } from '../patch/edgeBoard.ts';
import { edgeSection } from '../patch/edgeSection.ts';
import { prepareSquare } from '../patch/prepareSquare.ts';
import { type SquareCut, soundTwice } from '../patch/squareCut.ts';
import { inUse } from '../words/finishing.ts';
import {
  buildForm,
  dryGround,
  fairingPass,
  pourForm,
  primeGround,
  protectFresh,
  roughenFace,
  soakForm,
  stripForm,
  trowelResin,
  waitHard,
  waitLayer,
} from '../words/placing.ts';
import { clearAway, layOut } from '../words/protecting.ts';

function open(c: Course, after: string): void {
  const wait = c.curing(c.get(readyFor(c.system, c.matter.choice('traffic'))), 'In use after');
  c.ready(inUse(c.matter.subject.answers.traffic?.label ?? 'use', wait.minutes, 'A nail scratches a white line and no groove.'), wait, after);
}

function drawn(
  c: Course,
  cut: SquareCut,
  layers: readonly { readonly n: number; readonly thickness: Figure; readonly volume: Figure; readonly title: ReturnType<typeof say> }[],
  material: 'resin-sand' | 'mortar',
): void {
  c.named = 'squared';
  const [first] = layers;
  if (cut.form && first) {
    const lifts = c.stated('Lifts', 'count', layers.length);
    c.sections.push(
      edgeSection({ form: cut.form, deep: cut.depth, lifts, thickness: first.thickness, volume: first.volume, material, toMix: say`${cut.volume} to fill` }),
    );
    return;
  }
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'concrete',
      width: cut.widest,
      depth: cut.depth,
      layers: layers.map((l) => ({ id: String(l.n), material, lift: l.n, thickness: l.thickness, volume: l.volume, title: l.title })),
      ...(cut.bars?.across && { bars: { across: cut.bars.across, behind: cut.bars.behind } }),
    }),
  );
}

/** A place cut square and filled with resin mortar, on ground that is dry. */
export function epoxyPatch(c: Course, cut: SquareCut): void {
  const { ledger, system } = c;
  const position = (c.matter.choice('position') ?? 'floor') as 'floor' | 'wall' | 'overhead' | 'edge';
  const edge = c.limit(system.edge, 'square edge');
  prepareSquare(c, cut, edge);
  const dry = c.get(concreteWork.figures.driesAfterWash);
  c.wait(dryGround(dry), c.fixed(dry));
  setBoard(c, cut);
  const thickest = system.lift?.[position] ?? system.lift?.floor;
  const lifts = ledger.compute(liftCount, {
    depthMm: cut.depth,
    thickestMm: thickest ? c.get(thickest) : cut.depth,
    least: c.stated('Least number of lifts', 'count', 1),
  });
  const thickness = ledger.compute(liftThickness, { depthMm: cut.depth, lifts });
  const each = ledger.compute(volumeShare, { volumeMl: cut.volume, parts: lifts }, 'Volume of a lift');
  const potLife = c.working(c.of('potLife'));
  const film = c.of('primer');
  const wetted = ledger.compute(bottomAndWalls, { cutMm2: cut.area, aroundMm: cut.around, depthMm: cut.depth });
  const primer = ledger.compute(coatVolume, { areaMm2: wetted, filmMm: film }, 'Neat resin on bottom and walls');
  const resin = ledger.compute(resinForSand, { volumeMl: cut.volume, packing: c.of('packing'), surplus: c.of('surplus') });
  const sand = ledger.compute(sandForVolume, { volumeMl: cut.volume, packing: c.of('packing'), grainKgL: c.get(silicaSand.grains) });
  c.work(layOut(potLife, 'dry sand weighed out, paddle, trowel, straightedge; ground dry and warmer than the dew point', c.resin), c.rate('readySetUp'));
  const all = ledger.compute(resinAndSand, { resinMl: resin, sandG: sand, grainKgL: c.get(silicaSand.grains) });
  const mixedEach = ledger.compute(volumeShare, { volumeMl: all, parts: lifts }, 'Mixed for a lift');
  const openFor = c.closes(c.of('primerOpen'), 'Covered while tacky, within');
  const primed = c.work(primeGround(primer, film, openFor), c.byArea('nothing', 'scrubPerM2', wetted, 'Priming the ground'), {
    uses: [c.use('neat-resin', 'Neat resin, both parts mixed, on the ground', 'primer', primer, system.id)],
  });
  c.mix(
    'resin-mortar',
    'Resin mortar',
    all,
    [...twoParts(c, resin, c.of('partB')), { what: 'Dry sand', role: 'sand', amount: sand }],
    { within: potLife, pace: 'packPerL', least: lifts, care: 'epoxy' },
    [say`Resin and hardener first, to one color; sand in after that.`, say`Out of the pail at once: in a heap it heats.`],
  );
  const next = c.curing(c.of('primerOpen'), 'Before the next lift');
  for (let n = 1; n <= lifts.value; n++) {
    if (n === 1)
      c.within(openFor, say`The primer is no longer tacky: abrade, vacuum, prime again.`, [
        abradeAgain('the primer', c.byArea('vacuumSetUp', 'sandPerM2', cut.area, 'Abrading the primer')),
        { again: primed },
      ]);
    else c.wait(waitLayer(next.minutes, 'A glove comes away clean, a thumbnail still marks it.', 'lift'), next);
    c.work(
      trowelResin(n, lifts, each, thickness, n === lifts.value && cut.form !== undefined && cut.form.of !== 'corner'),
      c.byVolume('mixMin', 'packPerL', each, 'A lift of resin mortar'),
      {
        lift: n,
        uses: [{ of: 'resin-mortar', amount: mixedEach }],
      },
    );
  }
  const last = c.last;
  c.work(clearAway(potLife, 'what is left in the pail spread out thin to harden'), c.rate('cleanTools'));
  const hard = c.curing(c.of('hard'), 'Hard');
  c.wait(waitHard(hard.minutes, c.groundC), hard, last);
  if (cut.form) takeBoardOff(c, cut.form.long, true);
  if (last) open(c, last);
  c.amount('resin', 'Resin', resin);
  c.amount('sand', 'Dry sand', sand);
  c.amount('volume', 'To fill', cut.volume);
  drawn(
    c,
    cut,
    Array.from({ length: lifts.value }, (_v, i) => ({
      n: i + 1,
      thickness,
      volume: each,
      title: i === 0 ? say`the first into tacky resin` : say`lift ${String(i + 1)}`,
    })),
    'resin-sand',
  );
}

/** A deep place behind a form, poured in one go. */
export function formedPour(c: Course, cut: SquareCut): void {
  const { ledger } = c;
  prepareSquare(c, cut, c.limit(c.system.edge, 'square edge'));
  const soak = c.of('soak');
  const press = ledger.compute(formPressure, { heightMm: cut.widest, perMeter: c.of('head') });
  c.work(buildForm(cut.widest, press, c.of('gap')), c.byArea('formSetUp', 'formPerM2', cut.area, 'Building the form'), {
    uses: [c.use('form', 'Form boards and braces, over a face of', 'backing', cut.area)],
  });
  c.wait(soakForm(soak), c.fixed(soak), 'wash');
  const toMix = mixed(c, cut.volume, 'Concrete to mix');
  const powder = ledger.compute(powderFor, { volumeMl: toMix, yieldMlG: c.of('yieldMlG') });
  const water = ledger.compute(liquidFor, { powderG: powder, liquidShare: c.of('liquidShare') });
  const potLife = c.working(c.of('potLife'));
  const { batches } = c.mix(
    'pour',
    'Micro-concrete',
    toMix,
    [
      { what: 'Powder', role: 'powder', amount: powder },
      { what: 'Water', role: 'liquid', amount: water },
    ],
    { within: potLife, pace: 'pourPerL', care: 'poured cement', told: true },
    [say`All of it mixed before the first is poured, or two mixers in turn: the pour must not stop.`],
  );
  const poured = c.work(pourForm(cut.volume, potLife, batches), c.byVolume('mixMin', 'pourPerL', toMix, 'Mixing and pouring'), {
    uses: [{ of: 'pour', amount: toMix }],
  });
  c.work(clearAway(potLife, 'mixer and chute washed, the water kept off drains'), c.rate('cleanTools'));
  const off = c.curing(c.of('strip'), 'Form off after');
  c.atLeast(off, poured);
  const stripped = c.work(stripForm(off.minutes), c.byArea('readySetUp', 'washPerM2', cut.area, 'Taking the form off'));
  const kept = c.days(c.of('dampDays'), 'Kept damp');
  const protect = c.work(protectFresh(c.of('dampDays'), kept), c.rate('dampMin'));
  soundTwice(c, stripped, { by: protect, damp: kept });
  c.atLeast(c.fixed(kept), protect);
  open(c, poured);
  c.amount('volume', 'To fill', cut.volume);
  c.amount('powder', 'Powder', powder);
  c.amount('water', 'Water', water);
  drawn(c, cut, [{ n: 1, thickness: cut.depth, volume: cut.volume, title: say`poured in one go, ${cut.volume}` }], 'mortar');
}

/** A thin cement coat over a rough or scaled face. */
export function fairing(c: Course): void {
  const { ledger } = c;
  const area =
    c.matter.measured('area') ?? (c.matter.measure('lengthMm') && c.matter.measure('heightMm') ? strip(c, c.need('heightMm'), 'Face to coat') : undefined);
  if (!area) throw new Missing('outline');
  const depth = c.matter.subject.depth ?? c.of('coat');
  coverUp(c);
  c.work(roughenFace(area), c.byArea('grindSetUp', 'washPerM2', area, 'Grinding and washing'));
  const film = c.of('coat');
  const passes = ledger.compute(liftCount, { depthMm: depth, thickestMm: film, least: c.get(concreteWork.figures.passes) }, 'Passes');
  if (passes.value > 4) throw new Unworkable(say`A fairing coat is drawn out thin: ${depth} would take ${passes} passes. Rebuild it with a mortar first.`);
  const volume = ledger.compute(coatVolume, { areaMm2: area, filmMm: film }, 'One pass');
  const total = mixed(c, ledger.compute(manyVolumes, { volumeMl: volume, count: passes }, 'All passes'), 'Fairing coat to mix');
  const onePass = ledger.compute(volumeShare, { volumeMl: total, parts: passes }, 'Mixed for a pass');
  const powder = ledger.compute(powderFor, { volumeMl: total, yieldMlG: c.of('yieldMlG') });
  const liquid = ledger.compute(liquidFor, { powderG: powder, liquidShare: c.of('liquidShare') });
  const potLife = c.working(c.of('potLife'));
  c.mix(
    'fairing',
    'Fairing mortar',
    total,
    [
      { what: 'Powder', role: 'powder', amount: powder },
      { what: 'Liquid', role: 'liquid', amount: liquid },
    ],
    { within: potLife, pace: 'compoundPerL', least: passes, care: 'cement' },
    [say`Never wetted again once it stiffens.`],
  );
  const next = c.curing(c.of('next'), 'Second pass after');
  for (let n = 1; n <= passes.value; n++) {
    if (n > 1) c.wait(waitLayer(next.minutes, 'Firm, and dull; a finger leaves no dent.', 'pass'), next);
    c.work(fairingPass(n, passes, volume, film, potLife), c.byArea('mixMin', 'floatPerM2', area, 'A pass'), {
      lift: n,
      uses: [{ of: 'fairing', amount: onePass }],
    });
  }
  const last = c.last;
  c.work(clearAway(potLife, 'float washed at once'), c.rate('cleanTools'));
  c.work(protectFresh(c.of('dampDays'), c.days(c.of('dampDays'), 'Kept damp')), c.rate('dampMin'));
  if (last) open(c, last);
  c.amount('area', 'Face to coat', area);
  c.amount('powder', 'Powder', powder);
  c.amount('liquid', 'Liquid', liquid);
  c.named = 'ground and coated';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'concrete',
      width: c.matter.seen?.width ? longer(c) : c.need('lengthMm'),
      depth,
      layers: Array.from({ length: passes.value }, (_v, i) => ({
        id: String(i + 1),
        material: 'mortar' as const,
        lift: i + 1,
        thickness: ledger.compute(liftThickness, { depthMm: depth, lifts: passes }, 'A pass'),
        title: i === 0 ? say`pressed into the pores` : say`drawn out to nothing at the edge`,
      })),
    }),
  );
}
