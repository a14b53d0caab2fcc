import { tubWork } from '../../shelf/usual/tubWork.ts';
import { manyVolumes, rimmedArea } from '../../geometry/outline.ts';
import { layeredSection, type Layer } from '../../geometry/layeredSection.ts';
import { filledBelow } from '../../geometry/cutOut.ts';
import { liftThickness, volumeShare } from '../../geometry/groove.ts';
import { coatVolume, cutOutVolume } from '../../mixing/mortarBatch.ts';
import { layersOf } from '../../mixing/timber.ts';
import type { Figure } from '../../quantity/figure.ts';
import { atMost } from '../../quantity/round.ts';
import { grits } from '../../shelf/usual/grits.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { faceArea, mixed, pulled, sides, twoParts } from '../parts.ts';
import { clearAway } from '../words/protecting.ts';
import { waitLayer } from '../words/placing.ts';
import { enamelCoat, fillChip, grindRust, levelChip } from '../words/enameling.ts';
import { begin, end, matchIt } from './common.ts';

/**
 * A chip that is deeper than coats make level is filled in builds, and sanded a trace below the face.
 * @returns how deep the filler is, or nothing where coats alone do
 */
function fillDeep(c: Course, { chips, width, height }: Readonly<Record<'chips' | 'width' | 'height', Figure>>): Figure | undefined {
  const { ledger } = c;
  const found = c.matter.subject.depth;
  const low = c.of('low');
  if (!found || atMost(found.value, c.of('fillFrom').value)) return undefined;
  const deep = ledger.compute(filledBelow, { depthMm: found, lowMm: low }, 'Depth of the filler');
  const builds = ledger.compute(layersOf, { depthMm: deep, thickestMm: c.of('build') }, 'Builds');
  const thick = ledger.compute(liftThickness, { depthMm: deep, lifts: builds }, 'A build');
  const one = ledger.compute(cutOutVolume, { cutMm2: faceArea(c, width, height, 'One chip, its face'), depthMm: deep }, 'One chip, to fill');
  const needed = mixed(c, ledger.compute(manyVolumes, { volumeMl: one, count: chips }, 'All chips, to fill'), 'Filler for enamel');
  const each = c.least(ledger.compute(volumeShare, { volumeMl: needed, parts: builds }, 'Filler for a build'), tubWork.figures.leastEnamel);
  const total = ledger.compute(manyVolumes, { volumeMl: each, count: builds }, 'Filler for enamel, all builds');
  c.mix(
    'filler',
    'Filler for enamel',
    total,
    twoParts(c, total, c.of('fillerB')),
    { within: c.working(c.of('potLife')), pace: 'noPace', least: builds, care: 'epoxy' },
    [say`Mixed anew for each build, on a card; never the enamel itself in a thick coat: it wrinkles and stays soft.`],
  );
  const next = c.curing(c.of('fillNext'), 'Filler hard enough');
  for (let n = 1; n <= builds.value; n++) {
    c.work(fillChip(n, builds, each, thick, low), c.byCount('mixMin', 'spotEach', chips, 'A build in the chips'), {
      lift: n,
      uses: [{ of: 'filler', amount: each }],
    });
    c.wait(waitLayer(next.minutes, 'A nail leaves no mark; the retained sample is cold.', n === builds.value ? 'coat' : 'build'), next, c.lastStep);
  }
  c.work(levelChip(low, c.get(grits['320'])), c.byCount('readySetUp', 'sandEach', chips, 'Sanding the filler'));
  c.amount('filler', 'Filler for enamel', total);
  return deep;
}

/** Chips in enamel: rust ground to tight enamel, thin coats. */
export function enamelChips(c: Course): void {
  const { ledger } = c;
  begin(c, c.get(tubWork.figures.maskEnamel));
  const chips = c.matter.measure('chips') ?? c.stated('Chips', 'count', 1);
  const [width, height] = sides(c);
  c.work(grindRust(chips), c.byCount('readySetUp', 'sandEach', chips, 'Grinding'));
  const filled = fillDeep(c, { chips, width, height });
  matchIt(c);
  const [coats, film] = [c.of('coats'), c.of('coat')];
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.get(tubWork.figures.overEdge) }, 'One chip');
  const one = ledger.compute(
    manyVolumes,
    { volumeMl: ledger.compute(coatVolume, { areaMm2: area, filmMm: film }, 'One chip, a coat'), count: chips },
    'All chips, a coat',
  );
  const each = c.least(mixed(c, one, 'Enamel for a coat'), tubWork.figures.leastEnamel);
  const potLife = c.working(c.of('potLife'));
  const all = ledger.compute(manyVolumes, { volumeMl: each, count: coats }, 'Enamel, all coats');
  c.mix('enamel', c.system.title, all, twoParts(c, all, c.of('partB')), { within: potLife, pace: 'noPace', least: coats, care: 'epoxy' }, [
    say`Mixed anew for each coat, on a card; by weight where it is only drops.`,
  ]);
  const next = c.curing(c.of('next'), 'Between coats');
  for (let n = 1; n <= coats.value; n++) {
    if (n > 1) c.wait(waitLayer(next.minutes, 'The edge no longer strings on a glove; it is still to be marked with a nail.', 'coat'), next);
    c.work(enamelCoat(n, coats, each, film), c.byCount('mixMin', 'spotEach', chips, 'A coat on the chips'), {
      lift: n,
      uses: [{ of: 'enamel', amount: each }],
    });
  }
  const last = c.lastStep;
  pulled(c, potLife);
  c.work(clearAway(potLife, 'brush cleaned at once'), c.rate('cleanTools'));
  c.amount('enamel', 'Enamel, a coat', each);
  c.amount('coats', 'Coats', coats);
  c.named = filled ? 'filled and coated' : 'ground and coated';
  const depth = c.matter.subject.depth ?? film;
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'shell',
      width,
      depth,
      shape: 'dish',
      behind: { material: 'bar', thicknessMm: Math.max(1.5, depth.value), title: say`iron or steel, bright` },
      groundMm: depth.value,
      // over a filler the coats are too thin to be told apart
      layers: filled
        ? [
            { id: 'filler', material: 'compound', thickness: filled, title: say`filler, ${c.of('low')} low` },
            { id: 'coats', material: 'coat', thickness: c.of('low'), title: say`${coats} coats of enamel` },
          ]
        : Array.from({ length: coats.value }, (_v, i): Layer => ({
            id: String(i + 1),
            material: 'coat',
            lift: i + 1,
            thickness: ledger.compute(liftThickness, { depthMm: depth, lifts: coats }, 'A coat'),
            title: say`coat ${String(i + 1)}`,
          })),
    }),
  );
  end(c, last);
}
