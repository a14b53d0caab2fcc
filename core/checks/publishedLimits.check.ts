/**
 * Limits of published guides, each from memory: nobody here had its text open, and Oddment tells the user so. They are
 * written in the units of the guide, and held against what the shelf, the stops and the schools say in theirs. Sources:
 * ICRI 310.1R (removal and edges), ACI 224R table 4.1 and ACI 224.1R (cracks), ASTM C881 (epoxy classes), ASTM C926
 * (plaster), ASTM C840 / GA-216 (board), ASTM C1193 (sealants), 40 CFR 745 (lead), 29 CFR 1926.1153 stands in a file of its
 * own, Wood Handbook (decay), ISO 8502-4 (dew point); 'common practice' where that is all there is.
 */
import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../test/defects.ts';
import { guideWidths } from '../src/safety/stop.ts';
import { patchEdge } from '../src/schools/patchEdge.ts';
import { plasterWork } from '../src/shelf/usual/plasterWork.ts';
import { rustedBar } from '../src/schools/rustedBar.ts';
import { auxiliaries } from '../src/shelf/auxiliaries/auxiliaries.ts';
import { shelfLimits } from '../src/shelf/limits.ts';
import { genericShelf } from '../src/shelf/shelf.ts';

const limits = new Map(shelfLimits([...genericShelf, ...auxiliaries]).map((l) => [l.id, l]));
const inch = 25.4;
const fahrenheit = (f: number) => (f - 32) / 1.8;

describe('figures of the shelf against the guide, in the guide’s own units', () => {
  it.each<[source: string, figure: string, published: number, within: number]>([
    ['ICRI 310.1R: saw-cut edge, half an inch', 'polymer-mortar-2k/edge', inch / 2, 0.5],
    ['ICRI 310.1R: saw-cut edge, half an inch', 'rapid-repair-mortar/edge', inch / 2, 0.5],
    ['ICRI 310.1R: saw-cut edge, half an inch', 'form-and-pour/edge', inch / 2, 0.5],
    ['ACI 224.1R: narrowest crack for epoxy injection, 0.002 in', 'epoxy-injection-resin/width/min', 0.002 * inch, 0.002],
    ['ACI 224.1R: narrowest crack for gravity filling, 0.001 in', 'gravity-resin/width/min', 0.001 * inch, 0.006],
    ['ACI 224.1R: widest crack for gravity filling, 0.08 in', 'gravity-resin/width/max', 0.08 * inch, 0.05],
    ['ACI 224.1R: rout for a sealant, a quarter inch', 'flexible-sealant/sealant/leastWidth', inch / 4, 0.5],
    ['ASTM C1193: deepest bead, half an inch', 'flexible-sealant/sealant/mostDepth', inch / 2, 0.5],
    ['ASTM C881: class B from 40 °F', 'epoxy-injection-resin/slabC/min', fahrenheit(40), 0.1],
    ['ASTM C926: from 40 °F', 'cement-plaster/slabC/min', fahrenheit(40), 0.1],
    ['ASTM C926: overhead on a solid base, 3/8 in in all', 'cement-plaster/overConcrete', (3 * inch) / 8, 0.1],
    ['ASTM C926: three coats on metal lath, 7/8 in', 'cement-plaster/depth/max', (7 * inch) / 8, 0.5],
    ['ASTM C840 / GA-216: joints from 50 °F', 'drying-compound/slabC/min', fahrenheit(50), 0.1],
    ['ASTM C840 / GA-216: joints from 50 °F', 'setting-compound-45/slabC/min', fahrenheit(50), 0.1],
    ['ASTM C475: paper tape, 2 1/16 in', 'tape-paper/figures/width', (2 + 1 / 16) * inch, 1],
    ['ISO 8502-4: 3 K above the dew point', 'epoxy-mortar/dewMargin', 3, 0],
    ['common practice: timber for epoxy at 18 % at the most', 'epoxy-timber-paste/woodMoisture/max', 18, 0],
    ['common practice: a plug of board to 6 in', 'board-plug/extent/max', 6 * inch, 3],
    ['common practice: mesh to 4 in', 'mesh-patch/extent/max', 4 * inch, 3],
  ])('%s (%s)', (_source, figure, published, within) => {
    const value = limits.get(figure)?.value;
    expect([figure, typeof value]).toEqual([figure, 'number']);
    expect(Math.abs(Number(value) - published)).toBeLessThanOrEqual(within + 1e-9);
  });
});

describe('ACI 224R table 4.1: guide widths', () => {
  it.each([
    ['inside', 0.016],
    ['outside', 0.012],
    ['outside-salt', 0.007],
  ] as const)('%s, %s in', (place, inches) => {
    expect(Math.abs(guideWidths[place].value - inches * inch)).toBeLessThan(0.01);
  });
});

describe('ICRI 310.1R and ASTM C926 in the schools', () => {
  it('clear three quarters of an inch behind a bar, cut half an inch square', () => {
    expect(Math.abs(rustedBar.sides[0].sets.behind.value - 0.75 * inch)).toBeLessThan(0.2);
    expect(Math.abs(patchEdge.sides[0].sets.edge.value - 0.5 * inch)).toBeLessThan(0.5);
  });

  it('keep two days between the first coats of cement plaster, seven before the finish (IBC table 2512.6)', () => {
    const { beforeBase, beforeFinish } = plasterWork.figures;
    expect([beforeBase.value, beforeFinish.value]).toEqual([2, 7]);
  });
});

describe('who decides', () => {
  const stops = (kind: string, answers: Readonly<Record<string, unknown>>, area: Readonly<Record<string, unknown>> = {}) =>
    surveyedPlan(kind, answers, area).stops.map((s) => s.id);
  const square = (sideMm: number) => ({ shape: { is: 'rectangle', widthMm: sideMm, heightMm: sideMm } });
  const barOf = (leftShare: number) => ({ barMm: 20, leftMm: 20 * Math.sqrt(leftShare), bars: 1 });

  it('ICRI 310.1R: more than a quarter of one bar gone goes to the engineer', () => {
    expect(stops('bar-spall', barOf(0.76))).not.toContain('bar-loss');
    expect(stops('bar-spall', barOf(0.74))).toContain('bar-loss');
  });

  it('ICRI 310.1R: more than a fifth of two bars', () => {
    expect(stops('bar-spall', { ...barOf(0.81), bars: 2 })).not.toContain('bar-loss');
    expect(stops('bar-spall', { ...barOf(0.79), bars: 2 })).toContain('bar-loss');
  });

  it('40 CFR 745 (USA): more than six square feet of old paint in a room, built before 1978', () => {
    const six = Math.sqrt(6 * 144) * inch;
    const at = (sideMm: number, yearBuilt: number) => stops('plaster-hole', { outline: square(sideMm), place: 'inside', before: 'paint' }, { yearBuilt });
    expect(at(six * 0.99, 1977)).not.toContain('lead');
    expect(at(six * 1.01, 1977)).toContain('lead');
    expect(at(six * 1.01, 1978)).not.toContain('lead');
  });

  it('common practice: compound and plaster of up to and with 1980 are surveyed for asbestos', () => {
    expect(stops('plaster-hole', {}, { yearBuilt: 1980 })).toContain('asbestos');
    expect(stops('plaster-hole', {}, { yearBuilt: 1981 })).not.toContain('asbestos');
  });

  it('Wood Handbook: no timber that may decay is filled: above a fifth of its weight in water nothing of the shelf goes into it', () => {
    const wet = surveyedPlan('timber-decay', { moisturePct: 21 }).candidates.filter((c) => c.size && c.system.woodMoisture);
    expect(wet.length).toBeGreaterThan(3);
    for (const c of wet) expect([c.system.id, c.grade]).toEqual([c.system.id, 'out']);
  });
});
