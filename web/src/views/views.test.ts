import { unnamed } from '@oddment/core';
import type { AreaRecord, DefectRecord, JobRecord } from '@oddment/contracts';
import { planRepair, stepRows, type RepairPlan } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { judged, planInput, repaired, type Setting, verdictOf } from '../../../core/test/cracks.ts';
import { nextStationAt } from '../parts/nextStation.ts';
import { draftsSlice, draftKey, dropped, edited, mineAgain, typed, type Draft, type DraftsState } from '../state/drafts.ts';
import { mergeDrafts } from '../state/mergeDrafts.ts';
import { corridor } from './corridor.ts';
import { limitLine } from './limitLine.ts';
import { listItem } from './listItem.ts';
import { nextMark } from './nextMark.ts';
import { stagePath, stages } from './stages.ts';

const how = { units: 'metric', timeZone: 'Europe/Paris', day: '2026-06-02T05:00:00Z' } as const;
const plan = (setting: Setting): RepairPlan => planRepair(planInput(setting));

describe('listItem', () => {
  it.each<[string, Setting, string, string]>([
    ['a chosen one', { defect: { choice: { system: 'rapid-crack-resin' } } }, 'crack in the slab: rapid crack resin with sand, chosen', 'plain'],
    ['one still to choose', {}, 'crack in the slab: rapid crack resin with sand, still to choose', 'todo'],
    ['one nothing fits', { answers: { moisture: 'damp', traffic: 'hard-wheels' } }, 'crack in the slab: nothing fits yet', 'todo'],
    ['one that another system than the resin fits', { answers: { moisture: 'damp' } }, 'crack in the slab: injection foam, still to choose', 'todo'],
    ['one that stops', { answers: { ground: 'rocks' } }, 'stop: it rocks', 'halt'],
    ['one question open', { answers: { traffic: undefined } }, 'one question open', 'todo'],
    ['two open', { answers: { traffic: undefined, finish: undefined } }, '2 questions open', 'todo'],
    ['one that cannot be', { answers: { depthMm: 500 } }, 'something cannot be', 'halt'],
  ])('says of %s what it waits for', (_what, setting, line, tone) => {
    expect(listItem(plan(setting), how)).toMatchObject({ line, tone });
  });

  it('gives length and width in the units of the person', () => {
    expect(listItem(plan({}), how).size).toBe('4.20 m, 5 mm');
    expect(listItem(plan({}), { ...how, units: 'us' }).size).toBe(`13' 9 3/8", 3/16 in`);
  });
});

describe('the corridor', () => {
  const counts = (plans: readonly RepairPlan[]) => Object.fromEntries(corridor(plans).map((stage) => [stage.id, stage.count]));

  it('counts how far the repairs have come', () => {
    const plans = [
      plan({ defect: { choice: { system: 'rapid-crack-resin' } } }),
      plan({}),
      plan({ answers: { ground: 'rocks' } }),
      plan({ answers: { traffic: undefined } }),
    ];
    expect(counts(plans)).toEqual({ walk: '4 found', match: '1 chosen, 1 stop', method: '2 planned', mix: '2 mixes', days: '2 repairs' });
  });

  it('starts at nothing', () => {
    expect(counts([])).toEqual({ walk: '0 found', match: '0 chosen', method: '0 planned', mix: '0 mixes', days: '0 repairs' });
  });

  it('has a key and an address of its own for each stage, of one repair or of the job', () => {
    for (const of of ['id', 'key', 'name'] as const) expect(new Set(stages.map((stage) => stage[of])).size).toBe(stages.length);
    expect(stagePath({ id: 'mix', per: 'repair' }, 'j', 'd')).toBe('/jobs/j/mix/d');
    expect(stagePath({ id: 'mix', per: 'repair' }, 'j', undefined)).toBe('/jobs/j/mix');
    expect(stagePath({ id: 'days', per: 'job' }, 'j', 'd')).toBe('/jobs/j/days');
  });
});

describe('stepRows', () => {
  it('shows each step once with its clock time, and marks the windows that close', () => {
    const rows = stepRows(repaired({ answers: { finish: 'thin-coating' } }).schedule, how);
    expect(rows[0]).toMatchObject({ time: '07:00', sign: 'work' });
    expect(rows.filter((r) => r.sign === 'window').map((r) => r.timed.step.builder)).toEqual(['wet-faces', 'sand-lift']);
    expect(rows.find((r) => r.timed.step.builder === 'coat-within')?.latest).toMatch(/^Wed, Jun 3, \d\d:\d\d$/);
    expect(rows.find((r) => r.timed.step.lift === 2)?.latest).toBeUndefined();
  });

  it('folds the sections after the first into times beside it', () => {
    const { schedule, method } = repaired({ answers: { lengthMm: 20_000 }, job: { crew: unnamed(1) } });
    const n = method.sections.count.value;
    const rows = stepRows(schedule, how);
    const wet = rows.filter((r) => r.timed.step.builder === 'wet-faces');
    expect(wet).toHaveLength(1);
    expect(wet[0]?.more.map((m) => m.section)).toEqual(Array.from({ length: n - 1 }, (_, i) => i + 2));
    expect(rows.length + 3 * (n - 1)).toBe(schedule.rows.length);
  });
});

describe('stepRows over several days', () => {
  const { schedule } = repaired({ answers: { finish: 'thin-coating' }, job: { startAt: '2026-06-02T20:30:00Z' } });
  it('names another day once, over its first step, and gives bare times under it', () => {
    const rows = stepRows(schedule, { ...how, day: schedule.startAt });
    const days = rows.flatMap((r) => r.day ?? []);
    expect(days.length).toBeGreaterThan(0);
    expect(new Set(days).size).toBe(days.length);
    expect(rows[0]?.day).toBeUndefined();
    for (const r of rows) expect(r.time).toMatch(/^\d\d:\d\d$/);
    // times run on within a day, and start anew with the next
    for (const [i, r] of rows.entries()) if (i > 0 && r.day === undefined) expect(r.time >= (rows[i - 1]?.time ?? '')).toBe(true);
  });
  it('names a day that is not the one the reader has in mind, over the first step too', () => {
    expect(stepRows(schedule, { ...how, day: '2026-05-30T10:00:00Z' })[0]?.day).toBe('Tue, Jun 2');
  });
});

describe('limitLine', () => {
  const verdict = (setting: Setting, system: string, rule: string) => {
    const v = verdictOf(judged(setting), system, rule);
    if (!v) throw new Error('no verdict');
    return v;
  };
  it('puts the value between its limits when it fits, outside when not', () => {
    const fits = limitLine(verdict({}, 'rapid-crack-resin', 'temperature'), 'metric');
    expect(fits).toMatchObject({ valueText: '18 °C', minText: '5 °C', maxText: '40 °C' });
    expect(fits && fits.from < fits.value && fits.value < fits.to).toBe(true);
    const cold = limitLine(verdict({ area: { slabC: 2 } }, 'rapid-crack-resin', 'temperature'), 'us');
    expect(cold).toMatchObject({ valueText: '36 °F', minText: '41 °F' });
    expect(cold && cold.value < cold.from).toBe(true);
  });
  it('keeps everything on the line', () => {
    for (const c of judged().candidates)
      for (const v of c.verdicts) {
        const line = limitLine(v, 'metric');
        for (const at of line ? [line.value, line.from, line.to] : []) expect(at >= 0 && at <= 1).toBe(true);
      }
  });
  it('is not drawn where a rule has no figures', () => {
    expect(limitLine(verdict({}, 'rapid-crack-resin', 'moisture'), 'metric')).toBeUndefined();
  });
});

describe('nextMark', () => {
  const area = (name: string, marks: readonly string[]) => ({ name, defects: marks.map((mark) => ({ mark })) }) as unknown as AreaRecord;
  it.each([
    ['Pool surround', ['PS-01', 'PS-04'], 'PS-05'],
    ['Pool surround', [], 'PS-01'],
    ['Hall', ['x9'], 'x10'],
    ['Hall', ['odd one'], 'H-01'],
  ])('in %s after %j is %s', (name, marks, wanted) => {
    expect(nextMark(area(name, marks))).toBe(wanted);
  });
});

describe('nextStationAt', () => {
  const at = (places: readonly number[], run?: number) =>
    nextStationAt(
      places.map((atMm) => ({ atMm, widthMm: 1 })),
      run,
    );
  it('goes to the start, the end, then the middle of the widest gap', () => {
    expect(at([], 4200)).toBe(0);
    expect(at([0], 4200)).toBe(4200);
    expect(at([0, 4200], 4200)).toBe(2100);
    expect(at([0, 2100, 4200], 4200)).toBe(1050);
    expect(at([0])).toBe(1000);
  });
});

describe('drafts', () => {
  const { reducer } = draftsSlice;
  const { kept, failed, sending } = draftsSlice.actions;
  const body = { name: 'Hall', facts: {} };
  const first = { entity: 'area' as const, id: 'a', jobId: 'j', change: 'c1', version: 3, body };
  const key = draftKey('area', 'a');
  const start = reducer(undefined, edited(first));

  it('keep the version they began from while the person edits on', () => {
    const later = reducer(start, edited({ ...first, change: 'c2', version: 9 }));
    expect(later.drafts[key]).toMatchObject({ change: 'c2', version: 3, state: 'waiting' });
  });

  it('go when the server has them', () => {
    expect(reducer(start, kept({ key, change: 'c1', version: 4 })).drafts).toEqual({});
  });

  it('stay when edited while they were sent, against the new version', () => {
    const busy = reducer(reducer(start, sending(key)), edited({ ...first, change: 'c2' }));
    expect(reducer(busy, kept({ key, change: 'c1', version: 4 })).drafts[key]).toMatchObject({ change: 'c2', version: 4, state: 'waiting' });
  });

  it('are kept when the server refuses or is down', () => {
    for (const state of ['refused', 'offline'] as const) {
      const stuck = reducer(start, failed({ key, change: 'c1', state, message: 'no' }));
      expect(stuck.drafts[key]).toMatchObject({ body, state, message: 'no' });
    }
  });

  it('do not take an answer to an older change for their own', () => {
    const busy = reducer(reducer(start, edited({ ...first, change: 'c2' })), sending(key));
    expect(reducer(busy, failed({ key, change: 'c1', state: 'refused', message: 'no' })).drafts[key]?.state).toBe('waiting');
  });

  it('that met another change wait for the person: mine again goes against what stands', () => {
    const met = reducer(start, failed({ key, change: 'c1', state: 'conflict', message: 'met', standing: 7 }));
    expect(reducer(met, edited({ ...first, change: 'c2' })).drafts[key]).toMatchObject({ state: 'conflict', standing: 7 });
    expect(reducer(met, mineAgain({ key, change: 'c3' })).drafts[key]).toMatchObject({ state: 'waiting', version: 7, change: 'c3' });
    expect(reducer(met, dropped(key)).drafts).toEqual({});
  });

  it('keep forms in progress until they are done, and load what an older visit kept', () => {
    const { formKept, formDone, loaded } = draftsSlice.actions;
    const half = reducer(undefined, formKept({ key: 'new job', values: { site: 'Half' } }));
    expect(half.forms).toEqual({ 'new job': { site: 'Half' } });
    expect(reducer(half, formDone('new job')).forms).toEqual({});
    expect(reducer(undefined, loaded({ drafts: {}, texts: { a: 'b' } }))).toEqual({ drafts: {}, texts: { a: 'b' }, forms: {}, actions: {} });
  });

  it('keep text that is no measure yet, until it is one or the draft is dropped', () => {
    const writing = reducer(start, typed({ key: 'a/airC', text: '1x' }));
    expect(writing.texts).toEqual({ 'a/airC': '1x' });
    expect(reducer(writing, typed({ key: 'a/airC', text: undefined })).texts).toEqual({});
    expect(reducer(writing, dropped(key)).texts).toEqual({});
  });
});

describe('mergeDrafts', () => {
  const input = planInput();
  const defect = { ...input.defect, version: 1 } as DefectRecord;
  const area = { ...input.area, version: 1, defects: [defect] } as AreaRecord;
  const job = { ...input.job, version: 1, areas: [area] } as JobRecord;
  const draft = (part: Partial<Draft>): DraftsState['drafts'] => ({
    x: { entity: 'defect', id: 'd1', jobId: 'j1', change: 'c', state: 'waiting', body: {} as never, ...part },
  });

  it('is the job itself where nothing is typed', () => {
    expect(mergeDrafts(job, {})).toBe(job);
    expect(mergeDrafts(job, draft({ jobId: 'other' }))).toBe(job);
  });

  it('lays what is typed over what the server has', () => {
    const merged = mergeDrafts(job, draft({ version: 1, body: { ...input.defect, mark: 'T-99' } as never }));
    expect(merged.areas[0]?.defects[0]).toMatchObject({ id: 'd1', version: 1, mark: 'T-99' });
    expect(mergeDrafts(job, draft({ entity: 'area', id: 'a1', version: 1, body: { name: 'Attic', facts: {} } })).areas[0]?.name).toBe('Attic');
    expect(mergeDrafts(job, draft({ entity: 'job', id: 'j1', version: 1, body: { ...input.job, crew: unnamed(1) } as never })).crew).toHaveLength(1);
  });

  it('adds what is not made on the server yet, once', () => {
    const added = draft({ id: 'd2', parentId: 'a1', body: { ...input.defect, mark: 'T-02' } as never });
    expect(mergeDrafts(job, added).areas[0]?.defects.map((d) => d.mark)).toEqual(['T-01', 'T-02']);
    const there = { ...job, areas: [{ ...area, defects: [defect, { ...defect, id: 'd2' }] }] } as JobRecord;
    expect(mergeDrafts(there, added).areas[0]?.defects).toHaveLength(2);
    expect(mergeDrafts(job, draft({ entity: 'area', id: 'a2', parentId: 'j1', body: { name: 'Attic', facts: {} } })).areas.map((a) => a.name)).toEqual([
      'Test area',
      'Attic',
    ]);
  });
});
