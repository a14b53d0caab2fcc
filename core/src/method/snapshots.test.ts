import { expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { methodText } from '../../test/methodText.ts';

const box = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });

/** One whole method of every family, as text that a finisher reads line by line; a change of it is looked at in its own lines. */
it.each<[name: string, kind: string, system: string, answers: Readonly<Record<string, unknown>>]>([
  ['bars primed, then mortar', 'bar-spall', 'bar-primer-epoxy-cement + polymer-mortar-2k', { position: 'overhead', loaded: 'no', outline: box(300, 200) }],
  ['nosing', 'broken-edge', 'polymer-mortar-2k', { edge: 'nosing', lengthMm: 700, heightMm: 28, depthMm: 24, overhangMm: 60 }],
  ['form and pour', 'concrete-spall', 'form-and-pour', { outline: box(500, 400), depthMm: 90, position: 'wall' }],
  ['resin mortar', 'concrete-spall', 'epoxy-mortar', { outline: box(200, 150), depthMm: 25 }],
  ['leak plugged, then foam', 'wall-crack', 'water-plug + injection-foam', { moisture: 'running', wallMm: 200 }],
  ['resin injected', 'wall-crack', 'epoxy-injection-resin', { lengthMm: 2450, wallMm: 250 }],
  ['joint rebuilt and filled', 'joint-spall', 'rapid-crack-resin + joint-filler', { cutMm: 38 }],
  ['joint sealed', 'joint-spall', 'flexible-sealant', { gapMm: 8, traffic: 'foot' }],
  ['cement plaster on lath', 'plaster-hole', 'lath-and-plaster', { outline: box(600, 400), depthMm: 22, base: 'metal-lath', lath: 'rusted', binder: 'cement' }],
  ['lime plaster', 'plaster-hole', 'lime-plaster', { outline: box(600, 400), depthMm: 20, base: 'masonry', binder: 'lime' }],
  [
    'plaster fastened back',
    'plaster-loose',
    'plaster-reattach + setting-compound-45 + skim-coat',
    { outline: box(1000, 700), position: 'wall', base: 'wood-lath', sagMm: 5 },
  ],
  ['board plug', 'drywall-hole', 'board-plug', { outline: box(120, 90) }],
  ['board patch', 'drywall-hole', 'board-patch', { outline: box(300, 260) }],
  ['joint taped anew', 'drywall-joint', 're-tape', { joint: 'butt', tape: 'loose' }],
  ['fasteners reset', 'fastener-pop', 'fastener-reset', { pops: 7 }],
  ['wood hardened and filled', 'timber-decay', 'epoxy-consolidant + epoxy-timber-paste', { outline: box(220, 60), depthMm: 40, sectionMm: 70 }],
  ['wood insert', 'timber-decay', 'wood-insert', { outline: box(120, 40), depthMm: 20, finish: 'clear' }],
  ['tinted pour', 'timber-check', 'epoxy-pour-tinted', { widths: [{ atMm: 0, widthMm: 5 }], depthMm: 40, sectionMm: 120 }],
  ['nick in gelcoat', 'tub-nick', 'gelcoat-paste', { match: 'both' }],
  ['tub wall rebuilt', 'tub-hole', 'polyester-fiber-putty + polyester-finish-putty + two-part-coating', { outline: box(80, 60), match: 'both' }],
  ['tub floor laminated', 'tub-crack', 'support-fill + fiberglass-laminate + two-part-coating', { lengthMm: 160, part: 'floor', flexMm: 3, match: 'both' }],
])('%s', async (name, kind, system, answers) => {
  const work = surveyedPlan(kind, answers, {}, { choice: { system, reason: 'tried' } }).work();
  expect(work).toBeDefined();
  if (work) await expect(methodText(work)).toMatchFileSnapshot(`./snapshots/${name.replaceAll(/[^a-z]+/g, '-')}.txt`);
});
