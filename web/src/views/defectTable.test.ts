import type { DefectRecord, JobRecord } from '@oddment/contracts';
import { isOwnSize, planRepair, readCsv } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { planInput, type Setting } from '../../../core/test/cracks.ts';
import { columnsOf, compared, holds, orderKey, rowsOf, stateOf, tableCsv, usualColumns } from './defectTable.ts';
import { besideNow, canTake, isAsked, sharedAsks, sharedSystems } from './manyAtOnce.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;

/** A job with one area and a crack for each setting, with the plans of all. */
function made(...settings: readonly (Setting & { note?: string })[]) {
  const inputs = settings.map(planInput);
  const defects = inputs.map((input, i): DefectRecord => {
    const note = settings[i]?.note;
    return { ...input.defect, id: `d${String(i)}`, mark: `H-${String(i + 1)}`, version: 1, ...(note !== undefined && { note }) };
  });
  const job = { areas: [{ id: 'a', version: 1, name: 'Hall', facts: inputs[0]?.area.facts ?? {}, defects }] } as unknown as JobRecord;
  const plans = new Map(inputs.map((input, i) => [`d${String(i)}`, planRepair(input)]));
  return { job, plans, defects, rows: rowsOf(job, plans), columns: columnsOf(job, []) };
}

function columnNamed(columns: ReturnType<typeof columnsOf>, id: string) {
  const column = columns.find((c) => c.id === id);
  if (!column) throw new Error(`there is no column ${id}`);
  return column;
}

const settings = [
  {},
  { defect: { choice: { system: 'rapid-crack-resin' } } },
  { answers: { ground: 'rocks' }, note: 'by the drain' },
  { answers: { traffic: undefined } },
  { answers: { moisture: 'damp', traffic: 'hard-wheels' } },
] as const;

describe('the rows of a job', () => {
  it('say in a word what each waits for', () => {
    expect(made(...settings).rows.map(stateOf)).toEqual(['to choose', 'chosen', 'stop', 'open', 'nothing fits']);
  });

  it('are found by every word of mark, place, kind or note', () => {
    const { rows, columns } = made(...settings);
    const found = (search: string) =>
      rows
        .filter((r) =>
          holds(
            r,
            columns.filter((c) => c.id === 'system'),
            search,
            how,
          ),
        )
        .map((r) => r.defect.mark);
    expect(found('')).toHaveLength(5);
    expect(found('hall CRACK')).toHaveLength(5);
    expect(found('drain h-3')).toEqual(['H-3']);
    expect(found('drain h-1')).toEqual([]);
    expect(found('rapid crack resin')).toContain('H-1');
  });

  it('have columns for what follows and for every question of their kinds', () => {
    const { columns, rows } = made(...settings);
    const [first] = rows;
    const text = (id: string) => (first ? columns.find((c) => c.id === id)?.text(first, how) : undefined);
    for (const id of usualColumns) expect(columns.map((c) => c.id)).toContain(id);
    expect([text('mark'), text('area'), text('kind'), text('size'), text('ask/lengthMm'), text('ask/ground')]).toEqual([
      'H-1',
      'Hall',
      'crack in the slab',
      '4.20 m, 5 mm',
      '4.20 m',
      'steady',
    ]);
    expect(text('price')).toBe('');
    expect(text('hand')).toMatch(/ h| min/);
  });

  it('are put in order by numbers and by letters with numbers in them, those without last', () => {
    const { columns, rows } = made({ answers: { lengthMm: 12_000 } }, { answers: { lengthMm: 900 } }, { answers: { traffic: undefined } });
    const keys = (id: string) => rows.map((r) => orderKey(r, columnNamed(columns, id), how));
    expect(keys('ask/lengthMm').slice(0, 2)).toEqual([12_000, 900]);
    expect(keys('hand')[2]).toBeUndefined();
    expect(['PS-10', 'PS-9', 'PS-1'].sort(compared)).toEqual(['PS-1', 'PS-9', 'PS-10']);
    expect([12_000, 900].sort(compared)).toEqual([900, 12_000]);
  });

  it('go out as CSV as they read', () => {
    const { columns, rows } = made({ note: 'wet, "always"' });
    const shown = columns.filter((c) => ['mark', 'size', 'note'].includes(c.id));
    expect(readCsv(tableCsv(rows, shown, how)).map((r) => r.cells)).toEqual([
      ['Mark', 'Size', 'Note'],
      ['H-1', '4.20 m, 5 mm', 'wet, "always"'],
    ]);
  });
});

describe('many at once', () => {
  it('are asked what they are all asked, most shared first, but no size of one', () => {
    const { defects } = made({}, { answers: { reinforcement: 'reinforced' } });
    const asks = sharedAsks(defects);
    expect(asks.every(({ ask }) => !isOwnSize(ask))).toBe(true);
    expect(asks[0]?.count).toBe(2);
    const alongBar = asks.find((a) => a.ask.field === 'alongBar');
    expect(alongBar?.count).toBe(1);
    expect(alongBar && defects.map((d) => isAsked(d, alongBar.ask))).toEqual([false, true]);
    expect(asks.map((a) => a.count)).toEqual(asks.map((a) => a.count).toSorted((a, b) => b - a));
  });

  it('stand earlier or later in their area by one, but not beyond its ends', () => {
    const { job } = made({}, {}, {});
    expect(besideNow(job, 'd1', -1)).toEqual({ areaId: 'a', before: 'd0' });
    expect(besideNow(job, 'd0', 1)).toEqual({ areaId: 'a', before: 'd2' });
    expect(besideNow(job, 'd1', 1)).toEqual({ areaId: 'a' });
    expect([besideNow(job, 'd0', -1), besideNow(job, 'd2', 1), besideNow(job, 'gone', 1)]).toEqual([undefined, undefined, undefined]);
  });

  it('take a system only where it fits', () => {
    const { plans } = made({}, { answers: { moisture: 'damp', traffic: 'hard-wheels' } });
    const [fits, not] = [plans.get('d0'), plans.get('d1')];
    const resin = sharedSystems([fits, not]).find((s) => s.id === 'rapid-crack-resin');
    expect(resin?.count).toBe(1);
    expect([canTake(fits, 'rapid-crack-resin'), canTake(not, 'rapid-crack-resin'), canTake(undefined, 'rapid-crack-resin')]).toEqual([true, false, false]);
  });
});
