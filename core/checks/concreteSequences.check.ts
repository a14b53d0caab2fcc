// ICRI 310.1R (preparation of concrete), ACI 224.1R (injection, routing) and ACI 302.1R (joints under wheels), as recalled.
import { describe, expect, it } from 'vitest';
import { repairClasses, widthClassFor } from '../src/shelf/repairClasses.ts';
import { amountOf, box, orderOf, rowOf, told, workOn } from './methodSteps.ts';

const inOrder = (order: readonly string[], wanted: readonly string[]) =>
  wanted.map((b) => order.indexOf(b)).every((at, i, all) => at >= 0 && (i === 0 || at > (all[i - 1] ?? -1)));

describe('concrete over a rusting bar (ICRI 310.1R)', () => {
  const work = workOn('bar-spall', 'bar-primer-epoxy-cement + polymer-mortar-2k', { position: 'wall', loaded: 'no', outline: box(300, 200) });

  it('is sawn square, broken out, cleared behind the bar, cleaned, primed, washed and soaked before any mortar', () => {
    expect(
      inOrder(orderOf(work), ['saw-square', 'break-out', 'clear-bars', 'clean-bars', 'wash-out', 'prime-bars', 'soak-ground', 'scrub-coat', 'pack-lift']),
    ).toBe(true);
  });

  it('has a square edge of 13 mm, 19 under hard wheels, and 19 mm free behind the bar', () => {
    expect(told(rowOf(work, 'saw-square').step.title)).toContain('13 mm deep');
    expect(told(rowOf(work, 'clear-bars').step.title)).toContain('19 mm behind');
    expect(told(rowOf(workOn('concrete-spall', 'polymer-mortar-2k', { traffic: 'hard-wheels', position: 'floor' }), 'saw-square').step.title)).toContain(
      '19 mm deep',
    );
  });
});

describe('what the label of a product states (EN 1504-3, Table 3, and EN 1504-5, as recalled)', () => {
  it('has four classes of mortar: 10, 15, 25 and 45 MPa, with a bond of 0.8, 0.8, 1.5 and 2.0 MPa', () => {
    expect(repairClasses.map((c) => [c.id, c.bears, c.strength.value, c.bond.value])).toEqual([
      ['R1', false, 10, 0.8],
      ['R2', false, 15, 0.8],
      ['R3', true, 25, 1.5],
      ['R4', true, 45, 2],
    ]);
  });

  it('asks a class for loads over bars of a member that carries load or may', () => {
    const asked = (loaded: string) =>
      told(rowOf(workOn('bar-spall', 'polymer-mortar-2k', { loaded, position: 'floor', outline: box(300, 200) }), 'mix-mortar').step.detail);
    expect(asked('no')).toContain('class R1 or higher: 10 MPa, and a bond of 0.8 MPa');
    for (const loaded of ['yes', 'unknown']) expect(asked(loaded)).toContain('class R3 or higher: 25 MPa, and a bond of 1.5 MPa');
  });

  it('takes a resin for cracks from 0.1, 0.2, 0.3, 0.5 or 0.8 mm, never one for wider cracks than this', () => {
    expect([0.05, 0.1, 0.25, 0.3, 0.6, 2].map((w) => widthClassFor(w)?.id)).toEqual([undefined, 'W1', 'W2', 'W3', 'W4', 'W5']);
    expect(amountOf(workOn('wall-crack', 'epoxy-injection-resin', { widths: [{ atMm: 0, widthMm: 0.3 }] }), 'class')).toBe(0.3);
  });
});

describe('injection of a crack (ACI 224.1R)', () => {
  const work = workOn('wall-crack', 'epoxy-injection-resin', { lengthMm: 2450, wallMm: 250 });

  it('cleans, sets ports as far apart as the wall is thick, seals, lets the seal harden, injects from the lowest up', () => {
    expect(inOrder(orderOf(work), ['brush-face', 'set-ports', 'seal-crack', 'seal-hard', 'inject', 'ports-off-wait', 'scrape-off'])).toBe(true);
    expect(told(rowOf(work, 'set-ports').step.title)).toContain('250 mm apart');
    expect(told(rowOf(work, 'inject').step.title)).toContain('from the lowest port up');
  });

  it('begins at 0.1 MPa and never goes above 0.7 at a surface port', () => {
    expect(told(rowOf(work, 'inject').step.detail)).toContain('begin at 0.1 MPa, never above 0.7 MPa');
  });

  it('flushes with water for foam, never for resin', () => {
    expect(orderOf(work)).not.toContain('flush-crack');
    expect(orderOf(workOn('wall-crack', 'injection-foam', { moisture: 'damp' }))).toContain('flush-crack');
  });

  it('a wall that is drilled is met in its middle: half its thickness beside the crack, along a slant of half a right angle (geometry)', () => {
    const drilled = workOn('wall-crack', 'drilled-packer-injection', { wallMm: 400 });
    const detail = told(rowOf(drilled, 'drill-packers').step.detail);
    expect(detail).toContain('200 mm beside the crack');
    expect(told(rowOf(drilled, 'drill-packers').step.title)).toContain('283 mm long');
  });
});

describe('joints in a floor (ACI 302.1R)', () => {
  const chain = (traffic: string, schools: Readonly<Record<string, string>> = {}, answers: Readonly<Record<string, unknown>> = {}) =>
    workOn(
      'joint-spall',
      'rapid-crack-resin + joint-filler',
      { traffic, cutMm: 38, lengthMm: 30_500, gapMm: 19, widthMm: 40, depthMm: 18, ...answers },
      {},
      schools,
    );

  it('edges are rebuilt, ground, and sawn again the same day through all of the rebuild before the joint is filled', () => {
    const work = chain('hard-wheels');
    expect(inOrder(orderOf(work), ['cut-edges', 'rebuild-edges', 'grind-edges', 'resaw', 'fill-joint', 'shave-joint'])).toBe(true);
    expect(rowOf(work, 'resaw').startMin - rowOf(work, 'rebuild-edges').endMin).toBeLessThan(1440);
    expect(told(rowOf(work, 'resaw').step.title)).toContain('19 mm deep');
  });

  it('under hard wheels a sawn joint is filled to the bottom of its cut, no rod below: 30.5 m of 19 by 38 mm takes 22.0 L', () => {
    const work = chain('hard-wheels');
    expect(amountOf(work, 'depth')).toBe(38);
    expect(told(rowOf(work, 'fill-joint').step.title)).toMatch(/22\.0?\d* L/);
  });

  it('a formed construction joint is filled 50 mm deep at least', () => {
    expect(amountOf(chain('hard-wheels', {}, { joint: 'construction', cutMm: undefined }), 'depth')).toBe(50);
  });
});

describe('a crack that moves (ACI 224.1R; ASTM C1193 and C920, as recalled)', () => {
  it('is routed, kept off its bottom and sealed on two faces, the rod 25 to 33 % wider than the gap', () => {
    const work = workOn('joint-spall', 'flexible-sealant', { gapMm: 8, traffic: 'foot' });
    expect(inOrder(orderOf(work), ['clean-joint', 'back-sealant', 'prime-joint', 'gun-sealant', 'sealant-cures'])).toBe(true);
    expect(amountOf(work, 'rod')).toBe(10);
    expect(amountOf(workOn('joint-spall', 'flexible-sealant', { gapMm: 19, traffic: 'foot' }), 'rod')).toBe(25);
  });
});
