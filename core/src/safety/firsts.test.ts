import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { tell } from '../quantity/saying.ts';
import { defectKinds } from '../survey/kinds.ts';
import { firstsOf } from './firsts.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;
const firsts = (kind: string, answers: Readonly<Record<string, unknown>>, area: Readonly<Record<string, unknown>> = {}) =>
  surveyedPlan(kind, answers, area).firsts.map((f) => ({ id: f.id, who: f.who, what: tell(f.what, how) }));

describe('what is seen to before the first cut', () => {
  it('is the cause, by who takes it away', () => {
    const decay = (causeBy: string) => firsts('timber-decay', { cause: 'gutter', causeBy, before: 'bare' }).find((f) => f.id === 'cause');
    expect(decay('us')).toEqual({
      id: 'cause',
      who: 'the crew, before the first cut',
      what: 'Before the work begins: the gutter is mended, and the wood below stays dry through a rain.',
    });
    expect(decay('client')?.who).toBe('the client; the crew sees it done before the first cut');
    expect(decay('nobody')?.who).toMatch(/^nobody yet/);
    expect(decay('gone')?.what).toMatch(/^Said to be gone, and looked at once more/);
  });

  it('is no cause that was over when it had happened, and the search for one that is not known', () => {
    expect(firsts('drywall-hole', { cause: 'impact' }).some((f) => f.id === 'cause')).toBe(false);
    expect(firsts('plaster-crack', { cause: 'unknown' }).find((f) => f.id === 'cause')?.what).toMatch(/is looked for before the place is closed/);
    // framing that dries is over when it is dry; concrete that shrank is over
    expect(firsts('fastener-pop', { cause: 'shrinkage', causeBy: 'us' }).some((f) => f.id === 'cause')).toBe(true);
    expect(firsts('slab-crack', { cause: 'shrinkage', causeBy: 'us' }).some((f) => f.id === 'cause')).toBe(false);
  });

  it('is warmth, where paint is asked for and it is colder than paint closes at', () => {
    const cold = (paint: string, airC: number) => firsts('drywall-hole', { paint }, { airC, slabC: 12 }).find((f) => f.id === 'paint-cold')?.what;
    expect(cold('flat', 9.9)).toMatch(/^It is 9\.9 °C here; primer and paint close to a film from 10 °C on/);
    expect([cold('flat', 10), cold('none', 5), cold('paper', 5)]).toEqual([undefined, undefined, undefined]);
  });

  it('is what lay on it, by surface', () => {
    const on = (kind: string, before: string) => firsts(kind, { before }).find((f) => f.id === 'before')?.what;
    expect(on('wall-crack', 'paint')).toMatch(/bare concrete/);
    expect(on('plaster-crack', 'limewash')).toMatch(/brushed off/);
    expect(on('drywall-hole', 'paper')).toMatch(/washed off/);
    expect(on('timber-decay', 'paint')).toMatch(/bare wood/);
    expect(on('wall-crack', 'bare')).toBeUndefined();
  });

  it('is salt that was not tested, services that were found, bars that are half bare, weather over bare wood', () => {
    expect(firsts('bar-spall', { salt: 'unknown', services: 'found', halfBare: 'yes' }).map((f) => f.id)).toEqual(
      expect.arrayContaining(['salt', 'services', 'halfBare']),
    );
    expect(firsts('bar-spall', { salt: 'no', services: 'no', halfBare: 'no' }).map((f) => f.id)).not.toEqual(expect.arrayContaining(['salt']));
    expect(firsts('timber-decay', { place: 'outside' }).some((f) => f.id === 'weather')).toBe(true);
    expect(firsts('concrete-spall', {}, { place: 'outside' }).some((f) => f.id === 'weather')).toBe(false);
  });

  it('is what was decided of a stop, by whom, and what the place has to come to for a system taken against a limit of nature', () => {
    const stopped = surveyedPlan('plaster-loose', { position: 'overhead', sagMm: 25 });
    expect(stopped.firsts.some((f) => f.id.startsWith('decided'))).toBe(false);
    const decisions = stopped.stops.map((s) => ({
      stop: s.id,
      who: 'A. Foreman',
      capacity: 'foreman',
      what: 'Propped on four props, room closed.',
      on: '2026-06-01',
    }));
    const decided = surveyedPlan('plaster-loose', { position: 'overhead', sagMm: 25 }, {}, { decisions }).firsts[0];
    expect(decided && [decided.who, tell(decided.what, how)]).toEqual([
      'A. Foreman, foreman; the crew sees that it is so',
      'Propped on four props, room closed. What it asks for is done, and seen, before the first cut.',
    ]);
    const dewy = { airC: 24, slabC: 15, humidityPct: 70 };
    const taken = surveyedPlan('slab-crack', {}, dewy, { choice: { system: 'rapid-crack-resin', reason: 'tried' } });
    const limit = taken.firsts.find((f) => f.id === 'limit-dew-margin');
    expect(limit && tell(limit.what, how)).toMatch(/^Nothing is placed before this: slab at .+ with this air; check again after heating\. As it was measured/);
    expect(surveyedPlan('slab-crack').firsts.some((f) => f.id.startsWith('limit'))).toBe(false);
  });

  it('is a wall crack by its width: noted, a gauge, or the engineer', () => {
    const of = (widthMm: number, movement: string) =>
      firsts('wall-crack', { member: 'wall', movement, widths: [{ atMm: 0, widthMm }] }).find((f) => f.id === 'wall-width')?.what ?? 'none';
    expect(of(2.9, 'still')).toMatch(/it is noted with its date/);
    expect(of(2.9, 'unknown')).toMatch(/a gauge goes over it with a date/);
    expect(of(4, 'still')).toMatch(/its cause is asked, and a gauge/);
    expect(of(6.1, 'still')).toBe('none');
  });

  it('is a step in a slab by its height: left, beveled, ramped, or the engineer', () => {
    const of = (stepMm: number) => firsts('slab-crack', { faces: 'stepped', stepMm }).find((f) => f.id === 'step')?.what ?? 'none';
    expect([of(6), of(10), of(20), of(26)]).toEqual([
      expect.stringMatching(/may stay as it is/),
      expect.stringMatching(/bevel of one in two/),
      expect.stringMatching(/ramped or the low side lifted/),
      'none',
    ]);
  });

  it('is each said once, as a sentence, with who sees to it', () => {
    let said = 0;
    for (const kind of defectKinds())
      for (const ask of kind.asks) {
        if (ask.ask !== 'choice') continue;
        for (const { value } of ask.options) {
          const matter = { kind: kind.id, surface: kind.surface, ledger: surveyedPlan('tub-nick').ledger, measure: () => undefined, measured: () => undefined };
          const all = firstsOf({ ...matter, choice: (field) => (field === ask.field ? value : undefined) });
          for (const f of all) {
            said += 1;
            expect([f.id, /^[A-Z].+\.$/.test(tell(f.what, how)), f.who.length > 10]).toEqual([f.id, true, true]);
          }
          expect(new Set(all.map((f) => f.id)).size).toBe(all.length);
        }
      }
    expect(said).toBeGreaterThan(100);
  });

  it('of a damp wall of masonry say how far the old plaster comes off, and where the new ends; of a ceiling or of lath they do not', () => {
    const said = (answers: Readonly<Record<string, unknown>>) => {
      const damp = surveyedPlan('plaster-loose', answers).firsts.find((f) => f.id === 'damp');
      return damp ? tell(damp.what, { units: 'metric', timeZone: 'UTC' }) : '';
    };
    for (const moisture of ['damp', 'salts'])
      expect(said({ moisture, base: 'masonry', position: 'wall' })).toContain(
        'Old plaster comes off to 300 mm above the highest damp or salt; the new is of a binder that lets vapor out, and ends 30 mm above the floor.',
      );
    expect(said({ moisture: 'damp', base: 'wood-lath', lath: 'sound', position: 'wall' })).not.toContain('300 mm');
    expect(said({ moisture: 'damp', base: 'concrete', position: 'overhead' })).not.toContain('300 mm');
  });
});
