import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { chaseVolume, volumeShare, volumeSum } from '../../geometry/groove.ts';
import { manyVolumes } from '../../geometry/outline.ts';
import { handfuls, packerBeside, packerHole } from '../../injection/packers.ts';
import { foamLiquid, frontTime, portCount, sealVolume } from '../../injection/ports.ts';
import { cutOutVolume, liquidFor, powderFor } from '../../mixing/mortarBatch.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { epoxyPaste } from '../../shelf/auxiliaries/epoxyPaste.ts';
import { widthClassFor } from '../../shelf/repairClasses.ts';
import type { Course } from '../course.ts';
import { coverUp, mixed, strip, twoParts } from '../parts.ts';
import { clearAway, layOut } from '../words/protecting.ts';
import { kindOf } from '../../survey/kinds.ts';
import { goesOver } from '../../survey/outcomes.ts';
import { inUse } from '../words/finishing.ts';
import {
  cutFoamBack,
  brushFace,
  cutSlot,
  drillPackers,
  dryFace,
  flushCrack,
  inject,
  lookForWater,
  portsOff,
  pressPlug,
  pullPackers,
  scrapeOff,
  sealCrack,
  sealHard,
  setPorts,
  shavePlug,
} from '../words/injecting.ts';
import { injectionElevation, injectionSection } from './injectionSection.ts';

/** Thickness of the wall or the slab: measured, or taken as usual. */
function wallOf(c: Course): { readonly wall: Figure; readonly known: boolean } {
  const wall = c.matter.measure('wallMm') ?? c.matter.measured('slab');
  return wall ? { wall, known: true } : { wall: c.get(concreteWork.figures.wall), known: false };
}

/** What a crack goes through, and how one goes along it: up a wall, along a slab. */
const inSlab = (c: Course): boolean => kindOf(c.matter.subject.kind).ground === 'slab';

const wet = (c: Course) => ['damp', 'seasonal', 'seeping', 'running', 'wet'].includes(c.matter.choice('moisture') ?? '');

/** Void of the crack: along its length, its mean width, through the wall where its depth is not known. */
function voidOf(c: Course, wall: Figure): Figure {
  return (
    c.matter.measured('void') ??
    c.ledger.compute(
      chaseVolume,
      { lengthMm: c.need('lengthMm'), widthMm: c.need('mean'), depthMm: c.matter.measure('depthMm') ?? wall },
      'Void of the crack, through',
    )
  );
}

/** What stops running water before anything else can hold. */
export function waterPlug(c: Course): void {
  coverUp(c);
  const slot = c.of('slot');
  const length = c.need('lengthMm');
  c.work(cutSlot(slot, length), c.byLength('sawSetUp', 'slotPace', length, 'Cutting the slot'));
  const volume = c.ledger.compute(cutOutVolume, { cutMm2: strip(c, slot, 'Slot'), depthMm: slot }, 'Slot to plug');
  const count = c.ledger.compute(handfuls, { volumeMl: volume, loss: c.of('loss'), handMl: c.of('handful') });
  const total = mixed(c, volume, 'Plug to mix');
  const powder = c.ledger.compute(powderFor, { volumeMl: total, yieldMlG: c.of('yieldMlG') });
  const water = c.ledger.compute(liquidFor, { powderG: powder, liquidShare: c.of('liquidShare') });
  const { batches } = c.mix(
    'plug',
    'Water plug',
    total,
    [
      { what: 'Powder', role: 'powder', amount: powder },
      { what: 'Clean water', role: 'liquid', amount: water },
    ],
    { within: c.of('within'), pace: 'noPace', least: count, care: 'quick cement', told: true },
    [say`One handful at a time: it sets in the hand.`, say`Warm water and warm powder set faster.`],
  );
  c.work(pressPlug(batches, c.of('within'), c.of('hold'), powder), c.byCount('readySetUp', 'plugEach', count, 'Plugging'), {
    uses: [{ of: 'plug', amount: total }],
  });
  const firm = c.curing(c.of('firm'), 'Plug firm');
  c.atLeast(firm);
  const shaved = c.work(shavePlug(firm.minutes), c.byLength('nothing', 'brushPace', length, 'Shaving the plug'));
  c.amount('plug', 'Plug, powder', powder);
  c.named = 'plugged';
  if (!c.isLast) return;
  c.sections.push(injectionElevation(c, undefined, length));
  const used = c.untilUse(firm);
  c.ready(inUse('painting over', used.minutes, 'Dry to a tissue pressed on it for a minute.'), used, shaved);
}

/** Ports on the face and the seal over the crack between them. @param wall its thickness, where it is measured */
function sealPorts(
  c: Course,
  { length, ports, spacing, wall }: Readonly<Record<'length' | 'ports' | 'spacing', Figure>> & { readonly wall: Figure | undefined },
): void {
  c.work(brushFace(c.of('brush'), length), c.byLength('vacuumSetUp', 'brushPace', length, 'Brushing the face'));
  if (wet(c)) {
    const dries = c.get(concreteWork.figures.faceDries);
    c.work(dryFace(dries), c.rate('coverUp'));
    c.atLeast(c.fixed(dries));
  }
  const [bed, width] = [c.ofAuxiliary(epoxyPaste, 'bed'), c.ofAuxiliary(epoxyPaste, 'strip')];
  const slab = inSlab(c);
  const underside = slab && c.matter.choice('member') === 'suspended';
  const both = underside || c.matter.choice('access') === 'yes';
  const strips = c.ledger.compute(sealVolume, { lengthMm: length, stripMm: width, thicknessMm: bed }, 'Strip on a face');
  const bases = c.ledger.compute(manyVolumes, { volumeMl: c.get(concreteWork.figures.portBase), count: ports }, 'Under the bases of the ports');
  const paste = c.ledger.compute(volumeSum, { volumeMl: [strips, ...(both ? [strips] : []), bases] }, 'Paste to seal');
  const because = c.school('port-spacing', 'spacing')
    ? say`at a set distance, whatever the thickness`
    : wall
      ? say`as far as the ${slab ? 'slab' : 'wall'} is thick, ${wall}: what arrives at the next has then gone right through`
      : say`the wall is not measured: no farther than this`;
  c.work(setPorts(ports, spacing, because, slab), c.byCount('readySetUp', 'portEach', ports, 'Setting ports'), {
    uses: [c.use('ports', 'Ports', 'port', ports)],
  });
  const coldest = epoxyPaste.slabC.min;
  const sealing = c.byLength('nothing', 'sealPace', length, 'Sealing the face', { passes: both ? c.stated('Both faces', 'count', 2) : c.rate('once') });
  const other = underside ? 'below' : both ? 'reached' : slab ? 'base' : 'grade';
  c.work(sealCrack(paste, bed, width, other, c.get(coldest)), sealing, {
    uses: [{ of: 'paste', amount: paste }],
  });
  c.mix(
    'paste',
    'Epoxy paste',
    paste,
    twoParts(c, paste, c.stated('Equal parts', 'ratio', 1), ['Part A', 'Part B']),
    {
      within: c.working(c.get(concreteWork.figures.pasteWorked), 'Working time of the paste'),
      pace: sealing,
      care: 'epoxy paste',
      of: epoxyPaste.id,
    },
    [say`Mixed until it is of one color.`],
  );
  const pressure = c.curing(c.ofAuxiliary(epoxyPaste, 'pressure'), 'Seal ready for pressure');
  c.wait(sealHard(pressure.minutes, c.groundC), pressure);
  c.amount('ports', 'Ports', ports);
  c.amount('paste', 'Epoxy paste', paste);
}

/** Foam is cut back from a face that is painted again, and the line is closed with mortar: no paint holds on foam. */
function plugFoam(c: Course, length: Figure): void {
  if (goesOver(c.matter.choice) === 'none') return;
  const deep = c.get(concreteWork.figures.plugged);
  const mortar = c.ledger.compute(chaseVolume, { lengthMm: length, widthMm: c.need('widest'), depthMm: deep }, 'Quick mortar along the crack');
  c.work(cutFoamBack(length, deep), c.byLength('nothing', 'scrapePace', length, 'Cutting foam back'), {
    uses: [c.use('line-mortar', 'Quick mortar along the crack', 'backing', mortar)],
  });
}

/** Injecting a crack through ports on its face, with resin or with foam. */
export function portInjection(c: Course): void {
  const foam = c.does('foams');
  const length = c.need('lengthMm');
  const { wall, known } = wallOf(c);
  const drilled = c.does('drilled');
  coverUp(c);
  const hold = foam ? c.of('hold') : (c.school('injection-done', 'hold') ?? c.get(concreteWork.figures.heldAtNext));
  const void_ = voidOf(c, wall);
  const resin = foam ? c.ledger.compute(foamLiquid, { voidMl: void_, rise: c.of('rise'), reserve: c.of('reserve') }) : mixed(c, void_, 'Resin to mix');
  const spacing = drilled ? c.of('spacing') : (c.school('port-spacing', 'spacing') ?? (known ? wall : c.of('widest')));
  const ports = c.ledger.compute(portCount, { lengthMm: length, spacingMm: spacing }, drilled ? 'Packers' : 'Ports');
  const potLife = c.working(c.of('potLife'));
  if (drilled) {
    const [hole, beside] = [c.ledger.compute(packerHole, { wallMm: wall }), c.ledger.compute(packerBeside, { wallMm: wall })];
    c.work(
      drillPackers(ports, c.of('hole'), hole, beside, spacing, { wet: foam, slab: inSlab(c) }),
      c.byCount('chipSetUp', 'drillEach', ports, 'Drilling and setting packers'),
      {
        uses: [c.use('packers', 'Packers', 'port', ports)],
      },
    );
    c.amount('packers', 'Packers', ports);
  } else {
    sealPorts(c, { length, ports, spacing, wall: known ? wall : undefined });
  }
  if (foam) c.work(flushCrack(c.of('start'), { sealed: !drilled, slab: inSlab(c) }), c.byCount('readySetUp', 'spotEach', ports, 'Flushing'));
  c.work(
    layOut(potLife, foam ? 'pump, hoses, caps and a spare gun; water at hand' : 'pump, caps, spare paste; never water in a crack that takes resin', c.resin),
    c.rate('readySetUp'),
  );
  const second = foam ? c.of('catalyst') : c.of('partB');
  const injecting = c.together(
    [c.byCount('nothing', 'injectEach', ports, 'At the ports'), c.byVolume('nothing', 'injectPerL', resin, 'Mixing and pumping')],
    'Injecting',
  );
  const { batches } = c.mix(
    'resin',
    foam ? 'Foam, as liquid' : 'Injection resin',
    resin,
    twoParts(c, resin, second, ['Resin', foam ? 'Catalyst' : 'Hardener']),
    { within: potLife, pace: injecting, care: foam ? 'urethane foam' : 'epoxy' },
    [
      say`A sample of every batch is kept, with its time.`,
      foam
        ? say`Dry pails and hoses: a drop of water starts it.`
        : inSlab(c)
          ? say`Both parts at the temperature of the slab.`
          : say`Both parts at the temperature of the wall.`,
    ],
  );
  const share = c.ledger.compute(volumeShare, { volumeMl: resin, parts: ports }, 'Share of one port');
  const twice = c.ledger.compute(manyVolumes, { volumeMl: share, count: c.get(concreteWork.figures.tooMuch) }, 'More than one port should take');
  const injected = c.work(
    inject(resin, c.of('start'), c.of('most'), hold, foam ? 'foam' : 'resin', { sealed: !drilled, slab: inSlab(c), share, twice }),
    injecting,
    { uses: [{ of: 'resin', amount: resin }] },
  );
  if (c.system.figures?.['viscosity']) {
    const mean = c.need('mean');
    const asked = widthClassFor(mean.value);
    if (asked) c.amount('class', `Resin goes into cracks from, class ${asked.id} or finer`, c.get(asked.from));
    const front = c.ledger.compute(frontTime, {
      spacingMm: spacing,
      widthMm: mean,
      viscosityMpas: c.of('viscosity'),
      pressureMpa: c.of('start'),
      roughness: c.get(concreteWork.figures.roughness),
    });
    c.amount('front', 'To the next port, at the least pressure', front);
  }
  const off = c.curing(c.of('portsOff'), drilled ? 'Packers out after' : 'Ports off after');
  c.work(clearAway(potLife, 'hoses run empty and flushed with the solvent of the sheet'), c.rate('cleanTools'));
  c.wait(portsOff(off.minutes), off, injected);
  if (drilled)
    c.work(pullPackers(ports, c.of('hole'), c.get(concreteWork.figures.plugged)), c.byCount('grindSetUp', 'plugEach', ports, 'Pulling and plugging'), {
      uses: [c.use('quick-mortar', 'Quick mortar, handfuls', 'backing', ports)],
    });
  else c.work(scrapeOff(length), c.byLength('grindSetUp', 'scrapePace', length, 'Taking off ports and seal'));
  if (foam) plugFoam(c, length);
  if (foam) {
    const look = c.get(concreteWork.figures.firstLook);
    c.ready(lookForWater(look), c.fixed(c.days(look, 'First look')), injected);
  }
  const used = c.untilUse(off);
  c.ready(inUse(foam ? 'use, if it stays dry' : 'use', used.minutes, 'The retained samples are hard; the line is dry to a tissue.'), used, injected);
  c.amount('void', 'Void of the crack', void_);
  c.amount('resin', foam ? 'Liquid foam' : 'Resin', resin);
  c.amount('batches', 'Batches', batches);
  c.named = drilled ? 'through packers' : 'through ports';
  c.sections.push(
    injectionElevation(
      c,
      {
        ports,
        spacing,
        strip: drilled ? undefined : c.ofAuxiliary(epoxyPaste, 'strip'),
        staggered: drilled ? c.ledger.compute(packerBeside, { wallMm: wall }) : undefined,
      },
      length,
    ),
    injectionSection(c, wall, drilled),
  );
}
