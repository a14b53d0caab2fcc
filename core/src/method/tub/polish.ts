import { tubWork } from '../../shelf/usual/tubWork.ts';
import { manyDurations } from '../../cure/reaction.ts';
import { farther } from '../../finishing/face.ts';
import { rimmedArea } from '../../geometry/outline.ts';
import { frontView, layeredSection, rectangle } from '../../geometry/layeredSection.ts';
import type { Region } from '../../geometry/section.ts';
import { volumeSum } from '../../geometry/groove.ts';
import { coatVolume } from '../../mixing/mortarBatch.ts';
import { hardenerDrops, hardenerWeight, massOf } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { mixed, pulled, sides } from '../parts.ts';
import { clearAway, layOut } from '../words/protecting.ts';
import { gelPaste, ladder, pickNick, polish, puttyFirm } from '../words/tubbing.ts';
import { grit, placeOf, begin, end, liquidDose, matchIt } from './common.ts';

/** A nick in gelcoat: picked to hold, filled a little proud, sanded wet and polished. */
export function gelcoatNick(c: Course): void {
  const { ledger } = c;
  const past = c.get(tubWork.figures.maskNick);
  begin(c, past);
  const [width, height] = placeOf(c);
  const least = c.limit(c.system.depth.min, 'least depth');
  c.work(pickNick(least), c.each('spotEach'));
  const depth = c.matter.subject.depth ?? least;
  const over = ledger.compute(
    coatVolume,
    { areaMm2: ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.get(tubWork.figures.overEdge) }, 'Face'), filmMm: c.of('over') },
    'Left above',
  );
  const placed = mixed(c, ledger.compute(volumeSum, { volumeMl: [c.need('void'), over] }, 'Paste to place'), 'Paste to mix');
  const batch = c.least(placed, tubWork.figures.leastPaste);
  const paste = ledger.compute(massOf, { volumeMl: batch, densityKgL: c.of('density') }, 'Paste');
  const dose = liquidDose(c);
  const hardener = ledger.compute(hardenerWeight, { resinG: paste, dosePct: dose });
  const drops = ledger.compute(hardenerDrops, { hardenerG: hardener, densityKgL: c.of('hardenerDensity'), dropsPerMl: c.of('dropsPerMl') });
  const potLife = c.working(c.of('potLife'));
  matchIt(c);
  c.work(layOut(potLife, 'card, stick, film, straightedge, tape already pulled tight', c.resin), c.rate('readySetUp'));
  c.mix(
    'paste',
    c.system.title,
    batch,
    [
      { what: 'Paste', role: 'resin', amount: paste },
      { what: 'Hardener', role: 'hardener', amount: hardener },
    ],
    { within: potLife, pace: 'noPace', care: 'polyester' },
    [say`${dose} hardener by weight at ${c.groundC}; weighed, or in counted drops: ${drops}.`, say`Goggles: a splash of peroxide blinds.`],
  );
  c.work(gelPaste(paste, hardener, drops, c.of('over'), potLife), c.rate('mixMin'), { uses: [{ of: 'paste', amount: batch }] });
  const filled = c.lastStep;
  const soft = c.working(c.of('soft'), 'Soft until');
  pulled(c, soft);
  c.work(clearAway(soft, 'card and stick thrown away as they are'), c.rate('cleanTools'));
  const hard = c.curing(c.of('hard'), 'Nail-hard after');
  c.wait(puttyFirm(hard.minutes, 'sanding'), hard, filled);
  polished(c, [400, 600, 800, 1200, 2000], c.get(tubWork.figures.fartherFine), width, height);
  c.amount('paste', 'Gel paste', paste);
  c.amount('hardener', 'Hardener', hardener);
  c.amount('drops', 'Or drops', drops);
  c.named = 'filled and polished';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'shell',
      width,
      depth,
      proud: c.of('over'),
      shape: 'dish',
      layers: [{ id: '1', material: 'resin', lift: 1, thickness: depth, title: say`gel paste, left ${c.of('over')} above`, detail: say`sanded wet, polished` }],
    }),
  );
  end(c, filled);
}

/** Sanding wet through a ladder of grits and polishing what was sanded. */
function polished(c: Course, values: Parameters<typeof grit>[1], wider: Figure, width: Figure, height: Figure): string {
  const grits = grit(c, values);
  const rim = c.ledger.compute(
    farther,
    { firstMm: wider, eachMm: wider, count: c.stated('Grits before it', 'count', values.length - 1) },
    'Reach of the last grit',
  );
  const area = c.ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: rim }, 'Sanded and polished');
  const each = c.byArea('readySetUp', 'wetSandPerM2', area, 'One grit');
  c.work(ladder(grits, wider, true), c.ledger.compute(manyDurations, { durationMin: each, count: c.stated('Grits', 'count', values.length) }, 'Wet-sanding'));
  const finished = c.work(
    polish(area, c.system.figures?.['speed'] ? c.of('speed') : c.get(tubWork.figures.turns)),
    c.byArea('readySetUp', 'polishPerM2', area, 'Polishing'),
  );
  c.amount('polished', 'Sanded and polished', area);
  c.sections.push(
    frontView({
      caption: say`How far each grit reaches`,
      ground: 'shell',
      widthMm: width.value,
      heightMm: height.value,
      marginMm: rim.value * 1.15 + 2,
      regions: [
        ...values.map((_v, i): Region => {
          const r = wider.value * (values.length - i);
          return {
            id: `grit-${String(values.length - i)}`,
            material: i % 2 === 0 ? 'coat' : 'tape',
            outline: rectangle(-r, -r, width.value + r, height.value + r),
          };
        }),
        { id: 'place', material: c.mixes.some((m) => m.id === 'paste') ? 'resin' : 'open', outline: rectangle(0, 0, width.value, height.value) },
      ],
      notes: grits.map((g, i) => ({ id: `grit-${String(i)}`, at: [width.value * 0.5, -wider.value * (i + 0.5)] as const, title: say`P${g}` })),
    }),
  );
  return finished;
}

/** Scratches in acrylic: sanded out wet and polished. */
export function polishOut(c: Course): void {
  begin(c, c.get(tubWork.figures.maskPolish));
  const [width, height] = sides(c);
  const deep = c.matter.measure('depthMm');
  const finished = polished(c, deep && deep.value > 0.1 ? [400, 600, 800, 1200, 2000] : [600, 800, 1200, 2000], c.of('wider'), width, height);
  c.work(clearAway(c.of('test'), 'slurry rinsed off before it dries'), c.rate('cleanTools'));
  c.named = 'sanded and polished';
  if (deep)
    c.sections.unshift(
      layeredSection({
        caption: say`Cut through, the face on top`,
        ground: 'shell',
        width,
        depth: deep,
        shape: 'dish',
        layers: [
          { id: 'out', material: 'open', thickness: deep, title: say`sanded out, no deeper than ${deep}`, detail: say`blended wide, so that no dish is seen` },
        ],
      }),
    );
  end(c, finished);
}
