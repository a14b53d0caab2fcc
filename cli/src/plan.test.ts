import { JobFile, readJobFile, writeJobFile } from '@oddment/contracts';
import { formulas, quickTools } from '@oddment/core';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { planInput, type Setting } from '../../core/test/cracks.ts';
import { BadInput } from './badInput.ts';
import { limitsText } from './limits.ts';
import { figureCommand } from './figure.ts';
import { figuresText } from './figures.ts';
import { planOutput } from './plan.ts';
import { tablesText } from './tables.ts';

const id = (n: number) => `3f0f9d6e-1111-4222-8333-44445555666${String(n)}`;

function file(...settings: readonly Setting[]): JobFile {
  const { job, area } = planInput();
  const defects = settings.map((s, i) => ({ ...planInput(s).defect, id: id(i + 2), mark: `T-0${String(i + 1)}` }));
  const read = readJobFile(writeJobFile({ ...job, id: id(0), areas: [{ ...area, id: id(1), defects }] }));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return read.value;
}

function refusal(act: () => string): readonly string[] {
  try {
    act();
  } catch (error) {
    if (error instanceof BadInput) return error.problems;
    throw error;
  }
  return [];
}

describe('plan as text', () => {
  const text = planOutput(file({ answers: { traffic: 'hard-wheels' } }, { answers: { ground: 'rocks' } }, { answers: { traffic: undefined } }), {
    form: 'text',
  });

  it('can be worked from: sizes, systems, steps with clock times, quantities, cautions', () => {
    for (const wanted of [
      '4.20 m long; 2 mm at 0 mm, 5 mm at 2.10 m',
      'Tools: crack wheel on a grinder',
      'more are ruled out; --json has them all',
      'fits  Rapid crack resin with sand',
      'ruled out  Injection foam',
      '07:00  Chase 7 mm wide, 19.1 mm deep',
      'Resin placed: 271 mL',
      'Cartridges: 1',
      'Silica dust',
      'gives no structural, medical or legal advice',
    ])
      expect(text).toContain(wanted);
  });

  it('stops where it must, and names what is open', () => {
    expect(text).toContain('STOP: It rocks');
    expect(text).toContain('still to answer: What goes over it?');
  });

  it('marks what is recalled', () => {
    expect(text).toContain('as recalled, check the current text');
  });

  it('comes in other units', () => {
    const us = planOutput(file({ answers: { traffic: 'hard-wheels' } }), { form: 'text', units: 'us' });
    expect(us).toContain('Chase 9/32 in wide, 3/4 in deep');
    expect(us).toContain('Resin placed: 9.2 fl oz');
  });
});

describe('plan in other forms', () => {
  it('is JSON with every working', () => {
    const { plans } = JSON.parse(planOutput(file({}), { form: 'json' })) as { plans: { figures: unknown[]; candidates: { verdicts: unknown[] }[] }[] };
    expect(plans[0]?.figures.length).toBeGreaterThan(100);
    expect(plans[0]?.candidates[0]?.verdicts.length).toBeGreaterThan(9);
  });

  it('is one drawing at a time', () => {
    expect(planOutput(file({}), { form: 'svg' })).toMatch(/^<svg [\s\S]*<\/svg>\n$/);
    expect(planOutput(file({}, {}), { form: 'svg', mark: 'T-02' })).toMatch(/^<svg /);
    expect(refusal(() => planOutput(file({}, {}), { form: 'svg' }))[0]).toContain('T-01, T-02');
    expect(refusal(() => planOutput(file({ answers: { traffic: undefined } }), { form: 'svg' }))[0]).toContain('not complete');
  });

  it('knows its marks', () => {
    expect(refusal(() => planOutput(file({}), { form: 'text', mark: 'X-9' }))).toEqual(['There is no repair marked X-9. There are: T-01']);
  });
});

describe('limits', () => {
  it('lists every figure of the shelf with unit, source and how it is known', () => {
    const rows = JSON.parse(limitsText(['--json'])) as Record<string, unknown>[];
    expect(rows.length).toBeGreaterThan(500);
    expect(rows.find((r) => r['id'] === 'cement-plaster/slabC/min')).toEqual({
      id: 'cement-plaster/slabC/min',
      value: 4.4,
      unit: '°C',
      source: 'ASTM C926, application of cement plaster; as recalled, check the current text',
      known: 'recalled',
      label: 'Coldest',
      assumed: false,
    });
    expect(limitsText([])).toContain('board-plug/extent/max: 150 mm');
  });
});

describe('figures', () => {
  it('lists every formula with inputs, ranges and source', () => {
    const { formulas: rows, tools } = JSON.parse(figuresText(['--json'])) as {
      formulas: { name: string; inputs: { min: number; max: number; unit: string }[]; source: string }[];
      tools: { name: string }[];
    };
    expect(tools.map((t) => t.name)).toEqual(quickTools.map((t) => t.id));
    expect(rows.map((r) => r.name)).toEqual(formulas.map((f) => f.name));
    for (const row of rows) for (const input of row.inputs) expect(input.min).toBeLessThan(input.max);
    expect(figuresText([])).toContain('resin-for-sand: Resin for the sand, in mL');
  });

  it('runs one and shows its working', () => {
    const text = figureCommand(['chase-volume', 'lengthMm=4000', 'widthMm=6.35', 'depthMm=6.35']);
    expect(text).toContain('Groove as prepared: 161.29 mL   (161 mL, 5.5 fl oz)');
    expect(text).toContain('length times width times depth');
    expect(text).toContain('source: geometry');
  });

  it('takes lists', () => {
    expect(figureCommand(['widest-width', 'widthMm=2,5,3'])).toContain('Widest place: 5 mm');
  });

  it.each([
    [[], /There is no figure ''/],
    [['nothing'], /Find it with .\/oddment figures WORD/],
    [['widest-witdh'], /Did you mean widest-width/],
    [['chase-volume', 'lengthMm=4000'], /Missing: widthMm, depthMm/],
    [['chase-volume', 'length=4000'], /'length' is not an input of chase-volume. Did you mean lengthMm\?/],
    [['chase-volume', 'lengthMm=4000', 'lengthMm=3'], /lengthMm is given twice/],
    [['chase-volume', 'lengthMm=4000 kg'], /lengthMm: .*kg/],
    [['chase-volume', '--yaml'], /'--yaml' is not known here/],
    [['chase-volume', 'lengthMm=long'], /lengthMm is 'long'. It must be a number/],
    [['gel-time', 'gelAt23Min=6', 'temperatureC=99'], /temperatureC is 99: temperature must lie between -30 and 80 °C/],
    [['widest-width', 'widthMm='], /It must be a number/],
  ])('refuses %j in words', (args, words) => {
    expect(refusal(() => figureCommand(args)).join(' ')).toMatch(words);
  });
});

describe('a small tool on the command line', () => {
  it('takes the usual for what is not given, and answers in both systems of units', () => {
    const text = figureCommand(['cup-marks', 'parts=2:1', 'need=100']);
    for (const wanted of ['A ratio in a marked cup', 'Pour part A to the mark 80 mL,', 'in US units:', 'fl oz', 'From mark to mark: 10 mL'])
      expect(text).toContain(wanted);
    expect(figureCommand(['grit-ladder', 'rack=120,180,220'])).not.toContain('in US units');
  });

  it('looks at a list of weather', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'weather-')), 'list.csv');
    writeFileSync(file, 'time, air F, humidity %\n2026-06-02 07:00, 73.4, 60\n2026-06-02 09:00, 73.4, 60\n2026-06-02 11:00, 73.4, 60\n');
    expect(figureCommand(['wait-over-weather', 'wait=120', `weather=${file}`])).toContain('Done by 09:00, after 2 h');
    expect(figureCommand(['moist-care', `weather=${file}`])).toContain('Mist it');
    writeFileSync(file, 'time, air F, humidity %\n2026-06-02 07:00, hot, 60\n');
    expect(refusal(() => figureCommand(['wait-over-weather', `weather=${file}`]))).toEqual([`${file}, line 2: air is 'hot'. It must be a number.`]);
    expect(refusal(() => figureCommand(['moist-care', 'weather=/no/such/file']))[0]).toContain('cannot be read');
  });

  it.each([
    [['cup-marks', 'need=lots'], "need is 'lots'. It must be a number in mL, or with a unit of its own."],
    [['cup-marks', 'need=0'], 'need is 0: Needed must lie between 1 and 20000 mL'],
    [['cup-marks', 'cup=2'], "'cup' is not asked for by cup-marks."],
    [['grit-ladder', 'scale=mesh'], "scale is 'mesh'. It must be one of: P, CAMI."],
    [['cup-marks', 'parts=two'], 'parts: Write two to four parts'],
    [['moist-care'], 'weather: Give the weather to look at'],
  ])('refuses %j in words', (args, start) => {
    expect(refusal(() => figureCommand(args))[0]?.startsWith(start)).toBe(true);
  });

  it('is listed with all that it asks for', () => {
    expect(figuresText([])).toContain('weather=FILE.csv  the weather, a line for each hour');
    expect(figuresText([])).toContain('stirred=…  Stirred how long ago, min, 0 to 1000, usual 2');
  });
});

describe('what is typed', () => {
  it.each([
    ['chase-volume', ['lengthMm=4.2 m', 'widthMm=1/4in', 'depthMm=6,35'], 4200 * 6.35 * 6.35 * 1e-3],
    ['chase-volume', ['lengthMm=4200', 'widthMm=6.35', 'depthMm=0.635 cm'], 4200 * 6.35 * 6.35 * 1e-3],
    ['widest-width', ['widthMm=2,5;3;4'], 4],
    ['widest-width', ['widthMm=1/8 in, 3/16 in'], 4.7625],
    ['finish-level', ['gloss=gloss', 'raking=0', 'textured=smooth'], 5],
    ['finish-level', ['gloss=flat', 'raking=soft-light', 'textured=heavy-texture'], 3],
  ])('%s %j carries its own unit, comma or name', (name, given, value) => {
    expect((JSON.parse(figureCommand([name, ...given, '--json'])) as { value: number }).value).toBeCloseTo(value, 6);
  });

  it('is the same in either unit of temperature', () => {
    const at = (typed: string) => (JSON.parse(figureCommand(['gel-time', 'gelAt23Min=6', `temperatureC=${typed}`, '--json'])) as { value: number }).value;
    expect(at('68F')).toBeCloseTo(at('20'), 9);
    expect(at('20 °C')).toBeCloseTo(at('20'), 9);
  });

  it('runs every formula on its usual values, as text and as JSON', () => {
    // what is refused, such as a list of one, says so in words; it is the few
    const refused: string[] = [];
    for (const f of formulas) {
      const inputs = Object.entries(f.inputs);
      const given = inputs.map(([name, i]) => `${name}=${String(i.usual ?? i.min)}`);
      try {
        const text = figureCommand([f.name, ...given]);
        const told = JSON.parse(figureCommand([f.name, ...given, '--json'])) as { value: number; unit: string; inputs: unknown[] };
        expect(text).toContain(`${f.title}: ${String(told.value)}`);
        expect(told.inputs).toHaveLength(inputs.length);
      } catch (error) {
        if (!(error instanceof BadInput)) throw error;
        refused.push(`${f.name}: ${error.problems.join(' ')}`);
      }
    }
    expect(refused).toEqual([]);
  });
});

describe('looking things up', () => {
  it('finds figures and limits by words', () => {
    expect(figuresText(['bar', 'lost'])).toMatch(/^bar-loss: /);
    expect(figuresText(['bar', 'lost'])).not.toContain('chase-volume');
    expect(refusal(() => figuresText(['no such thing']))).toEqual(["No figure has 'no such thing'. ./oddment figures lists all."]);
    expect(limitsText(['board-plug', 'extent'])).toContain('board-plug/extent/max: 150 mm');
    expect(refusal(() => limitsText(['--all']))).toEqual(["'--all' is not known here. There is --json."]);
  });

  it('prints every table whole, with its source', () => {
    const tables = JSON.parse(tablesText(['--json'])) as { name: string; columns: { name: string }[]; rows: Record<string, unknown>[]; source: string }[];
    const text = tablesText([]);
    for (const table of tables) {
      expect(table.rows.length).toBeGreaterThan(3);
      for (const row of table.rows) expect(Object.keys(row)).toEqual(table.columns.map((c) => c.name));
      expect(text).toContain(table.source);
      expect(tablesText([table.name])).toContain(`${table.name}: `);
    }
    // EN 1504-3, Table 3; FEPA 43-1: as recalled
    expect(tables.find((t) => t.name === 'repair-classes')?.rows[2]).toMatchObject({ class: 'R3', strength: 25, bond: 1.5 });
    expect(tables.find((t) => t.name === 'grains-p')?.rows.find((r) => r['grade'] === 'P120')).toMatchObject({ grain: 0.125 });
    expect(refusal(() => tablesText(['grain-p']))).toEqual(["There is no table 'grain-p'. Did you mean grains-p?"]);
  });
});
