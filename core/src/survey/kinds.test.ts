import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fact, planInput } from '../../test/cracks.ts';
import { factsOfKind } from '../../test/kinds.ts';
import { recomputedFigures } from '../../test/recompute.ts';
import { planRepair, type SurveyedPlan } from '../plan/repairPlan.ts';
import { planText } from '../plan/planRecord.ts';
import { tell } from '../quantity/saying.ts';
import { relevantAsks, type LooseFacts } from './ask.ts';
import { factProblem } from './factProblem.ts';
import { factSaying } from './factSaying.ts';
import { surfaces } from './kind.ts';
import { addKind, defectKinds, isDefectKind, kindOf } from './kinds.ts';
import { senseDefect } from './sense.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;
const measured = (answers: Readonly<Record<string, unknown>>): LooseFacts =>
  Object.fromEntries(Object.entries(answers).map(([field, value]) => [field, fact(value)]));
const planOf = (kind: string, facts: LooseFacts) => planRepair({ ...planInput(), defect: { ...planInput().defect, kind, facts } });
/** What the measures of a kind come to, by the ids of the rows; only some of its questions answered. */
function rowsOf(kind: string, answers: Readonly<Record<string, unknown>>): Record<string, string> {
  const table = kindOf(kind);
  const rest = Object.fromEntries(
    table.asks
      .filter((a) => a.required && answers[a.field] === undefined && a.ask === 'choice')
      .map((a) => [a.field, a.ask === 'choice' ? a.options[0]?.value : undefined]),
  );
  const all = { ...rest, ...answers };
  const facts = measured(Object.fromEntries(Object.entries(all).filter(([field]) => relevantAsks(table, measured(all)).some((a) => a.field === field))));
  const plan = planOf(kind, facts);
  if (plan.state === 'incomplete') throw new Error(JSON.stringify(plan.sense.defect));
  return Object.fromEntries([['size', tell(plan.surveyed.size, how)], ...plan.surveyed.measured.map((m) => [m.id, tell([m.figure], how)] as const)]);
}

describe.each(defectKinds())('$id', (kind) => {
  it('is told by an id, a surface and a title, and asks each thing once', () => {
    expect(kind.id).toMatch(/^[a-z]+(-[a-z]+)+$/);
    expect(surfaces).toContain(kind.surface);
    expect(kind.title.length).toBeGreaterThan(4);
    const fields = kind.asks.map((a) => a.field);
    expect(new Set(fields).size).toBe(fields.length);
  });

  it('asks for the cause and who removes it, what was there, what runs behind, and who looks at it', () => {
    const fields = kind.asks.map((a) => a.field);
    for (const one of [['cause'], ['causeBy'], ['before', 'coated', 'filler'], ['services', 'located'], ['look']])
      expect(
        one.some((f) => fields.includes(f)),
        one[0],
      ).toBe(true);
  });

  it('names only its own questions in what each depends on, and only answers that there are', () => {
    for (const ask of kind.asks) {
      for (const { field, is = [], isNot = [] } of ask.when ?? []) {
        const before = kind.asks.slice(0, kind.asks.indexOf(ask)).find((a) => a.field === field);
        expect(before, `${ask.field} depends on ${field}, which has to come before it`).toBeDefined();
        if (before?.ask === 'choice') for (const value of [...is, ...isNot]) expect(before.options.map((o) => o.value)).toContain(value);
      }
    }
  });

  it('names measures by their unit, and lets their usual values stand', () => {
    for (const ask of kind.asks) {
      if (ask.ask === 'measure' && ask.kind !== 'count') expect(ask.field).toMatch(/(Mm|Mm2|C|Pct|Days)$/);
      if (ask.ask === 'measure') expect(factProblem(ask, fact((ask.min + ask.max) / 2))).toBeUndefined();
    }
  });

  it('comes to figures that follow from what was measured, whatever was measured', () => {
    fc.assert(
      fc.property(factsOfKind(kind), (facts) => {
        expect(kind.asks.flatMap((a) => (facts[a.field] ? (factProblem(a, facts[a.field]) ?? []) : []))).toEqual([]);
        const plan = planOf(kind.id, facts);
        if (plan.state === 'incomplete') {
          // only facts against each other can still be wrong: nothing is missing
          expect(plan.sense.defect.missing).toEqual([]);
          expect(plan.sense.defect.refused.length).toBeGreaterThan(0);
          return;
        }
        expect(planText(plan)).toContain('"figures"');
        for (const ask of kind.asks) {
          const known = facts[ask.field];
          if (known) expect(tell(factSaying(ask, known), how).length).toBeGreaterThan(0);
        }
        // throws where a figure is not what its working gives
        expect(() => recomputedFigures(plan)).not.toThrow();
        for (const { figure } of plan.surveyed.measured) expect(Number.isFinite(figure.value) && figure.value >= 0).toBe(true);
        const extent = plan.section?.extent;
        for (const [x, y] of plan.section?.regions.flatMap((r) => r.outline) ?? []) {
          expect(x).toBeGreaterThanOrEqual((extent?.left ?? 0) - 1e-6);
          expect(x).toBeLessThanOrEqual((extent?.right ?? 0) + 1e-6);
          expect(y).toBeGreaterThanOrEqual((extent?.top ?? 0) - 1e-6);
          expect(y).toBeLessThanOrEqual((extent?.bottom ?? 0) + 1e-6);
        }
      }),
      { numRuns: 25 },
    );
  });
});

describe('what is asked follows from what was answered', () => {
  it.each([
    ['concrete-spall', 'depths', { bottom: 'uneven' }, { bottom: 'even' }],
    ['concrete-spall', 'depthMm', { bottom: 'even' }, { bottom: 'uneven' }],
    ['concrete-spall', 'coverMm', { barSeen: 'near' }, { barSeen: 'none' }],
    ['concrete-spall', 'traffic', { position: 'floor' }, { position: 'overhead' }],
    ['bar-spall', 'tapping', { sounded: 'tapped' }, { sounded: 'outlined' }],
    ['joint-spall', 'cutMm', { joint: 'contraction' }, { joint: 'isolation' }],
    ['broken-edge', 'radiusMm', { edge: 'nosing' }, { edge: 'corner' }],
    ['plaster-loose', 'lath', { base: 'wood-lath' }, { base: 'masonry' }],
    ['drywall-hole', 'softMm', { softened: 'soft' }, { softened: 'no' }],
    ['timber-decay', 'grain', { finish: 'paint' }, { finish: 'clear' }],
    ['tub-nick', 'rust', { shell: 'enamel' }, { shell: 'acrylic' }],
    ['wall-crack', 'bowMm', { member: 'wall-below' }, { member: 'soffit' }],
    ['wall-crack', 'causeBy', { cause: 'water' }, { cause: 'unknown' }],
  ])('%s asks %s with %j, not with %j', (id, field, yes, no) => {
    const asked = (answers: object) => relevantAsks(kindOf(id), measured(answers as Record<string, unknown>)).map((a) => a.field);
    expect(asked(yes)).toContain(field);
    expect(asked(no)).not.toContain(field);
  });
});

describe('measures come to', () => {
  it('the void of a spall under its grid, or over its outline', () => {
    const outline = { shape: { is: 'rectangle', widthMm: 300, heightMm: 200 } };
    const places = (step: number, n: number) => Array.from({ length: n }, (_v, i) => i * step);
    const flat = rowsOf('concrete-spall', { outline, bottom: 'even', depthMm: 20 });
    expect(flat).toMatchObject({ size: '600 cm²', area: '600 cm²', cut: '875 cm²', void: '1.20 L' });
    expect(
      rowsOf('concrete-spall', {
        outline,
        bottom: 'uneven',
        depths: {
          xMm: places(100, 4),
          yMm: places(100, 3),
          depthMm: [
            [0, 0, 0, 0],
            [0, 30, 30, 0],
            [0, 0, 0, 0],
          ],
        },
      }),
    ).toMatchObject({ void: '600 mL', mean: '10 mm', deepest: '30 mm' });
  });

  it('the cut-outs of a tapped soffit, the section lost of its bar, and the depth behind it', () => {
    const rows = ['......', '.hh...', '.hh...', '......'];
    expect(
      rowsOf('bar-spall', { sounded: 'tapped', tapping: { cellMm: 100, rows }, barMm: 12, leftMm: 10.2, bars: 2, coverMm: 25, stoneMm: 20 }),
    ).toMatchObject({ area: '400 cm²', 'cut-outs': '1', 'cut-1': '0.16 m²', lost: '0 cm²', loss: '27.8 %', behind: '63 mm' });
  });

  it('the weight of loose plaster, and a question about props', () => {
    const answers = { sounded: 'outlined', outline: { shape: { is: 'rectangle', widthMm: 1200, heightMm: 800 } }, thicknessMm: 20, sagMm: 15 };
    expect(rowsOf('plaster-loose', answers)).toMatchObject({ area: '0.96 m²', weight: '32.64 kg', sag: '15 mm' });
    const doubts = (sagMm: number, widthMm: number) =>
      senseDefect('plaster-loose', measured({ ...answers, sagMm, outline: { shape: { is: 'rectangle', widthMm, heightMm: 400 } } })).doubts.map((d) => d.id);
    expect(doubts(15, 300)).toEqual(['prop-first']);
    expect(doubts(5, 1300)).toEqual(['prop-first']);
    expect(doubts(5, 300)).toEqual([]);
  });

  it('a wedge, a joint, a hole through timber, a dent and a crack', () => {
    expect(rowsOf('broken-edge', { lengthMm: 1000, heightMm: 30, depthMm: 40 })).toMatchObject({ void: '600 mL' });
    expect(rowsOf('joint-spall', { lengthMm: 2000, widthMm: 60, depthMm: 25, gapMm: 5 })).toMatchObject({ void: '3.00 L' });
    expect(rowsOf('timber-through', { outline: { shape: { is: 'rectangle', widthMm: 50, heightMm: 40 } }, sectionMm: 45, moisturePct: 14 })).toMatchObject({
      through: '90 mL',
    });
    expect(rowsOf('drywall-dent', { widthMm: 40, heightMm: 30, depthMm: 4, dents: 3 })).toMatchObject({ void: '2.5 mL', dents: '3' });
    expect(
      rowsOf('timber-check', {
        lengthMm: 1000,
        widths: [
          { atMm: 0, widthMm: 2 },
          { atMm: 1000, widthMm: 4 },
        ],
        depthMm: 30,
        sectionMm: 140,
        moisturePct: 15,
      }),
    ).toMatchObject({ mean: '3 mm', void: '90 mL' });
  });

  it('what was found against what was estimated', () => {
    const answers = { outline: { shape: { is: 'rectangle', widthMm: 600, heightMm: 500 } }, bottom: 'even', depthMm: 10, estimatedMm2: 200_000 };
    expect(rowsOf('concrete-spall', answers)).toMatchObject({ estimated: '0.20 m²', against: '1.5' });
    expect(senseDefect('concrete-spall', measured(answers)).doubts.map((d) => tell(d.sentence, how))).toEqual([
      '0.30 m² was found where 0.20 m² was expected. Time, material and price follow what was found: has the client been told?',
    ]);
  });
});

describe('facts against each other', () => {
  it.each([
    ['wall-crack', { depthMm: 300, wallMm: 200 }, 'depthMm'],
    ['bar-spall', { barMm: 10, leftMm: 12 }, 'leftMm'],
    ['timber-decay', { bottom: 'even', depthMm: 50, sectionMm: 45 }, 'depthMm'],
  ])('%s refuses %j', (id, answers, field) => {
    expect(senseDefect(id, measured(answers)).refused.map((r) => r.field)).toEqual([field]);
  });

  it('ask whether a grid that is smaller than its outline goes from edge to edge', () => {
    const outline = { shape: { is: 'rectangle', widthMm: 600, heightMm: 500 } };
    const grid = (step: number) => ({
      xMm: [0, step, 2 * step],
      yMm: [0, step, 2 * step],
      depthMm: [
        [0, 0, 0],
        [0, 9, 0],
        [0, 0, 0],
      ],
    });
    const doubts = (step: number) => senseDefect('concrete-spall', measured({ outline, bottom: 'uneven', depths: grid(step) })).doubts.map((d) => d.id);
    expect(doubts(100)).toEqual(['grid-off-outline']);
    expect(doubts(275)).toEqual([]);
  });

  it('ask about a cut-out in a floor that is longer than twice its width', () => {
    const doubts = (position: string, widthMm: number) =>
      senseDefect('concrete-spall', measured({ position, outline: { shape: { is: 'rectangle', widthMm, heightMm: 200 } } })).doubts.map((d) => d.id);
    // with its margin on each side: 500 by 250 is twice, 550 by 250 is more
    expect(doubts('floor', 450)).toEqual([]);
    expect(doubts('floor', 500)).toEqual(['long-cut-out']);
    expect(doubts('wall', 500)).toEqual([]);
    const tapping = { cellMm: 100, rows: ['hhhhhhhhh', 'sssssssss'] };
    expect(senseDefect('bar-spall', measured({ sounded: 'tapped', position: 'floor', tapping })).doubts.map((d) => d.id)).toEqual(['long-cut-out']);
  });

  it('ask about a pocket deeper than a third of its piece', () => {
    expect(senseDefect('timber-decay', measured({ bottom: 'even', depthMm: 30, sectionMm: 45 })).doubts.map((d) => d.id)).toEqual(['deep-decay']);
  });
});

describe('compound facts that cannot be', () => {
  const outline = kindOf('concrete-spall').asks.find((a) => a.field === 'outline');
  const grid = kindOf('concrete-spall').asks.find((a) => a.field === 'depths');
  const tapping = kindOf('bar-spall').asks.find((a) => a.field === 'tapping');
  it.each([
    [outline, 7, /an outline is a shape with its dimensions/],
    [outline, {}, /either a shape or its corners/],
    [outline, { shape: { is: 'star', widthMm: 3, heightMm: 3 } }, /a rectangle, an ellipse, a triangle or an L/],
    [outline, { shape: { is: 'rectangle', widthMm: 300 } }, /every dimension of its shape must be a number/],
    [outline, { shape: { is: 'rectangle', widthMm: 300, heightMm: 0.5 } }, /1 mm cannot be. It must lie between/],
    [outline, { shape: { is: 'rectangle', widthMm: 300, heightMm: 200, depthMm: 5 } }, /no part 'depthMm'/],
    [outline, { shape: { is: 'l-shape', widthMm: 300, heightMm: 200, armWidthMm: 300, armHeightMm: 50 } }, /arms of an L must be narrower/],
    [
      outline,
      {
        points: [
          { xMm: 0, yMm: 0 },
          { xMm: 1, yMm: 1 },
        ],
      },
      /three corners at least/,
    ],
    [
      outline,
      {
        points: [
          { xMm: 0, yMm: 0 },
          { xMm: 100, yMm: 100 },
          { xMm: 100, yMm: 0 },
          { xMm: 0, yMm: 100 },
        ],
      },
      /its line crosses itself/,
    ],
    [
      outline,
      {
        points: [
          { xMm: 0, yMm: 0 },
          { xMm: 'far', yMm: 1 },
          { xMm: 5, yMm: 9 },
        ],
      },
      /corner 2 must have a place across/,
    ],
    [grid, { xMm: [0, 50], yMm: [0], depthMm: [] }, /from two to 30 places each way/],
    [grid, { xMm: [0, 50, 50], yMm: [0, 50], depthMm: [] }, /must go up/],
    [grid, { xMm: [0, 50], yMm: [0, 50], depthMm: [[0, 0]] }, /one depth at every crossing/],
    [
      grid,
      {
        xMm: [0, 50],
        yMm: [0, 50],
        depthMm: [
          [0, 0],
          [0, 9000],
        ],
      },
      /cannot be. It must lie between 0 mm and/,
    ],
    [
      grid,
      {
        xMm: [0, 50],
        yMm: [0, 50],
        depthMm: [
          [0, 0],
          [0, null],
        ],
      },
      /every depth must be a number/,
    ],
    [tapping, { cellMm: 5, rows: ['hs'] }, /side of a cell: 5 mm cannot be/],
    [tapping, { cellMm: 100, rows: ['hs', 'h'] }, /every row has as many cells/],
    [tapping, { cellMm: 100, rows: ['hx'] }, /hollow, sound or not tapped/],
    [tapping, { cellMm: 100, rows: Array<string>(21).fill('h') }, /from one to 20 rows/],
  ])('%#: %j', (ask, value, words) => {
    if (!ask) throw new Error('no such question');
    expect(tell(factProblem(ask, fact(value)) ?? [], how)).toMatch(words);
  });

  it('are found in anything that comes over the wire, without a fault', () => {
    const asks = [outline, grid, tapping].flatMap((a) => a ?? []);
    fc.assert(
      fc.property(fc.constantFrom(...asks), fc.anything(), (ask, value) => {
        expect(() => factProblem(ask, fact(value))).not.toThrow();
      }),
    );
  });
});

describe('a kind that exists only here', () => {
  it('is planned like any other as long as it is there', () => {
    const gone = addKind({
      id: 'test-kind',
      surface: 'timber',
      title: 'test',
      asks: [{ field: 'lengthMm', group: 'Size', ask: 'measure', kind: 'length', min: 1, max: 10, required: true, question: 'Length' }],
      survey: (read) => ({
        size: [],
        measured: [{ id: 'length', label: 'Length', figure: read.measure('lengthMm') ?? read.ledger.assumed('none', 'length', 0, 'geometry') }],
      }),
    });
    expect((planOf('test-kind', measured({ lengthMm: 5 })) as SurveyedPlan).surveyed.measured[0]?.figure.value).toBe(5);
    expect(() => addKind(kindOf('concrete-spall'))).toThrow(/already/);
    gone();
    expect(isDefectKind('test-kind')).toBe(false);
    expect(() => kindOf('test-kind')).toThrow(/no kind/);
  });
});
