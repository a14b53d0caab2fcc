import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { tell } from '../quantity/saying.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { stopRules } from './defectStops.ts';

type Facts = Readonly<Record<string, unknown>>;
const stopsOf = (kind: string, answers: Facts, area: Facts = {}) => surveyedPlan(kind, answers, area).stops;
const rectangle = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });

/** Each stop on both sides: kind, stop, what lets it go on, what holds it; the second pair changes the area. */
const cases: readonly (readonly [kind: string, stop: string, goes: Facts, holds: Facts, goesArea?: Facts, holdsArea?: Facts])[] = [
  ['wall-crack', 'structural', { member: 'beam', widths: [{ atMm: 0, widthMm: 0.41 }] }, { member: 'beam', widths: [{ atMm: 0, widthMm: 0.42 }] }],
  ['wall-crack', 'structural', { member: 'wall-below', widths: [{ atMm: 0, widthMm: 6 }] }, { member: 'wall-below', widths: [{ atMm: 0, widthMm: 6.1 }] }],
  [
    'wall-crack',
    'structural',
    { member: 'soffit', widths: [{ atMm: 0, widthMm: 0.2 }] },
    { member: 'soffit', widths: [{ atMm: 0, widthMm: 0.2 }] },
    { place: 'outside' },
    { place: 'outside-salt' },
  ],
  ['wall-crack', 'stair-stepped', { course: 'slanting' }, { course: 'stepped' }],
  ['wall-crack', 'wall-rust', { cause: 'shrinkage' }, { cause: 'rust' }],
  [
    'wall-crack',
    'tapers',
    {
      member: 'wall',
      widths: [
        { atMm: 0, widthMm: 1 },
        { atMm: 500, widthMm: 1.9 },
      ],
    },
    {
      member: 'wall',
      widths: [
        { atMm: 0, widthMm: 1 },
        { atMm: 500, widthMm: 2 },
      ],
    },
  ],
  ['wall-crack', 'level-crack', { course: 'level', member: 'soffit' }, { course: 'level', member: 'wall' }],
  ['wall-crack', 'level-crack', { course: 'joint', member: 'wall' }, { course: 'level', member: 'wall' }],
  ['wall-crack', 'bowed', { member: 'wall-below', bowMm: 24.9 }, { member: 'wall-below', bowMm: 25 }],
  ['wall-crack', 'level-crack', { course: 'upright' }, { course: 'level' }],
  ['wall-crack', 'displaced', { faces: 'level' }, { faces: 'displaced' }],
  ['wall-crack', 'along-bar', { alongBar: 'no' }, { alongBar: 'yes' }],
  ['wall-crack', 'strength', { claim: 'no' }, { claim: 'restore-strength' }],
  ['bar-spall', 'bar-loss', { barMm: 20, leftMm: 17.33, bars: 1 }, { barMm: 20, leftMm: 17.3, bars: 1 }],
  ['bar-spall', 'bar-loss', { barMm: 20, leftMm: 17.9, bars: 2 }, { barMm: 20, leftMm: 17.88, bars: 2 }],
  ['bar-spall', 'undercut', { loaded: 'no', position: 'overhead' }, { loaded: 'unknown', position: 'overhead' }],
  ['joint-spall', 'rocks', { ground: 'steady' }, { ground: 'rocks' }],
  ['map-cracking', 'swelling', { deposit: 'white' }, { deposit: 'gel' }],
  ['joint-spall', 'settled', { ground: 'steady' }, { ground: 'settled' }],
  ['timber-decay', 'timber-load', { loaded: 'no' }, { loaded: 'yes' }],
  ['timber-decay', 'timber-load', { loaded: 'no' }, { loaded: 'unknown' }],
  ['concrete-spall', 'located', { services: 'clear' }, { services: 'may' }],
  ['drywall-hole', 'rated', { rated: 'no' }, { rated: 'yes' }],
  ['drywall-hole', 'rated', { rated: 'no' }, { rated: 'unknown' }],
  ['drywall-hole', 'wet-board', { wetArea: 'yes', before: 'paint' }, { wetArea: 'yes', before: 'tile' }],
  ['plaster-loose', 'prop', { position: 'overhead', sagMm: 13 }, { position: 'overhead', sagMm: 13.1 }],
  ['plaster-loose', 'prop', { position: 'overhead', outline: rectangle(1000, 500) }, { position: 'overhead', outline: rectangle(1000, 501) }],
  ['plaster-loose', 'overhead', { position: 'overhead' }, { position: 'overhead' }, { occupied: 'empty' }, { occupied: 'inside' }],
  [
    'plaster-hole',
    'lead',
    { before: 'paint', outline: rectangle(700, 700) },
    { before: 'paint', outline: rectangle(760, 760) },
    { yearBuilt: 1950 },
    { yearBuilt: 1950 },
  ],
  [
    'plaster-hole',
    'lead',
    { before: 'paint', outline: rectangle(760, 760) },
    { before: 'paint', outline: rectangle(760, 760) },
    { yearBuilt: 1978 },
    { yearBuilt: 1977 },
  ],
  ['plaster-hole', 'asbestos', {}, {}, { yearBuilt: 1981 }, { yearBuilt: 1980 }],
  ['plaster-hole', 'asbestos', {}, {}, { yearBuilt: 1995, building: 'home' }, { yearBuilt: 1995, building: 'public' }],
  ['drywall-hole', 'asbestos', {}, {}, { building: 'home' }, { building: 'larger' }],
  ['drywall-hole', 'vermiculite', { infill: 'insulation' }, { infill: 'granules' }],
  ['joint-spall', 'old-sealant', { filler: 'hard' }, { filler: 'soft' }, { yearBuilt: 1965, building: 'public' }, { yearBuilt: 1965, building: 'public' }],
  ['joint-spall', 'old-sealant', { filler: 'soft' }, { filler: 'soft' }, { yearBuilt: 1980, building: 'public' }, { yearBuilt: 1979, building: 'public' }],
  ['tub-scratches', 'stripping', { coated: 'no' }, { coated: 'yes' }],
  ['wall-crack', 'water-power', { moisture: 'running', services: 'clear' }, { moisture: 'running', services: 'found' }],
];

/** What is near a stop and none: it is on something else, or lies another way. */
const none: readonly (readonly [kind: string, stop: string, answers: Facts, area?: Facts])[] = [
  ['concrete-spall', 'asbestos', {}, { yearBuilt: 1950, building: 'public' }],
  ['joint-spall', 'old-sealant', { filler: 'soft' }, { yearBuilt: 1965, building: 'home' }],
  ['timber-check', 'asbestos', {}, { yearBuilt: 1950 }],
  ['tub-scratches', 'asbestos', {}, { yearBuilt: 1950 }],
  ['plaster-hole', 'asbestos', {}, {}],
  ['plaster-hole', 'lead', { before: 'paint', outline: rectangle(900, 900) }, {}],
  ['plaster-hole', 'lead', { before: 'bare', outline: rectangle(900, 900) }, { yearBuilt: 1950 }],
  ['plaster-hole', 'lead', { before: 'paint', place: 'outside', outline: rectangle(1360, 1360) }, { yearBuilt: 1950, place: 'outside' }],
  ['tub-hole', 'lead', { before: 'paint', outline: rectangle(900, 900) }, { yearBuilt: 1950 }],
  ['plaster-loose', 'prop', { position: 'wall', sagMm: 40, outline: rectangle(2000, 2000) }],
  ['plaster-hole', 'prop', { position: 'overhead', outline: rectangle(2000, 2000) }],
  ['plaster-loose', 'overhead', { position: 'wall' }, { occupied: 'inside' }],
  ['drywall-hole', 'overhead', { position: 'ceiling' }, { occupied: 'inside' }],
  ['plaster-loose', 'overhead', { position: 'overhead' }, { occupied: 'around' }],
  ['drywall-dent', 'rated', { rated: 'yes', paper: 'no' }],
  ['drywall-hole', 'wet-board', { wetArea: 'no', before: 'tile' }],
  ['bar-spall', 'undercut', { loaded: 'yes', position: 'floor' }],
  ['concrete-spall', 'undercut', { loaded: 'yes', position: 'overhead' }],
  ['bar-spall', 'structural', { loaded: 'yes' }],
  ['plaster-crack', 'structural', { widths: [{ atMm: 0, widthMm: 3 }] }],
  ['wall-crack', 'structural', { member: 'wall', widths: [{ atMm: 0, widthMm: 3 }] }, { place: 'inside' }],
];

describe('stops', () => {
  it.each(none.map(([kind, stop, answers, area]) => [kind, stop, answers, area ?? {}] as const))('%s: no %s for %j in %j', (kind, stop, answers, area) => {
    expect(stopsOf(kind, answers, area).map((s) => s.id)).not.toContain(stop);
  });

  it('say which of two reasons it is', () => {
    const why = (kind: string, stop: string, answers: Facts, area: Facts = {}) =>
      tell(stopsOf(kind, answers, area).find((s) => s.id === stop)?.why ?? [], { units: 'metric', timeZone: 'UTC' });
    expect(why('plaster-loose', 'prop', { position: 'overhead', sagMm: 40 })).toBe('The ceiling sags 40 mm, more than 13 mm.');
    expect(why('plaster-loose', 'prop', { position: 'overhead', outline: rectangle(1000, 800) })).toBe('0.80 m² of the ceiling is loose.');
    expect(why('drywall-hole', 'rated', { rated: 'unknown' })).toMatch(/^Whether it is rated is not known\. In a rated one a hole is closed/);
    expect(why('drywall-hole', 'rated', { rated: 'yes' })).toMatch(/^A hole in a rated wall or ceiling is closed/);
    expect(why('drywall-dent', 'rated', { rated: 'yes', paper: 'yes' })).toMatch(/^A hole in a rated wall/);
    // outside the rule lets more be disturbed
    expect(why('plaster-hole', 'lead', { before: 'paint', place: 'outside', outline: rectangle(1400, 1400) }, { yearBuilt: 1950, place: 'outside' })).toMatch(
      /begins above 1\.86 m²/,
    );
    expect(why('plaster-hole', 'lead', { before: 'unknown', outline: rectangle(900, 900) }, { yearBuilt: 1950, place: 'inside' })).toMatch(
      /begins above 0\.56 m²/,
    );
    expect(why('drywall-hole', 'asbestos', {}, { yearBuilt: 1980 })).toMatch(/^Built in 1980:/);
  });

  it.each(cases.map((c) => [c[0], c[1], c] as const))(
    '%s, %s: holds on one side and lets go on the other',
    (kind, stop, [, , goes, holds, goesArea = {}, holdsArea = {}]) => {
      expect(stopsOf(kind, goes, goesArea).map((s) => s.id)).not.toContain(stop);
      const found = stopsOf(kind, holds, holdsArea).find((s) => s.id === stop);
      expect(found?.open).toBe(true);
      expect(found?.who).toMatch(/\w{4,}/);
      expect(tell(found?.why ?? [], { units: 'metric', timeZone: 'UTC' })).toMatch(/\.$/);
    },
  );

  it('are each tried on both sides, here or on cracks in slabs', () => {
    const tried = new Set([...cases.map(([, stop]) => stop), ...['prestress', 'step', 'grows']]);
    expect(stopRules.filter((r) => !tried.has(r.id)).map((r) => `stop '${r.id}': write both sides of it in core/src/safety/defectStops.test.ts`)).toEqual([]);
  });

  it('a slab on ground stops for no width; a plain defect stops for nothing', () => {
    for (const kind of ['concrete-spall', 'plaster-crack', 'drywall-dent', 'tub-nick']) expect(surveyedPlan(kind).held).toBe(false);
  });

  it('a recorded decision lifts it; a missing fact is lifted by the fact alone', () => {
    const decision = { stop: 'timber-load', who: 'R. Achterberg', capacity: 'structural engineer', what: 'carries its own weight only', on: '2026-06-01' };
    const decided = surveyedPlan('timber-decay', { loaded: 'unknown' }, {}, { decisions: [decision] });
    expect(decided.held).toBe(false);
    expect(decided.stops[0]?.decision?.who).toBe('R. Achterberg');
    expect(surveyedPlan('concrete-spall', { services: 'may' }, {}, { decisions: [{ ...decision, stop: 'located' }] }).held).toBe(true);
  });

  it('spraying isocyanates or solvent stops while people are in the room or in its air, whoever chose it, and for nothing else', () => {
    const chosen = (system: string, occupied: string) => surveyedPlan('tub-hole', {}, { occupied }, { choice: { system, reason: 'tried' } });
    const coats = 'polyester-fiber-putty + polyester-finish-putty + two-part-coating';
    expect(chosen(coats, 'empty').stops.map((s) => s.id)).not.toContain('spraying');
    expect(tell(chosen(coats, 'around').stops.find((s) => s.id === 'spraying')?.why ?? [], { units: 'metric', timeZone: 'UTC' })).toContain(
      'goes where the air goes',
    );
    expect(chosen('polyester-fiber-putty', 'inside').stops.map((s) => s.id)).not.toContain('spraying');
    const held = chosen(coats, 'inside');
    expect([held.held, held.work(), held.stops.find((s) => s.id === 'spraying')?.who]).toEqual([true, undefined, expect.stringMatching(/competent person/)]);
    // every system that is sprayed says so
    expect(genericShelf.filter((s) => /spray/.test(s.chemistry) && s.hazards?.includes('sprayed') !== true).map((s) => s.id)).toEqual([]);
  });

  it('says of a rule that it is as recalled', () => {
    const lead = stopsOf('plaster-hole', { before: 'paint', outline: rectangle(900, 900) }, { yearBuilt: 1931 }).find((s) => s.id === 'lead');
    expect(tell(lead?.why ?? [], { units: 'us', timeZone: 'UTC' })).toContain('As recalled, check the current text.');
    expect(lead?.source).toBe('epa-745');
  });
});
