import { plasterWork } from '../../shelf/usual/plasterWork.ts';
import { abradeAgain, bondAgain } from '../words/redoing.ts';
import { hangs } from '../../safety/stops/prop.ts';
import { volumeShare } from '../../geometry/groove.ts';
import { daysAsTime } from '../../cure/reaction.ts';
import { allCoats } from '../../finishing/levels.ts';
import { layeredSection, type Layer } from '../../geometry/layeredSection.ts';
import type { Material } from '../../geometry/section.ts';
import { manyVolumes } from '../../geometry/outline.ts';
import { fallingWeight } from '../../geometry/cutOut.ts';
import { cutOutVolume } from '../../mixing/mortarBatch.ts';
import { fillDepth } from '../../mixing/timber.ts';
import { baseCoat, baseCoats, plasterBinder, gaugedPutty, plasterSand, propsUnder } from '../../mixing/plaster.ts';
import { volumeFor } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Auxiliary } from '../../shelf/auxiliaries/auxiliary.ts';
import { bondAcrylic } from '../../shelf/auxiliaries/bondAcrylic.ts';
import { bondEpoxy } from '../../shelf/auxiliaries/bondEpoxy.ts';
import { bondPva } from '../../shelf/auxiliaries/bondPva.ts';
import { bondSbr } from '../../shelf/auxiliaries/bondSbr.ts';
import type { Course } from '../course.ts';
import { coated, paintFace } from '../finish.ts';
import { dashed, floated } from './floated.ts';
import { coverUp, leaveIt, longer, mixed, strip } from '../parts.ts';
import { inUse } from '../words/finishing.ts';
import {
  airOut,
  betweenCoats,
  bondCoat,
  cutStrip,
  evenSuction,
  fixLath,
  moistCoat,
  paintCheck,
  plasterCoat,
  suctionBy,
  takeDown,
} from '../words/plastering.ts';
import { clearAway, layOut, propUp } from '../words/protecting.ts';

const bases: Readonly<Record<string, readonly [Material, string]>> = {
  'metal-lath': ['lath', 'metal lath'],
  'wood-lath': ['lath', 'wood lath'],
  board: ['board', 'board lath'],
  masonry: ['masonry', 'masonry'],
  concrete: ['concrete', 'cast concrete'],
};

/** What there is to plaster: its area, how thick, how wide it is drawn. */
function placeOf(c: Course): { readonly area: Figure; readonly depth: Figure; readonly width: Figure; readonly line: boolean } {
  const length = c.matter.measure('lengthMm');
  const found = c.matter.subject.depth ?? c.matter.measure('thicknessMm') ?? c.get(plasterWork.figures.thickness);
  // overhead on smooth concrete no thicker than its bond carries, where that side is taken
  const most = c.overhead && c.matter.choice('base') === 'concrete' ? c.school('overhead-plaster', 'most') : undefined;
  const depth = most ? c.ledger.compute(fillDepth, { foundMm: found, backMm: most }, 'Thickness in all') : found;
  if (length) {
    const width = c.matter.measure('hollowMm') ?? c.of('strip');
    return { area: strip(c, width, 'Cut out along the crack'), depth, width, line: true };
  }
  const area = c.matter.measured('cut') ?? c.matter.measured('hollow') ?? c.need('area');
  return { area, depth, width: longer(c), line: false };
}

/** Plaster that hangs overhead over an area, or sags: propped before it is touched. */
export function propFirst(c: Course, area: Figure, depth: Figure): void {
  const { sags, large } = hangs(c.matter.measure('sagMm'), area);
  if (c.matter.subject.kind !== 'plaster-loose' || (!sags && !large) || !c.once('prop')) return;
  const weight = c.ledger.compute(fallingWeight, { areaMm2: area, thicknessMm: depth, densityKgL: c.get(plasterWork.figures.density) });
  const props = c.ledger.compute(propsUnder, { areaMm2: area });
  c.work(propUp(props, weight), c.byCount('nothing', 'propEach', props, 'Propping'));
}

/** A coat of plaster as a mix, measured by the pail. @returns what is mixed in all */
function plasterMix(
  c: Course,
  id: 'base' | 'finish',
  {
    title,
    volume,
    parts,
    within,
    least,
  }: Readonly<Record<'volume' | 'parts' | 'within', Figure>> & { readonly title: string; readonly least: Figure | undefined },
): Figure {
  const { ledger } = c;
  const lime = c.does('lime-coats');
  const gypsum = c.does('damp-finish');
  const binderOf = (id: string) =>
    gypsum ? (id === 'finish' ? 'Gauging plaster' : 'Gypsum plaster') : lime ? (id === 'base' ? 'Lime putty, with hair' : 'Lime putty') : 'Cement and lime';
  const bind = binderOf(id);
  const total = mixed(c, volume, `${title} to mix`);
  // a gauged finish has no sand: putty, and the plaster that makes it set
  const gauged = gypsum && id === 'finish';
  const sandMl = gauged
    ? ledger.compute(gaugedPutty, { volumeMl: total, parts, solid: c.get(plasterWork.figures.grains) })
    : ledger.compute(plasterSand, { volumeMl: total, bulking: c.get(plasterWork.figures.sand) });
  const binder = ledger.compute(plasterBinder, { sandMl, parts });
  c.mix(
    id,
    title,
    total,
    [
      { what: bind, role: 'binder', amount: binder },
      { what: gauged ? 'Lime putty' : id === 'finish' ? 'Fine sand' : 'Sharp sand', role: gauged ? 'liquid' : 'sand', amount: sandMl },
    ],
    { within, pace: 'compoundPerL', care: gypsum ? 'gypsum plaster' : 'plaster', ...(least && { least }) },
    [say`By the same measure, struck level; water to the stiffness of the sheet, never added later.`],
  );
  c.amount(`${id}-binder`, `${title}: ${bind.toLowerCase()}`, binder);
  return total;
}

/** Plaster in coats on lath, masonry or concrete: cement, gypsum or lime, with new lath where the system brings it. */
export function plasterCoats(c: Course): void {
  const { ledger, system } = c;
  const { area, depth, width, line } = placeOf(c);
  const base = c.matter.choice('base') ?? 'masonry';
  const outside = !['inside', undefined].includes(c.matter.choice('place'));
  const newLath = c.does('new-lath');
  const lime = c.does('lime-coats');
  const gypsum = c.does('damp-finish');
  coverUp(c);
  propFirst(c, area, depth);
  if (line) c.work(cutStrip(width, c.need('lengthMm')), c.byLength('readySetUp', 'rakePace', c.need('lengthMm'), 'Cutting the strip'));
  else
    c.work(
      takeDown(area, c.get(plasterWork.figures.takenPast), c.school('plaster-extent', 'whole') ? 'the whole face comes off' : 'what is loose comes off'),
      c.byArea('chipSetUp', 'takeDownPerM2', area, 'Taking it down'),
    );
  if (newLath)
    c.work(fixLath(area, c.of('lapLong'), c.of('lapEnd'), c.of('fasten'), c.of('step'), outside), c.byArea('readySetUp', 'lathPerM2', area, 'Fixing lath'), {
      uses: [c.use('lath', 'Metal lath, without its laps', 'reinforcement', area)],
    });

  const finish = c.of('finish');
  const most = system.lift?.[c.overhead ? 'overhead' : 'wall'] ?? system.lift?.wall;
  const onLath = newLath || base.endsWith('lath');
  const least = onLath ? c.of('leastBase') : c.get(plasterWork.figures.baseCoats);
  const n = ledger.compute(baseCoats, { totalMm: depth, finishMm: finish, thickestMm: c.get(most ?? plasterWork.figures.coat), least });
  const coats = ledger.compute(allCoats, { base: n });
  const thin = n.value === 0;
  const each = thin ? depth : ledger.compute(baseCoat, { totalMm: depth, finishMm: finish, coats: n });
  const last = thin ? depth : finish;
  const baseVolume = ledger.compute(cutOutVolume, { cutMm2: area, depthMm: each }, 'A base coat');
  const topVolume = ledger.compute(cutOutVolume, { cutMm2: area, depthMm: last }, 'Finish coat');
  c.work(evenSuction(suctionBy({ gypsum, lime, outside }), c.get(plasterWork.figures.dampened)), c.byArea('inHand', 'dampenPerM2', area, 'Dampening'));
  const within = gypsum ? c.working(c.of('within'), 'Used within') : c.of('within');
  c.work(layOut(within, 'binder and sand measured out by the same measure; hawk, trowel, float, water', c.resin), c.rate('readySetUp'));
  const mixOf = (id: 'base' | 'finish', title: string, volume: Figure, parts: Figure, least?: Figure) =>
    plasterMix(c, id, { title, volume, parts, within, least });
  const basesMixed = thin
    ? undefined
    : mixOf('base', 'Base coats', ledger.compute(manyVolumes, { volumeMl: baseVolume, count: n }, 'All base coats'), c.of('sandBase'), n);
  const topMixed = mixOf('finish', 'Finish coat', topVolume, c.of('sandFinish'));
  const baseMixed = basesMixed && ledger.compute(volumeShare, { volumeMl: basesMixed, parts: n }, 'Mixed for a base coat');

  if (base === 'concrete' && !newLath && !lime) bond(c, area, gypsum, outside);
  for (let i = 1; i <= coats.value; i++) {
    const isLast = i === coats.value;
    c.work(
      plasterCoat(i, coats, isLast ? 'finish' : i === 1 ? 'scratch' : 'brown', isLast ? last : each, isLast ? topVolume : baseVolume, c.overhead),
      c.byArea('mixMin', 'coatPerM2', area, isLast ? 'Finish coat' : 'Base coat'),
      { lift: i, uses: [isLast || !baseMixed ? { of: 'finish', amount: topMixed } : { of: 'base', amount: baseMixed }] },
    );
    // the first of two coats is left scratched; only a coat that was ruled is floated
    if (isLast || (i > 1 && i === coats.value - 1)) {
      const after = gypsum || lime ? c.of('floatAfter') : c.curing(c.of('floatAfter'), 'Floated after').minutes;
      c.atLeast(c.fixed(after));
      floated(c, { after, isLast, cement: !gypsum && !lime, area });
    }
    if (isLast) break;
    between(c, i, coats, { lime, gypsum, area });
  }
  const top = c.lastStep;
  dashed(c, area, gypsum);
  c.work(clearAway(within, 'floor cleared while it is wet; the edge of the old work sponged clean'), c.rate('cleanTools'));
  if (!gypsum) c.work(moistCoat(c.of('dampDays'), coats.value, c.days(c.of('dampDays'), 'Kept moist')), c.rate('dampMin'), { turn: 'finish' });
  c.amount('area', 'To plaster', area);
  c.amount('thickness', 'In all', depth);
  c.amount('coats', 'Coats', coats);
  c.named = `${coats.value === 1 ? 'one coat' : `${['', '', 'two', 'three', 'four', 'five', 'six', 'seven'][coats.value] ?? 'several'} coats`}${newLath ? ' on new lath' : ''}`;
  const [behind, words] = newLath ? (bases['metal-lath'] ?? ['lath', 'lath']) : (bases[base] ?? ['masonry', 'the base']);
  const layers: Layer[] = Array.from({ length: coats.value }, (_v, i) => ({
    id: String(i + 1),
    material: i === coats.value - 1 ? ('compound' as const) : ('mortar' as const),
    lift: i + 1,
    thickness: i === coats.value - 1 ? last : each,
    volume: i === coats.value - 1 ? topVolume : baseVolume,
    title: i === coats.value - 1 ? say`finish, to the old face` : i === 0 ? say`scratched, below the face` : say`ruled and left open`,
  }));
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'plaster',
      behind: { material: behind, thicknessMm: Math.max(6, depth.value * 0.6), title: say`${newLath ? 'new ' : ''}${words}` },
      width,
      depth,
      groundMm: depth.value,
      layers,
    }),
  );
  aired(c, { lime, gypsum, top });
  if (!c.isLast) return;
  paintAndUse(c, { area, lime, gypsum, top });
}

/** A bonding agent on smooth concrete: by binder, place and position. */
function bond(c: Course, area: Figure, gypsum: boolean, outside: boolean): void {
  const agent: Auxiliary = gypsum ? bondPva : c.overhead ? bondEpoxy : outside ? bondSbr : bondAcrylic;
  const coldest = agent.slabC?.min;
  const at23 = agent.figures['open'];
  const volume = c.ledger.compute(volumeFor, { areaMm2: area, coverM2L: c.get(plasterWork.figures.bonder) }, agent.title);
  const open = at23 && c.closes(c.get(at23), 'Bonder open for');
  const bonded = c.work(
    bondCoat(agent.title.toLowerCase(), volume, open, c.limit(coldest, 'least temperature')),
    c.byArea('inHand', 'scrubPerM2', area, 'Bonding'),
    { uses: [c.use('bonder', agent.title, 'primer', volume, agent.id)] },
  );
  if (open)
    c.within(open, say`It has dried: abrade it off and brush it on again.`, [
      abradeAgain('what has dried', c.byArea('vacuumSetUp', 'sandPerM2', area, 'Abrading the bonder')),
      { again: bonded },
    ]);
  c.amount('bonder', agent.title, volume);
}

function between(
  c: Course,
  coat: number,
  coats: Figure,
  { lime, gypsum, area }: { readonly lime: boolean; readonly gypsum: boolean; readonly area: Figure },
): void {
  const from = c.last;
  if (lime) {
    c.work(moistCoat(c.of('dampDays'), coat, c.days(c.of('dampDays'), 'Kept moist')), c.rate('dampMin'), { turn: coat });
    const wait = c.ledger.compute(daysAsTime, { ageD: c.of('betweenDays') }, 'Between coats');
    c.wait(betweenCoats(wait, 'lime takes in air, not only dries'), c.fixed(wait), from);
    return;
  }
  if (gypsum) {
    const firm = c.curing(c.of('firm'), 'Set, firm and still damp');
    c.wait(betweenCoats(firm.minutes, 'it has set and is still damp: the finish takes hold in that'), firm, from);
    c.within(
      c.of('firmUntil'),
      say`It has dried: make suction even again with a bonding agent made for gypsum plaster.`,
      [bondAgain(c.byArea('nothing', 'scrubPerM2', area, 'Bonding again'))],
      from,
    );
    return;
  }
  // the last base coat waits for the finish, the others for the next base coat
  const toFinish = coat === coats.value - 1;
  if (!toFinish && c.school('plaster-coats', 'doubled')) {
    const firm = c.curing(c.of('firm'), 'Firm enough to double up');
    c.wait(betweenCoats(firm.minutes, 'doubled up: firm under the thumb and still damp, its curing left to the coat that covers it'), firm, from);
    return;
  }
  const { insideMoist, insideCoats, beforeFinish, beforeBase } = plasterWork.figures;
  const moist = c.outdoors ? c.of('dampDays') : c.get(insideMoist);
  c.work(moistCoat(moist, coat, c.days(moist, 'Kept moist')), c.rate('dampMin'), { turn: coat });
  const wait = c.ledger.compute(daysAsTime, { ageD: c.get(!c.outdoors ? insideCoats : toFinish ? beforeFinish : beforeBase) }, 'Between coats');
  c.wait(betweenCoats(wait, 'kept moist for the days of the code, then left to shrink'), c.fixed(wait), from);
}

/** Airing until paint or a skim goes on: either closes in what has not dried. */
function aired(c: Course, { lime, gypsum, top }: { readonly lime: boolean; readonly gypsum: boolean; readonly top: string }): void {
  leaveIt(c);
  if (gypsum || lime) {
    const days = c.of('airDays');
    const wait = c.ledger.compute(daysAsTime, { ageD: days }, 'Aired for');
    c.wait(airOut(days, !c.isLast ? 'the skim' : lime ? 'mineral or lime paint' : 'paint', c.outdoors), c.fixed(wait), top);
  } else {
    const days = c.school('paint-on-cement', 'wait') ?? c.get(plasterWork.figures.beforePaint);
    const wait = c.ledger.compute(daysAsTime, { ageD: days }, 'Before paint');
    c.wait(paintCheck(days, days.value < 28), c.fixed(wait), top);
  }
}

function paintAndUse(
  c: Course,
  { area, lime, gypsum, top }: { readonly area: Figure; readonly lime: boolean; readonly gypsum: boolean; readonly top: string },
): void {
  coverUp(c);
  paintFace(c, coated(c, area), lime ? 'lime or mineral paint, no film that closes it' : gypsum ? 'primer made for plaster' : 'alkali-tolerant primer', true);
  const ready = c.curing(c.get('use' in c.system.ready ? c.system.ready.use : c.system.ready.foot), 'In use after');
  c.ready(inUse('use', ready.minutes, 'Rings when tapped, old and new alike.'), ready, top);
}
