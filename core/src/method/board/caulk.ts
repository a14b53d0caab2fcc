import { boardWork } from '../../shelf/usual/boardWork.ts';
import { veeVolume } from '../../geometry/cutOut.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { packsOf } from '../../mixing/cartridges.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { paintFace } from '../finish.ts';
import { mixed, strip } from '../parts.ts';
import { caulk } from '../words/boarding.ts';
import { inUse, paintDry } from '../words/finishing.ts';
import { openCrack } from '../words/plastering.ts';
import { clearAway } from '../words/protecting.ts';
import { cover } from './fill.ts';

/** A hairline at a junction, caulked. */
export function caulked(c: Course): void {
  const length = c.need('lengthMm');
  cover(c);
  c.work(openCrack(c.of('bead'), length), c.byLength('vacuumSetUp', 'brushPace', length, 'Cleaning the junction'));
  const bead = c.of('bead');
  const total = mixed(c, c.ledger.compute(veeVolume, { lengthMm: length, widthMm: bead, depthMm: bead }, 'Bead'), 'Caulk');
  const cartridges = c.ledger.compute(packsOf, { volumeMl: total, packMl: c.of('cartridge') });
  c.work(caulk(length, bead, cartridges, c.of('smooth')), c.byLength('readySetUp', 'gunPace', length, 'Caulking'), {
    uses: [c.use('caulk', 'Caulk', 'sealant', total, c.system.id)],
  });
  const paint = c.film(c.of('paint'));
  c.work(clearAway(c.of('smooth'), 'smears beside the bead wiped off wet'), c.rate('cleanTools'));
  c.wait(paintDry(paint.minutes, 'caulk', c.outdoors), paint, 'caulk');
  paintFace(c, { area: strip(c, c.get(boardWork.figures.caulkPainted), 'Painted'), as: 'patch' }, 'as the face around');
  const used = c.untilUse(paint);
  c.ready(inUse('use', used.minutes, 'A skin that does not tear under the fingertip.'), used, 'caulk');
  c.amount('caulk', 'Caulk', total);
  c.named = 'caulked';
  c.sections.push(
    layeredSection({
      caption: say`Across the junction`,
      ground: c.matter.subject.surface === 'plaster' ? 'plaster' : 'board',
      width: bead,
      depth: bead,
      shape: 'vee',
      layers: [{ id: 'bead', material: 'resin', thickness: bead, title: say`bead, ${bead}`, detail: say`touches both sides` }],
    }),
  );
}
