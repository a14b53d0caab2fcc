import { describe, expect, it } from 'vitest';
import { fact, planInput, type Setting } from '../../test/cracks.ts';
import { tell } from '../quantity/saying.ts';
import { relevantAsks } from './ask.ts';
import { senseArea, senseDefect } from './sense.ts';
import { slabCrackTable } from './slabCrack.ts';

const telling = { units: 'metric', timeZone: 'UTC' } as const;
const sense = (setting: Setting) => senseDefect('slab-crack', planInput(setting).defect.facts);

describe('senseDefect', () => {
  it('finds nothing against the usual crack', () => {
    expect(sense({})).toEqual({ refused: [], doubts: [], missing: [] });
  });

  it('refuses a crack deeper than its slab, saying what would be right', () => {
    const [refused] = sense({ answers: { depthMm: 121 } }).refused;
    expect(refused?.field).toBe('depthMm');
    expect(tell(refused?.sentence ?? [], telling)).toBe(
      'The crack cannot be deeper than the slab: 121 mm in a slab of 120 mm. A crack right through has the depth of the slab.',
    );
  });

  it('lets a crack right through the slab stand', () => {
    expect(sense({ answers: { depthMm: 120 } }).refused).toEqual([]);
  });

  it('doubts a net of cracks that are wider than deep: it may be scaling', () => {
    const net = (depthMm: number) => senseDefect('map-cracking', { widestMm: fact(5), spacingMm: fact(150), depthMm: fact(depthMm) });
    expect([net(5).refused, net(5).doubts]).toEqual([[], []]);
    expect(net(4).doubts.map((d) => [d.id, tell(d.sentence, telling)])).toEqual([
      ['wider-than-deep', '5 mm wide and only 4 mm deep: does the face flake rather than crack?'],
    ]);
  });

  it('refuses a width past the end of any line', () => {
    for (const kind of ['wall-crack', 'plaster-crack', 'timber-check', 'tub-crack'] as const) {
      const facts = {
        lengthMm: fact(500),
        widths: fact([
          { atMm: 0, widthMm: 1 },
          { atMm: 600, widthMm: 1 },
        ]),
      };
      expect([kind, senseDefect(kind, facts).refused.map((r) => r.field)]).toEqual([kind, ['widths']]);
    }
  });

  it('refuses a width past the end of the crack, and two at one place', () => {
    expect(sense({ answers: { lengthMm: 2000 } }).refused.map((r) => r.field)).toEqual(['widths']);
    expect(
      sense({
        answers: {
          widths: [
            { atMm: 0, widthMm: 2 },
            { atMm: 0, widthMm: 3 },
          ],
        },
      }).refused.map((r) => r.field),
    ).toEqual(['widths']);
  });

  it('reports a single bad fact before it compares facts with each other', () => {
    const found = sense({ answers: { lengthMm: 1, depthMm: 300 } });
    expect(found.refused.map((r) => r.field)).toEqual(['lengthMm']);
    expect(found.doubts).toEqual([]);
  });

  it.each([
    ['wider-than-deep', { depthMm: 4 }],
    [
      'uneven-width',
      {
        widths: [
          { atMm: 0, widthMm: 1 },
          { atMm: 1000, widthMm: 9 },
        ],
      },
    ],
    ['wider-than-long', { lengthMm: 50, widths: [{ atMm: 0, widthMm: 55 }], depthMm: 60 }],
  ])('asks about %s', (id, answers) => {
    const { doubts, refused } = sense({ answers });
    expect(refused).toEqual([]);
    expect(doubts.map((d) => d.id)).toContain(id);
  });

  it('names the questions still open, and only those that are relevant', () => {
    const facts = { reinforcement: fact('plain'), faces: fact('stepped'), movement: fact('moving'), located: fact('found') };
    const missing = senseDefect('slab-crack', facts).missing.map((a) => a.field);
    expect(missing).toEqual(['lengthMm', 'widths', 'member', 'stepMm', 'ground', 'movementMm', 'moisture', 'coverMm', 'traffic', 'finish']);
    expect(missing).not.toContain('alongBar');
  });
});

describe('relevant questions follow from the answers', () => {
  const fields = (facts: Parameters<typeof relevantAsks>[1]) => relevantAsks(slabCrackTable, facts).map((a) => a.field);
  it.each([
    ['stepMm', 'faces', 'stepped', 'level'],
    ['movementMm', 'movement', 'moving', 'still'],
    ['coverMm', 'located', 'found', 'clear'],
    ['alongBar', 'reinforcement', 'reinforced', 'plain'],
  ])('%s is asked when %s is %s, not when %s', (field, on, yes, no) => {
    expect(fields({ [on]: fact(yes) })).toContain(field);
    expect(fields({ [on]: fact(no) })).not.toContain(field);
  });
});

describe('senseArea', () => {
  it('asks for place, air, slab and humidity', () => {
    expect(senseArea({}).missing.map((a) => a.field)).toEqual(['place', 'airC', 'slabC', 'humidityPct']);
  });

  it('doubts a slab far off the air, and refuses what cannot be', () => {
    expect(senseArea({ airC: fact(5), slabC: fact(30) }).doubts.map((d) => d.id)).toEqual(['slab-off-air']);
    expect(senseArea({ airC: fact(20), slabC: fact(18) }).doubts).toEqual([]);
    expect(senseArea({ airC: fact(80) }).refused.map((r) => r.field)).toEqual(['airC']);
  });
});
