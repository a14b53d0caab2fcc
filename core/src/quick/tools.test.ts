import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readWeather, type WeatherRecord } from '../climate/weatherRecord.ts';
import { tell } from '../quantity/saying.ts';
import { formulaGroups, formulaNamed, isPlainStep, plainStepNames } from '../formulas.ts';
import { usualGiven, type QuickTool, type ToolGiven } from './tool.ts';
import { quickTools } from './tools.ts';

/** Air and surface of so many hours, from seven in the morning on. */
function record(
  hours: readonly { readonly airC: number; readonly surfaceC?: number; readonly humidityPct?: number; readonly windKmh?: number }[],
): WeatherRecord {
  const lines = hours.map((h, i) =>
    [new Date(Date.UTC(2026, 5, 2, 7 + i)).toISOString(), h.airC, h.humidityPct ?? 60, h.surfaceC ?? h.airC, h.windKmh ?? 5].join(','),
  );
  const read = readWeather(lines.join('\n'));
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.record;
}
const steady = (airC: number, hours = 96, humidityPct = 60) => record(Array.from({ length: hours }, () => ({ airC, humidityPct })));

function toolOf(id: string): QuickTool {
  const tool = quickTools.find((t) => t.id === id);
  if (!tool) throw new Error(id);
  return tool;
}

function given(
  id: string,
  more: { measures?: Record<string, number>; choices?: Record<string, string>; texts?: Record<string, string>; record?: WeatherRecord } = {},
): ToolGiven {
  const usual = usualGiven(toolOf(id));
  return {
    measures: { ...usual.measures, ...more.measures },
    choices: { ...usual.choices, ...more.choices },
    texts: { ...usual.texts, ...more.texts },
    ...(more.record && { record: more.record }),
  };
}

function said(id: string, more: Parameters<typeof given>[1] = {}): string {
  const answer = toolOf(id).answer(given(id, more));
  if (!answer.ok) return `${answer.name}: ${answer.why}`;
  return [...answer.sayings, ...answer.notes].map((s) => tell(s, { units: 'metric', timeZone: 'UTC', day: '2026-06-02T07:00:00Z' })).join(' ');
}

describe('every small tool', () => {
  it('has an id of its own and stands with a group of formulas', () => {
    expect(new Set(quickTools.map((t) => t.id)).size).toBe(quickTools.length);
    for (const t of quickTools) expect(formulaGroups.map((g) => g.title)).toContain(t.group);
  });

  it('stands among figures that one looks for: what belongs to workings alone is known by name, and no group is nothing but that', () => {
    expect(plainStepNames.filter((name) => formulaNamed(name) === undefined)).toEqual([]);
    for (const g of formulaGroups) expect([g.title, g.formulas.some((f) => !isPlainStep(f))]).toEqual([g.title, true]);
    // no group is longer than a screen shows
    for (const g of formulaGroups) expect([g.title, g.formulas.filter((f) => !isPlainStep(f)).length <= 24]).toEqual([g.title, true]);
  });

  it.each(quickTools.map((t) => t.id))('%s answers on its usual values, in both systems of units', (id) => {
    const tool = toolOf(id);
    const answer = tool.answer(given(id, tool.overWeather ? { record: steady(18) } : {}));
    expect(answer.ok && answer.sayings.length).toBeGreaterThan(0);
    if (answer.ok)
      for (const units of ['metric', 'us'] as const)
        for (const s of [...answer.sayings, ...answer.notes]) expect(tell(s, { units, timeZone: 'UTC' })).not.toMatch(/NaN|undefined|Infinity/);
  });

  it('asks for weather where it looks at it', () => {
    for (const t of quickTools.filter((one) => one.overWeather)) expect(said(t.id)).toContain('weather: Give the weather to look at');
  });

  it('never says a number that is none, over all that its fields may hold', () => {
    const quick = quickTools.filter((t) => t.id !== 'lift-heat' && t.id !== 'tinting');
    const weathers = [steady(-5), steady(18), steady(38, 96, 5), record([{ airC: 10 }])];
    for (const tool of quick) {
      const measures = fc.record(Object.fromEntries(tool.measures.map((m) => [m.name, fc.double({ min: m.min, max: m.max, noNaN: true })])));
      const choices = fc.record(Object.fromEntries((tool.choices ?? []).map((c) => [c.name, fc.constantFrom(...c.options.map(([value]) => value))])));
      fc.assert(
        fc.property(measures, choices, fc.constantFrom(...weathers), (m, c, weather) => {
          expect(said(tool.id, { measures: m, choices: c, ...(tool.overWeather && { record: weather }) })).not.toMatch(/NaN|undefined|Infinity/);
        }),
        { numRuns: 60 },
      );
    }
  });
});

describe('a wait over the weather', () => {
  it('is as long as stated at the reference temperature, longer in the cold, and does not count hours below where it stands still', () => {
    expect(said('wait-over-weather', { record: steady(23) })).toContain('Done by Wed, Jun 3, 07:00, after 24 h.');
    expect(said('wait-over-weather', { record: steady(13) })).toContain('after 2 d 4 h.');
    const night = record([
      ...Array.from({ length: 12 }, () => ({ airC: 23 })),
      ...Array.from({ length: 10 }, () => ({ airC: 2 })),
      ...Array.from({ length: 30 }, () => ({ airC: 23 })),
    ]);
    expect(said('wait-over-weather', { record: night })).toContain('after 34 h. It stands still for 10 h of that time');
  });

  it('says how far it is where the weather ends first, and where it begins after it', () => {
    expect(said('wait-over-weather', { record: steady(23, 12) })).toContain('Not done by 19:00, where this weather ends: 50 % of the wait is behind it.');
    expect(said('wait-over-weather', { record: steady(23, 12), measures: { begins: 1000 } })).toContain('It begins after the last of this weather.');
  });
});

describe('keeping a fresh face damp', () => {
  it('mists by what evaporates, and covers where that is too much or too often', () => {
    expect(said('moist-care', { record: steady(18) })).toMatch(/Mist it at the end of finishing, again by .*, and \d+ times in all/);
    const hot = record(Array.from({ length: 80 }, () => ({ airC: 30, surfaceC: 35, humidityPct: 20, windKmh: 30 })));
    expect(said('moist-care', { record: hot })).toMatch(/Cover it.*nobody keeps it damp by misting/);
    expect(said('moist-care', { record: steady(30, 80, 30), measures: { film: 0.1 } })).toContain('misted more often than every 45 min');
  });

  it('names the time that this weather does not reach', () => {
    expect(said('moist-care', { record: steady(18, 24) })).toContain('what is still to be kept damp after that, 2 days, is not looked at.');
  });
});

describe('the window for the next coat', () => {
  it('opens late and closes early, and may be closed before the coat is ready', () => {
    expect(said('recoat-window', { measures: { here: 23 } })).toContain('from 4 h to 24 h');
    // colder than the reference nothing is let lengthen the window
    expect(said('recoat-window', { measures: { here: 5 } })).toContain('to 24 h');
    expect(said('recoat-window', { measures: { here: 5, closes: 600 } })).toContain('the window has closed before the coat is ready');
    expect(said('recoat-window', { measures: { opens: 600, closes: 300 } })).toContain('closes: The window closes before it opens');
  });
});

describe('what is written into a tool', () => {
  it('is refused in words', () => {
    expect(said('cup-marks', { texts: { parts: '2' } })).toBe('parts: Write two to four parts, like 4:1:1.');
    expect(said('port-layout', { texts: { crossings: '120' } })).toMatch(/^crossings: /);
    expect(said('grit-ladder', { texts: { rack: '80, fine' } })).toMatch(/^rack: /);
    expect(said('tinting', { texts: { target: '120, 0, 0' } })).toMatch(/^target: /);
    expect(said('tinting', { texts: { added: '500, 1' } })).toMatch(/^added: /);
  });

  it('teaches: a dab that is darker than expected asks for less the next time', () => {
    expect(said('tinting', { texts: { added: '500, 0, 0.2, 1, 0.2, 0, 0', dab: '84, 1, 9' } })).toContain('times what is stated');
  });
});
