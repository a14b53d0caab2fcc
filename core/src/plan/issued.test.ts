import { unnamed } from '../survey/crew.ts';
import fc from 'fast-check';
import { workingCalendar } from '../schedule/calendar.ts';
import { usualHours } from '../survey/hours.ts';
import { describe, expect, it } from 'vitest';
import { crackSettings, fact, judged, planInput } from '../../test/cracks.ts';
import { surveyedPlan, usualFacts } from '../../test/defects.ts';
import { everyMethod } from '../../test/everyMethod.ts';
import { keptPlans } from '../../test/kept.ts';
import { constantClimate } from '../climate/series.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, tell } from '../quantity/saying.ts';
import { show } from '../quantity/show.ts';
import { running } from '../record/running.ts';
import { schedule } from '../schedule/schedule.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { workingOf } from '../working.ts';
import { inputChanges, inputsOf, issuePlan, overtaken, planChanges, sheetAgain, type IssuedPlan } from './issued.ts';
import { issuedWork } from './issuedWork.ts';
import { keepSheet, readSheet } from './keptSheet.ts';
import { planRepair } from './repairPlan.ts';
import { sheetOf } from './sheet.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;
const stored = (plan: IssuedPlan) => JSON.parse(JSON.stringify(plan)) as IssuedPlan;

function issued(...input: Parameters<typeof planInput>): IssuedPlan {
  const done = issuePlan(planInput(...input));
  if (!done.ok) throw new Error(tell(done.why, how));
  return stored(done.plan);
}

/** Another value for every figure of a label, as another version of a formula would have made it. */
function withOther(plan: IssuedPlan, label: string, times: number): IssuedPlan {
  return { ...plan, kept: { ...plan.kept, figures: plan.kept.figures.map((row) => (row.label === label ? { ...row, value: row.value * times } : row)) } };
}

describe('a kept sheet', () => {
  it('is read back as it was, with every working, over many cracks', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const plan = judged(setting);
        const sheet = sheetOf(plan, planInput(setting).job);
        const kept = keepSheet(sheet, plan.ledger);
        const again = readSheet(JSON.parse(JSON.stringify(kept)) as typeof kept);
        expect(planChanges(sheet, again.sheet)).toEqual([]);
        expect(JSON.stringify(again.sheet)).toBe(JSON.stringify(sheet));
        for (const q of again.sheet.work?.quantities ?? []) {
          expect(show(q.figure, 'metric')).toEqual(show(plan.ledger.find(q.figure.id) ?? q.figure, 'metric'));
          expect(workingOf(again.figures, q.figure)).toEqual(workingOf(plan.ledger, q.figure));
        }
      }),
      { numRuns: 25 },
    );
  });

  it('holds no more figures than it shows and they rest on', () => {
    const plan = judged();
    const { figures } = keepSheet(sheetOf(plan, planInput().job), plan.ledger);
    expect(figures.length).toBeLessThan(plan.ledger.rows().length);
    const ids = new Set(figures.map((f) => f.id));
    const inputs = figures.flatMap((f) => (f.origin.by === 'formula' ? Object.values(f.origin.inputs).flat() : []));
    expect(inputs.filter((id) => !ids.has(id))).toEqual([]);
  });

  it('is refused where it names a figure that it does not hold', () => {
    expect(() => readSheet({ sheet: { found: [{ figure: 'f7' }] }, figures: [] })).toThrow(/f7/);
  });
});

describe('issuePlan', () => {
  it('copies the inputs with the shelf, so that the same core makes the same of them', () => {
    const plan = issued({ answers: { traffic: 'hard-wheels' } });
    expect(plan.inputs.shelf).toHaveLength(genericShelf.length);
    const again = sheetAgain(plan);
    expect(again && planChanges(readSheet(plan.kept).sheet, again)).toEqual([]);
  });

  it('goes on from the shelf as it was, not as it is', () => {
    const slow = genericShelf.map((s) =>
      s.id === 'rapid-crack-resin' && s.working ? { ...s, working: { ...s.working, gel: { ...s.working.gel, value: 9 } } } : s,
    );
    const done = issuePlan({ ...planInput(), shelf: slow });
    if (!done.ok) throw new Error('not issued');
    const plan = stored(done.plan);
    const again = sheetAgain(plan);
    expect(again && planChanges(readSheet(plan.kept).sheet, again)).toEqual([]);
    const today = issued();
    expect(planChanges(readSheet(plan.kept).sheet, readSheet(today.kept).sheet).map((c) => c.about)).toContain('From start to finish');
  });

  it.each([
    [{ answers: { traffic: undefined } }, /Still to answer: What goes over it\?/],
    [{ answers: { depthMm: 500 } }, /something in the answers cannot be/],
    [{ answers: { ground: 'rocks' } }, /until it is decided/],
    [{ answers: { moisture: 'running', traffic: 'hard-wheels' } }, /No system with a method fits/],
  ])('refuses %j in words', (setting, words) => {
    const done = issuePlan(planInput(setting));
    expect(done.ok ? '' : tell(done.why, how)).toMatch(words);
  });
});

describe('overtaken', () => {
  const says = (setting: Parameters<typeof planInput>[0]) => {
    const input = planInput(setting);
    const over = overtaken(planRepair(input), input.job);
    return over && { held: over.held, says: tell(over.says, how) };
  };
  it('says nothing where there is a plan, whatever differs', () => {
    expect(says({ answers: { lengthMm: 5100, finish: 'thin-coating' } })).toBeUndefined();
  });
  it.each<[Readonly<Record<string, unknown>>, boolean, RegExp]>([
    [
      { ground: 'rocks' },
      true,
      /^Do not go on from this plan: a stop holds the repair now\. The slab rocks .*recorded here: a firm that lifts slabs, or a licensed structural engineer\.$/,
    ],
    [{ located: 'no' }, true, /It waits until it is answered in Walk: licensed trades/],
    [{ ground: 'rocks', located: 'no' }, true, /One more stop is open\.$/],
    [{ moisture: 'running', traffic: 'hard-wheels' }, false, /^Look again .* give none\. No system with a method fits/],
    [{ traffic: undefined }, false, /Something is still to be answered in Walk/],
  ])('says why with %j', (answers, held, words) => {
    const over = says({ answers });
    expect([over?.held, over?.says]).toEqual([held, expect.stringMatching(words)]);
  });
  it('says nothing any longer once it is decided', () => {
    const input = planInput({ answers: { ground: 'rocks' } });
    const decided = {
      ...input,
      defect: { ...input.defect, decisions: [{ stop: 'rocks', who: 'R. E.', capacity: 'engineer', what: 'grouted below, may be filled', on: '2026-05-20' }] },
    };
    expect(overtaken(planRepair(decided), decided.job)).toBeUndefined();
  });
});

describe('overtaken, over every kind', () => {
  it('is so wherever a stop is open by now, and only there or where there is no work', () => {
    let [held, free] = [0, 0];
    for (const given of [{}, { services: 'may' }, { claim: 'restore-strength' }]) {
      for (const { kind, system, plan, work } of everyMethod({}, given)) {
        const over = overtaken(plan, planInput().job);
        const open = plan.stops.filter((s) => s.open);
        if (open.length > 0) {
          held += 1;
          expect([kind, system, over?.held]).toEqual([kind, system, true]);
          // it names who decides, or where it is answered
          const says = over ? tell(over.says, how) : '';
          expect([kind, says.includes(open[0]?.who ?? '-'), /recorded here|answered in Walk/.test(says)]).toEqual([kind, true, true]);
        } else if (work) {
          free += 1;
          expect([kind, system, over]).toEqual([kind, system, undefined]);
        } else {
          expect([kind, system, over?.held]).toEqual([kind, system, false]);
        }
      }
    }
    expect([held > 20, free > 80]).toEqual([true, true]);
  });
});

describe('planChanges', () => {
  it('is one difference where there is no work any longer, with the stop that holds it', () => {
    const [was] = [readSheet(issued().kept).sheet];
    const { work: _gone, ...held } = was;
    const changes = planChanges(was, {
      ...held,
      nothing: say`The plan stops here.`,
      stops: [{ id: 'x', title: 'Found since', who: 'an engineer', why: say`so`, source: 'practice', liftedBy: 'decision', open: true }],
    });
    expect(changes.map((c) => c.about)).toEqual(['No work', 'Stop: Found since']);
  });

  it('shows what an upgraded core makes otherwise, and nothing else', () => {
    const older = withOther(issued(), 'Sand placed', 1.05);
    const again = sheetAgain(older);
    const changes = again ? planChanges(readSheet(older.kept).sheet, again) : [];
    expect(changes.map((c) => c.about)).toContain('Dry sand');
    expect(changes.every((c) => c.was && c.now)).toBe(true);
    expect(changes.length).toBeLessThan(6);
  });

  it('takes another start alone for one change', () => {
    const [one, two] = [issued(), issued({ job: { startAt: '2026-06-05T05:30:00Z' } })].map((p) => readSheet(p.kept).sheet);
    expect(one && two && planChanges(one, two).map((c) => c.about)).toEqual(['Start of the work']);
  });

  it('calls every step by a name of its own, in many sections too', () => {
    const { sheet } = readSheet(issued({ answers: { lengthMm: 14_000 }, job: { crew: unnamed(1) } }).kept);
    const rows = planChanges({ ...sheet, work: undefined } as never, sheet)
      .map((c) => c.about)
      .filter((a) => a.startsWith('Step'));
    expect(rows.length).toBe(sheet.work?.schedule.rows.length);
    expect(new Set(rows).size).toBe(rows.length);
  });

  it('names what was added and what is gone', () => {
    const [one, two] = [issued(), issued({ answers: { finish: 'thin-coating' } })].map((p) => readSheet(p.kept).sheet);
    const changes = one && two ? planChanges(one, two) : [];
    expect(changes.some((c) => c.was === undefined && c.about.startsWith('Step'))).toBe(true);
  });
});

describe('inputChanges', () => {
  it('names facts and choices that differ, in words', () => {
    const input = planInput();
    const before = inputsOf(input);
    const facts = { ...input.defect.facts, lengthMm: fact(5100, 'measured'), widths: fact([{ atMm: 0, widthMm: 4 }]), moisture: undefined };
    const after = inputsOf({ ...input, job: { ...input.job, crew: unnamed(1) }, defect: { ...input.defect, facts, schools: { 'chase-depth': 'deep' } } });
    const told = inputChanges(before, after).map((c) => `${c.about}: ${c.was ? tell(c.was, how) : '–'} > ${c.now ? tell(c.now, how) : '–'}`);
    expect(told).toContain('Length: 4.20 m > 5.10 m');
    expect(told).toContain('How wet is it?: dry through > –');
    expect(told).toContain('How deep to chase?: – > deep');
    expect(told).toContain('People: a pair > one person');
    expect(told.some((t) => /Widths along it: .* > 4 mm at 0 mm/.test(t))).toBe(true);
    expect(inputChanges(before, before)).toEqual([]);
  });
});

describe('a plan kept by an earlier version', () => {
  it('is read in the shape of today: its one choice of the chase is a side of that question', () => {
    const input = planInput({ defect: { schools: { 'chase-depth': 'deep' } } });
    const issued = issuePlan({ ...input, rules: { schools: { 'chase-depth': 'shallow' } } });
    if (!issued.ok) throw new Error('not issued');
    const { schools: _own, ...defect } = issued.plan.inputs.defect;
    const earlier = {
      ...issued.plan,
      inputs: { ...issued.plan.inputs, rules: { chase: 'shallow' }, defect: { ...defect, chase: 'deep' } },
    } as unknown as typeof issued.plan;
    const [again, was] = [sheetAgain(earlier), sheetAgain(issued.plan)];
    expect(again && was && planChanges(was, again)).toEqual([]);
    expect(again?.work?.named).toBe('deep chase');
    expect(inputChanges(earlier.inputs, issued.plan.inputs)).toEqual([]);
  });
});

describe('a plan of any family', () => {
  it('is issued, read again and the same as what is made of its inputs; one that is held or has no method is refused in words', () => {
    let issued = 0;
    for (const { kind, system, plan } of everyMethod()) {
      const job = { ...planInput().job, timeZone: 'UTC' };
      const done = issuePlan({ job, area: plan.area, defect: plan.defect });
      expect([kind, system, done.ok]).toEqual([kind, system, true]);
      if (!done.ok) continue;
      issued += 1;
      const again = sheetAgain(done.plan);
      expect([kind, system, again && planChanges(readSheet(done.plan.kept).sheet, again)]).toEqual([kind, system, []]);
    }
    expect(issued).toBeGreaterThan(95);
    const held = issuePlan({
      job: planInput().job,
      area: planInput().area,
      defect: { ...planInput().defect, kind: 'bar-spall', facts: usualFacts('bar-spall', { loaded: 'yes', position: 'wall' }) },
    });
    expect(held.ok ? '' : tell(held.why, how)).toMatch(/The plan stops here until it is decided/);
  });

  it('keeps its network: planned on from what was kept alone, it comes to the same times and takes the same along', () => {
    let [links, steps] = [0, 0];
    for (const { kind, system, plan, work } of everyMethod()) {
      const done = issuePlan({ job: { ...planInput().job, timeZone: 'UTC' }, area: plan.area, defect: plan.defect });
      if (!done.ok || !work) throw new Error(`${kind} ${system}`);
      const kept = issuedWork(stored(done.plan));
      const { airC, slabC, humidity } = plan.subject;
      const again =
        kept &&
        schedule(
          new Ledger(),
          kept.network,
          constantClimate(airC.value, slabC.value, humidity.value),
          work.schedule.startAt,
          workingCalendar(usualHours, 'UTC', work.schedule.startAt),
        );
      const clock = (rows: typeof work.schedule.rows) => rows.map((r) => [r.step.id, r.startMin, r.endMin, r.latest?.at]);
      expect([kind, system, again && clock(again.rows)]).toEqual([kind, system, clock(work.schedule.rows)]);
      expect(kept?.network.links.length).toBe(work.method.links.length);
      const along = (materials: typeof work.method.materials) => materials.map((m) => [m.id, m.role, m.amount.value]);
      expect(along(kept?.materials ?? [])).toEqual(along(work.method.materials));
      expect(kept?.mixes.map((m) => [m.id, m.serves, m.total.value])).toEqual(work.mixes.map((m) => [m.id, m.serves, m.total.value]));
      links += work.method.links.length;
      steps += kept?.network.steps.filter((one) => one.handsOn).length ?? 0;
    }
    expect(links).toBeGreaterThan(1500);
    expect(steps).toBeGreaterThan(1000);
  });

  it('has no network where an earlier version issued it: it is run by its rows', () => {
    const old = keptPlans();
    expect(old.length).toBeGreaterThan(100);
    expect(new Set(old.map((plan) => plan.version))).toEqual(new Set([1]));
    expect(old.filter((plan) => issuedWork(plan) !== undefined)).toEqual([]);
    for (const plan of old.slice(0, 20)) {
      const { work } = readSheet(plan.kept).sheet;
      expect(work && running(work.schedule, work.schedule.startAt, work.schedule.startAt).next).toBeDefined();
    }
  });

  it('differs by what is done and taken, never by how it is worded or who made the step', () => {
    for (const { kind, system, plan } of everyMethod()) {
      const done = issuePlan({ job: { ...planInput().job, timeZone: 'UTC' }, area: plan.area, defect: plan.defect });
      if (!done.ok) throw new Error(`${kind} ${system}`);
      const { sheet } = readSheet(done.plan.kept);
      const { work } = sheet;
      if (!work) throw new Error(`${kind} ${system}`);
      const rows = work.schedule.rows.map((r) => ({
        ...r,
        step: { ...r.step, builder: `other-${r.step.builder}`, title: say`Otherwise`, detail: say`told`, look: say`Look.` },
      }));
      const worded = {
        ...sheet,
        work: {
          ...work,
          title: 'Otherwise',
          schedule: { ...work.schedule, rows },
          cautions: work.cautions.map((c) => ({ ...c, title: 'Otherwise', text: say`Care.` })),
          quantities: work.quantities.map((q) => ({ ...q, label: 'Otherwise' })),
        },
      };
      expect([kind, system, planChanges(worded, sheet)]).toEqual([kind, system, []]);
    }
  });

  it('says which material is more, and which is new', () => {
    const [less, more] = [{}, { paint: 'gloss' }].map((answers) => {
      const plan = surveyedPlan(
        'drywall-hole',
        { outline: { shape: { is: 'rectangle', widthMm: 120, heightMm: 90 } }, ...answers },
        {},
        { choice: { system: 'board-plug', reason: 'tried' } },
      );
      const done = issuePlan({ job: { ...planInput().job, timeZone: 'UTC' }, area: plan.area, defect: plan.defect });
      if (!done.ok) throw new Error('not issued');
      return readSheet(done.plan.kept).sheet;
    });
    const changes = less && more ? planChanges(less, more) : [];
    expect(changes.filter((c) => c.about === 'Finishing compound' && !c.was && c.now).length).toBe(1);
    expect(changes.some((c) => c.about === 'Gloves, pairs' && c.was && c.now)).toBe(true);
  });
});
