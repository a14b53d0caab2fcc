import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import { judged } from '../../test/cracks.ts';
import { candidateOf, surveyedPlan } from '../../test/defects.ts';
import { tell } from '../quantity/saying.ts';
import { auxiliaries } from '../shelf/auxiliaries/auxiliaries.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { sources } from '../sources/register.ts';
import { defectKinds } from '../survey/kinds.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;
function cautions(kind: string, system: string, answers: Readonly<Record<string, unknown>> = {}, area: Readonly<Record<string, unknown>> = {}) {
  const plan = surveyedPlan(kind, answers, area);
  const candidate = candidateOf(plan, system) ?? plan.candidates.find((c) => c.system.id === system);
  return candidate ? plan.cautionsOf(candidate) : [];
}
const ids = (...args: Parameters<typeof cautions>) => cautions(...args).map((c) => c.id);

describe('cautions by hazard', () => {
  it.each<[hazard: string, with_: Parameters<typeof cautions>, without: Parameters<typeof cautions>]>([
    ['silica', ['concrete-spall', 'polymer-mortar-2k'], ['plaster-hole', 'gypsum-plaster']],
    ['plaster-dust', ['plaster-hole', 'gypsum-plaster'], ['concrete-spall', 'polymer-mortar-2k']],
    [
      'old-paint',
      ['timber-decay', 'epoxy-timber-paste', { before: 'paint' }, { yearBuilt: 1977 }],
      ['timber-decay', 'epoxy-timber-paste', { before: 'paint' }, { yearBuilt: 1978 }],
    ],
    ['wood-dust', ['timber-decay', 'epoxy-timber-paste'], ['drywall-hole', 'board-patch']],
    ['cement', ['concrete-spall', 'polymer-mortar-2k'], ['concrete-spall', 'epoxy-mortar']],
    ['epoxy', ['concrete-spall', 'epoxy-mortar'], ['concrete-spall', 'polymer-mortar-2k']],
    ['isocyanate', ['wall-crack', 'injection-foam'], ['wall-crack', 'epoxy-injection-resin']],
    ['styrene', ['tub-hole', 'polyester-fiber-putty'], ['tub-chip', 'enamel-touch-up']],
    ['solvent', ['tub-chip', 'enamel-touch-up'], ['timber-decay', 'epoxy-timber-paste']],
    ['acetone', ['tub-nick', 'gelcoat-paste', { shell: 'acrylic' }], ['tub-nick', 'gelcoat-paste', { shell: 'gelcoat' }]],
    ['exotherm', ['timber-decay', 'epoxy-timber-paste'], ['timber-decay', 'wood-insert']],
    ['isocyanate', ['wall-crack', 'drilled-packer-injection'], ['wall-crack', 'water-plug']],
    ['isocyanate', ['tub-crack', 'support-fill'], ['tub-crack', 'fiberglass-laminate']],
    ['isocyanate', ['timber-through', 'epoxy-consolidant + epoxy-timber-paste'], ['timber-decay', 'epoxy-consolidant + epoxy-timber-paste']],
    ['silica', ['wall-crack', 'drilled-packer-injection'], ['plaster-hole', 'gypsum-plaster']],
    ['pressure', ['wall-crack', 'epoxy-injection-resin'], ['wall-crack', 'flexible-sealant']],
    ['falling', ['plaster-loose', 'plaster-reattach', { position: 'overhead' }], ['plaster-loose', 'plaster-reattach', { position: 'wall' }]],
    [
      'heating',
      ['wall-crack', 'injection-foam', { moisture: 'damp' }, { place: 'inside' }],
      ['wall-crack', 'injection-foam', { moisture: 'damp' }, { place: 'outside' }],
    ],
    ['neighbors', ['wall-crack', 'injection-foam', {}, { occupied: 'around' }], ['wall-crack', 'injection-foam', {}, { occupied: 'empty' }]],
    ['noise', ['concrete-spall', 'polymer-mortar-2k'], ['plaster-crack', 'setting-compound-45']],
    ['current', ['wall-crack', 'drilled-packer-injection'], ['slab-crack', 'rapid-crack-resin']],
    ['sparks', ['bar-spall', 'polymer-mortar-2k'], ['concrete-spall', 'polymer-mortar-2k']],
    ['height', ['concrete-spall', 'polymer-mortar-2k', { position: 'overhead' }], ['concrete-spall', 'polymer-mortar-2k', { position: 'wall' }]],
    [
      'old-paint',
      ['timber-decay', 'epoxy-timber-paste', { before: 'paint' }, { yearBuilt: 1950, leadTest: 'found' }],
      ['timber-decay', 'epoxy-timber-paste', { before: 'paint' }, { yearBuilt: 1950, leadTest: 'free' }],
    ],
    ['slip', ['broken-edge', 'polymer-mortar-2k', { edge: 'nosing' }], ['broken-edge', 'polymer-mortar-2k', { edge: 'curb' }]],
    ['cure-first', ['tub-hole', 'polyester-fiber-putty'], ['timber-decay', 'epoxy-timber-paste']],
    ['waste', ['concrete-spall', 'epoxy-mortar'], ['concrete-spall', 'polymer-mortar-2k']],
  ])('%s arises where it does, and not where it does not', (hazard, there, elsewhere) => {
    expect(ids(...there)).toContain(hazard);
    expect(cautions(...elsewhere).length).toBeGreaterThan(0);
    expect(ids(...elsewhere)).not.toContain(hazard);
  });

  it('stand on parts of the work, with a source and no empty sentence, for every system on every kind that it suits', () => {
    for (const kind of defectKinds()) {
      const plan = surveyedPlan(kind.id);
      for (const system of genericShelf.filter((s) => s.suits.includes(kind.id))) {
        const candidate = candidateOf(plan, system.id);
        const all = candidate ? plan.cautionsOf(candidate) : [];
        expect(new Set(all.map((c) => c.id)).size).toBe(all.length);
        for (const c of all) {
          expect(c.steps.length).toBeGreaterThan(0);
          expect(sources[c.source]).toBeDefined();
          expect(tell(c.text, how).length).toBeGreaterThan(20);
        }
      }
    }
  });

  it('tell of every tool that cuts, chips, grinds or drills concrete, over all methods, and of no other', () => {
    const words = [
      [/\b(saw (with|or grinder)|wheel)\b/, /cutting wheel/i],
      [/chipping/, /chipping hammer/],
      [/(?<!wheel on a |saw or )grinder/, /grinder/i],
      [/hammer drill/, /a drill/],
    ] as const;
    let looked = 0;
    for (const { kind, system, plan, work } of everyMethod()) {
      if (!work || plan.subject.surface !== 'concrete') continue;
      // wire wheels clean bars, chisels and saws of a form cut wood: neither is cut into concrete
      const tools = work.schedule.rows
        .filter((r) => !/^clean-bars$/.test(r.step.builder))
        .flatMap((r) => r.step.tools)
        .filter((t) => !/^(saw or chisel|wire wheel)$/.test(t));
      const said = work.cautions
        .filter((c) => c.id.startsWith('silica'))
        .map((c) => tell(c.text, how))
        .join(' ');
      for (const [tool, told] of words) {
        if (!tools.some((t) => tool.test(t))) continue;
        looked += 1;
        expect([kind, system, String(told), told.test(said)]).toEqual([kind, system, String(told), true]);
      }
    }
    expect(looked).toBeGreaterThan(40);
  });

  it('stand on steps of the work, and on every step that is loud, dusty in stone, or places what is dangerous', () => {
    const told = {
      isocyanate: 'isocyanate',
      peroxide: 'styrene',
      methacrylate: 'methacrylate',
      solvent: 'solvent',
      cement: 'cement',
      epoxy: 'epoxy',
      hot: 'exotherm',
    };
    let looked = 0;
    for (const { kind, system, plan, work } of everyMethod()) {
      if (!work) continue;
      const on = (id: string) => work.cautions.find((c) => c.id === id)?.steps ?? [];
      const ids = new Set(work.method.steps.map((s) => s.id));
      expect([kind, system, work.cautions.flatMap((c) => c.steps).filter((s) => !ids.has(s))]).toEqual([kind, system, []]);
      const products = new Map([...work.method.mixes, ...work.method.materials].map((m) => [m.id, m.of]));
      for (const step of work.method.steps) {
        const dusty = step.handsOn?.makes.includes('dust') === true && step.handsOn.makes.includes('noise');
        const machine =
          step.tools.some((t) => /grinder|wheel|hammer drill|chipping|(?<!board )saw with/.test(t)) && !/^(clean-bars|strip-form)$/.test(step.builder);
        if (dusty && machine && plan.subject.surface === 'concrete')
          expect([kind, system, step.id, on('silica').includes(step.id)]).toEqual([kind, system, step.id, true]);
        if (machine) expect([kind, system, step.id, on('noise').includes(step.id)]).toEqual([kind, system, step.id, true]);
        for (const { of } of step.handsOn?.uses ?? []) {
          const product = products.get(of);
          const record = [...genericShelf, ...auxiliaries].find((r) => r.id === product);
          for (const [hazard, caution] of Object.entries(told)) {
            if (record?.hazards?.some((h) => h === hazard) !== true) continue;
            looked += 1;
            expect([kind, system, step.id, caution, on(caution).includes(step.id)]).toEqual([kind, system, step.id, caution, true]);
          }
        }
      }
    }
    expect(looked).toBeGreaterThan(100);
  });

  it('are not contradicted by the steps that they stand on: paint that may hold lead is wetted, or its dust is drawn off through a HEPA filter', () => {
    let looked = 0;
    for (const { kind, system, work } of everyMethod({ yearBuilt: 1950 }, { before: 'paint' })) {
      const steps = work?.cautions.find((c) => c.id === 'old-paint')?.steps ?? [];
      for (const step of work?.method.steps.filter((s) => steps.includes(s.id)) ?? []) {
        looked += 1;
        expect([kind, system, step.id, step.tools.join(', ')]).toEqual([kind, system, step.id, expect.stringMatching(/HEPA vacuum/)]);
        expect(step.tools.filter((t) => /(?<!HEPA )vacuum/.test(t))).toEqual([]);
      }
    }
    expect(looked).toBeGreaterThan(20);
    const free = everyMethod({ yearBuilt: 1990 }, { before: 'paint' }).flatMap(({ work }) => work?.method.steps.flatMap((s) => s.tools) ?? []);
    expect(free.filter((t) => t.includes('HEPA'))).toEqual([]);
  });

  it('tell of isocyanates wherever a step foams, and wherever a material is made of them', () => {
    let looked = 0;
    for (const { kind, system, work } of everyMethod()) {
      const foams = work?.schedule.rows.some((r) => /\bfoam\b/i.test(`${tell(r.step.title, how)} ${r.step.tools.filter((t) => t !== 'foam tape').join(' ')}`));
      if (!work || foams !== true) continue;
      looked += 1;
      expect([kind, system, work.cautions.some((c) => c.id === 'isocyanate')]).toEqual([kind, system, true]);
    }
    expect(looked).toBeGreaterThan(5);
    expect(
      genericShelf.filter((s) => /polyurethane|polyurea|isocyanate|\bfoam\b/.test(s.chemistry) && s.hazards?.includes('isocyanate') !== true).map((s) => s.id),
    ).toEqual([]);
  });

  it('say the respirator by place, and weigh what may fall', () => {
    const silica = (place: string) => {
      const c = cautions('concrete-spall', 'polymer-mortar-2k', {}, { place }).find((one) => one.id === 'silica');
      return c ? tell(c.text, how) : '';
    };
    expect(silica('inside')).toContain('a cutting wheel 12 min, a respirator of APF 10; a chipping hammer 7 min, a respirator of APF 10.');
    expect(silica('outside')).toContain('a chipping hammer 7 min, no respirator up to four hours of all such work in a shift, APF 10 above.');
    // cutting and chipping together, each minute once
    expect(silica('outside')).toContain('Here 19 min of the 4 h.');
    const large = cautions(
      'concrete-spall',
      'polymer-mortar-2k',
      { outline: { shape: { is: 'rectangle', widthMm: 20_000, heightMm: 6000 } } },
      { place: 'outside' },
    );
    const told = large.find((one) => one.id === 'silica');
    expect(told && tell(told.text, how)).toMatch(/Here \d+ h.*, above the 4 h\./);
    // a square meter of an inch less an eighth is about 37 kg (common practice)
    const falling = cautions('plaster-loose', 'plaster-reattach', {
      position: 'overhead',
      thicknessMm: 22,
      sounded: 'outlined',
      outline: { shape: { is: 'rectangle', widthMm: 1000, heightMm: 1000 } },
    }).find((c) => c.id === 'falling');
    expect(falling && tell(falling.text, how)).toContain('weighs 37.40 kg');
  });

  it('of a product are those of the system that it was copied from, of a combination those of all its members', () => {
    const plan = surveyedPlan('tub-hole');
    const chain = plan.candidates.find((c) => c.system.id === 'polyester-fiber-putty + polyester-finish-putty + two-part-coating');
    const all = chain ? plan.cautionsOf(chain).map((c) => c.id) : [];
    expect(all).toEqual(expect.arrayContaining(['styrene', 'isocyanate', 'solvent']));
    const crack = judged();
    const resin = crack.candidates.find((c) => c.system.id === 'rapid-crack-resin');
    const own = resin && crack.cautionsOf({ ...resin, system: { ...resin.system, id: 'ours', basedOn: 'rapid-crack-resin' } });
    expect(own?.map((c) => c.id)).toEqual(expect.arrayContaining(['silica', 'isocyanate']));
  });
});
