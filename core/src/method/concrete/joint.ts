import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { grindAgain } from '../words/redoing.ts';
import { cementCare } from '../../shelf/mixCare.ts';
import { preparedDepth } from '../../geometry/cutOut.ts';
import { chaseVolume, depthBelow } from '../../geometry/groove.ts';
import { resinAndSand, sandForVolume, resinForSand } from '../../mixing/sandPacking.ts';
import { packsOf } from '../../mixing/cartridges.ts';
import { cutOutVolume, liquidFor, powderFor, toBreakOut } from '../../mixing/mortarBatch.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { silicaSand } from '../../shelf/sand.ts';
import { jointFiller as jointFillerRecord } from '../../shelf/systems/jointFiller.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import type { Course } from '../course.ts';
import { coverUp, mixed, pulled, strip, twoParts } from '../parts.ts';
import { chokeJoint, cleanJoint, cutEdges, fillJoint, formStrip, grindEdges, rebuildEdges, resaw, shaveJoint } from '../words/jointing.ts';
import { clearAway, layOut } from '../words/protecting.ts';
import { inUse } from '../words/finishing.ts';
import { jointSection } from './jointSection.ts';
import { waitHard } from '../words/placing.ts';
import { bestFine, gradesOf } from './grades.ts';

/** Depth and volume to which the edges of a joint are cut and rebuilt. */
function edgesOf(c: Course, edge: Figure) {
  const [length, width, found] = [c.need('lengthMm'), c.need('widthMm'), c.need('depthMm')];
  const depth = c.ledger.compute(preparedDepth, { foundMm: found, edgeMm: edge });
  return {
    length,
    width,
    depth,
    volume: c.ledger.compute(cutOutVolume, { cutMm2: strip(c, width, 'Both edges, over the joint'), depthMm: depth }, 'To rebuild'),
  };
}

/** How deep the cut of a joint goes: measured, or as such joints are made. */
const cutDepth = (c: Course): Figure =>
  c.matter.measure('cutMm') ?? c.get(c.matter.choice('joint') === 'construction' ? jointFillerRecord.figures.formed : concreteWork.figures.sawCut);

/** Where the old cut goes on below what is cut out it is choked with sand: nothing that rebuilds the edges may run into it. */
function chokeBelow(c: Course, length: Figure, depth: Figure): void {
  const below = c.ledger.compute(depthBelow, { crackMm: cutDepth(c), depthMm: depth }, 'Old cut goes on below');
  if (below.value <= 0) return;
  const volumeMl = c.ledger.compute(chaseVolume, { lengthMm: length, widthMm: c.need('gapMm'), depthMm: below }, 'Old cut to choke');
  const sand = c.ledger.compute(
    sandForVolume,
    { volumeMl, packing: c.get(concreteWork.figures.sandFills), grainKgL: c.get(silicaSand.grains) },
    'Sand to choke the old cut',
  );
  c.work(chokeJoint(sand, below), c.byLength('nothing', 'chokePace', length, 'Choking the old cut'), {
    uses: [c.use('choke-sand', 'Dry sand to choke the old cut', 'sand', sand, 'silica-sand')],
  });
}

/** Rebuilding the edges of a joint: cut upright, filled over the joint, ground flush and sawn again the same day. */
export function jointEdges(c: Course): void {
  const { system } = c;
  const edge = c.get(concreteWork.figures.cutBack);
  const { length, width, depth, volume } = edgesOf(c, edge);
  coverUp(c, false);
  c.work(cutEdges(depth, width, length), c.byLength('sawSetUp', 'edgePace', length, 'Cutting the edges'));
  const broken = c.ledger.compute(toBreakOut, { volumeMl: volume, foundMl: c.need('void') });
  if (broken.value > 1) c.amount('broken', 'Broken out', broken);
  const isolation = c.matter.choice('joint') === 'isolation';
  if (isolation) c.work(formStrip(c.matter.measure('slabMm') ?? depth), c.byLength('nothing', 'rodPace', length, 'Setting the strip'));
  else chokeBelow(c, length, depth);
  let hard;
  if (system.mortar) {
    const m = system.mortar;
    const total = c.ledger.compute(chaseVolume, { lengthMm: length, widthMm: width, depthMm: depth }, 'To rebuild');
    const toMix = mixed(c, total, 'Mortar to mix', c.get(m.loss));
    const powder = c.ledger.compute(powderFor, { volumeMl: toMix, yieldMlG: c.get(m.yieldMlG) });
    const liquid = c.ledger.compute(liquidFor, { powderG: powder, liquidShare: c.get(m.liquidShare) });
    const potLife = c.working(c.get(m.potLife));
    c.work(layOut(potLife, 'the ground soaked and dull; trowel, straightedge, wet cloth and sheet', c.resin), c.rate('readySetUp'));
    c.mix(
      'edges',
      'Mortar for the edges',
      toMix,
      [
        { what: 'Powder', role: 'powder', amount: powder },
        { what: 'Liquid', role: 'liquid', amount: liquid },
      ],
      { within: potLife, pace: 'packPerL', reserve: c.get(m.reserve), care: cementCare(system) },
      [say`Liquid first, powder into it; never wetted again.`],
    );
    c.work(
      rebuildEdges(volume, 'a thin scrub coat first, worked in; then the mortar while that is wet'),
      c.byVolume('mixMin', 'packPerL', volume, 'Rebuilding the edges'),
      { uses: [{ of: 'edges', amount: toMix }] },
    );
    hard = c.curing(c.get(readyFor(system, 'foot')), 'Hard enough to grind and saw');
    c.amount('powder', 'Powder', powder);
  } else {
    const w = system.working;
    const packing = w ? c.get(concreteWork.figures.sandFills) : c.of('packing');
    const resin = c.ledger.compute(resinForSand, { volumeMl: volume, packing, surplus: w ? c.get(w.surplus) : c.of('surplus') });
    const sand = c.ledger.compute(sandForVolume, { volumeMl: volume, packing, grainKgL: c.get(silicaSand.grains) });
    const grades = gradesOf(c, sand, bestFine(c));
    const all = c.ledger.compute(resinAndSand, { resinMl: resin, sandG: sand, grainKgL: c.get(silicaSand.grains) });
    const potLife = c.working(w ? c.get(w.gel) : c.of('potLife'));
    c.work(layOut(potLife, 'two grades of dry sand weighed out; paddle, trowel, straightedge, dry sand to throw on', c.resin), c.rate('readySetUp'));
    c.mix(
      'edges',
      'Resin and sand for the edges',
      all,
      [
        ...twoParts(c, resin, w ? c.stated('Equal parts', 'ratio', 1) : c.of('partB')),
        { what: 'Coarse sand, mesh 16', role: 'sand', amount: grades.coarse },
        { what: 'Fine sand, mesh 30', role: 'sand', amount: grades.fine },
      ],
      { within: potLife, pace: 'packPerL', care: w ? 'urethane' : 'epoxy' },
      [say`A pigmented side is shaken before it is poured.`, say`Resin first, stirred; sand in, stirred again; kept moving so that the sand stays up.`],
    );
    c.work(
      rebuildEdges(
        volume,
        w ? 'walls wetted with resin first; poured, sand kept up by stirring' : 'neat resin brushed on both walls, the mortar into it while it is tacky',
      ),
      c.byVolume('mixMin', 'packPerL', volume, 'Rebuilding the edges'),
      { uses: [{ of: 'edges', amount: all }] },
    );
    hard = c.curing(w ? c.get(w.hard) : c.of('hard'), 'Hard enough to grind');
    c.amount('resin', 'Resin', resin);
    c.amount('sand', 'Dry sand', sand);
  }
  const built = c.last;
  c.work(clearAway(c.get(concreteWork.figures.soft), 'what is spilled beside the joint comes off before it hardens'), c.rate('cleanTools'));
  c.wait(waitHard(hard.minutes, c.groundC), hard, built);
  c.work(grindEdges(length), c.byLength('grindSetUp', 'grindPace', length, 'Grinding flush'));
  const gap = c.need('gapMm');
  const later = c.school('joint-recut', 'after');
  if (later) c.atLeast(c.fixed(later), built);
  if (!isolation)
    c.work(
      resaw(gap, depth, later ? 'the day after: look first whether it has cracked beside' : 'the same day, before the slab cools and pulls'),
      c.byLength('sawSetUp', 'resawPace', length, 'Sawing the joint again'),
    );
  c.amount('volume', 'To rebuild', volume);
  c.named = 'edges rebuilt';
  if (c.isLast) finish(c, { width, depth, gap });
}

function finish(c: Course, edges?: { readonly width: Figure; readonly depth: Figure; readonly gap: Figure }): void {
  const wait = c.curing(c.get(readyFor(c.system, c.matter.choice('traffic'))), 'In use after');
  c.ready(inUse(c.matter.subject.answers.traffic?.label ?? 'use', wait.minutes, 'A nail scratches it and does not sink in.'), wait);
  if (edges) c.sections.push(jointSection(edges.gap, edges, undefined));
}

/** Filling a joint: to its full depth, or on a rod where that is allowed. */
export function jointFiller(c: Course): void {
  const [length, gap] = [c.need('lengthMm'), c.need('gapMm')];
  const onRod = c.school('joint-filler-depth', 'depth');
  const formed = c.matter.choice('joint') === 'construction';
  const full = cutDepth(c);
  const depth = onRod ?? full;
  const width = gap;
  if (c.isFirst) {
    coverUp(c, false);
    c.work(cleanJoint(width, full, length), c.byLength('sawSetUp', 'resawPace', length, 'Cleaning the joint'));
  }
  const volume = c.ledger.compute(chaseVolume, { lengthMm: length, widthMm: width, depthMm: depth }, 'Joint to fill');
  const total = mixed(c, volume, 'Filler to mix');
  const gel = c.working(c.of('gel'));
  c.work(layOut(gel, 'gun, mixers, long razor scraper, tape beside the joint; the slab at its service temperature', c.resin), c.rate('readySetUp'));
  c.mix(
    'filler',
    'Joint filler',
    total,
    twoParts(c, total, c.stated('Equal parts', 'ratio', 1), ['Part A', 'Part B']),
    { within: gel, pace: 'noPace', care: 'urethane' },
    [
      say`As late as the program allows: a young slab still shrinks, and the filler comes away from it.`,
      say`Under hard wheels to the full depth of the cut, no rod below it.`,
    ],
  );
  const filled = c.work(
    fillJoint(
      volume,
      depth,
      c.of('over'),
      onRod ? 'on a rod pressed in' : formed ? 'a bed of dry sand may choke a deeper joint; no soft rod' : 'to the bottom of the saw cut, no rod',
    ),
    c.byLength('nothing', 'gunPace', length, 'Filling the joint'),
    { uses: [{ of: 'filler', amount: total }] },
  );
  const from = c.curing(c.of('shaveFrom'), 'Shaved from');
  const until = c.closes(c.of('shaveUntil'), 'Shaved until');
  pulled(c, gel);
  c.work(clearAway(gel, 'surplus wiped off before it hardens'), c.rate('cleanTools'));
  c.atLeast(from, filled);
  if (until.value > from.minutes.value)
    c.within(
      until,
      say`Too hard to shave: ground flush with shroud and vacuum.`,
      [grindAgain('what stands above', c.byLength('grindSetUp', 'grindPace', length, 'Grinding what stands above'))],
      filled,
    );
  c.work(shaveJoint(from.minutes, until), c.byLength('nothing', 'shavePace', length, 'Shaving flush'));
  c.amount('filler', 'Joint filler', total);
  c.amount('cartridges', 'Pairs of cartridges', c.ledger.compute(packsOf, { volumeMl: total, packMl: c.of('cartridge') }));
  c.amount('depth', 'Filled to', depth);
  if (c.named === 'as found') c.named = 'filled';
  const wide = c.matter.measure('widthMm');
  c.sections.push(
    jointSection(
      gap,
      wide && !c.isFirst
        ? { width: wide, depth: c.ledger.compute(preparedDepth, { foundMm: c.need('depthMm'), edgeMm: c.get(concreteWork.figures.cutBack) }) }
        : undefined,
      { depth, over: c.of('over'), onRod: onRod !== undefined },
    ),
  );
  const wait = c.curing(c.get(readyFor(c.system, c.matter.choice('traffic'))), 'In use after');
  c.ready(inUse(c.matter.subject.answers.traffic?.label ?? 'use', wait.minutes, 'A nail leaves a mark that closes again.'), wait, filled);
}
