import { keepSheet, plannedOf, planRepair, readSheet, sheetOf, workOf } from '@oddment/core';
import { paper, sectionDrawing, svgText } from '@oddment/drawing';
import { mixedInput } from './mixed.ts';

const methods = 40;

/** Plans that have a method, of every surface. */
function inputs() {
  return Array.from({ length: 400 }, (_v, i) => mixedInput(i))
    .filter((input) => workOf(planRepair(input)) !== undefined)
    .slice(0, methods);
}

/**
 * From a slider moved to the picture: the plan of another temperature, its sheet as plain data across a worker's
 * border, read again, and drawn. Each time in ms.
 */
export function whatIfTimes(): readonly number[] {
  const all = inputs();
  const times: number[] = [];
  for (const warm of [false, true]) {
    all.forEach((input, i) => {
      const slabC = { value: 17 + (i % 8), how: 'assumed' as const, at: input.job.startAt };
      const start = performance.now();
      const plan = plannedOf(planRepair({ ...input, area: { ...input.area, facts: { ...input.area.facts, slabC } } }));
      if (!plan) throw new Error('a plan of the bench is not judged');
      const { sheet } = readSheet(structuredClone(keepSheet(sheetOf(plan, input.job), plan.ledger)));
      svgText(sectionDrawing(sheet.section, { units: 'metric', timeZone: 'UTC', width: 640, height: 400, palette: paper, prefix: 'w' }));
      // the first round only warms the code
      if (warm) times.push(performance.now() - start);
    });
  }
  return times;
}
