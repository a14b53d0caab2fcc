import { clientOptions, firmShelf, planRepair, readSheet, stillToAnswer } from '@oddment/core';
import type { MessagePort } from 'node:worker_threads';
import { optionsPdf } from './optionsPdf.ts';
import { offerPdf } from './offerPdf.ts';
import { daysPdf } from './daysPdf.ts';
import type { PdfProgress, PdfTask } from './pdfTask.ts';
import { issuedPdf, plansPdf } from './sheetsPdf.ts';

/**
 * Makes a PDF, in a thread of its own.
 * @param port told how far it is
 */
export async function makePdf({ task, port }: { task: PdfTask; port: MessagePort }): Promise<Uint8Array> {
  const tell = (progress: PdfProgress) => {
    port.postMessage(progress);
  };
  const drawn = (done: number) => {
    tell({ stage: 'drawing', done });
  };
  try {
    if (task.kind === 'issued') {
      const { sheet } = readSheet(task.kept);
      return await issuedPdf(sheet, { units: task.units, timeZone: sheet.timeZone, day: sheet.startAt }, task, drawn);
    }
    if (task.kind === 'offer') return await offerPdf(task.offer, task.number, drawn);
    if (task.kind === 'days') return await daysPdf(task, drawn);
    const { job, rules, units, defectId, products = [] } = task;
    const shelf = firmShelf(products);
    if (task.kind === 'options') {
      const area = job.areas.find((a) => a.defects.some((d) => d.id === defectId));
      const defect = area?.defects.find((d) => d.id === defectId);
      const options =
        area &&
        defect &&
        clientOptions({ job, area, defect, rules, shelf }, { products, ...(task.asked && { asked: task.asked }), ...(task.face && { face: task.face }) });
      tell({ stage: 'layout', done: 0 });
      return await optionsPdf(
        options ?? { mark: defect?.mark ?? '', title: '', place: job.site, options: [], notes: [[stillToAnswer]], advice: '' },
        job,
        { units, timeZone: job.timeZone, day: job.startAt },
        drawn,
      );
    }
    const { areaId, base, pictures } = task;
    const wanted = job.areas
      .filter((area) => areaId === undefined || area.id === areaId)
      .flatMap((area) => area.defects.filter((d) => defectId === undefined || d.id === defectId).map((defect) => ({ area, defect })));
    const plans = wanted.map(({ area, defect }, i) => {
      tell({ stage: 'planning', done: i / wanted.length });
      return planRepair({ job, area, defect, rules, shelf });
    });
    tell({ stage: 'layout', done: 0 });
    return await plansPdf(plans, job, { units, timeZone: job.timeZone, day: job.startAt }, drawn, {
      ...(base !== undefined && { base }),
      ...(pictures && { pictures }),
    });
  } finally {
    port.close();
  }
}
