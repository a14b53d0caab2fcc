import { grits } from '../../shelf/usual/grits.ts';
import { tubWork } from '../../shelf/usual/tubWork.ts';
import { flashTime, paintNeeded } from '../../finishing/face.ts';
import { jarCount } from '../../finishing/spray.ts';
import { rimmedArea } from '../../geometry/outline.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { volumeShare } from '../../geometry/groove.ts';
import { partOfMix, partsInAll, sumOf } from '../../mixing/proportions.ts';
import { say } from '../../quantity/saying.ts';
import { adhesionPromoter } from '../../shelf/auxiliaries/adhesionPromoter.ts';
import type { Course } from '../course.ts';
import { longer, pulled } from '../parts.ts';
import { clearAway } from '../words/protecting.ts';
import { flash, loadJar, mistCoat, promoter, roughPlaces, scuffShell } from '../words/tubbing.ts';
import { placeOf, begin, end, matchIt } from './common.ts';

/** Promoter, then mist coats. */
export function mistCoats(c: Course): void {
  const { ledger } = c;
  const past = c.of('past');
  begin(c, ledger.compute(sumOf, { partMm: [past, c.get(tubWork.figures.maskCoat)] }, 'Masked past it'));
  const [width, height] = placeOf(c);
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: past }, 'Sprayed');
  if (c.isFirst) matchIt(c);
  c.work(scuffShell(c.get(tubWork.figures.scuffCoat), area, past), c.byArea('readySetUp', 'wetSandPerM2', area, 'Scuffing for the coat'));
  const [coats, film] = [c.of('coats'), c.of('film')];
  const all = ledger.compute(
    paintNeeded,
    { areaMm2: area, coats, dryMm: film, solidsPct: c.of('solids'), transferPct: c.of('transfer'), wastePct: c.of('waste') },
    'Coating in all',
  );
  const ratio = [c.of('parts'), c.of('catalyst'), c.of('reducer')] as const;
  const sum = ledger.compute(partsInAll, { part: [...ratio] });
  // the smallest part decides what can still be measured
  const smallest = ratio.filter((p) => p.value > 0).reduce((a, b) => (b.value < a.value ? b : a));
  const leastPart = c.get(tubWork.figures.cupMeasures);
  const least = ledger.compute(partOfMix, { volumeMl: leastPart, part: sum, all: smallest }, 'Least that can be measured');
  const total = all.value < least.value ? least : all;
  const part = (name: 'parts' | 'catalyst' | 'reducer', label: string) => ledger.compute(partOfMix, { volumeMl: total, part: c.of(name), all: sum }, label);
  const [resin, catalyst, reducer] = [part('parts', 'Resin'), part('catalyst', 'Catalyst'), part('reducer', 'Reducer')];
  const loads = ledger.compute(jarCount, { coatingMl: total, jarMl: c.of('jar') });
  const potLife = c.working(c.of('potLife'));
  const [dry, until] = [c.ofAuxiliary(adhesionPromoter, 'dry'), c.ofAuxiliary(adhesionPromoter, 'until')];
  c.mix(
    'coating',
    c.system.title,
    total,
    [
      { what: 'Resin', role: 'resin', amount: resin },
      { what: 'Catalyst', role: 'hardener', amount: catalyst },
      { what: 'Reducer', role: 'thinner', amount: reducer },
    ],
    { within: potLife, pace: 'noPace', least: loads, care: 'coating' },
    [say`${ratio[0]} of resin, ${ratio[1]} of catalyst, ${ratio[2]} of reducer by volume: none rounded down; catalyst last.`],
  );
  c.work(loadJar(resin, catalyst, reducer, loads, c.of('jar'), c.school('catalyst', 'early') !== undefined), c.rate('mixMin'));
  const wiped = c.work(promoter(dry, until), c.each('spotEach'), {
    uses: [c.use('promoter', 'Adhesion promoter, wiped over', 'primer', area, adhesionPromoter.id)],
  });
  c.atLeast(c.fixed(dry));
  c.within(until, say`The promoter has gone past its window: wipe it on again.`, [{ again: wiped }]);
  const each = ledger.compute(volumeShare, { volumeMl: total, parts: coats }, 'A mist coat');
  const upright = c.stated('Upright', 'ratio', c.matter.choice('part') === 'floor' ? 0 : 1);
  const flashed = c.school('flash-off', 'wait') ?? ledger.compute(flashTime, { areaMm2: area, upright });
  for (let n = 1; n <= coats.value; n++) {
    if (n > 1) c.wait(flash(flashed), c.fixed(flashed));
    c.work(mistCoat(n, coats, each, c.of('distance'), past), c.byArea('nothing', 'mistPerM2', area, 'A mist coat'), {
      lift: n,
      uses: [{ of: 'coating', amount: each }],
    });
  }
  const last = c.lastStep;
  const gels = c.get(tubWork.figures.nozzleGels);
  pulled(c, gels);
  c.work(clearAway(gels, 'sprayer run through with reducer'), c.rate('cleanTools'));
  c.amount('coating', 'Coating in all', total);
  c.amount('loads', 'Jar loads', loads);
  c.amount('flash', 'Flash between coats', flashed);
  const hard = c.curing(c.of('hard'), 'Hard enough to wet-sand');
  c.ready(roughPlaces(hard.minutes, c.get(grits[2000])), hard, last);
  c.named = c.named === 'as found' ? 'coated' : `${c.named}, coated`;
  if (c.isFirst)
    c.sections.push(
      layeredSection({
        caption: say`Cut through, the face on top`,
        ground: 'shell',
        width: longer(c),
        layers: [],
        films: Array.from({ length: coats.value }, (_v, i) => ({
          id: `coat-${String(i + 1)}`,
          title: say`mist coat ${String(i + 1)}`,
          ...(i === coats.value - 1 ? { detail: say`the wettest and widest` } : {}),
        })),
      }),
    );
  end(c, last);
}
