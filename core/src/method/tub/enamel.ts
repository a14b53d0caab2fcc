import { tubWork } from '../../shelf/usual/tubWork.ts';
import { manyVolumes, rimmedArea } from '../../geometry/outline.ts';
import { layeredSection, type Layer } from '../../geometry/layeredSection.ts';
import { liftThickness } from '../../geometry/groove.ts';
import { coatVolume } from '../../mixing/mortarBatch.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { mixed, pulled, sides, twoParts } from '../parts.ts';
import { clearAway } from '../words/protecting.ts';
import { waitLayer } from '../words/placing.ts';
import { enamelCoat, grindRust } from '../words/tubbing.ts';
import { begin, end, matchIt } from './common.ts';

/** Chips in enamel: rust ground to tight enamel, thin coats. */
export function enamelChips(c: Course): void {
  const { ledger } = c;
  begin(c, c.get(tubWork.figures.maskEnamel));
  const chips = c.matter.measure('chips') ?? c.stated('Chips', 'count', 1);
  const [width, height] = sides(c);
  c.work(grindRust(chips), c.byCount('readySetUp', 'sandEach', chips, 'Grinding'));
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
  c.named = 'ground and coated';
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
      layers: Array.from({ length: coats.value }, (_v, i): Layer => ({
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
