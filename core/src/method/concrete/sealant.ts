import { manyAreas, stripArea } from '../../geometry/outline.ts';
import { abradeAgain } from '../words/redoing.ts';
import { daysAsTime } from '../../cure/reaction.ts';
import { chaseVolume, sealantDepth, volumeShare as partOf, volumeSum } from '../../geometry/groove.ts';
import { rodWidth } from '../../finishing/face.ts';
import { massOn, volumeFor } from '../../mixing/proportions.ts';
import { daysFromFace, packsOf } from '../../mixing/cartridges.ts';
import { withDrained } from '../../injection/gravityDepth.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { backerRod as rodRecord } from '../../shelf/auxiliaries/backerRod.ts';
import { atLeast, atMost } from '../../quantity/round.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import type { Course } from '../course.ts';
import { asFoundWords, Unworkable } from '../unworkable.ts';
import { Missing } from '../courseFigures.ts';
import { coverUp, mixed, pulled, strip, twoParts } from '../parts.ts';
import { inUse } from '../words/finishing.ts';
import {
  backSealant,
  cleanFineCrack,
  cleanJoint,
  cleanNet,
  closeBelow,
  floodCrack,
  floodNet,
  lookBelow,
  gunSealant,
  primeJoint,
  routCrack,
  sealantCures,
  sweepOff,
  throwSand,
} from '../words/jointing.ts';
import { waitHard } from '../words/placing.ts';
import { clearAway } from '../words/protecting.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { sealantSection } from './jointSection.ts';

/** How wide a crack is routed. @throws Unworkable where the side taken is to cut none */
function cutWidth(c: Course): Figure | undefined {
  if (c.matter.size?.leftAsFound) throw new Unworkable(asFoundWords);
  return c.matter.size?.width;
}

/** A crack or a joint that moves: routed or cleaned, kept off its bottom, primed, sealed, tooled. */
export function routAndSeal(c: Course): void {
  const length = c.need('lengthMm');
  const joint = c.matter.measure('gapMm');
  const width = joint ?? cutWidth(c);
  const { sealant } = c.system;
  if (!width || !sealant) throw new Missing('width');
  const depth = joint
    ? c.ledger.compute(sealantDepth, { widthMm: joint, leastMm: c.get(sealant.leastDepth), mostMm: c.get(sealant.mostDepth) })
    : (c.matter.size?.depth ?? c.get(sealant.leastDepth));
  coverUp(c);
  const [least, most] = [
    c.ledger.compute(rodWidth, { gapMm: width, over: c.school('backer-rod', 'over') ?? c.of('rod') }, 'Rod, no thinner than'),
    c.ledger.compute(rodWidth, { gapMm: width, over: c.ofAuxiliary(rodRecord, 'over') }, 'Rod, no thicker than'),
  ];
  const found = rodRecord.sizes.find((d) => atLeast(d.value, least.value) && atMost(d.value, most.value));
  const rod = found && c.get(found);
  if (joint) c.work(cleanJoint(joint, depth, length), c.byLength('sawSetUp', 'resawPace', length, 'Cleaning the joint'));
  else c.work(routCrack(width, depth, length), c.byLength('chaseSetUp', 'routPace', length, 'Routing'));
  c.work(backSealant(rod, width, depth), c.byLength('nothing', 'rodPace', length, 'Rod or tape'), {
    uses: [
      rod ? c.use('rod', 'Backer rod', 'backing', length, rodRecord.id) : c.use('bond-breaker', 'Bond-breaker tape', 'backing', length, 'bond-breaker-tape'),
    ],
  });
  const primed = c.curing(c.of('primer'), 'Primer dry after');
  const until = c.closes(c.of('primerUntil'), 'Primer good for');
  const wall = c.ledger.compute(stripArea, { lengthMm: length, widthMm: depth }, 'One face of the joint');
  const faces = c.ledger.compute(manyAreas, { areaMm2: wall, count: c.stated('Faces', 'count', 2) }, 'Both faces');
  const primerMl = mixed(c, c.ledger.compute(volumeFor, { areaMm2: faces, coverM2L: c.of('primerCover') }, 'Primer on both faces'), 'Joint primer');
  const primer = c.work(primeJoint(primed.minutes, until), c.byLength('nothing', 'brushPace', length, 'Taping and priming'), {
    uses: [c.use('joint-primer', 'Joint primer', 'primer', primerMl, c.system.id)],
  });
  c.atLeast(primed);
  if (until.value > primed.minutes.value)
    c.within(until, say`The primer is too old: abrade both faces, vacuum, prime again.`, [
      abradeAgain('both faces', c.byLength('vacuumSetUp', 'vacuumPace', length, 'Abrading both faces')),
      { again: primer },
    ]);
  const volume = c.ledger.compute(chaseVolume, { lengthMm: length, widthMm: width, depthMm: depth }, 'Sealant to place');
  const total = mixed(c, volume, 'Sealant to buy');
  const cartridges = c.ledger.compute(packsOf, { volumeMl: total, packMl: c.of('cartridge') }, 'Cartridges');
  const skin = c.closes(c.of('skin'), 'Tooled within');
  const gunned = c.work(gunSealant(total, cartridges, skin), c.byLength('readySetUp', 'gunPace', length, 'Gunning and tooling'), {
    uses: [c.use('sealant', 'Sealant', 'sealant', total, c.system.id)],
  });
  pulled(c, skin);
  c.work(clearAway(skin, 'nozzle and tooling spoon wiped'), c.rate('cleanTools'));
  const days = c.ledger.compute(daysFromFace, { depthMm: depth, perDayMm: c.of('perDay') });
  const lag = c.fixed(c.ledger.compute(daysAsTime, { ageD: days }, 'Cured through after'));
  c.wait(sealantCures(days, c.of('perDay')), lag, gunned);
  const used = c.untilUse(lag);
  c.ready(inUse(c.matter.subject.answers.traffic?.label ?? 'use', used.minutes, 'The retained bead bends and does not tear.'), used, gunned);
  c.amount('sealant', 'Sealant', total);
  c.amount('cartridges', 'Cartridges', cartridges);
  if (rod) c.amount('rod', 'Rod', rod);
  c.amount('rodLength', rod ? 'Rod, length' : 'Bond-breaker tape', length);
  c.named = joint ? 'joint sealed' : 'routed and sealed';
  c.sections.push(sealantSection(width, depth, joint ? depth.value + width.value : rod ? depth.value + width.value * 0.8 : depth.value + 1, rod));
}

/** What is flooded: a strip along a crack, or the whole face over a net of cracks; with how long a pass over it takes. */
function floodedOver(c: Course) {
  const length = c.matter.measure('lengthMm');
  if (length)
    return {
      area: strip(c, c.of('strip'), 'Flooded'),
      line: length,
      pass: c.byLength('nothing', 'floodPace', length, 'Flooding a pass'),
    };
  const area = c.need('area');
  return { area, pass: c.byArea('nothing', 'floodPerM2', area, 'Flooding a pass') };
}

/** Cleaning what is flooded, and seeing to the underside where there is one. */
function beforeFlood(c: Course, area: Figure, line: Figure | undefined): void {
  const suspended = c.matter.choice('member') === 'suspended';
  if (line) {
    c.work(cleanFineCrack(line), c.byLength('vacuumSetUp', 'vacuumPace', line, 'Cleaning the crack'));
    if (suspended)
      c.work(closeBelow(line), c.byLength('readySetUp', 'rodPace', line, 'Closing it from below'), {
        uses: [c.use('tape-below', 'Sealing tape for the underside', 'backing', line)],
      });
    return;
  }
  c.work(cleanNet(area), c.byArea('vacuumSetUp', 'netPerM2', area, 'Cleaning the face'));
  // few cracks of a net go through: how many is seen from below
  if (suspended) c.work(lookBelow, c.byArea('readySetUp', 'broomPerM2', area, 'Looking at the underside'));
}

/** Resin that covers the face, fills the cracks, and drains into the base where there is one below. */
function floodResin(c: Course, area: Figure): Figure {
  const film = c.ledger.compute(volumeFor, { areaMm2: area, coverM2L: c.of('cover') }, 'Resin over the face');
  const void_ = c.matter.measured('void');
  const both = void_ ? c.ledger.compute(volumeSum, { volumeMl: [film, void_] }, 'Over the face and in the cracks') : film;
  return c.matter.choice('member') === 'suspended' ? both : c.ledger.compute(withDrained, { volumeMl: both, share: c.of('drains') }, 'Resin to flood');
}

/** Fine cracks in a slab, one or a net of them, flooded with thin resin that runs down by itself. */
export function gravityFlood(c: Course): void {
  coverUp(c, false);
  const { area, line, pass } = floodedOver(c);
  beforeFlood(c, area, line);
  const potLife = c.working(c.system.penetration ? c.get(c.system.penetration.potLife) : c.of('sandWithin'));
  const resin = floodResin(c, area);
  const passes = c.of('passes');
  const each = c.ledger.compute(partOf, { volumeMl: resin, parts: passes }, 'Resin for a pass');
  c.mix('resin', 'Thin resin', resin, twoParts(c, resin, c.of('partB')), { within: potLife, pace: 'noPace', least: passes, care: 'methacrylate' }, [
    say`Of three parts, promoter and initiator never meet undiluted.`,
    say`Poured out at once: in the pail it heats and thickens.`,
  ]);
  const abraded = () => abradeAgain('the face', c.byArea('vacuumSetUp', 'sandPerM2', area, 'Abrading the face'));
  for (let n = 1; n <= passes.value; n++) {
    if (n > 1) c.within(c.of('sandWithin'), say`It has gelled: abrade the face before more resin.`, [abraded()]);
    c.work(line ? floodCrack(each, n, passes, c.of('off')) : floodNet(each, n, passes, c.of('off')), pass, {
      turn: n,
      uses: [{ of: 'resin', amount: each }],
    });
  }
  const sand = c.ledger.compute(massOn, { areaMm2: area, kgM2: c.of('sand') }, 'Dry sand');
  const within = c.closes(c.of('sandWithin'), 'Sand on within');
  c.within(within, say`The face has set smooth: abrade it for grip.`, [abraded()]);
  const sanded = c.work(throwSand(sand, within), c.byArea('nothing', 'broomPerM2', area, 'Throwing sand'), {
    uses: [c.use('sand', 'Dry sand', 'sand', sand, 'silica-sand')],
  });
  c.work(clearAway(potLife, 'rollers and rags spread out flat in the open to harden'), c.rate('cleanTools'));
  const hard = c.curing(c.of('hard'), 'Hard enough to sweep');
  c.wait(waitHard(hard.minutes, c.groundC), hard, sanded);
  c.work(sweepOff(area), c.byArea('vacuumSetUp', 'broomPerM2', area, 'Sweeping off'));
  const open = c.curing(c.get(readyFor(c.system, c.matter.choice('traffic'))), 'In use after');
  c.ready(inUse(c.matter.subject.answers.traffic?.label ?? 'use', open.minutes, 'A nail leaves no mark; nothing sticks to a shoe.'), open, sanded);
  c.amount('resin', 'Resin', resin);
  c.amount('sand', 'Dry sand', sand);
  c.named = line ? 'along the crack' : 'over the face';
  c.sections.push(
    layeredSection({
      caption: line ? say`Across the crack` : say`Across one of the cracks`,
      ground: 'concrete',
      width: c.need('widest'),
      depth: c.need('deepest'),
      shape: 'vee',
      layers: [
        {
          id: 'resin',
          material: 'resin',
          thickness: c.need('deepest'),
          title: say`runs down by itself`,
          detail: say`as far as width and time allow`,
        },
      ],
      films: [{ id: 'sand', title: say`sand on the wet resin`, detail: say`${sand}` }],
    }),
  );
}
