import { crewToday } from '../survey/crew.ts';
import { describe, expect, it } from 'vitest';
import { keptPlans, keptText } from '../../test/kept.ts';
import { tell } from '../quantity/saying.ts';
import { show } from '../quantity/show.ts';
import { running } from '../record/running.ts';
import { readProducts } from '../shelf/productFile.ts';
import { systemOf } from '../shelf/product.ts';
import { defectKinds } from '../survey/kinds.ts';
import { workingOf } from '../working.ts';
import { inputChanges, inputsOf, overtaken, sheetAgain } from './issued.ts';
import { readSheet } from './keptSheet.ts';
import { planRepair } from './repairPlan.ts';

const kept = keptPlans();
const how = { units: 'metric', timeZone: 'UTC' } as const;

describe('plans that version 0.4.0 issued', () => {
  it('are of every kind of defect that there was', () => {
    const kinds = new Set<string>(kept.map((p) => p.inputs.defect.kind));
    expect(
      defectKinds()
        .map((k) => k.id)
        // those that came since were never issued by it
        .filter((id) => !kinds.has(id) && id !== 'map-cracking'),
    ).toEqual([]);
    expect(kept.length).toBeGreaterThan(120);
  });

  it('are read as they were: each step, each amount with its working, and what is next when they are begun', () => {
    for (const { kept: sheetKept, inputs } of kept) {
      const { sheet, figures } = readSheet(sheetKept);
      expect(sheet.work?.schedule.rows.length).toBeGreaterThan(3);
      for (const { step, start } of sheet.work?.schedule.rows ?? []) {
        expect(tell(step.title, how).length).toBeGreaterThan(3);
        expect(Date.parse(start)).toBeGreaterThanOrEqual(Date.parse(inputs.job.startAt));
      }
      for (const { figure } of sheet.work?.quantities ?? []) {
        expect(show(figure, 'metric').text).not.toBe('');
        expect(workingOf(figures, figure)).toBeDefined();
      }
      const { schedule } = sheet.work ?? {};
      if (schedule) expect(running(schedule, inputs.job.startAt, inputs.job.startAt).next).toBeDefined();
    }
  });

  it('are planned again from what they were made from: there is work on each, and no fact or choice differs', () => {
    const odd = kept.flatMap(({ inputs, ...plan }) => {
      const job = crewToday(inputs.job);
      const input = { job: { ...job, areas: [] }, area: { ...inputs.area, defects: [] }, defect: inputs.defect, rules: inputs.rules };
      const [again, over] = [sheetAgain({ inputs, ...plan }), overtaken(planRepair(input), job)];
      return again?.work && !over && inputChanges(inputs, inputsOf(input)).length === 0
        ? []
        : [`${inputs.defect.kind}, ${inputs.defect.choice?.system ?? ''}: ${over ? tell(over.says, how) : ''}`];
    });
    expect(odd).toEqual([]);
  });
});

describe('a file of products of version 1', () => {
  it('is read whole, and each figure of it takes its place', () => {
    const { products, lines } = readProducts(keptText('products-1.json'));
    expect(lines.flatMap((l) => l.problems)).toEqual([]);
    const [resin, mortar, paste] = products.map((p, i) => systemOf({ id: `p${String(i)}`, ...p }));
    expect([resin?.working?.gel.value, resin?.slabC.min?.value, mortar?.mortar?.potLife.value, paste?.figures?.['loss']?.value]).toEqual([8, -5, 25, 0.1]);
  });
});
