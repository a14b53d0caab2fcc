// Worked examples of the trade (common practice, no source): arithmetic that people do in their heads, carried through whole methods.
import { describe, expect, it } from 'vitest';
import { evaluate } from '../src/quantity/formula.ts';
import { jarCount } from '../src/finishing/spray.ts';
import { ribbonLength } from '../src/mixing/proportions.ts';
import { meshStrips } from '../src/finishing/face.ts';
import { amountOf, box, orderOf, partOf, rowOf, told, workOn } from './methodSteps.ts';

describe('whole methods against worked examples', () => {
  it('a wall crack of 2,450 mm in a wall of 250 mm: eleven ports; a seal of 100 by 3 mm takes 0.735 L, and what lies under eleven bases', () => {
    const work = workOn('wall-crack', 'epoxy-injection-resin', { lengthMm: 2450, wallMm: 250 });
    expect(amountOf(work, 'ports')).toBe(11);
    expect(amountOf(work, 'paste')).toBeCloseTo(735 + 11 * 10, 6);
  });

  it('a plug with a core of 90 by 120 mm: blank 154 by 184; opening 94 by 124 with 2 mm a side; saw at 15.7 mm', () => {
    const work = workOn('drywall-hole', 'board-plug', { outline: box(90, 120), boardMm: 12.7 });
    expect([amountOf(work, 'blank'), amountOf(work, 'blankHeight'), amountOf(work, 'opening'), amountOf(work, 'openingHeight')]).toEqual([154, 184, 94, 124]);
    expect(amountOf(work, 'stop')).toBeCloseTo(15.7, 9);
    expect(told(rowOf(work, 'cut-opening').step.detail)).toContain('2 mm on each side');
    // made before the wall is opened
    expect(orderOf(work).indexOf('cut-plug')).toBeLessThan(orderOf(work).indexOf('cut-opening'));
  });

  it('a hump of 1 mm runs out over 50, 100 and 150 mm a side by the light: 234, 334 and 434 over a core of 70', () => {
    const across = (paint: string, look: string) => {
      const work = workOn('drywall-hole', 'board-plug', { outline: box(70, 70), paint, look, light: 'soft' });
      const coats = work.section.regions.filter((r) => r.id.startsWith('coat-'));
      const last = coats[coats.length - 1]?.outline.map(([x]) => x) ?? [];
      return Math.round(Math.max(...last) - Math.min(...last));
    };
    expect([across('flat', 'passing'), across('flat', 'close'), across('gloss', 'passing')]).toEqual([234, 334, 434]);
  });

  it('coating 4 : 1 : 2 by volume: 30 mL of resin take 7.5 and 15, 52.5 in all; a jar of 105 takes 157.5 in two loads', () => {
    const work = workOn('tub-scratches', 'two-part-coating', { outline: box(20, 20) });
    expect([partOf(work, 'coating', 'Resin'), partOf(work, 'coating', 'Catalyst'), partOf(work, 'coating', 'Reducer')]).toEqual([30, 7.5, 15]);
    expect(evaluate(jarCount, { coatingMl: 157.5, jarMl: 105 })).toBe(2);
    const large = workOn('tub-scratches', 'two-part-coating', { outline: box(900, 600) });
    const [resin, catalyst, reducer] = ['Resin', 'Catalyst', 'Reducer'].map((what) => partOf(large, 'coating', what));
    expect([(resin ?? 0) / (catalyst ?? 1), (reducer ?? 0) / (catalyst ?? 1)].map((r) => Math.round(r * 1e6) / 1e6)).toEqual([4, 2]);
    expect(amountOf(large, 'loads')).toBe(Math.ceil(amountOf(large, 'coating') / 105));
  });

  it('a crack that is sealed on both faces takes the strip twice, the bases once (geometry)', () => {
    const paste = (access: string) => amountOf(workOn('wall-crack', 'epoxy-injection-resin', { lengthMm: 2450, wallMm: 250, access }), 'paste');
    expect(paste('yes') - paste('no')).toBeCloseTo(735, 6);
  });

  it('primer goes on the walls of a pocket too: 400 by 300 and 20 deep are 120,000 mm² of bottom and 28,000 of walls (geometry)', () => {
    const primer = (depthMm: number) => amountOf(workOn('timber-dent', 'epoxy-timber-paste', { widthMm: 400, heightMm: 300, depthMm }), 'wood-primer');
    // 0.3 mm of film
    expect(primer(20)).toBeCloseTo(((400 * 300 + 2 * 700 * 20) * 0.3) / 1000, 6);
    expect(primer(40) - primer(20)).toBeCloseTo((2 * 700 * 20 * 0.3) / 1000, 6);
  });

  it('two grades of sand are weighed out each for itself, and add up (geometry); about a third is fine (common practice)', () => {
    const work = workOn('joint-spall', 'rapid-crack-resin + joint-filler', {});
    const [coarse, fine] = ['Coarse sand, mesh 16', 'Fine sand, mesh 30'].map((part) => partOf(work, 'edges', part));
    expect((coarse ?? 0) + (fine ?? 0)).toBeCloseTo(amountOf(work, 'sand'), 6);
    expect((fine ?? 0) / ((coarse ?? 0) + (fine ?? 0))).toBeGreaterThan(0.28);
    expect((fine ?? 0) / ((coarse ?? 0) + (fine ?? 0))).toBeLessThan(0.4);
  });

  it('hardener for polyester at 18 °C is 2.2 % by weight, and none is dosed below 15', () => {
    const work = workOn('tub-hole', 'polyester-fiber-putty + polyester-finish-putty + two-part-coating', {}, { slabC: 18, airC: 18 });
    expect(partOf(work, 'fiber', 'Hardener') / partOf(work, 'fiber', 'Putty')).toBeCloseTo(0.022, 9);
    // colder, the room is warmed to the least of its sheet first: never more hardener instead
    const cold = workOn('tub-hole', 'polyester-fiber-putty', {}, { slabC: 14, airC: 14 });
    expect(partOf(cold, 'fiber', 'Hardener') / partOf(cold, 'fiber', 'Putty')).toBeCloseTo(0.022, 9);
    expect(cold.method.steps[0]?.builder).toBe('first-heat');
  });

  it('a gram of paste hardener at 1.1 kg/L is a ribbon of 6 mm, 32 mm long (geometry); it is told only where it goes by the tube', () => {
    expect(evaluate(ribbonLength, { hardenerG: 1, densityKgL: 1.1, ribbonMm: 6 })).toBeCloseTo(1000 / 1.1 / (Math.PI * 9), 9);
    const told = (side: string) =>
      workOn('tub-hole', 'polyester-fiber-putty', {}, {}, { 'hardener-dose': side }).quantities.some((q) => q.id.startsWith('ribbon'));
    expect([told('by-tube'), told('weighed')]).toEqual([true, false]);
  });

  it('mesh laps 12 mm and lies 25 mm and more on the sound shell: one strip of 75 mm closes a hole of 20', () => {
    expect(evaluate(meshStrips, { sizeMm: 20, marginMm: 25, stripMm: 75, lapMm: 12 })).toBe(1);
    expect(amountOf(workOn('tub-hole', 'polyester-fiber-putty', { outline: box(120, 90) }), 'strips')).toBe(3);
  });

  it('each layer of mat is larger than the one below, the first 50 mm onto sound shell, three at the most at once', () => {
    const work = workOn('tub-hole', 'fiberglass-laminate', { outline: box(120, 90) });
    const mats = work.schedule.rows
      .filter((r) => r.step.builder === 'lay-mat')
      .map((r) => (r.step.title.find((p) => typeof p !== 'string' && 'value' in p && p.kind === 'area') as { value: number }).value);
    expect(mats).toEqual([220 * 190, 270 * 240, 320 * 290]);
  });

  it('a wood primer with a window of 10 to 45 min, on at 09:00: filler from 09:10, not after 09:45 at the reference temperature', () => {
    const work = workOn('timber-dent', 'epoxy-timber-paste', {}, { slabC: 23, airC: 23 });
    const [primed, filled] = [rowOf(work, 'prime-wood'), rowOf(work, 'press-filler')];
    expect(filled.startMin - primed.endMin).toBeCloseTo(10, 6);
    expect((Date.parse(filled.latest?.at ?? '') - Date.parse(primed.end)) / 60_000).toBeCloseTo(45, 1);
    // warmer, the window closes sooner
    const warm = workOn('timber-dent', 'epoxy-timber-paste', {}, { slabC: 31, airC: 31 });
    expect((Date.parse(rowOf(warm, 'press-filler').latest?.at ?? '') - Date.parse(rowOf(warm, 'prime-wood').end)) / 60_000).toBeLessThan(45);
  });

  it('a tub that let water in is washed and dry for a day, two where a tap dripped, before any tape or resin; a nick is wiped dry', () => {
    const begin = (drip: string, kind = 'tub-crack', system = 'polyester-fiber-putty') => {
      const work = workOn(kind, system, { drip });
      const washed = rowOf(work, 'clean-tub').step.id;
      const least = work.method.links.find((l) => l.from === washed && l.least)?.least?.minutes.value;
      expect(rowOf(work, 'warm-tub').startMin - rowOf(work, 'clean-tub').endMin).toBeGreaterThanOrEqual(least ?? 0);
      return least;
    };
    expect([begin('no'), begin('yes'), begin('no', 'tub-nick', 'gelcoat-paste'), begin('yes', 'tub-nick', 'gelcoat-paste')]).toEqual([
      1440,
      2880,
      undefined,
      2880,
    ]);
  });

  it('acetone is told on gelcoat only where that side is taken, and never on acrylic', () => {
    const clean = (shell: string, schools: Readonly<Record<string, string>>) =>
      told(rowOf(workOn('tub-nick', 'gelcoat-paste', { shell }, {}, schools), 'clean-tub').step.detail);
    expect(clean('gelcoat', { 'tub-cleaner': 'acetone' })).toContain('then acetone');
    expect(clean('gelcoat', { 'tub-cleaner': 'detergent' })).not.toContain('then acetone');
    expect(clean('acrylic', { 'tub-cleaner': 'acetone' })).toContain('no solvent on acrylic');
  });
});
