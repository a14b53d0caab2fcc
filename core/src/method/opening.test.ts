import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { everyMethod, type OneMethod } from '../../test/everyMethod.ts';
import { Figure } from '../quantity/figure.ts';
import { tell } from '../quantity/saying.ts';
import { beforeWork } from '../shelf/usual/beforeWork.ts';
import { paintDrying } from '../climate/drying.ts';
import type { Step } from './step.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;
const words = (step: Step | undefined) => (step ? tell(step.title, how) : '');
const isOpening = ({ builder }: Step) => builder === 'see-firsts' || builder.startsWith('first-');
const openings = (work: OneMethod['work']) => work?.method.steps.filter(isOpening) ?? [];
const cold = everyMethod({ slabC: 2, airC: 3, humidityPct: 60 });
const damp = everyMethod({ slabC: 14, airC: 22, humidityPct: 80 }, { moisture: 'damp', moisturePct: 26 });

describe('what comes before the first cut', () => {
  it.each([
    ['usual', everyMethod()],
    ['cold', cold],
    ['damp', damp],
  ] as const)('is among the steps of every method, before any other: %s', (_name, methods) => {
    let seen = 0;
    for (const { kind, system, plan, work } of methods) {
      if (!work) continue;
      const at = `${kind} ${system}`;
      const { steps } = work.method;
      const first = steps.findIndex((s) => !isOpening(s));
      // of paint alone it is asked later, when the rest is done
      const later = openings(work).filter((s) => !s.id.endsWith('.paint') && steps.indexOf(s) > first && s.builder !== 'first-held');
      expect([at, later.map((s) => s.id)]).toEqual([at, []]);
      const told = openings(work).map(words).join('; ').toLowerCase();
      const own = plan.firsts.filter((f) => steps.some((s) => s.id.endsWith(`.${f.id}`)));
      expect([at, plan.firsts.filter((f) => f.id.startsWith('limit-') && f.id !== 'limit-moisture' && !own.includes(f)).map((f) => f.id)]).toEqual([at, []]);
      // what is not a step of its own is named in the one for all, but for the paint, which comes later
      const open = plan.firsts.filter((f) => !own.includes(f) && f.id !== 'paint-cold' && !told.includes(f.title.toLowerCase()));
      expect([at, open.map((f) => f.id)]).toEqual([at, []]);
      seen += plan.firsts.length;
    }
    expect(seen).toBeGreaterThan(60);
  });

  it('is what was decided of a stop, with who decided, as a step with its own check', () => {
    const answers = { position: 'overhead', sagMm: 25 };
    const decisions = surveyedPlan('plaster-loose', answers).stops.map((s) => ({
      stop: s.id,
      who: 'A. Foreman',
      capacity: 'foreman',
      what: 'Propped on four props.',
      on: '2026-06-01',
    }));
    const steps = surveyedPlan('plaster-loose', answers, {}, { decisions }).work()?.method.steps ?? [];
    expect(decisions.length).toBeGreaterThan(0);
    for (const { stop } of decisions) {
      const step = steps.find((s) => s.id === `first-look.decided-${stop}`);
      expect([stop, words(step), step && tell(step.detail, how), step?.check?.done]).toEqual([
        stop,
        expect.stringMatching(/^See to what A\. Foreman decided on ‘/),
        expect.stringMatching(/^Propped on four props;/),
        'So, and seen',
      ]);
    }
  });
});

describe('a place that is too cold for what was taken', () => {
  it('is warmed and held so in steps of their own, to the window of every system of it, and timed as warmed', () => {
    let warmed = 0;
    for (const { kind, system, plan, work } of cold) {
      const { system: of, chain } = plan.planned?.candidate ?? {};
      const least = Math.max(...[...(chain ?? []), ...(of ? [of] : [])].map((m) => m.slabC.min?.value ?? -100));
      if (!work || least <= plan.subject.slabC.value) continue;
      warmed += 1;
      const at = `${kind} ${system}`;
      const heat = work.method.steps.find((s) => s.builder === 'first-heat');
      const held = work.schedule.rows.find((r) => r.step.builder === 'first-held');
      const placed = work.schedule.rows.find((r) => r.step.lift === 1);
      expect([at, heat?.check?.limits[0]?.figure.value]).toEqual([at, least]);
      // a day at the least, or two for board, from the heater to the first that is placed
      const day = beforeWork.figures[plan.subject.surface === 'drywall' ? 'warmedBoard' : 'warmed'].value;
      expect([at, (held?.endMin ?? 0) - (held?.startMin ?? 0) >= day]).toEqual([at, true]);
      if (placed && held) expect([at, placed.startMin >= held.endMin - 1e-6]).toEqual([at, true]);
      // and what sets there takes as long as at the temperature that it is warmed to
      const there = surveyedPlan(
        kind,
        answersOf(plan),
        { slabC: least, airC: Math.max(least, 3), humidityPct: 60 },
        { choice: { system, reason: 'tried' } },
      ).work();
      const waits = (of: OneMethod['work']) => of?.method.steps.filter((s) => s.kind === 'wait' && !isOpening(s)).map((s) => s.minutes.value);
      expect([at, waits(work)]).toEqual([at, waits(there)]);
    }
    expect(warmed).toBeGreaterThan(50);
  });

  it('is warmed once more for paint that needs more than the mortar does, and the paint dries in that air', () => {
    let painted = 0;
    for (const { kind, system, plan, work } of everyMethod({ slabC: 6, airC: 6, humidityPct: 60 }, { paint: 'flat', finish: 'paint' })) {
      const steps = work?.method.steps ?? [];
      const priming = steps.findIndex((s) => s.handsOn?.uses.some((u) => u.of === 'primer' || u.of === 'paint') === true);
      const wait = steps.slice(priming).find((s) => s.kind === 'wait');
      if (priming < 0 || wait?.minutes.origin.by !== 'formula' || wait.minutes.origin.formula !== paintDrying.name) continue;
      painted += 1;
      const air = plan.ledger.find(String(wait.minutes.origin.inputs['airC']));
      expect([`${kind} ${system}`, (air?.value ?? 0) >= beforeWork.figures.paintC.value]).toEqual([`${kind} ${system}`, true]);
      expect(steps.slice(0, priming).some((s) => s.builder === 'first-heat')).toBe(true);
    }
    expect(painted).toBeGreaterThan(15);
  });
});

describe('a place that is too damp for what was taken', () => {
  it('is read by a meter against the limit before anything else', () => {
    const found = damp.flatMap(({ work }) => openings(work).filter((s) => s.builder === 'first-meter'));
    const limits = found.flatMap((s) => s.check?.limits ?? []);
    expect([found.length > 20, limits.some((l) => l.is === 'most' && l.figure.kind === 'percent')]).toEqual([true, true]);
  });
});

describe('wood that reads too wet', () => {
  const dried = (areaAir: object, answers: object) => {
    const chosen = { choice: { system: 'epoxy-timber-paste', reason: 'tried' } };
    const work = surveyedPlan('timber-decay', { depthMm: 12, moisturePct: 26, ...answers }, { airC: 16, slabC: 16, ...areaAir }, chosen).work();
    const rows = work?.schedule.rows ?? [];
    const at = (builder: string) => rows.find((r) => r.step.builder === builder);
    return { rows, open: at('first-open'), comes: at('first-comes'), read: at('first-meter') };
  };

  it('is opened to the air, dries on the clock of the plan by its thickness, and is read before anything is cut', () => {
    const [thin, thick] = [dried({ humidityPct: 55 }, { sectionMm: 20 }), dried({ humidityPct: 55 }, { sectionMm: 60 })];
    for (const { rows, open, comes, read } of [thin, thick]) {
      expect(rows.slice(0, 3).map((r) => r.step.builder)).toEqual(['first-open', 'first-comes', 'first-meter']);
      expect((read?.startMin ?? 0) >= (comes?.endMin ?? Infinity)).toBe(true);
      expect([words(open?.step), read?.step.check?.limits[0]?.figure.value]).toEqual(['Open the wood to the air, under a cover: it reads 26 %', 18]);
    }
    // by the square of the thickness
    expect((thick.comes?.step.minutes.value ?? 0) / (thin.comes?.step.minutes.value ?? 1)).toBeCloseTo(9, 6);
  });

  it('is closed off and its air dried where the air of the place would never dry it so far', () => {
    const { open, comes, read } = dried({ humidityPct: 90 }, { sectionMm: 45 });
    expect(words(open?.step)).toMatch(/^Close the place off and dry its air to 45 %/);
    expect([open?.step.tools.includes('dehumidifier'), (comes?.step.minutes.value ?? 0) > 7 * 1440, read !== undefined]).toEqual([true, true, true]);
  });

  it('is only read in hard frost, where nothing can be reckoned: a plan is there all the same', () => {
    const { read, comes, rows } = dried({ airC: -15, slabC: -12 }, { sectionMm: 45 });
    expect([read !== undefined, comes, rows.length > 5]).toEqual([true, undefined, true]);
  });

  it('is not waited for where it reads dry', () => {
    expect(dried({ humidityPct: 55 }, { moisturePct: 14 }).rows.some((r) => r.step.builder.startsWith('first-'))).toBe(false);
  });
});

describe('concrete that is wet where it has to be dry', () => {
  it('lies under a taped sheet for the hours of the test before it is read', () => {
    const work = surveyedPlan('slab-crack', { moisture: 'damp' }, {}, { choice: { system: 'rapid-crack-resin', reason: 'tried' } }).work();
    const rows = work?.schedule.rows.slice(0, 3) ?? [];
    expect(rows.map((r) => r.step.builder)).toEqual(['first-open', 'first-comes', 'first-meter']);
    expect([rows[1]?.step.minutes.value, (rows[2]?.startMin ?? 0) - (rows[1]?.startMin ?? 0) >= 16 * 60]).toEqual([960, true]);
  });
});

describe('what lies on the place', () => {
  it('comes off once all is covered, and before anything is cut, over the place and a hand around it', () => {
    let taken = 0;
    for (const { kind, system, plan, work } of everyMethod({}, { before: 'paint' })) {
      const steps = work?.method.steps ?? [];
      const at = steps.findIndex((s) => s.builder === 'strip-off');
      if (at < 0) continue;
      taken += 1;
      const before = steps.slice(0, at).filter((s) => !isOpening(s));
      expect([kind, system, before.map((s) => s.builder).filter((b) => !b.startsWith('cover'))]).toEqual([kind, system, []]);
      // until the place is left for days: then it is covered anew
      const left = steps.findIndex((s) => s.builder === 'put-away');
      expect([kind, system, steps.slice(at, left < 0 ? undefined : left).every((s) => !s.builder.startsWith('cover'))]).toEqual([kind, system, true]);
      const area = steps[at]?.title.find((p): p is Figure => p instanceof Figure && p.kind === 'area');
      const found = plan.surveyed.measured.find((m) => m.id === 'area')?.figure.value ?? 0;
      expect([kind, system, (area?.value ?? 0) > found]).toEqual([kind, system, true]);
    }
    expect(taken).toBeGreaterThan(30);
  });
});

const answersOf = (plan: OneMethod['plan']) => Object.fromEntries(Object.entries(plan.defect.facts).map(([field, f]) => [field, f?.value]));
